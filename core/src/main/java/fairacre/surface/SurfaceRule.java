package fairacre.surface;

import fairacre.judging.Rule;

/** Rules about what walks and drains are made of. The names are stable codes. */
public enum SurfaceRule implements Rule {
    NO_DRAIN_BEHIND_WALL(
            "Behind a retaining wall runs a drain of stone with a perforated pipe, never only in front of it:"
                    + " water that stands there pushes it over.",
            "common practice"),
    WALK_RAISES_GROUND(
            "A walk built up on the ground takes height from the beds beside it: dig out first, then lay the base.",
            "common practice"),
    FABRIC_UNDER_STONE("Fabric beneath chippings or fines clogs, shows and makes weeding worse.", "common practice");

    private final Text text;

    SurfaceRule(String rule, String source) {
        this.text = new Text(rule, source);
    }

    @Override
    public Text text() {
        return text;
    }
}
