package fairacre.tunnel;

/** How the feet of a tunnel's bows are held. */
public enum TunnelFooting {
    /** Where a bed has boards at a foot; elsewhere on a stake. */
    BOARDS("Strapped to the beds' boards, elsewhere on stakes"),
    /** Pipes of 2 ft driven in, over which the bows go (common practice). */
    STAKES("On stakes driven into the ground");

    private final String label;

    TunnelFooting(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
