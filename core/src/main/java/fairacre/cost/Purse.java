package fairacre.cost;

import fairacre.bill.Bill;
import org.joda.money.Money;

/**
 * How the plan stands against the budget.
 *
 * @param planned sum of the bill over all seasons
 * @param held the contingency
 * @param left budget less what is paid, ordered and still to be bought, so without receipts less {@code planned};
 *     negative when it is overdrawn
 * @param kept the part of {@code planned} that is for what remains when the garden is done, tools for instance
 * @param saved what the things that come free would have cost
 * @param unpriced lines of the bill without a price, which {@code planned} leaves out
 */
public record Purse(
        Money budget, Money held, Money planned, Money left, Money kept, Money saved, State state, int unpriced) {

    /** From comfortable to overdrawn. */
    public enum State {
        WITHIN,
        INTO_CONTINGENCY,
        OVERDRAWN;

        /** How it stands with what is left of a budget of which some is held back. */
        public static State of(Money left, Money held) {
            return left.isNegative() ? OVERDRAWN : left.isLessThan(held) ? INTO_CONTINGENCY : WITHIN;
        }
    }

    /** The same with so much left of the budget. */
    public Purse leaving(Money rest) {
        return new Purse(budget, held, planned, rest, kept, saved, State.of(rest, held), unpriced);
    }

    static Purse of(Money budget, Money held, Bill bill) {
        Money planned = bill.total();
        Money left = budget.minus(planned);
        return new Purse(budget, held, planned, left, bill.kept(), bill.saved(), State.of(left, held), bill.unpriced());
    }
}
