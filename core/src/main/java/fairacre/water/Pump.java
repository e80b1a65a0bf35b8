package fairacre.water;

import fairacre.limits.Limits;
import fairacre.measure.Flow;
import fairacre.measure.Pressure;
import java.util.OptionalDouble;

/**
 * A pump at a barrel, by what its label tells: a parabola through its pressure with nothing drawn and one flow at a
 * pressure.
 *
 * @param closed its most, 10 to 1500 kPa
 * @param flow that it gives at a pressure, 10 to 20 000 L/h
 * @param at that pressure, 0 to 99 per cent of {@code closed}
 */
public record Pump(Pressure closed, Flow flow, Pressure at) {

    private static final Pressure LEAST = Pressure.kilopascals(10);
    private static final Pressure MOST = Pressure.kilopascals(1500);
    private static final double LEAST_FLOW = 10;
    private static final double MOST_FLOW = 20_000;
    /** Nearer to the pressure that is closed a reading says nothing of the flow. */
    private static final double MOST_SHARE = 0.99;

    /** A small garden pump: a rough guess, from memory. */
    public static final Pump USUAL =
            new Pump(Pressure.kilopascals(300), Flow.litresAnHour(1200), Pressure.kilopascals(150));

    public Pump {
        Gear.between(Limits.present(closed, "closed"), LEAST, MOST, "closed");
        Limits.between(Limits.present(flow, "flow").litresAnHour(), LEAST_FLOW, MOST_FLOW, "flow");
        Limits.between(Limits.present(at, "at").kilopascals(), 0, closed.kilopascals() * MOST_SHARE, "at");
    }

    SourceCurve curve() {
        return new SourceCurve(
                closed.headMetres(),
                OptionalDouble.of(flow.cubicMetresASecond() / Math.sqrt(1 - at.headMetres() / closed.headMetres())));
    }
}
