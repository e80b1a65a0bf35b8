package fairacre.arch;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.stream.Stream;

/** What is sold for arches. All prices are invented. */
public final class ArchPrices {

    private static final double PANEL_PER_SQUARE_METRE = 6;
    private static final double STAKE_DOLLARS = 4;

    /** Holds a foot of an arch or of a trellis down. */
    public static final PriceItem STAKE = new PriceItem("arch/stake", "Steel stake, with ties");

    private ArchPrices() {}

    static Stream<Offer> offers() {
        return Stream.concat(
                Offer.byArea(ArchPrices::panel, PANEL_PER_SQUARE_METRE), Stream.of(new Offer(STAKE, STAKE_DOLLARS)));
    }

    public static PriceItem panel(Units units) {
        return units == Units.METRIC
                ? new PriceItem("arch/panel/square-metre", "Stiff wire panel, a square metre")
                : new PriceItem("arch/panel/square-foot", "Stiff wire panel, a square foot");
    }
}
