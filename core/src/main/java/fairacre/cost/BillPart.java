package fairacre.cost;

/** Part of the work that a line of the bill belongs to. */
public enum BillPart {
    FRAMES,
    FILL
}
