package fairacre.ground;

import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.plan.Clearing;
import java.util.Map;
import java.util.stream.Stream;

/** How long it takes to clear ground: first guesses, from memory. */
public final class GroundRates implements WorkRates {

    private static final Map<Clearing, WorkRate> CLEARING = Map.of(
            Clearing.SHEET_MULCH, clearing("sheet-mulch", "Laying a sheet over it and carrying the mulch", 9),
            Clearing.TARPAULIN, clearing("tarpaulin", "Laying a tarpaulin", 1.8),
            Clearing.LIFT_TURF, clearing("lift-turf", "Lifting the turf", 30),
            Clearing.TILL_ONCE, clearing("till-once", "Tilling once", 6));

    private static WorkRate clearing(String key, String label, double minutes) {
        return new WorkRate("clear/" + key, label, minutes, "square metre", "a first guess, from memory");
    }

    @Override
    public Stream<WorkRate> rates() {
        return Stream.of(Clearing.values()).filter(CLEARING::containsKey).map(CLEARING::get);
    }

    /** Hours to clear a square metre; none where there is nothing to clear. */
    static double hoursPerSquareMetre(Clearing way) {
        return CLEARING.containsKey(way) ? CLEARING.get(way).hours(1) : 0;
    }
}
