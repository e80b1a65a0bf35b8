package fairacre.water;

import fairacre.bill.PriceItem;
import fairacre.limits.Limits;
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
 * A loop of drilled hose inside the edge of a bed, holes down, both ends joined where it is fed.
 *
 * @param inset from the edge of the soil to the hose, 0.05 to 0.6 m
 * @param hole diameter of a hole, 1 to 6 mm
 * @param spacing from one hole to the next at most, 0.1 to 1 m
 */
public record Soaker(
        UUID id, UUID bed, UUID from, boolean valve, Length inset, Length hole, Length spacing, Lifetime lifetime)
        implements BedLines {

    /** A rough guess, from memory. */
    static final int YEARS = 6;

    /** Under less than a foot of water a hole only weeps: a rough guess, from memory. */
    static final Pressure LEAST = Pressure.head(0.3);

    private static final double EVENNESS = 0.75;
    /** Common practice. */
    static final double EFFICIENCY = 0.8;

    static final Length LEAST_INSET = Length.millimetres(50);
    private static final Length MOST_INSET = Length.millimetres(600);
    static final Length SMALLEST_HOLE = Length.millimetres(1);
    private static final Length LARGEST_HOLE = Length.millimetres(6);
    private static final Length NEAREST = Length.millimetres(100);
    private static final Length FURTHEST = Length.metres(1);

    public Soaker {
        Limits.present(id, "id");
        Limits.present(bed, "bed");
        Limits.present(from, "from");
        Limits.between(inset, LEAST_INSET, MOST_INSET, "inset");
        Limits.between(hole, SMALLEST_HOLE, LARGEST_HOLE, "hole");
        Limits.between(spacing, NEAREST, FURTHEST, "spacing");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    @Override
    public Put<Soaker> valved() {
        return Put.of(new Soaker(id, bed, from, true, inset, hole, spacing, lifetime));
    }

    @Override
    public Put<Soaker> fedBy(UUID other) {
        return Put.of(new Soaker(id, bed, other, valve, inset, hole, spacing, lifetime));
    }

    @Override
    public Put<Soaker> copied(UUID newId, UUID newBed, UUID newFrom) {
        return Put.of(new Soaker(newId, newBed, newFrom, valve, inset, hole, spacing, lifetime));
    }

    /** With smaller holes, or larger ones. */
    Soaker drilled(Length newHole) {
        return new Soaker(id, bed, from, valve, inset, newHole, spacing, lifetime);
    }

    Soaker within(Length newInset) {
        return new Soaker(id, bed, from, valve, newInset, hole, spacing, lifetime);
    }

    @Override
    public double evenness() {
        return EVENNESS;
    }

    @Override
    public Pressure least() {
        return LEAST;
    }

    @Override
    public Remove<Soaker> takenOut() {
        return new Remove<>(WaterKinds.SOAKERS, id);
    }

    @Override
    public double efficiency() {
        return EFFICIENCY;
    }

    @Override
    public boolean loops() {
        return true;
    }

    @Override
    public PipeKind line() {
        return PipeKind.HOSE_16;
    }

    @Override
    public PipeKind stub() {
        return PipeKind.HOSE_16;
    }

    @Override
    public boolean drips() {
        return false;
    }

    @Override
    public List<BedLayout> layouts(BedRevision revision) {
        return List.of(BedLayout.loop(revision, this));
    }

    @Override
    public WorkingPoint working(BedLayout layout) {
        return WorkingPoint.of(this, layout);
    }

    @Override
    public int outlet(Network.Builder network, int node, double share) {
        return network.hole(node, hole.metres());
    }

    @Override
    public PriceItem sold(Units units) {
        return WaterPrices.pipe(line(), units);
    }

    @Override
    public Map<PriceItem, Integer> fittings(BedLayout layout) {
        return Map.of(WaterPrices.BRANCH, 1);
    }

    @Override
    public int years() {
        return YEARS;
    }

    @Override
    public String noun() {
        return "drilled hose";
    }
}
