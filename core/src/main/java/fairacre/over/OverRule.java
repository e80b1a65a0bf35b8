package fairacre.over;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about what lies over beds. The names are stable codes. */
public enum OverRule implements Rule {
    NET_TOO_WIDE(
            "Net lets a pest through",
            "The mesh of a net over a bed is no wider than what you noted as flying in can be kept off by.",
            "common practice"),
    NET_CATCHES(
            "Net can catch animals",
            "The mesh of a net is at most 5 mm, so that no bird, bat, snake or hedgehog is caught in it.",
            "Victoria (Australia), Prevention of Cruelty to Animals Regulations 2019, household fruit netting (from memory)");

    private final Text text;

    OverRule(String cause, String rule, String source) {
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
