package fairacre.water;

import fairacre.limits.Limits;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.plan.Lifetime;
import fairacre.plan.Put;
import java.util.UUID;

/**
 * Dripline in a bed: lines along its longer side with emitters in them, fed along one end.
 *
 * @param emitters from one emitter to the next, 0.1 to 1 m
 * @param lines from one line to the next at most, 0.15 to 1 m
 * @param flow of an emitter at {@link #NOMINAL}, 0.5 to 10 L/h
 * @param compensating whether an emitter gives the same at every pressure from {@link #COMPENSATES_FROM} on; else its
 *     flow goes by the root of the pressure
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
        Lifetime lifetime)
        implements BedLines {

    /** The pressure at which makers tell the flow: 1 bar (common practice). */
    public static final Pressure NOMINAL = Pressure.kilopascals(100);
    /** From half a bar up to 4 bar (common practice). */
    static final Pressure COMPENSATES_FROM = Pressure.kilopascals(50);

    static final Pressure COMPENSATES_TO = Pressure.kilopascals(400);
    /** A plain emitter needs a metre of water or more (common practice). */
    static final Pressure LEAST = Pressure.head(1);
    /** Bore of the line, metres: 16 mm tube. */
    static final double BORE = PipeKind.TUBE_16.bore().metres();

    private static final double EVENNESS = 0.85;
    private static final Length NEAREST_EMITTERS = Length.millimetres(100);
    private static final Length NEAREST_LINES = Length.millimetres(150);
    private static final Length FURTHEST = Length.metres(1);
    private static final double LEAST_FLOW = 0.5;
    static final double MOST_FLOW = 10;

    public Dripline {
        Limits.present(id, "id");
        Limits.present(bed, "bed");
        Limits.present(from, "from");
        Limits.between(emitters, NEAREST_EMITTERS, FURTHEST, "emitters");
        Limits.between(lines, NEAREST_LINES, FURTHEST, "lines");
        Limits.between(Limits.present(flow, "flow").litresAnHour(), LEAST_FLOW, MOST_FLOW, "flow");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    @Override
    public Put<Dripline> valved() {
        return Put.of(new Dripline(id, bed, from, true, emitters, lines, flow, compensating, lifetime));
    }

    @Override
    public Put<Dripline> fedBy(UUID other) {
        return Put.of(new Dripline(id, bed, other, valve, emitters, lines, flow, compensating, lifetime));
    }

    @Override
    public Put<Dripline> copied(UUID newId, UUID newBed, UUID newFrom) {
        return Put.of(new Dripline(newId, newBed, newFrom, valve, emitters, lines, flow, compensating, lifetime));
    }

    Dripline giving(Flow newFlow) {
        return new Dripline(id, bed, from, valve, emitters, lines, newFlow, compensating, lifetime);
    }

    Dripline compensated() {
        return new Dripline(id, bed, from, valve, emitters, lines, flow, true, lifetime);
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
    public String noun() {
        return "dripline";
    }
}
