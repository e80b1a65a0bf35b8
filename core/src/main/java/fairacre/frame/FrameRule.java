package fairacre.frame;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about the boards round a bed. The names are stable codes. */
public enum FrameRule implements Rule {
    SIDE_SPLICED(
            "Side longer than any board",
            "A side longer than the longest board in stock has to be spliced over a post or plate.",
            "common practice");

    private final Text text;

    FrameRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.FRAMES;
    }

    @Override
    public Text text() {
        return text;
    }
}
