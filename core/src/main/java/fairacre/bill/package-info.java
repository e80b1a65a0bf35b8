/**
 * What is bought and at which prices: items, the price book, what shops asked, budget and bill. Each part of the trade
 * brings its own list of items ({@link fairacre.bill.PriceList}).
 */
package fairacre.bill;
