package fairacre.compost;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about compost. The names are stable codes. */
public enum CompostRule implements Rule {
    COMPOST_FAR(
            "Compost too far off",
            "No bed is further from the compost, by barrow or else on foot, than you want to go.",
            "the gardener's own measure"),
    COMPOST_NO_ROOM(
            "No room to turn compost",
            "On one long side of compost bays 3 ft of ground are free for a fork and a barrow.",
            "common practice");

    private final Text text;

    CompostRule(String cause, String rule, String source) {
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

    /** Ways are looked for round all beds. */
    @Override
    public boolean slow() {
        return this == COMPOST_FAR;
    }
}
