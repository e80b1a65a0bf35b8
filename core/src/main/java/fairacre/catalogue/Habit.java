package fairacre.catalogue;

/** How a crop grows. */
public enum Habit {
    BUSH("stands by itself"),
    CLIMBER("climbs"),
    SPRAWLER("sprawls");

    private final String label;

    Habit(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
