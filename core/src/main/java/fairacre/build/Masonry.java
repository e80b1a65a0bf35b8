package fairacre.build;

import fairacre.measure.Length;

/**
 * What a bed is walled with instead of boards. Sizes with a mortar joint of 3/8 in: blocks of nominal 8 x 8 x 16 in
 * take 1.125 to the square foot, modular bricks laid as a single leaf 6.75 (masonry handbooks, from memory). Dry-laid
 * stone a foot thick weighs about 1.8 tonnes to the cubic metre with its gaps (from memory). Waste: common practice.
 */
public enum Masonry {
    BLOCK(
            "block",
            "Concrete blocks",
            Length.inches(7.625),
            Length.inches(8),
            1.125 / 0.09290304,
            5,
            12,
            30,
            60,
            13,
            17,
            "Quick, heavy and plain; takes reach and ground, and wants a footing."),
    BRICK(
            "brick",
            "Bricks, a single leaf",
            Length.inches(3.625),
            Length.inches(8.0 / 3),
            6.75 / 0.09290304,
            5,
            36,
            30,
            60,
            2,
            3,
            "Slim and handsome; low walls only, on a footing, with frost-proof bricks."),
    STONE(
            "stone",
            "Stone, laid dry",
            Length.inches(12),
            Length.inches(6),
            1.8 * 0.3048,
            10,
            0,
            50,
            100,
            10,
            30,
            "Drains by itself and needs no mortar; slow to lay, and the thickest of all.");

    private final String key;
    private final String label;
    private final Length thickness;
    private final Length course;
    private final double perSquareMetre;
    private final int wastePercent;
    private final int perBag;
    private final int leastYears;
    private final int mostYears;
    private final int leastKilograms;
    private final int mostKilograms;
    private final String remark;

    Masonry(
            String key,
            String label,
            Length thickness,
            Length course,
            double perSquareMetre,
            int wastePercent,
            int perBag,
            int leastYears,
            int mostYears,
            int leastKilograms,
            int mostKilograms,
            String remark) {
        this.key = key;
        this.label = label;
        this.thickness = thickness;
        this.course = course;
        this.perSquareMetre = perSquareMetre;
        this.wastePercent = wastePercent;
        this.perBag = perBag;
        this.leastYears = leastYears;
        this.mostYears = mostYears;
        this.leastKilograms = leastKilograms;
        this.mostKilograms = mostKilograms;
        this.remark = remark;
    }

    /** Begins the key of its price: {@code wall/block}. */
    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    public Length thickness() {
        return thickness;
    }

    /** Height of a course with its joint. */
    public Length course() {
        return course;
    }

    /** Pieces to a square metre of the wall's face; of stone, tonnes. */
    public double perSquareMetre() {
        return perSquareMetre;
    }

    /** Per cent that are ordered for breakage and cuts. */
    public int wastePercent() {
        return wastePercent;
    }

    /** How many are laid with a bag of 80 lb (36 kg) of mortar; 0 for what is laid dry. */
    public int perBag() {
        return perBag;
    }

    /** Whether a wall of it holds ground back: a single leaf of bricks does not (common practice). */
    public boolean retains() {
        return this != BRICK;
    }

    public int leastYears() {
        return leastYears;
    }

    public int mostYears() {
        return mostYears;
    }

    /** Of one that is lifted into its place: from memory. */
    public int leastKilograms() {
        return leastKilograms;
    }

    public int mostKilograms() {
        return mostKilograms;
    }

    public String remark() {
        return remark;
    }
}
