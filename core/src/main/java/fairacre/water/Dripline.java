package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.limits.Limits;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Units;
import fairacre.plan.BedRevision;
import fairacre.plan.Lifetime;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Dripline in a bed: lines along its longer side with emitters in them, fed along one end. Or plain tube along the rows
 * with a dripper pushed in at each plant.
 *
 * @param emitters from one emitter to the next, 0.1 to 1 m; from plant to plant, 0.1 to 2 m
 * @param lines from one line to the next at most, 0.15 to 1 m; from row to row, 0.15 to 2 m
 * @param flow of an emitter at {@link #NOMINAL}, 0.5 to 10 L/h
 * @param compensating whether an emitter gives the same at every pressure from {@link #COMPENSATES_FROM} on; else its
 *     flow goes by the root of the pressure
 * @param pushedIn whether it is plain tube with a dripper at each plant
 */
public record Dripline(
        UUID id,
        UUID bed,
        UUID from,
        boolean valve,
        Length emitters,
        Length lines,
        Flow flow,
        boolean compensating,
        boolean pushedIn,
        Lifetime lifetime)
        implements BedLines {

    /** A rough guess, from memory. */
    static final int YEARS = 8;

    /** The pressure at which makers tell the flow: 1 bar (common practice). */
    public static final Pressure NOMINAL = Pressure.kilopascals(100);
    /** From half a bar up to 4 bar (common practice). */
    static final Pressure COMPENSATES_FROM = Pressure.kilopascals(50);

    static final Pressure COMPENSATES_TO = Pressure.kilopascals(400);
    /** A plain emitter needs a metre of water or more (common practice). */
    static final Pressure LEAST = Pressure.head(1);

    static final String MATERIAL = "Dripline";

    private static final double EVENNESS = 0.85;
    /** Common practice. */
    private static final double EFFICIENCY = 0.9;
    /** Of a plain dripper, whose flow goes by the root of the pressure. */
    private static final double PLAIN = 0.5;

    private static final Length NEAREST_EMITTERS = Length.millimetres(100);
    private static final Length NEAREST_LINES = Length.millimetres(150);
    private static final Length FURTHEST = Length.metres(1);
    private static final Length FURTHEST_PLANTS = Length.metres(2);
    private static final double LEAST_FLOW = 0.5;
    static final double MOST_FLOW = 10;

    public Dripline {
        Limits.present(id, "id");
        Limits.present(bed, "bed");
        Limits.present(from, "from");
        Length furthest = pushedIn ? FURTHEST_PLANTS : FURTHEST;
        Limits.between(emitters, NEAREST_EMITTERS, furthest, "emitters");
        Limits.between(lines, NEAREST_LINES, furthest, "lines");
        Limits.between(Limits.present(flow, "flow").litresAnHour(), LEAST_FLOW, MOST_FLOW, "flow");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    @Override
    public Put<Dripline> valved() {
        return Put.of(new Dripline(id, bed, from, true, emitters, lines, flow, compensating, pushedIn, lifetime));
    }

    @Override
    public Put<Dripline> fedBy(UUID other) {
        return Put.of(new Dripline(id, bed, other, valve, emitters, lines, flow, compensating, pushedIn, lifetime));
    }

    @Override
    public Put<Dripline> copied(UUID newId, UUID newBed, UUID newFrom) {
        return Put.of(
                new Dripline(newId, newBed, newFrom, valve, emitters, lines, flow, compensating, pushedIn, lifetime));
    }

    Dripline giving(Flow newFlow) {
        return new Dripline(id, bed, from, valve, emitters, lines, newFlow, compensating, pushedIn, lifetime);
    }

    Dripline compensated() {
        return new Dripline(id, bed, from, valve, emitters, lines, flow, true, pushedIn, lifetime);
    }

    @Override
    public double evenness() {
        return EVENNESS;
    }

    @Override
    public Pressure least() {
        return compensating ? COMPENSATES_FROM : LEAST;
    }

    @Override
    public Remove<Dripline> takenOut() {
        return new Remove<>(WaterKinds.DRIPLINES, id);
    }

    @Override
    public double efficiency() {
        return EFFICIENCY;
    }

    @Override
    public Length spacing() {
        return emitters;
    }

    @Override
    public PipeKind line() {
        return PipeKind.TUBE_16;
    }

    @Override
    public PipeKind stub() {
        return PipeKind.TUBE_13;
    }

    @Override
    public boolean drips() {
        return true;
    }

    /** Fed at one end, or at the other. */
    @Override
    public List<BedLayout> layouts(BedRevision revision) {
        return List.of(DripLayout.of(revision, this, false), DripLayout.of(revision, this, true));
    }

    /** At the pressure for which the maker tells the flow, or from where it compensates. */
    @Override
    public WorkingPoint working(BedLayout layout) {
        return new WorkingPoint((compensating ? COMPENSATES_FROM : NOMINAL).headMetres(), flow.cubicMetresASecond());
    }

    @Override
    public int outlet(Network.Builder network, int node, double share) {
        double nominal = share * flow.cubicMetresASecond();
        return compensating
                ? network.compensatingOutlet(node, nominal, COMPENSATES_FROM.headMetres(), COMPENSATES_TO.headMetres())
                : network.outlet(node, nominal / Math.pow(NOMINAL.headMetres(), PLAIN), PLAIN);
    }

    @Override
    public String material() {
        return pushedIn ? line().label() : MATERIAL;
    }

    @Override
    public PriceItem sold(Units units) {
        return pushedIn ? WaterPrices.pipe(line(), units) : WaterPrices.dripline(units);
    }

    @Override
    public Map<PriceItem, Integer> fittings(BedLayout layout) {
        int lines = layout.inlets().size();
        Map<PriceItem, Integer> fittings = new HashMap<>(Map.of(WaterPrices.END, lines, WaterPrices.BRANCH, lines - 1));
        if (pushedIn) {
            fittings.put(WaterPrices.DRIPPER, layout.outlets().size());
        }
        return fittings;
    }

    @Override
    public int years() {
        return YEARS;
    }

    @Override
    public String noun() {
        return pushedIn ? "drippers at plants" : "dripline";
    }
}
