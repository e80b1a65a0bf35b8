package fairacre.sun;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about the sun. The names are stable codes. */
public enum SunRule implements Rule {
    TRELLIS_SHADES(
            "A trellis on the sunny side",
            "A trellis stands on that side of its bed where it takes less sun: half an hour a day more is felt.",
            "NREL/TP-560-34302; half an hour: common practice"),
    TALL_THING_SHADES(
            "A tall thing on the sunny side",
            "What could as well stand on the other side of a bed, or elsewhere on the plot, stands where it takes less"
                    + " sun: half an hour a day more is felt.",
            "NREL/TP-560-34302; half an hour: common practice");

    private final Text text;

    SunRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Text text() {
        return text;
    }

    @Override
    public Step step() {
        return Step.SUN;
    }

    /** The sun is followed through all of the year. */
    @Override
    public boolean slow() {
        return true;
    }
}
