package fairacre.ground;

import fairacre.measure.Length;
import fairacre.plan.FeatureKind;

/** What may stand on a plot, with the sizes to begin with and the caution to show; sizes are common practice. */
public enum FeaturePreset {
    HOUSE(FeatureKind.HOUSE, "House", 0, 0, ""),
    SHED(FeatureKind.SHED, "Shed", 0, 0, ""),
    COMPOST(
            FeatureKind.COMPOST,
            "Compost",
            0,
            0,
            "A heap that lies there. Bays to be built are under Sun & structures, with what they hold and cost."),
    BENCH(FeatureKind.BENCH, "Bench", 0, 0, ""),
    WALL(FeatureKind.WALL, "Wall", 9, 0, ""),
    RETAINING_WALL(
            FeatureKind.RETAINING_WALL,
            "Retaining wall",
            9,
            0,
            "Over about 4 ft (1.2 m) local code and a licensed designer decide. Water behind it pushes: "
                    + "it needs a drain on the side it holds back."),
    DRAIN(
            FeatureKind.DRAIN,
            "Drain (stone with a pipe)",
            12,
            0,
            "It falls at least 1 in 100 to where its water may go; where that is, local code says. "
                    + "Have buried lines marked before you dig."),
    FENCE(FeatureKind.FENCE, "Fence", 2, 0, ""),
    HEDGE(FeatureKind.HEDGE, "Hedge", 24, 0, ""),
    TRELLIS(
            FeatureKind.TRELLIS,
            "Trellis",
            1,
            0,
            "One that stands there. A trellis to be built is drawn under Sun & structures, with its posts and its cost."),
    TUNNEL(
            FeatureKind.TUNNEL,
            "Side of a tunnel",
            2,
            0,
            "Of one that stands there. A walk-in tunnel to be built is under Sun & structures, with its bows and its cost."),
    TREE(FeatureKind.TREE, "Tree", 10, 96, ""),
    SLAB(FeatureKind.SLAB, "Slab or terrace", 0, 0, ""),
    STEPS(FeatureKind.STEPS, "Steps", 0, 0, ""),
    KEEP_OFF(
            FeatureKind.KEEP_OFF,
            "Keep-off ground (septic field, well)",
            0,
            120,
            "Setbacks from septic fields and wells are local law: enter the figure you were given."),
    BURIED_LINE(
            FeatureKind.BURIED_LINE,
            "Buried line",
            0,
            24,
            "Before any digging have buried lines marked by the utility-locating service. Electricity and gas: a licensed trade decides."),
    TAP(FeatureKind.TAP, "Tap", 0, 0, ""),
    VALVE(FeatureKind.VALVE, "Valve", 0, 0, ""),
    HOOK(FeatureKind.HOOK, "Hook", 0, 0, ""),
    DOWNSPOUT(FeatureKind.DOWNSPOUT, "Downspout", 0, 0, ""),
    DOOR(FeatureKind.DOOR, "Door", 36, 0, ""),
    WINDOW(FeatureKind.WINDOW, "Window", 48, 0, "");

    private final FeatureKind kind;
    private final String label;
    private final Length breadth;
    private final Length margin;
    private final String caution;

    FeaturePreset(FeatureKind kind, String label, double breadthInches, double marginInches, String caution) {
        this.kind = kind;
        this.label = label;
        this.breadth = Length.inches(breadthInches);
        this.margin = Length.inches(marginInches);
        this.caution = caution;
    }

    public FeatureKind kind() {
        return kind;
    }

    public String label() {
        return label;
    }

    public Length breadth() {
        return breadth;
    }

    public Length margin() {
        return margin;
    }

    public String caution() {
        return caution;
    }
}
