package fairacre.plan;

/** A way of getting rid of what grows there. */
public enum Clearing {
    NOTHING,
    SHEET_MULCH,
    TARPAULIN,
    LIFT_TURF,
    TILL_ONCE
}
