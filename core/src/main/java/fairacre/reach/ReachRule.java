package fairacre.reach;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about what is within reach, and at what height. The names are stable codes. */
public enum ReachRule implements Rule {
    HEIGHT_UNFIT(
            "Rim too low or too high",
            "Somebody seated reaches down to 15 in and up to 48 in above the ground, and sideways over an edge up to 34 in high.",
            "2010 ADA Standards 308.2, 308.3"),
    NO_KNEE_ROOM(
            "No room for knees",
            "A table bed has room for knees if it is clear to 27 in above the ground, 30 in wide and 11 in deep.",
            "2010 ADA Standards 306.3"),
    FITTING_UNFIT(
            "Hangs too low or too high",
            "What somebody seated has to work (taps, valves, hooks) hangs between 15 and 48 in above the ground.",
            "2010 ADA Standards 308.2, 308.3"),
    REACH_NOBODY(
            "Soil that nobody reaches",
            "Every point of a bed has to be within somebody's reach from ground they can be on, without stepping on the soil.",
            "common practice: two-sided beds at most twice the reach wide, one-sided beds once"),
    REACH_GARDENER(
            "Soil out of reach",
            "A bed is everybody's only if everybody reaches all of it.",
            "common practice: reach measured from the outside of the frame"),
    NO_GARDENER("Nobody named who gardens", "Reach and walks can only be judged for somebody.", "common practice");

    private final Text text;

    ReachRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.REACH;
    }

    @Override
    public Text text() {
        return text;
    }
}
