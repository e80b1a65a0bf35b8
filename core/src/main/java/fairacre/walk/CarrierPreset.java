package fairacre.walk;

import fairacre.measure.Length;

/** Usual carriers for a gardener to begin with. */
public enum CarrierPreset {
    FOOT("Somebody on foot", Length.inches(24), false, Length.ZERO, "18 in is the least, 24 in good: common practice"),
    BARROW("Barrow", Length.inches(36), true, Length.ZERO, "36 in is the least, 42 in easy: common practice"),
    WHEELCHAIR(
            "Wheelchair",
            PassingPreset.WHEELCHAIR_CLEAR,
            true,
            PassingPreset.WHEELCHAIR_TURNING,
            "36 in clear: 2010 ADA Standards 403.5.1; turns in 60 in: 304.3"),
    MOWER(
            "Mower",
            Length.inches(27),
            true,
            Length.ZERO,
            "its deck and 6 in, here for a deck of 21 in: common practice"),
    LOADER(
            "Small loader",
            Length.inches(72),
            true,
            Length.inches(144),
            "5 to 7 ft, or do its work before the fence is up; turning from memory: common practice");

    private final String label;
    private final Length width;
    private final boolean wheels;
    private final Length turning;
    private final String source;

    CarrierPreset(String label, Length width, boolean wheels, Length turning, String source) {
        this.label = label;
        this.width = width;
        this.wheels = wheels;
        this.turning = turning;
        this.source = source;
    }

    public String label() {
        return label;
    }

    public Length width() {
        return width;
    }

    public boolean wheels() {
        return wheels;
    }

    public Length turning() {
        return turning;
    }

    public String source() {
        return source;
    }
}
