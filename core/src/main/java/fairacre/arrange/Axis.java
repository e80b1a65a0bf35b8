package fairacre.arrange;

/** Directions of the drawing. */
public enum Axis {
    /** From left to right. */
    ACROSS,
    /** From bottom to top. */
    UP
}
