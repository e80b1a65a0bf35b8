package fairacre.catalogue;

/** How the plants of a planting come into the bed. */
public enum Raising {
    SOWN("sown in the bed"),
    RAISED("raised indoors from seed, planted out"),
    BOUGHT("bought as young plants");

    private final String label;

    Raising(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
