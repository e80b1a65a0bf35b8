package fairacre.harvest;

/** How a harvest stands to what is eaten. */
public enum Enough {
    /** Nothing of it ripens in the season. */
    NONE,
    /** Less than is eaten, even in a good year. */
    SHORT,
    /** As much as is eaten in a good year only. */
    IN_A_GOOD_YEAR,
    ENOUGH,
    /** More than half as much again as is eaten. */
    PLENTY
}
