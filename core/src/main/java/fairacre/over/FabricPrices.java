package fairacre.over;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/** What is sold to lie over beds. All prices are invented. */
public final class FabricPrices {

    /** US dollars a square metre. */
    private static final Map<Fabric, Double> DOLLARS = Map.of(
            Fabric.FLEECE, 0.4,
            Fabric.FINE_NET, 2.6,
            Fabric.INSECT_NET, 1.8,
            Fabric.BUTTERFLY_NET, 1.2,
            Fabric.BIRD_NET, 0.6,
            Fabric.SHADE_CLOTH, 1.5,
            Fabric.FILM, 1.3);

    private FabricPrices() {}

    static Stream<Offer> offers() {
        return Arrays.stream(Fabric.values())
                .filter(DOLLARS::containsKey)
                .flatMap(fabric -> Offer.byArea(units -> fabric(fabric, units), DOLLARS.get(fabric)));
    }

    public static PriceItem fabric(Fabric fabric, Units units) {
        String unit = units == Units.METRIC ? "metre" : "foot";
        return new PriceItem(
                "hoop/" + fabric.name().toLowerCase(Locale.ROOT).replace('_', '-') + "/square-" + unit,
                "Over beds: " + fabric.label().toLowerCase(Locale.ROOT) + ", a square " + unit);
    }
}
