/**
 * What was paid, and what the garden will have cost: receipts as they lie on the table, and how they stand against the
 * bill.
 *
 * <p>{@link fairacre.ledger.Receipt} spreads discount and tax over its lines to the cent,
 * {@link fairacre.ledger.Forecast} sets what was paid beside what was planned and reckons what is still to come, and
 * {@link fairacre.ledger.ShoppingList} is what of it a season needs, shop by shop. A receipt that doesn't add up is
 * kept as it is, with its difference. An order is a receipt that is still to be paid.
 */
package fairacre.ledger;
