package fairacre.harvest;

/** How much a household wants a crop. */
public enum Want {
    MUST("has to grow"),
    MAY("if there is room"),
    FUN("just for fun"),
    NEVER("not here");

    private final String label;

    Want(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
