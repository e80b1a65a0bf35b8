package fairacre.judging;

/**
 * A part of a judgement that could not be worked out: a fault of the program, never of the plan.
 *
 * @param part what was being judged, as in "the walks"
 */
public record Failure(String part, RuntimeException cause) {}
