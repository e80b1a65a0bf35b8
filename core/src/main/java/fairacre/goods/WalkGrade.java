package fairacre.goods;

/** Two grades of walk: for the barrow through the middle, and for feet between the beds. */
public enum WalkGrade {
    MAIN,
    WORK
}
