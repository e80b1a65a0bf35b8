package fairacre.walk;

import fairacre.measure.Length;

/** Widths that usual carriers need to pass, for a gardener to choose from. */
public enum PassingPreset {
    FOOT("On foot", Length.inches(24), "18 in is the least, 24 in good: common practice"),
    BARROW("With a barrow or cart", Length.inches(36), "36 in is the least, 42 in easy: common practice"),
    WHEELCHAIR(
            "In a wheelchair",
            Length.inches(36),
            "36 in clear: 2010 ADA Standards 403.5.1; 60 in to pass (403.5.3) and to turn (304.3)");

    /** Clear width of a walk for a wheelchair: 2010 ADA Standards 403.5.1. */
    public static final Length WHEELCHAIR_CLEAR = Length.inches(36);
    /** Diameter of the circle in which a wheelchair turns: 2010 ADA Standards 304.3.1. */
    public static final Length WHEELCHAIR_TURNING = Length.inches(60);

    private final String label;
    private final Length width;
    private final String source;

    PassingPreset(String label, Length width, String source) {
        this.label = label;
        this.width = width;
        this.source = source;
    }

    public String label() {
        return label;
    }

    public Length width() {
        return width;
    }

    public String source() {
        return source;
    }
}
