package fairacre.trellis;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about trellises. The names are stable codes. */
public enum TrellisRule implements Rule {
    TRELLIS_OFF_BED(
            "Trellis beside no soil",
            "A trellis stands in the soil of a bed or within a foot of it, so that what grows there climbs it.",
            "common practice"),
    TRELLIS_POST_WEAK(
            "Posts of a trellis too weak",
            "In full leaf the posts of a trellis bear the wind of its place without bending, and are long enough to"
                    + " hold in soft ground.",
            "ASCE 7 for the wind, International Building Code 1807.3.2.1 for the depth, from memory"),
    TRELLIS_OVERLOADED(
            "More crop than a trellis holds",
            "In full crop a net or wires, which sag by a twentieth of a span, don't bend the posts at the ends of a"
                    + " trellis or pull them out of soft ground.",
            "statics of a hanging line; International Building Code 1807.3.2.1, from memory; what hangs is a guess"),
    TRELLIS_CANE_SHORT(
            "Canes too short for a teepee",
            "Canes reach from a foot below the ground to the top of their teepee.",
            "geometry; lengths on sale are common practice");

    private final Text text;

    TrellisRule(String cause, String rule, String source) {
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
