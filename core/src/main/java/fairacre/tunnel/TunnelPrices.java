package fairacre.tunnel;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.stream.Stream;

/** What is sold for tunnels besides pipe, boards, sheets and wires. All prices are invented. */
final class TunnelPrices {

    static final PriceItem STAKE = new PriceItem("tunnel/stake", "Ground stake of pipe for a bow, 2 ft or 600 mm");
    static final PriceItem CLAMP = new PriceItem("tunnel/clamp", "Clamp where pipes cross");
    static final PriceItem HOOK = new PriceItem("tunnel/hook", "Hook for a rail below the ridge");
    private static final double LATH_PER_METRE = 0.6;
    private static final double ROLLER_PER_METRE = 4;

    private TunnelPrices() {}

    static Stream<Offer> offers() {
        return Stream.of(
                        Stream.of(new Offer(STAKE, 6), new Offer(CLAMP, 1.8), new Offer(HOOK, 1.2)),
                        Offer.byLength(TunnelPrices::lath, LATH_PER_METRE),
                        Offer.byLength(TunnelPrices::roller, ROLLER_PER_METRE))
                .flatMap(part -> part);
    }

    /** Of wood, with its screws. */
    static PriceItem lath(Units units) {
        return byLength("tunnel/lath", "Lath to clamp a sheet", units);
    }

    /** With its clips and its share of a crank. */
    static PriceItem roller(Units units) {
        return byLength("tunnel/roller", "Pipe to roll up a side", units);
    }

    private static PriceItem byLength(String key, String label, Units units) {
        String unit = units == Units.METRIC ? "metre" : "foot";
        return new PriceItem(key + "/" + unit, label + ", a " + unit);
    }
}
