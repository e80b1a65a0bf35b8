package fairacre.ground;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.plan.Clearing;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** How long it takes to clear ground and to dig it level, by hand. */
public final class GroundRates {

    private static final String GUESS = "a first guess, from memory";

    /** Under a bed that is filled: what is carried onto it is the filling, which is counted by itself. */
    public static final WorkRate SHEET_UNDER =
            clearing("sheet-under", "Laying cardboard under the filling and soaking it", 3, GUESS);

    public static final WorkRate LEVELLING = new WorkRate(
            "clear/level", "Digging a frame in on its upper side", 120, "cubic metre", GUESS, Stage.DIGGING);

    private static final Map<Clearing, WorkRate> CLEARING = Map.of(
            Clearing.SHEET_MULCH, clearing("sheet-mulch", "Laying a sheet over it and carrying the mulch", 9, GUESS),
            Clearing.TARPAULIN, clearing("tarpaulin", "Laying a tarpaulin", 1.8, GUESS),
            Clearing.LIFT_TURF,
                    clearing("lift-turf", "Lifting the turf", 15, "common practice, 3 to 5 square metres an hour"),
            Clearing.TILL_ONCE,
                    clearing("till-once", "Tilling once", 1.5, "common practice, 30 to 50 square metres an hour"));

    private GroundRates() {}

    private static WorkRate clearing(String key, String label, double minutes, String source) {
        return new WorkRate("clear/" + key, label, minutes, "square metre", source, Stage.CLEARING);
    }

    static Stream<WorkRate> all() {
        return Stream.concat(
                Stream.of(Clearing.values()).filter(CLEARING::containsKey).map(CLEARING::get),
                Stream.of(SHEET_UNDER, LEVELLING));
    }

    /** Empty where there is nothing to clear. */
    public static Optional<WorkRate> of(Clearing way) {
        return Optional.ofNullable(CLEARING.get(way));
    }

    /** Hours to clear a square metre; none where there is nothing to clear. */
    static double hoursPerSquareMetre(Clearing way) {
        return of(way).map(rate -> rate.hours(1)).orElse(0.0);
    }
}
