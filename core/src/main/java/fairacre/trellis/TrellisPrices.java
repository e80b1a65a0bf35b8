package fairacre.trellis;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.stream.Stream;

/** What is sold for trellises besides posts, panels and canes. All prices are invented. */
public final class TrellisPrices {

    private static final double NET_PER_SQUARE_METRE = 0.8;
    private static final double WIRE_PER_METRE = 0.35;

    private TrellisPrices() {}

    static Stream<Offer> offers() {
        return Stream.concat(
                Offer.byArea(TrellisPrices::net, NET_PER_SQUARE_METRE),
                Offer.byLength(TrellisPrices::wire, WIRE_PER_METRE));
    }

    static PriceItem net(Units units) {
        return units == Units.METRIC
                ? new PriceItem("trellis/net/square-metre", "Net for climbers, a square metre")
                : new PriceItem("trellis/net/square-foot", "Net for climbers, a square foot");
    }

    public static PriceItem wire(Units units) {
        return units == Units.METRIC
                ? new PriceItem("trellis/wire/metre", "Wire for a trellis, a metre")
                : new PriceItem("trellis/wire/foot", "Wire for a trellis, a foot");
    }
}
