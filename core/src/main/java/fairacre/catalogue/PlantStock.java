package fairacre.catalogue;

/** What a crop is grown from. */
public enum PlantStock {
    SEED("seed", 1),
    /** Small bulbs or cloves. */
    SETS("sets or cloves", 50),
    TUBERS("tubers", 40),
    /** Of perennials; also runners and rooted cuttings. */
    CROWNS("crowns or rooted plants", 1),
    BUSHES("bushes", 1);

    private final String label;
    private final int toTheNet;

    PlantStock(String label, int toTheNet) {
        this.label = label;
        this.toTheNet = toTheNet;
    }

    public String label() {
        return label;
    }

    /** So many are sold together; of seed the crop says how many (sizes on sale: common practice). */
    public int toTheNet() {
        return toTheNet;
    }
}
