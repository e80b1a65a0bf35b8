package fairacre.takeoff;

import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.goods.BulkGood;

/** What a loose good is wanted for; in this order it takes from what is on hand. */
public enum Use {
    FILL(BillPart.FILL, Stage.FILL),
    TOP_UP(BillPart.FILL, Stage.FILL),
    /** On top of the soil. */
    MULCH(BillPart.FILL, Stage.MULCH),
    WALK(BillPart.WALKS, Stage.SURFACES),
    DRAIN(BillPart.GROUND, Stage.DIGGING),
    /** Round the posts of fences. */
    FENCE(BillPart.FENCE, Stage.POSTS),
    /** Round the posts of trellises. */
    STRUCTURES(BillPart.STRUCTURES, Stage.STRUCTURES);

    private final BillPart part;
    private final Stage stage;

    Use(BillPart part, Stage stage) {
        this.part = part;
        this.stage = stage;
    }

    /** At which it is carried: the base of a walk is carried before its surface. */
    public Stage carried(BulkGood good) {
        return this == WALK && good == BulkGood.BASE ? Stage.BASE : stage;
    }

    /** Whether it becomes the soil of beds. */
    public boolean isSoil() {
        return this == FILL || this == TOP_UP;
    }

    public BillPart part() {
        return part;
    }
}
