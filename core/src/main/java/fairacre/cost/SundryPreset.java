package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillPart;

/**
 * What is commonly forgotten, since no drawing shows it: a name to begin with, the part of the work, and how it is come
 * by.
 */
public enum SundryPreset {
    SKIP("Skip", BillPart.GROUND, Acquired.BOUGHT),
    HIRE("Tool hire", BillPart.GROUND, Acquired.BOUGHT),
    IRONWARE("Brackets and small ironware", BillPart.FRAMES, Acquired.BOUGHT),
    DELIVERY("Delivery", BillPart.FILL, Acquired.BOUGHT),
    GATE("Gate by a joiner", BillPart.FENCE, Acquired.BOUGHT),
    TOOLS("Tools", BillPart.TOOLS, Acquired.KEPT),
    SEEDS("Seeds and plants", BillPart.OTHER, Acquired.BOUGHT),
    FURNITURE("Bench or table", BillPart.OTHER, Acquired.KEPT),
    FEE("Fee or permit", BillPart.OTHER, Acquired.BOUGHT),
    SALVAGED("Salvaged or given", BillPart.OTHER, Acquired.FREE),
    OWN_WORK("Own work, hours", BillPart.OTHER, Acquired.FREE);

    private final String label;
    private final BillPart part;
    private final Acquired acquired;

    SundryPreset(String label, BillPart part, Acquired acquired) {
        this.label = label;
        this.part = part;
        this.acquired = acquired;
    }

    public String label() {
        return label;
    }

    public BillPart part() {
        return part;
    }

    public Acquired acquired() {
        return acquired;
    }
}
