package fairacre.bill;

/** Part of the work that a line of the bill belongs to, in the order of the work. */
public enum BillPart {
    GROUND,
    FRAMES,
    WALKS,
    FILL,
    WATER,
    FENCE,
    /** What stands on or over beds. */
    STRUCTURES,
    /** Seed and young plants. */
    CROPS,
    TOOLS,
    OTHER
}
