package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.bill.PriceList.Offer;
import fairacre.build.OwnKey;
import fairacre.measure.Flow;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.Money;

/** What is sold for water: by length and by the piece. */
final class WaterPrices {

    private static final Map<PipeKind, Double> PIPE_PER_METRE = Map.of(
            PipeKind.TUBE_13, 0.8,
            PipeKind.TUBE_16, 0.7,
            PipeKind.TUBE_19, 1.4,
            PipeKind.HOSE_13, 1.6,
            PipeKind.HOSE_16, 2.2,
            PipeKind.HOSE_19, 3.2,
            PipeKind.PVC_13, 1.5,
            PipeKind.PVC_19, 2.0,
            PipeKind.PVC_25, 3.0);
    private static final double DRIPLINE_PER_METRE = 1.1;
    private static final double SLEEVE_PER_METRE = 2.5;
    private static final double MANIFOLD_A_VALVE = 7;
    private static final double THREAD_ADAPTER = 3;
    private static final double JOINT_ADAPTER = 2.5;

    static final PriceItem VALVE = new PriceItem("water/valve", "Valve, by hand");
    static final PriceItem PREVENTER = new PriceItem("water/preventer", "Backflow preventer");
    static final PriceItem FILTER = new PriceItem("water/filter", "Filter, 75 to 100 micrometres");
    static final PriceItem REDUCER = new PriceItem("water/reducer", "Pressure reducer");
    static final PriceItem TIMER = new PriceItem("water/timer", "Timer at the tap");
    static final PriceItem DRAIN = new PriceItem("water/drain-cock", "Drain cock");
    static final PriceItem FLOW_METER = new PriceItem("water/flow-meter", "Flow meter");
    static final PriceItem SPRINKLER = new PriceItem("water/sprinkler", "Small sprinkler on a stake");
    static final PriceItem DRIPPER = new PriceItem("water/dripper", "Dripper, pushed in");
    static final PriceItem BRANCH = new PriceItem("water/branch", "Tee or Y piece");
    static final PriceItem ELBOW = new PriceItem("water/elbow", "Elbow");
    static final PriceItem END = new PriceItem("water/end", "End plug or cap");
    static final PriceItem ADAPTER = new PriceItem("water/adapter", "Tap connector");
    static final PriceItem PEG = new PriceItem("water/peg", "Peg");

    /** Of the meter, and of what the water company takes for what runs off. */
    private static final double METERED = 2.2;

    private static final double DRAINED = 2.6;
    private static final double CUBIC_METRES_A_THOUSAND_GALLONS = Flow.LITRES_PER_GALLON;

    private WaterPrices() {}

    /**
     * What so much costs by the meter: what the plan's prices know of the water and of what runs off; whoever pays
     * nothing for that gives 0 or leaves it out. Empty without a price of the water.
     */
    static Optional<Money> metered(Plan plan, Volume volume) {
        double amount = plan.units() == Units.METRIC
                ? volume.cubicMetres()
                : volume.cubicMetres() / CUBIC_METRES_A_THOUSAND_GALLONS;
        return plan.priceOf(meter(plan.units())).map(price -> {
            Money all = plan.priceOf(drain(plan.units())).map(price::plus).orElse(price);
            return all.multipliedBy(amount, RoundingMode.HALF_UP);
        });
    }

    static PriceItem meter(Units units) {
        return byMeter("water/meter", "Tap water by the meter", units);
    }

    static PriceItem drain(Units units) {
        return byMeter("water/drain", "Fee for what runs off", units);
    }

    private static PriceItem byMeter(String key, String label, Units units) {
        return units == Units.METRIC
                ? new PriceItem(key + "/m3", label + ", a cubic metre")
                : new PriceItem(key + "/kgal", label + ", 1,000 gal");
    }

