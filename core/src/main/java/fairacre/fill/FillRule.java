package fairacre.fill;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about what is in a bed. The names are stable codes. */
public enum FillRule implements Rule {
    WOOD_IN_SHALLOW_BED(
            "Wood below too little soil",
            "Wood below the soil is only sensible in beds filled 15 in deep and more: roots need 8 to 12 in of soil above it.",
            "common practice");

    private final Text text;

    FillRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.FILL;
    }

    @Override
    public Text text() {
        return text;
    }
}
