package fairacre.frost;

/** How likely frost is from a day on, until the season turns. */
public enum FrostRisk {
    /** After the last frost in nine years of ten, and before the first in nine of ten. */
    NONE,
    /** Frost still comes in one to five years of ten. */
    SPRING_RARELY,
    /** In five to nine. */
    SPRING_OFTEN,
    /** The first frost has come in one to five years of ten. */
    AUTUMN_RARELY,
    /** In five to nine. */
    AUTUMN_OFTEN,
    WINTER
}
