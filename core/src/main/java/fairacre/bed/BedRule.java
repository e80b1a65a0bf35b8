package fairacre.bed;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about where a bed stands. The names are stable codes. */
public enum BedRule implements Rule {
    BED_OVERLAP("Beds on the same ground", "Two beds can't stand on the same ground.", "plane geometry"),
    BED_OFF_PLOT("Bed off the plot", "A bed has to stand on the plot.", "plane geometry"),
    BED_ON_FEATURE(
            "Bed where something else stands", "A bed can't stand where something else stands.", "plane geometry"),
    BED_IN_KEEP_OFF(
            "Bed on ground to be kept off",
            "Nothing is built on a septic field, a well or other ground to be kept off, nor within its setback.",
            "setbacks are local law: ask the authority and a licensed trade"),
    BED_OVER_LINE(
            "Bed over a buried line",
            "Before any digging near a buried cable or pipe it has to be marked by the utility-locating service.",
            "common practice"),
    BED_UNDER_TREE(
            "Bed under a tree",
            "Within the spread of a tree's crown its roots and shade take what the vegetables need.",
            "common practice"),
    BED_ON_SLOPE(
            "Bed not level",
            "A bed has to be level along and across: on a slope one side is dug in, made up with a course, or stepped.",
            "common practice");

    private final Text text;

    BedRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.BEDS;
    }

    @Override
    public Text text() {
        return text;
    }
}
