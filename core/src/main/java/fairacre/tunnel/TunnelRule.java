package fairacre.tunnel;

import fairacre.judging.Rule;
import fairacre.judging.Step;

/** Rules about walk-in tunnels. The names are stable codes. */
public enum TunnelRule implements Rule {
    TUNNEL_LOW(
            "No headroom in a tunnel",
            "Where one walks in a tunnel the bows leave 6 1/2 ft (1.98 m), or as much as the tallest gardener.",
            "common practice"),
    TUNNEL_AIRLESS(
            "A tunnel without enough air",
            "Under film doors and sides that roll up open at least 15 % of the floor.",
            "common practice: 15 to 20 %"),
    TUNNEL_BENT(
            "Bows bent tighter than they take",
            "Pipe of outside diameter d is stretched by d / 2R on the outside of a bend of radius R.",
            "geometry; what each pipe bears is common practice"),
    TUNNEL_CUTS_BED(
            "A tunnel runs through a bed",
            "A bed lies all within a tunnel or all outside of it, to within 2 in (50 mm).",
            "geometry"),
    TUNNEL_BLOCKED(
            "A tunnel has no room",
            "A tunnel stands on the plot, clear of buildings, trees, walls, fences and other tunnels.",
            "geometry");

    private final Text text;

    TunnelRule(String cause, String rule, String source) {
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
