package fairacre.judging;

/** A rule that a plan is judged by. Each capability lists its own in an enum, whose names are stable codes. */
public interface Rule {

    /** The code, the same for ever. */
    String name();

    Text text();

    /** The step in which what breaks it is put right. */
    Step step();

    /**
     * What it says.
     *
     * @param cause what is wrong wherever it is broken, in a few words: the heading over its snags
     * @param rule in one sentence
     * @param source where it comes from: a standard, or "common practice"
     */
    record Text(String cause, String rule, String source) {}

    /** Whether it takes too long to be judged while something is dragged. */
    default boolean slow() {
        return false;
    }

    /** Whether one snag lists all beds that it is broken at, instead of one snag for each place. */
    default boolean toldTogether() {
        return false;
    }
}
