package fairacre.bill;

/** Stages of the work, in the order in which they usually follow each other (common practice). */
public enum Stage {
    CLEARING("Clear the ground"),
    DIGGING("Dig, level and drain"),
    PIPES("Lay pipes and sleeves"),
    BASE("Lay the bases of walks"),
    FRAMES("Build frames and walls"),
    FILL("Fill the beds"),
    SURFACES("Surface the walks"),
    POSTS("Set posts"),
    MESH("Hang mesh, rails and boards"),
    GATES("Hang gates"),
    STRUCTURES("Put up structures and covers"),
    LINES("Lay lines in the beds"),
    PLANTING("Sow and plant"),
    MULCH("Mulch");

    private final String label;

    Stage(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
