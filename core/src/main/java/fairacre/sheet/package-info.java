/**
 * Parts cut out of whole sheets by guillotine cuts: each cut goes straight through what is left, from edge to edge, as
 * a saw on a rail does it.
 *
 * <p>Start with {@link fairacre.sheet.SheetCutting}. Up to eight parts the cheapest cutting is found and proven
 * ({@code GuillotineBoxes}: every way to cut a set of parts ends in a smallest box, put together of those of two
 * smaller sets). Of more parts a good cutting is found, and a bound is told below which none can be.
 *
 * <p>Nothing is told of the order of cuts on one sheet, nor of grain but whether a part may be turned.
 */
package fairacre.sheet;
