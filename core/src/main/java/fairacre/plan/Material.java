package fairacre.plan;

import java.util.Arrays;

/**
 * What a frame is made of, with the years it lasts in the ground (common practice; a range, because climate and soil
 * decide), what it weighs (wood handbook, from memory) and one honest sentence for and against.
 */
public enum Material {
    SOFTWOOD("softwood", "Untreated pine or fir", 1, 5, 450, 850,
            "The cheapest start, and the first to rot: reckon the cost per year."),
    CEDAR("cedar", "Cedar or larch", 7, 15, 350, 650, "Lasts without treatment; dear, and thin boards warp."),
    TREATED("treated", "Pressure-treated, current copper types", 15, 25, 550, 1050,
            "Long-lived for its price; studies find little uptake by crops, yet some line it or won't have it."),
    HARDWOOD("hardwood", "Oak, black locust or redwood heart", 15, 30, 650, 1100,
            "Outlasts the gardener's plans; the dearest per board and hard to drill.");

    private final String key;
    private final String label;
    private final int leastYears;
    private final int mostYears;
    private final int leastDensity;
    private final int mostDensity;
    private final String remark;

    Material(String key, String label, int leastYears, int mostYears, int leastDensity, int mostDensity, String remark) {
        this.key = key;
        this.label = label;
        this.leastYears = leastYears;
        this.mostYears = mostYears;
        this.leastDensity = leastDensity;
        this.mostDensity = mostDensity;
        this.remark = remark;
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
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

    public String remark() {
        return remark;
    }

    /** @throws RefusedException if there is no such material */
    public static Material of(String key) {
        return Arrays.stream(values()).filter(m -> m.key.equals(key)).findFirst().orElseThrow(() ->
                new RefusedException("", "there is no material \"" + key + "\"",
                        "give one of " + Arrays.stream(values()).map(Material::key).toList()));
    }
}
