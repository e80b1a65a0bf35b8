package fairacre.judging;

/** The order in which a garden is thought through. A snag belongs to the step in which it is put right. */
public enum Step {
    /** The plot and what stands there. */
    GROUND,
    BEDS,
    /** Walks, ways in, who gardens and what has to get through. */
    REACH,
    FRAMES,
    FILL,
    WATER,
    FENCE,
    /** The sun, and what stands on or over beds. */
    SUN,
    /** What grows in the beds. */
    CROPS,
    PURSE
}
