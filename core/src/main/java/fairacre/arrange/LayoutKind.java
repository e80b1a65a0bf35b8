package fairacre.arrange;

/** Ways to lay out a rectangle. */
public enum LayoutKind {
    ROWS_ACROSS("Rows from left to right"),
    ROWS_UP("Rows from bottom to top"),
    BLOCKS("Blocks with a cross walk"),
    RIM("A rim worked from one side, with an island"),
    U_ROUND("A U round a centre"),
    COMB("A comb whose gaps wheels can enter");

    private final String label;

    LayoutKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
