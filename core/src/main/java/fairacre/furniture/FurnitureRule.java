package fairacre.furniture;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about furniture. The names are stable codes. */
public enum FurnitureRule implements Rule {
    STAND_SINKS(
            "Feet sink into soft ground",
            "Full barrels press with half of 1,500 psf (0.36 bar) at most: that much clay bears, and garden soil is loose.",
            "International Building Code, table 1806.2, clay, from memory; half of it is a guess"),
    PIECE_TOO_LARGE(
            "No sheet holds the piece",
            "Every piece is cut from a sheet on sale; flutes run along its length.",
            "geometry; sizes on sale are common practice");

    private final Text text;

    FurnitureRule(String cause, String rule, String source) {
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
