package fairacre.catalogue;

/** What a crop takes from the soil. */
public enum Feeding {
    HEAVY("takes much"),
    MIDDLE("takes some"),
    LIGHT("takes little"),
    GIVER("gives nitrogen or green matter");

    private final String label;

    Feeding(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
