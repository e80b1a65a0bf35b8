package fairacre.cost;

import fairacre.bill.Bill;
import org.joda.money.Money;

/**
 * How the plan stands against the budget.
 *
 * @param planned sum of the bill over all seasons
 * @param held the contingency
 * @param paid all receipts together, for things on the bill or not
 * @param ordered and not paid yet
 * @param toCome of the bill, neither bought nor ordered
 * @param left budget less what is paid, ordered and to come; negative when it is overdrawn
 * @param kept the part of {@code planned} that is for what remains when the garden is done, tools for instance
 * @param saved what the things that come free would have cost
 * @param unpriced lines of the bill without a price, which {@code planned} leaves out
 */
public record Purse(
        Money budget,
        Money held,
        Money planned,
        Money paid,
        Money ordered,
        Money toCome,
        Money left,
        Money kept,
        Money saved,
        State state,
        int unpriced) {

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

    /** The same with these receipts and orders, which leave so much of the bill to come. */
    public Purse spending(Money nowPaid, Money nowOrdered, Money rest) {
        return of(budget, held, planned, nowPaid, nowOrdered, rest, kept, saved, unpriced);
    }

    static Purse of(Money budget, Money held, Bill bill) {
        Money planned = bill.total();
        Money nothing = Money.zero(planned.getCurrencyUnit());
        return of(budget, held, planned, nothing, nothing, planned, bill.kept(), bill.saved(), bill.unpriced());
    }

    private static Purse of(
            Money budget,
            Money held,
            Money planned,
            Money paid,
            Money ordered,
            Money toCome,
            Money kept,
            Money saved,
            int unpriced) {
        Money left = budget.minus(paid).minus(ordered).minus(toCome);
        State state = State.of(left, held);
        return new Purse(budget, held, planned, paid, ordered, toCome, left, kept, saved, state, unpriced);
    }
}
