package fairacre.plan;

/** Which way a gate opens. */
public enum Swing {
    /** An opening without a gate. */
    OPEN,
    INWARD,
    OUTWARD,
    SLIDING
}
