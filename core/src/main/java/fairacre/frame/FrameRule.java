package fairacre.frame;

import fairacre.judging.Rule;

/** Rules about the boards round a bed. The names are stable codes. */
public enum FrameRule implements Rule {
    SIDE_SPLICED(
            "A side longer than the longest board in stock has to be spliced over a post or plate.", "common practice");

    private final Text text;

    FrameRule(String rule, String source) {
        this.text = new Text(rule, source);
    }

    @Override
    public Text text() {
        return text;
    }
}
