package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.measure.Units;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/** What is sold for water: by length and by the piece. */
final class WaterPrices {

    private static final Map<PipeKind, Double> PIPE_PER_METRE = new EnumMap<>(Map.of(
            PipeKind.TUBE_13, 0.8,
            PipeKind.TUBE_16, 0.7,
            PipeKind.TUBE_19, 1.4,
            PipeKind.HOSE_13, 1.6,
            PipeKind.HOSE_16, 2.2,
            PipeKind.HOSE_19, 3.2,
            PipeKind.PVC_13, 1.5,
            PipeKind.PVC_19, 2.0,
            PipeKind.PVC_25, 3.0));
    private static final double DRIPLINE_PER_METRE = 1.1;
    private static final double SLEEVE_PER_METRE = 2.5;

    static final PriceItem VALVE = new PriceItem("water/valve", "Valve, by hand");
    static final PriceItem PREVENTER = new PriceItem("water/preventer", "Backflow preventer");
    static final PriceItem FILTER = new PriceItem("water/filter", "Filter, 75 to 100 micrometres");
    static final PriceItem REDUCER = new PriceItem("water/reducer", "Pressure reducer");
    static final PriceItem TIMER = new PriceItem("water/timer", "Timer at the tap");
    static final PriceItem BRANCH = new PriceItem("water/branch", "Tee or Y piece");
    static final PriceItem ELBOW = new PriceItem("water/elbow", "Elbow");
    static final PriceItem END = new PriceItem("water/end", "End plug or cap");
    static final PriceItem ADAPTER = new PriceItem("water/adapter", "Tap connector");
    static final PriceItem PEG = new PriceItem("water/peg", "Peg");

    private WaterPrices() {}

    static Stream<Offer> offers() {
        Stream<Offer> pipes = Arrays.stream(PipeKind.values())
                .flatMap(kind -> Offer.byLength(units -> pipe(kind, units), PIPE_PER_METRE.get(kind)));
        Stream<Offer> lines = Stream.concat(
                Offer.byLength(WaterPrices::dripline, DRIPLINE_PER_METRE),
                Offer.byLength(WaterPrices::sleeve, SLEEVE_PER_METRE));
        Stream<Offer> pieces = Stream.of(
                new Offer(VALVE, 6),
                new Offer(PREVENTER, 9),
                new Offer(FILTER, 14),
                new Offer(REDUCER, 9),
                new Offer(TIMER, 38),
                new Offer(BRANCH, 2.2),
                new Offer(ELBOW, 1.6),
                new Offer(END, 1.1),
                new Offer(ADAPTER, 3.5),
                new Offer(PEG, 0.25));
        return Stream.of(pipes, lines, pieces).flatMap(part -> part);
    }

    static PriceItem pipe(PipeKind kind, Units units) {
        String key = "water/" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return byLength(key, kind.label(), units);
    }

    static PriceItem dripline(Units units) {
        return byLength("water/dripline", "Dripline", units);
    }

    static PriceItem sleeve(Units units) {
        return byLength("water/sleeve", "Sleeve pipe under walks", units);
    }

    private static PriceItem byLength(String key, String label, Units units) {
        return units == Units.METRIC
                ? new PriceItem(key + "/metre", label + ", a metre")
                : new PriceItem(key + "/foot", label + ", a foot");
    }
}
