package fairacre.hoop;

/** Why a set of hoops can't stand over a bed. */
public enum HoopMisfit {
    /** The bed isn't there in the season. */
    NO_BED,
    /** It isn't a plain rectangle. */
    SHAPE,
    /** The pipe is no longer than the bed is wide. */
    TOO_SHORT,
    /** Bows of metal were bent for a bed of another width. */
    OTHER_WIDTH,
    /** A table has less soil than the feet go deep. */
    SHALLOW,
    /** No boards or wall to strap sleeves to. */
    NO_BOARDS
}
