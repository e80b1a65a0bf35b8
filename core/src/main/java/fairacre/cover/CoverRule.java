package fairacre.cover;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about covers. The names are stable codes. */
public enum CoverRule implements Rule {
    COVER_DOESNT_FIT(
            "Cover doesn't fit the bed",
            "Each side of a cover stands on the wall of its bed: their outside sizes differ by no more than the wall is"
                    + " thick, or by 2 in on a bed without walls.",
            "geometry; without walls an estimate of our own"),
    COVER_TWICE(
            "Two covers on one bed",
            "One cover stands on a bed at a time, and no sheet lies over hoops there.",
            "common practice"),
    COVER_NO_SHEET(
            "No sheet is large enough",
            "Every part of a cover is cut from a sheet on sale; flutes run down the slope.",
            "geometry; sizes on sale are common practice"),
    COVER_HEAVY(
            "Section too heavy for one",
            "One person lifts a section: it weighs 23 kg at most.",
            "NIOSH, revised lifting equation, load constant (from memory)"),
    COVER_TURNED_AWAY(
            "Lid looks away from the sun",
            "The low side of a cold frame looks within 60 degrees of where the sun stands at noon.",
            "common practice");

    private final Text text;

    CoverRule(String cause, String rule, String source) {
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
