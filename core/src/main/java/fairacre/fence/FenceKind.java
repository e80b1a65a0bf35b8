package fairacre.fence;

import fairacre.measure.Length;
import fairacre.measure.Units;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * What is hung between the posts of a fence, with how far the posts may stand apart (common practice) and in which
 * rolls it is sold (common practice).
 */
public enum FenceKind {
    WELDED_MESH(
            "Welded mesh, 2 x 4 in (50 x 100 mm)",
            "Stiff and easy to put up; young rabbits slip through it.",
            2,
            8,
            false,
            false,
            12,
            Rolls.of(new double[] {3, 4, 5, 6}, 50, new double[] {1, 1.2, 1.5, 1.8}, 15)),
    RABBIT_NETTING(
            "Hexagonal netting, 1 in (25 mm)",
            "Keeps rabbits out and tears under a dog or a deer.",
            1,
            8,
            false,
            false,
            8,
            Rolls.of(new double[] {2, 3, 4, 6}, 50, new double[] {0.6, 0.9, 1.2, 1.8}, 25)),
    WOVEN_WIRE(
            "Woven wire, 2 x 4 in (50 x 100 mm), stretched",
            "Lasts and spans far; it wants braced corners and a helper to stretch it.",
            2,
            12,
            true,
            false,
            20,
            Rolls.of(new double[] {4, 5, 6, 8}, 100, new double[] {1.2, 1.5, 1.8, 2.4}, 50)),
    FIELD_FENCE(
            "Field fence, 6 in (150 mm), stretched",
            "The cheapest high fence for a long line; nothing small is kept out.",
            6,
            15,
            true,
            true,
            20,
            Rolls.of(new double[] {4, 8}, 330, new double[] {1.2, 2}, 100)),
    DEER_NET(
            "Deer net of plastic, 1 3/4 in (45 mm)",
            "Light and hardly seen; rabbits gnaw through it and falling branches tear it.",
            1.75,
            8,
            false,
            false,
            7,
            Rolls.of(new double[] {6, 7.5, 8}, 100, new double[] {1.8, 2, 2.4}, 50)),
    BOARDS(
            "Upright boards, side by side",
            "Nothing looks or slips through; it shades, the wind tumbles over it and pulls at its posts.",
            0.25,
            8,
            false,
            false,
            15,
            Rolls.NONE),
    PICKETS(
            "Upright boards with gaps of 2 in (50 mm)",
            "Lets some wind through and shelters better than a closed one; young rabbits slip through.",
            2,
            8,
            false,
            false,
            15,
            Rolls.NONE),
    STRINGS(
            "Three strings on canes, for one season",
            "Costs next to nothing; deer learn in a season that it is only string.",
            18,
            6,
            false,
            false,
            1,
            Rolls.NONE);

    /** At what heights the strings of a deer fence for one season hang, inches (common practice). */
    private static final List<Double> STRINGS_AT = List.of(18.0, 36.0, 54.0);

    private final String label;
    private final String remark;
    private final Length opening;
    private final Length span;
    private final boolean tensioned;
    private final boolean climbable;
    private final int years;
    private final Rolls rolls;

    /** Rolls by their heights and the length of one, as they are sold in feet and in metres. */
    private record Rolls(List<Length> inFeet, Length feet, List<Length> inMetres, Length metres) {

        static final Rolls NONE = of(new double[] {}, 0, new double[] {}, 0);

        static Rolls of(double[] feetHigh, double feetLong, double[] metresHigh, double metresLong) {
            return new Rolls(
                    DoubleStream.of(feetHigh).mapToObj(Length::feet).toList(),
                    Length.feet(feetLong),
                    DoubleStream.of(metresHigh).mapToObj(Length::metres).toList(),
                    Length.metres(metresLong));
        }
    }

    FenceKind(
            String label,
            String remark,
            double openingInches,
            double spanFeet,
            boolean tensioned,
            boolean climbable,
            int years,
            Rolls rolls) {
        this.label = label;
        this.remark = remark;
        this.opening = Length.inches(openingInches);
        this.span = Length.feet(spanFeet);
        this.tensioned = tensioned;
        this.climbable = climbable;
        this.years = years;
        this.rolls = rolls;
    }

    public String label() {
        return label;
    }

    /** One honest sentence. */
    public String remark() {
        return remark;
    }

    /** Clear width of an opening: of a mesh that is not square, the narrower side. */
    public Length opening() {
        return opening;
    }

    /** How far apart its posts may stand. */
    public Length span() {
        return span;
    }

    /** Whether it is stretched from corner to corner, so that corners have to be braced. */
    public boolean tensioned() {
        return tensioned;
    }

    /** What a square metre of it weighs, kilograms (from memory); boards are reckoned piece by piece. */
    double mass() {
        return switch (this) {
            case WELDED_MESH -> 0.8;
            case RABBIT_NETTING -> 0.5;
            case WOVEN_WIRE -> 1.2;
            case FIELD_FENCE -> 0.6;
            case DEER_NET -> 0.1;
            case BOARDS, PICKETS, STRINGS -> 0;
        };
    }

    /**
     * What share of the light it takes, seen square to it: of mesh from memory, of pickets board over board and gap
     * (derived).
     */
    public double shade() {
        return switch (this) {
            case WELDED_MESH -> 0.06;
            case RABBIT_NETTING -> 0.08;
            case WOVEN_WIRE -> 0.07;
            case FIELD_FENCE -> 0.03;
            case DEER_NET -> 0.05;
            case BOARDS -> 1;
            case PICKETS -> 5.5 / 7.5;
            case STRINGS -> 0;
        };
    }

    /** Whether its openings are footholds. */
    public boolean climbable() {
        return climbable;
    }

    /** How long it lasts outdoors (common practice, a middling figure). */
    public int years() {
        return years;
    }

    /** Heights of its rolls, lowest first; none for what is not sold in rolls. */
    public List<Length> rollHeights(Units units) {
        return units == Units.METRIC ? rolls.inMetres : rolls.inFeet;
    }

    /** Length of one roll. */
    public Length rollLength(Units units) {
        return units == Units.METRIC ? rolls.metres : rolls.feet;
    }

    /** Whether it is sold in rolls of mesh. */
    public boolean meshed() {
        return !rolls.inFeet.isEmpty();
    }

    /** Whether it is made of boards on rails. */
    public boolean boarded() {
        return this == BOARDS || this == PICKETS;
    }

    /** How many strings hang from the ground up to a height; none for mesh. */
    public int strings(Length height) {
        return this == STRINGS
                ? (int) STRINGS_AT.stream()
                        .filter(at -> Length.inches(at).compareTo(height) <= 0)
                        .count()
                : 0;
    }

    /** The height at which such a fence begins to be of use; empty if any will do. */
    Optional<Length> topString() {
        return this == STRINGS ? Optional.of(Length.inches(STRINGS_AT.get(STRINGS_AT.size() - 1))) : Optional.empty();
    }
}
