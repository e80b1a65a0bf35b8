package fairacre.ledger;

import fairacre.limits.Limits;

/**
 * A receipt as it stands in a ledger.
 *
 * @param takenBack whether a later entry takes it back
 */
public record Entry(Receipt receipt, boolean takenBack) {

    public Entry {
        Limits.present(receipt, "receipt");
    }
}
