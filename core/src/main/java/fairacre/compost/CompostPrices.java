package fairacre.compost;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.stream.Stream;

/** What is sold for compost besides boards. All prices are invented. */
public final class CompostPrices {

    /** US dollars. */
    private static final double MESH_PER_SQUARE_METRE = 3.2;

    private static final double PALLET_DOLLARS = 3;
    static final PriceItem PALLET = new PriceItem("compost/pallet", "Used pallet, heat-treated (HT)");

    private CompostPrices() {}

    static Stream<Offer> offers() {
        return Stream.concat(
                Stream.of(new Offer(PALLET, PALLET_DOLLARS)), Offer.byArea(CompostPrices::mesh, MESH_PER_SQUARE_METRE));
    }

    public static PriceItem mesh(Units units) {
        return units == Units.METRIC
                ? new PriceItem("compost/mesh/square-metre", "Wire mesh for compost, a square metre")
                : new PriceItem("compost/mesh/square-foot", "Wire mesh for compost, a square foot");
    }
}
