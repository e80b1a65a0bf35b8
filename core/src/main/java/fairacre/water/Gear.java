package fairacre.water;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Pressure;
import java.util.Optional;

/**
 * What stands between a source and the first pipe.
 *
 * @param preventer keeps water of the garden from being sucked back into the house
 * @param filter of 75 to 100 micrometres, for drippers
 * @param timer opens and shuts by the clock
 * @param drain a cock at the lowest place of its pipes, by which they are emptied before frost
 * @param meter counts what flows, so that leaks and clogs show
 * @param reducer the pressure that a reducer lets through at most, 20 to 1000 kPa; empty if there is none
 * @param thread in which the source ends; empty if it is the usual one, or nobody looked
 */
public record Gear(
        boolean preventer,
        boolean filter,
        boolean timer,
        boolean drain,
        boolean meter,
        Optional<Pressure> reducer,
        Optional<OutletThread> thread) {

    public static final Gear NONE = new Gear(false, false, false, false, false, Optional.empty(), Optional.empty());
    /** 25 psi, common practice in front of drippers. */
    public static final Pressure USUAL_REDUCER = Pressure.psi(25);

    private static final Pressure LEAST = Pressure.kilopascals(20);
    private static final Pressure MOST = Pressure.kilopascals(1000);
    /** Bore of what is screwed to a tap, metres: 3/4 in. */
    static final double BORE = 0.0191;
    /** Local losses at that bore in velocity heads: rough guesses, from memory. */
    private static final double PREVENTER_LOSS = 8;

    private static final double FILTER_LOSS = 6;
    private static final double CLOGGED = 3;
    private static final double TIMER_LOSS = 6;
    private static final double METER_LOSS = 6;
    static final double REDUCER_LOSS = 10;

    public Gear {
        reducer = reducer == null ? Optional.empty() : reducer;
        reducer.ifPresent(set -> between(set, LEAST, MOST, "reducer"));
        thread = thread == null ? Optional.empty() : thread;
    }

    /** @throws RefusedException if a pressure is out of range */
    static void between(Pressure value, Pressure least, Pressure most, String field) {
        Limits.between(value.kilopascals(), least.kilopascals(), most.kilopascals(), field);
    }

    /** Of all but the reducer, in velocity heads at {@link #BORE}. */
    double loss() {
        return (preventer ? PREVENTER_LOSS : 0)
                + (filter ? FILTER_LOSS : 0)
                + (timer ? TIMER_LOSS : 0)
                + (meter ? METER_LOSS : 0);
    }

    /** The same with a filter that loses three times as much since it is clogged (common practice: clean it then). */
    double lossWhenClogged() {
        return loss() + (filter ? (CLOGGED - 1) * FILTER_LOSS : 0);
    }

    Gear withPreventer() {
        return new Gear(true, filter, timer, drain, meter, reducer, thread);
    }

    Gear withFilter() {
        return new Gear(preventer, true, timer, drain, meter, reducer, thread);
    }

    Gear withDrain() {
        return new Gear(preventer, filter, timer, true, meter, reducer, thread);
    }

    Gear withReducer(Pressure set) {
        return new Gear(preventer, filter, timer, drain, meter, Optional.of(set), thread);
    }
}
