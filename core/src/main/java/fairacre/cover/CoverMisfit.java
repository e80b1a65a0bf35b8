package fairacre.cover;

/** Why a cover doesn't stand on a bed. */
public enum CoverMisfit {
    /** The bed isn't there in the season. */
    NO_BED,
    /** It has no four straight sides. */
    SHAPE,
    /** Its outside size is another. */
    SIZE
}
