package fairacre.takeoff;

import fairacre.bill.BillPart;

/** What a loose good is wanted for; in this order it takes from what is on hand. */
public enum Use {
    FILL(BillPart.FILL),
    TOP_UP(BillPart.FILL),
    /** On top of the soil. */
    MULCH(BillPart.FILL),
    WALK(BillPart.WALKS),
    DRAIN(BillPart.GROUND),
    /** Round the posts of fences. */
    FENCE(BillPart.FENCE),
    /** Round the posts of trellises. */
    STRUCTURES(BillPart.STRUCTURES);

    private final BillPart part;

    Use(BillPart part) {
        this.part = part;
    }

    /** Whether it becomes the soil of beds. */
    public boolean isSoil() {
        return this == FILL || this == TOP_UP;
    }

    public BillPart part() {
        return part;
    }
}
