package fairacre.arrange;

import fairacre.outline.Rectangle;

/** Directions of the drawing. */
public enum Axis {
    /** From left to right. */
    ACROSS,
    /** From bottom to top. */
    UP;

    Axis other() {
        return this == ACROSS ? UP : ACROSS;
    }

    /** Moved along it by so many metres. */
    Rectangle shifted(Rectangle outline, double by) {
        return this == ACROSS ? outline.shifted(by, 0) : outline.shifted(0, by);
    }
}
