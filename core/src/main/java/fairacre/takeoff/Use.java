package fairacre.takeoff;

import fairacre.bill.BillPart;

/** What a loose good is wanted for; in this order it takes from what is on hand. */
public enum Use {
    FILL(BillPart.FILL),
    TOP_UP(BillPart.FILL),
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

    public BillPart part() {
        return part;
    }
}
