package fairacre.compost;

import fairacre.judging.Rule;

/** Rules about compost. The names are stable codes. */
public enum CompostRule implements Rule {
    COMPOST_FAR(
            "No bed is further from the compost, by barrow or else on foot, than you want to go.",
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
