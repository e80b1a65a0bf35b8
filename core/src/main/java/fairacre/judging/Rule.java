package fairacre.judging;

/** A rule that a plan is judged by. Each capability lists its own in an enum, whose names are stable codes. */
public interface Rule {

    /** The code, the same for ever. */
    String name();

    Text text();

    /**
     * What it says.
     *
     * @param rule in one sentence
     * @param source where it comes from: a standard, or "common practice"
     */
    record Text(String rule, String source) {}

    /** Whether it takes too long to be judged while something is dragged. */
    default boolean slow() {
        return false;
    }

    /** Whether one snag lists all beds that it is broken at, instead of one snag for each place. */
    default boolean toldTogether() {
        return false;
    }
}
