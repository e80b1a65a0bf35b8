package fairacre.frame;

import fairacre.judging.Rule;

/** Rules about the boards round a bed. The names are stable codes. */
public enum FrameRule implements Rule {
    SIDE_SPLICED(
            "A side longer than the longest board in stock has to be spliced over a post or plate.", "common practice");

    private final String rule;
    private final String source;

    FrameRule(String rule, String source) {
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
}