    static Stream<Offer> offers() {
        Stream<Offer> pipes = PipeKind.values().stream()
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
                new Offer(DRAIN, 4),
                new Offer(FLOW_METER, 22),
                new Offer(SPRINKLER, 1.8),
                new Offer(DRIPPER, 0.6),
                new Offer(BRANCH, 2.2),
                new Offer(ELBOW, 1.6),
                new Offer(END, 1.1),
                new Offer(ADAPTER, 3.5),
                new Offer(PEG, 0.25));
        Stream<Offer> metered = Stream.of(
                new Offer(meter(Units.METRIC), METERED),
                new Offer(meter(Units.FEET_AND_INCHES), METERED * CUBIC_METRES_A_THOUSAND_GALLONS),
                new Offer(drain(Units.METRIC), DRAINED),
                new Offer(drain(Units.FEET_AND_INCHES), DRAINED * CUBIC_METRES_A_THOUSAND_GALLONS));
        Stream<Offer> manifolds = IntStream.rangeClosed(Manifold.FEWEST, Manifold.MOST)
                .mapToObj(valves -> new Offer(manifold(valves), MANIFOLD_A_VALVE * valves));
        Stream<Offer> adapters = Stream.concat(
                Arrays.stream(Units.values())
                        .flatMap(units ->
                                Arrays.stream(OutletThread.values()).flatMap(thread -> adapter(thread, units).stream()))
                        .map(item -> new Offer(item, THREAD_ADAPTER)),
                Arrays.stream(PipeKind.Sort.values())
                        .flatMap(one ->
                                Arrays.stream(PipeKind.Sort.values()).flatMap(other -> adapter(one, other).stream()))
                        .distinct()
                        .map(item -> new Offer(item, JOINT_ADAPTER)));
        return Stream.of(pipes, lines, pieces, manifolds, adapters, metered).flatMap(part -> part);
    }

    static PriceItem pipe(PipeKind kind, Units units) {
        return byLength(kind.own() ? kind.key() : "water/" + key(kind.key()), kind.label(), units);
    }

    /** A pipe of the gardener's own: its key tells what it is. */
    static Optional<PriceItem> own(String key) {
        if (!key.startsWith(OwnKey.PREFIX) || key.indexOf('/') != key.lastIndexOf('/')) {
            return Optional.empty();
        }
        return Arrays.stream(Units.values())
                .filter(units -> key.endsWith(by(units)))
                .map(units -> pipe(
                        PipeKind.of(key.substring(0, key.length() - by(units).length())), units))
                .filter(item -> item.key().equals(key))
                .findFirst();
    }

    static PriceItem manifold(int valves) {
        return new PriceItem("water/manifold-" + valves, "Manifold with " + valves + " valves");
    }

    /** From a source's thread to that of what is screwed to it; empty if they are the same. */
    static Optional<PriceItem> adapter(OutletThread thread, Units units) {
        OutletThread usual = OutletThread.usual(units);
        return thread == usual
                ? Optional.empty()
                : Optional.of(new PriceItem(
                        "water/adapter/" + key(thread) + "/" + key(usual),
                        "Adapter, " + thread.label() + " to " + usual.label()));
    }

    /** From one sort of pipe to another; empty if they are the same. */
    static Optional<PriceItem> adapter(PipeKind.Sort one, PipeKind.Sort other) {
        if (one == other) {
            return Optional.empty();
        }
        PipeKind.Sort first = one.compareTo(other) < 0 ? one : other;
        PipeKind.Sort second = first == one ? other : one;
        return Optional.of(new PriceItem(
                "water/adapter/" + key(first) + "/" + key(second),
                "Adapter, " + first.noun() + " to " + second.noun()));
    }

    private static String key(Enum<?> value) {
        return key(value.name());
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static PriceItem dripline(Units units) {
        return byLength("water/dripline", Dripline.MATERIAL, units);
    }

    static PriceItem sleeve(Units units) {
        return byLength("water/sleeve", "Sleeve pipe under walks", units);
    }

    private static PriceItem byLength(String key, String label, Units units) {
        return new PriceItem(key + by(units), label + (units == Units.METRIC ? ", a metre" : ", a foot"));
    }

    /** The end of the key of what is sold by length. */
    private static String by(Units units) {
        return units == Units.METRIC ? "/metre" : "/foot";
    }
}
