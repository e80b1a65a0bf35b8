package fairacre.build;

/** What boards are fastened with, by the box: coated or stainless, never plain steel (common practice). */
public enum Fastener {
    SHORT_SCREW("screw-50mm", "Deck screws 50 mm (2 in)", 100),
    LONG_SCREW("screw-75mm", "Deck screws 75 mm (3 in)", 100),
    COACH_SCREW("coach-screw-150mm", "Coach screws 150 mm (6 in)", 10),
    /** Driven through courses of posts, or through the lowest into the ground. */
    PIN("pin-600mm", "Reinforcing-bar pins 600 mm (2 ft)", 10);

    private final String key;
    private final String label;
    private final int box;

    Fastener(String key, String label, int box) {
        this.key = key;
        this.label = label;
        this.box = box;
    }

    public String key() {
        return key;
    }

    public String label() {
        return label;
    }

    /** How many there are in a box. */
    public int box() {
        return box;
    }
}
