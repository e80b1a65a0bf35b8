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
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Small sprinklers on stakes in a bed, head to head: each throws as far as the next one stands. Those along an edge
 * throw inwards only and give so much less.
 *
 * @param radius that they throw at most, 0.3 to 5 m: no two neighbours are further apart
 * @param flow of one that throws all round at {@link #NOMINAL}, 10 to 600 L/h; it goes by the root of the pressure
 */
public record Sprinklers(UUID id, UUID bed, UUID from, boolean valve, Length radius, Flow flow, Lifetime lifetime)
        implements BedLines {

    /** A rough guess, from memory. */
    static final int YEARS = 8;

    /** 1.5 bar: a rough guess, from memory. */
    public static final Pressure NOMINAL = Pressure.kilopascals(150);
    /** With less they only dribble: a rough guess, from memory. */
    static final Pressure LEAST = Pressure.kilopascals(70);

    /** Common practice. */
    private static final double EVENNESS = 0.75;
    /** Wind and heat take the rest: 0.65 to 0.75 (common practice). */
    private static final double EFFICIENCY = 0.7;

    private static final double BY_ROOT = 0.5;
    static final Length SHORTEST = Length.millimetres(300);
    static final Length FURTHEST = Length.metres(5);
    private static final double LEAST_FLOW = 10;
    private static final double MOST_FLOW = 600;

    public Sprinklers {
        Limits.present(id, "id");
        Limits.present(bed, "bed");
        Limits.present(from, "from");
        Limits.between(radius, SHORTEST, FURTHEST, "radius");
        Limits.between(Limits.present(flow, "flow").litresAnHour(), LEAST_FLOW, MOST_FLOW, "flow");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    @Override
    public Put<Sprinklers> valved() {
        return Put.of(new Sprinklers(id, bed, from, true, radius, flow, lifetime));
    }

    @Override
    public Put<Sprinklers> fedBy(UUID other) {
        return Put.of(new Sprinklers(id, bed, other, valve, radius, flow, lifetime));
    }

    @Override
    public Put<Sprinklers> copied(UUID newId, UUID newBed, UUID newFrom) {
        return Put.of(new Sprinklers(newId, newBed, newFrom, valve, radius, flow, lifetime));
    }

    Sprinklers throwing(Length newRadius) {
        return new Sprinklers(id, bed, from, valve, newRadius, flow, lifetime);
    }

    @Override
    public Remove<Sprinklers> takenOut() {
        return new Remove<>(WaterKinds.SPRINKLERS, id);
    }

    @Override
    public double evenness() {
        return EVENNESS;
    }

    @Override
    public double efficiency() {
        return EFFICIENCY;
    }

    @Override
    public Pressure least() {
        return LEAST;
    }

    @Override
    public Length spacing() {
        return radius;
    }

    @Override
    public PipeKind line() {
        return PipeKind.TUBE_13;
    }

    @Override
    public PipeKind stub() {
        return PipeKind.TUBE_13;
    }

    @Override
    public boolean drips() {
        return false;
    }

    @Override
    public List<BedLayout> layouts(BedRevision revision) {
        return List.of(SprayLayout.of(revision, this));
    }

    @Override
    public WorkingPoint working(BedLayout layout) {
        return new WorkingPoint(NOMINAL.headMetres(), flow.cubicMetresASecond());
    }

    @Override
    public int outlet(Network.Builder network, int node, double share) {
        return network.outlet(
                node, share * flow.cubicMetresASecond() / Math.pow(NOMINAL.headMetres(), BY_ROOT), BY_ROOT);
    }

    @Override
    public PriceItem sold(Units units) {
        return WaterPrices.pipe(line(), units);
    }

    @Override
    public Map<PriceItem, Integer> fittings(BedLayout layout) {
        return Map.of(WaterPrices.SPRINKLER, layout.outlets().size(), WaterPrices.END, 1);
    }

    @Override
    public int years() {
        return YEARS;
    }

    @Override
    public String noun() {
        return "sprinklers";
    }
}
