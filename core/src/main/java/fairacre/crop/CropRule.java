package fairacre.crop;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about crops. The names are stable codes. */
public enum CropRule implements Rule {
    CROP_NOWHERE(
            "Planted where no bed is",
            "A planting stands in the soil of a bed that is there while it grows.",
            "geometry"),
    CROP_TWICE(
            "Two crops in the same soil",
            "One crop grows in a piece of soil at a time, unless one is sown between the plants of the other.",
            "common practice"),
    CROP_CROWDED(
            "Planted too closely",
            "Plants of a crop stand no closer than tables say.",
            "planting tables of extension services (from memory)"),
    CROP_UNRIPE(
            "Cleared before it is ripe",
            "A crop stays in the bed until it can be harvested, counted from the quickest varieties.",
            "planting tables of extension services (from memory)");

    private final Text text;

    CropRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.CROPS;
    }

    @Override
    public Text text() {
        return text;
    }
}
