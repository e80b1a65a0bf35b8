package fairacre.drawing;

/** Line weights of a sheet, millimetres. */
final class Pens {

    /** Hatches. */
    static final double HAIR = 0.1;
    /** Dimensions, walks, what moves. */
    static final double FINE = 0.18;
    /** What is built. */
    static final double PEN = 0.35;
    /** The edge of the plot. */
    static final double BOLD = 0.7;

    private Pens() {}
}
