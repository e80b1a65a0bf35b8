/**
 * From quantities to money: the bill of what has to be bought over all seasons, and how it stands against the budget.
 *
 * <p>{@link fairacre.cost.CostStudy} takes the quantities off the plan season by season and prices them from the plan's price
 * book. {@link fairacre.cost.StartingPrices} fills the price book of a new garden with guesses. Every line is rounded half up to the
 * currency's minor unit, and totals add the rounded lines. Receipts and other parts of the work are not treated here yet.
 */
package fairacre.cost;
