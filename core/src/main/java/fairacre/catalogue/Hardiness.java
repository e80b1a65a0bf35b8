package fairacre.catalogue;

/** What cold a crop bears. */
public enum Hardiness {
    HARDY("bears frost"),
    HALF_HARDY("bears a light frost"),
    TENDER("bears no frost");

    private final String label;

    Hardiness(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
