package fairacre.plan;

/**
 * Which pair of boards runs past the other at the corners of a butt-jointed frame. It decides the cut lengths: the outside
 * size of the bed is fixed on the sheet.
 */
public enum Joint {
    /** The two boards along the bed's length are full length; the other two fit between them. */
    SIDES_PAST,
    /** The two boards across the bed's width are full width; the other two fit between them. */
    ENDS_PAST
}
