package fairacre.surface;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about what walks and drains are made of. The names are stable codes. */
public enum SurfaceRule implements Rule {
    NO_DRAIN_BEHIND_WALL(
            "Wall without a drain behind it",
            "Behind a retaining wall runs a drain of stone with a perforated pipe, never only in front of it:"
                    + " water that stands there pushes it over.",
            "common practice"),
    WALK_RAISES_GROUND(
            "Walk built up beside beds",
            "A walk built up on the ground takes height from the beds beside it: dig out first, then lay the base.",
            "common practice"),
    FABRIC_UNDER_STONE(
            "Fabric beneath stone",
            "Fabric beneath chippings or fines clogs, shows and makes weeding worse.",
            "common practice");

    private final Text text;

    SurfaceRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return this == NO_DRAIN_BEHIND_WALL ? Step.GROUND : Step.REACH;
    }

    @Override
    public Text text() {
        return text;
    }
}
