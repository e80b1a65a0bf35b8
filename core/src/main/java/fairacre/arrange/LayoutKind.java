package fairacre.arrange;

/** Ways to lay out a rectangle. */
public enum LayoutKind {
    ROWS_ACROSS("Rows from left to right"),
    ROWS_UP("Rows from bottom to top"),
    BLOCKS("Blocks with a cross walk"),
    RIM("Rim and island"),
    U_ROUND("U round a centre"),
    COMB("Comb for wheels");

    private final String label;

    LayoutKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
