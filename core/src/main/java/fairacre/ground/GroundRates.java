package fairacre.ground;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.plan.Clearing;
import java.util.Map;
import java.util.stream.Stream;

/** How long it takes to clear ground. */
public final class GroundRates implements WorkRates {

    private static final String GUESS = "a first guess, from memory";

    private static final Map<Clearing, WorkRate> CLEARING = Map.of(
            Clearing.SHEET_MULCH, clearing("sheet-mulch", "Laying a sheet over it and carrying the mulch", 9, GUESS),
            Clearing.TARPAULIN, clearing("tarpaulin", "Laying a tarpaulin", 1.8, GUESS),
            Clearing.LIFT_TURF,
                    clearing("lift-turf", "Lifting the turf", 15, "common practice, 3 to 5 square metres an hour"),
            Clearing.TILL_ONCE,
                    clearing("till-once", "Tilling once", 1.5, "common practice, 30 to 50 square metres an hour"));

    private static WorkRate clearing(String key, String label, double minutes, String source) {
        return new WorkRate("clear/" + key, label, minutes, "square metre", source, Stage.CLEARING);
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
