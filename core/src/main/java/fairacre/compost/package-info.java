/**
 * Compost bays: boxes in a row that a garden's waste rots in, how much they hold, and how far the beds are from them.
 *
 * <p>On the plot they stand as a feature does: beds and walks keep clear of them, and whoever gardens has to get to
 * them.
 */
package fairacre.compost;
