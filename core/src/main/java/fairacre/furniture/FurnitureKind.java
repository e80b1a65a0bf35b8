package fairacre.furniture;

import fairacre.measure.Length;
import fairacre.measure.Units;

/** What can be built; sizes to begin with are common practice, in inches and in metres. */
public enum FurnitureKind {
    POTTING_BENCH(
            "Potting bench",
            "A top at the height of a kitchen's, a board behind it and a shelf below for pots.",
            new Usual(48, 24, 36),
            new Usual(1.2, 0.6, 0.9)),
    TABLE("Table", "Four legs and a top.", new Usual(60, 30, 29), new Usual(1.5, 0.75, 0.74)),
    BENCH("Bench", "To sit on: a low table without a back.", new Usual(60, 16, 18), new Usual(1.5, 0.4, 0.45)),
    TOOL_RACK(
            "Tool rack",
            "Two rails on posts in the ground, to hang tools off it head up, dry and in sight.",
            new Usual(72, 6, 66),
            new Usual(1.8, 0.15, 1.7)),
    BARREL_STAND(
            "Barrel stand",
            "Lifts a rain barrel above the can; a full one weighs 220 kg (490 lb), so its feet stand on slabs.",
            new Usual(28, 28, 18),
            new Usual(0.7, 0.7, 0.45)),
    LEAF_BIN(
            "Leaf bin",
            "A ring of mesh on stakes: leaves need air and a year or two, and no turning.",
            new Usual(36, 36, 36),
            new Usual(0.9, 0.9, 0.9)),
    OWN(
            "Something of your own",
            "Its pieces of board and sheet are yours to list; they are cut and bought like all others.",
            new Usual(48, 24, 36),
            new Usual(1.2, 0.6, 0.9));

    private final String label;
    private final String remark;
    private final Usual inches;
    private final Usual metres;

    FurnitureKind(String label, String remark, Usual inches, Usual metres) {
        this.label = label;
        this.remark = remark;
        this.inches = inches;
        this.metres = metres;
    }

    private record Usual(double length, double width, double height) {}

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String remark() {
        return remark;
    }

    public Length length(Units units) {
        return units == Units.METRIC ? Length.metres(metres.length) : Length.inches(inches.length);
    }

    public Length width(Units units) {
        return units == Units.METRIC ? Length.metres(metres.width) : Length.inches(inches.width);
    }

    public Length height(Units units) {
        return units == Units.METRIC ? Length.metres(metres.height) : Length.inches(inches.height);
    }

    /** Whether it stands on four legs under a top. */
    boolean onLegs() {
        return this == POTTING_BENCH || this == TABLE || this == BENCH || this == BARREL_STAND;
    }
}
