package fairacre.surface;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.stream.Stream;

/** What is sold by length for walks and drains; what covers them is among the goods. */
public final class SurfacePrices {

    private static final double EDGING_PER_METRE = 4;
    private static final double DRAIN_PIPE_PER_METRE = 3;

    static final PriceItem WEEP = new PriceItem("ground/weep", "Weep pipe through a wall");

    private SurfacePrices() {}

    static Stream<Offer> offers() {
        return Stream.of(
                        Offer.byLength(SurfacePrices::edging, EDGING_PER_METRE),
                        Offer.byLength(SurfacePrices::drainPipe, DRAIN_PIPE_PER_METRE),
                        Stream.of(new Offer(WEEP, 1.5)))
                .flatMap(part -> part);
    }

    /** A foot or a metre of edging along a walk. */
    public static PriceItem edging(Units units) {
        return units == Units.METRIC
                ? new PriceItem("walk/edging/metre", "Edging, a metre")
                : new PriceItem("walk/edging/foot", "Edging, a foot");
    }

    /** A foot or a metre of it. */
    public static PriceItem drainPipe(Units units) {
        return units == Units.METRIC
                ? new PriceItem("ground/drain-pipe/metre", "Perforated drain pipe, a metre")
                : new PriceItem("ground/drain-pipe/foot", "Perforated drain pipe, a foot");
    }
}
