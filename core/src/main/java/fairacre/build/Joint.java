package fairacre.build;

/**
 * How the boards of a frame meet at its corners. It decides the cut lengths: the outside size of the bed is fixed on
 * the sheet. A bed that is no rectangle is framed like a pinwheel unless it is mitred.
 */
public enum Joint {
    /** The two boards along the bed's length are full length; the other two fit between them. */
    SIDES_PAST,
    /** The two boards across the bed's width are full width; the other two fit between them. */
    ENDS_PAST,
    /** Going round, each board runs past the next at one end and butts at the other. */
    PINWHEEL,
    /** Both boards of a corner are cut at half its angle; lengths are those of the longer face. */
    MITRE
}
