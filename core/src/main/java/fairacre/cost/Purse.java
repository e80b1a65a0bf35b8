package fairacre.cost;

import org.joda.money.Money;

/**
 * How the plan stands against the budget.
 *
 * @param planned sum of the bill over all seasons
 * @param held the contingency
 * @param left budget less planned; negative when it is overdrawn
 * @param kept the part of {@code planned} that is for what remains when the garden is done, tools for instance
 * @param saved what the things that come free would have cost
 * @param unpriced lines of the bill without a price, which {@code planned} leaves out
 */
public record Purse(Money budget, Money held, Money planned, Money left, Money kept, Money saved, State state, int unpriced) {

    /** From comfortable to overdrawn. */
    public enum State {
        WITHIN,
        INTO_CONTINGENCY,
        OVERDRAWN
    }

    static Purse of(Money budget, Money held, Bill bill) {
        Money planned = bill.total();
        Money left = budget.minus(planned);
        State state = left.isNegative() ? State.OVERDRAWN
                : left.isLessThan(held) ? State.INTO_CONTINGENCY : State.WITHIN;
        return new Purse(budget, held, planned, left, bill.kept(), bill.saved(), state, bill.unpriced());
    }
}
