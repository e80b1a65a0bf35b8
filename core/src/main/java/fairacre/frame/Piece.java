package fairacre.frame;

import fairacre.measure.Length;

/**
 * Pieces of one length that a frame needs.
 *
 * @param part where they go
 * @param count in all courses together
 */
public record Piece(Part part, Length length, int count) {

    /** Which boards of the frame. */
    public enum Part {
        /** Along the bed's length; any side of a bed that is no rectangle. */
        SIDE,
        /** Across the bed's width. */
        END,
        /** Lines a keyhole. */
        KEYHOLE,
        /** Under the lowest course where the ground falls away. */
        PART_COURSE
    }
}
