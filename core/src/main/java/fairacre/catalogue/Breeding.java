package fairacre.catalogue;

/** How a variety was bred. */
public enum Breeding {
    OPEN_POLLINATED("open-pollinated", "Its own seed comes true, if no other variety flowers near it."),
    HYBRID("hybrid (F1)", "Even and strong in its first year; its own seed does not come true."),
    CLONED("grown from parts of itself", "Tubers, cloves, runners and cuttings are the same plant again.");

    private final String label;
    private final String about;

    Breeding(String label, String about) {
        this.label = label;
        this.about = about;
    }

    public String label() {
        return label;
    }

    public String about() {
        return about;
    }
}
