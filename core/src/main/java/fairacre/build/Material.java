package fairacre.build;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.util.List;

/**
 * What a frame is made of, with the years it lasts in the ground (common practice; a range, because climate and soil
 * decide), what it weighs and how stiff it is wet (wood handbook, from memory: middles of the usual ranges) and one
 * honest sentence for and against. A gardener can add kinds with {@link #own}.
 */
public final class Material extends Kind<Material> {

    public static final Material SOFTWOOD = new Material(
            "softwood",
            "Untreated pine or fir",
            1,
            5,
            450,
            850,
            8,
            "The cheapest start, and the first to rot: reckon the cost per year.");
    public static final Material CEDAR = new Material(
            "cedar", "Cedar or larch", 7, 15, 350, 650, 6.5, "Lasts without treatment; dear, and thin boards warp.");
    public static final Material TREATED = new Material(
            "treated",
            "Pressure-treated, current copper types",
            15,
            25,
            550,
            1050,
            9,
            "Long-lived for its price; studies find little uptake by crops, yet some line it or won't have it.");
    public static final Material HARDWOOD = new Material(
            "hardwood",
            "Oak, black locust or redwood heart",
            15,
            30,
            650,
            1100,
            10,
            "Outlasts the gardener's plans; the dearest per board and hard to drill.");

    private static final List<Material> ALL = List.of(SOFTWOOD, CEDAR, TREATED, HARDWOOD);

    /** Steel. */
    private static final int HEAVIEST = 8000;

    private static final int LONGEST_LIFE = 200;
    private static final double STIFFEST = 250;
    private static final double SLACKEST = 0.05;
    private static final int LONGEST_REMARK = 200;

    private final int leastYears;
    private final int mostYears;
    private final int leastDensity;
    private final int mostDensity;
    private final double stiffness;
    private final String remark;

    private Material(
            String key,
            String label,
            int leastYears,
            int mostYears,
            int leastDensity,
            int mostDensity,
            double stiffness,
            String remark) {
        super(key, label);
        this.leastYears = leastYears;
        this.mostYears = mostYears;
        this.leastDensity = leastDensity;
        this.mostDensity = mostDensity;
        this.stiffness = stiffness;
        this.remark = remark;
    }

    /**
     * A kind of the gardener's own.
     *
     * @param leastYears of life in the ground, 1 to 200
     * @param mostYears not less than {@code leastYears}, up to 200
     * @param leastDensity kilograms to the cubic metre, dry, 10 to 8 000
     * @param mostDensity wet, not less than {@code leastDensity}
     * @param stiffness modulus of elasticity when wet, GPa, 0.05 to 250
     * @param remark what the gardener wants to keep in mind, up to 200 characters, may be empty
     * @throws RefusedException at the field that is out of range
     */
    public static Material own(
            String name,
            int leastYears,
            int mostYears,
            int leastDensity,
            int mostDensity,
            double stiffness,
            String remark) {
        String label = Limits.name(name, "name");
        Limits.between(leastYears, 1, LONGEST_LIFE, "leastYears");
        Limits.between(mostYears, leastYears, LONGEST_LIFE, "mostYears");
        Limits.between(leastDensity, 10, HEAVIEST, "leastDensity");
        Limits.between(mostDensity, leastDensity, HEAVIEST, "mostDensity");
        Limits.between(stiffness, SLACKEST, STIFFEST, "stiffness");
        String note = remark == null ? "" : remark.strip();
        if (note.length() > LONGEST_REMARK) {
            throw new RefusedException(
                    "remark", "it has " + note.length() + " characters", "write at most " + LONGEST_REMARK);
        }
        return new Material(
                OwnKey.of(label, leastYears, mostYears, leastDensity, mostDensity, stiffness, note),
                label,
                leastYears,
                mostYears,
                leastDensity,
                mostDensity,
                stiffness,
                note);
    }

    @Override
    protected List<Material> known() {
        return ALL;
    }

    /** Those that every garden knows. */
    public static List<Material> values() {
        return ALL;
    }

    public int leastYears() {
        return leastYears;
    }

    public int mostYears() {
        return mostYears;
    }

    /** Kilograms to the cubic metre, air-dry. */
    public int leastDensity() {
        return leastDensity;
    }

    /** Kilograms to the cubic metre, wet; fresh treated boards drip. */
    public int mostDensity() {
        return mostDensity;
    }

    /** Modulus of elasticity when wet, GPa. */
    public double stiffness() {
        return stiffness;
    }

    public String remark() {
        return remark;
    }

    /** @throws RefusedException if there is no such material */
    public static Material of(String key) {
        if (OwnKey.is(key)) {
            OwnKey own = OwnKey.read(key);
            return own(own.text(), own.whole(), own.whole(), own.whole(), own.whole(), own.number(), own.text());
        }
        return ALL.stream()
                .filter(m -> m.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "",
                        "there is no material \"" + key + "\"",
                        "give one of " + ALL.stream().map(Material::key).toList()));
    }
}
