package fairacre.water;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import java.util.stream.Stream;

/** How long it takes to lay water. */
final class WaterRates {

    private static final String GUESS = "a rough guess, from memory";

    static final WorkRate PIPE = new WorkRate("water/pipe", "Laying pipe and hose", 3, "metre", GUESS, Stage.PIPES);
    static final WorkRate LINES = new WorkRate("water/lines", "Laying lines in beds", 2, "metre", GUESS, Stage.LINES);
    static final WorkRate SLEEVE =
            new WorkRate("water/sleeve", "Burying a sleeve under a walk", 25, "metre", GUESS, Stage.PIPES);
    static final WorkRate FITTING =
            new WorkRate("water/fitting", "Fitting joints, ends and valves", 4, "piece", GUESS, Stage.PIPES);

    private WaterRates() {}

    static Stream<WorkRate> all() {
        return Stream.of(PIPE, LINES, SLEEVE, FITTING);
    }
}
