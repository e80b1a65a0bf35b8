package fairacre.hoop;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about hoops. The names are stable codes. */
public enum HoopRule implements Rule {
    HOOPS_DONT_FIT(
            "Hoops don't fit the bed",
            "The bows of a set reach over each of its beds, which has straight sides and holds their feet.",
            "geometry"),
    HOOP_TOO_TIGHT(
            "Bow bent too tightly",
            "No bow is bent to a smaller radius than its pipe bears.",
            "radius = diameter / (2 x what the outside may stretch); what a material bears is common practice"),
    HOOPS_TWICE("Two sets over one bed", "One set of hoops stands over a bed at a time.", "common practice");

    private final Text text;

    HoopRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.SUN;
    }

    @Override
    public Text text() {
        return text;
    }
}
