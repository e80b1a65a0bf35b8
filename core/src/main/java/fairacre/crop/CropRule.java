package fairacre.crop;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about crops. The names are stable codes. */
public enum CropRule implements Rule {
    CROP_NOWHERE(
            "Planted where no bed is",
            "A planting stands in the soil of a bed that is there while it grows.",
            "geometry"),
    CROP_BED_GOES(
            "A perennial in a bed that goes",
            "What lasts for years grows in a bed that stays as long.",
            "common practice"),
    CROP_TWICE(
            "Two crops in the same soil",
            "One crop grows in a piece of soil at a time, unless one is sown between the plants of the other.",
            "common practice"),
    CROP_CROWDED(
            "Planted too closely",
            "Plants of a crop stand no closer than tables say.",
            "planting tables of extension services (from memory)"),
    CROP_EARLY(
            "Planted before the last frost",
            "What bears no frost stands in the open once the last frost has come in nine years of ten; what bears a"
                    + " light frost, once winter is over. Under fleece it goes out two weeks earlier, under clear film or"
                    + " panes four.",
            "common practice"),
    CROP_COLD_SOIL(
            "Sown in cold soil",
            "Seed and tubers go into soil that is warm enough for them to come up, by the mean temperature of the air.",
            "tables of germination by Harrington and Minges, 1954 (from memory); FAO-56 for the soil"),
    CROP_LATE(
            "Ripe after the frost",
            "A crop is ripe before frost ends its growth: counted back from the first frost, with two weeks more for the"
                    + " short days. What bears frost grows four weeks longer.",
            "common practice"),
    CROP_BARE(
            "Soil that lies bare",
            "No soil lies bare for more than four weeks without frost: weeds come, and rain washes it out. Something"
                    + " follows, or a green manure covers it.",
            "common practice"),
    SEED_SHORT(
            "Too little seed of one's own",
            "Seed that can't be bought again is enough for what is sown of it, with a tenth more and those that don't"
                    + " come up.",
            "common practice; how long seed keeps by Knott's Handbook for Vegetable Growers (from memory)"),
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
