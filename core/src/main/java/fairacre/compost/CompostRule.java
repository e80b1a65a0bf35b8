package fairacre.compost;

import fairacre.judging.Rule;

/** Rules about compost. The names are stable codes. */
public enum CompostRule implements Rule {
    COMPOST_FAR(
            "No bed is further from its compost, along the ground that a barrow or else a gardener can use, than the gardener wants to go.",
            "the gardener's own measure");

    private final String rule;
    private final String source;

    CompostRule(String rule, String source) {
        this.rule = rule;
        this.source = source;
    }

    @Override
    public String rule() {
        return rule;
    }

    @Override
    public String source() {
        return source;
    }

    /** Ways are looked for round all beds. */
    @Override
    public boolean slow() {
        return true;
    }
}
