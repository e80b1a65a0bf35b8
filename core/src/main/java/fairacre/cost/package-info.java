/**
 * From quantities to money: the bill of what has to be bought over all seasons, and how it stands against the budget.
 *
 * <p>{@link fairacre.cost.CostStudy} takes the quantities off the plan season by season and prices them from the plan's
 * price book. {@link fairacre.bill.StartingPrices} fills the price book of a new garden with guesses. Every line is
 * rounded half up to the currency's minor unit, and totals add the rounded lines. What no drawing shows is put down by
 * the gardener and stands on the same bill. What was paid is treated in {@code fairacre.ledger}.
 */
package fairacre.cost;
