package fairacre.bill;

/** How something is come by that is not taken off the plan. */
public enum Acquired {

    /** Bought, hired or paid for, and used up by the garden. */
    BOUGHT,

    /**
     * Bought and kept when the garden is done, as tools are: paid from the budget, and shown apart from the garden's
     * cost.
     */
    KEPT,

    /** Salvaged, a gift or own work: costs nothing, and its price is what it saves. */
    FREE
}
