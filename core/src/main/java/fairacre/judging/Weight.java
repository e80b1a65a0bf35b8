package fairacre.judging;

/** How much a snag matters, worst first. */
public enum Weight {
    /** It can't be built, or part of it is lost. */
    SERIOUS,
    /** Somebody will be hindered. */
    WARNING,
    /** Worth knowing. */
    NOTE
}
