/**
 * Flaws of where beds stand: on each other, off the plot, on what stands or lies there, on a slope. The studies behind
 * them are {@link fairacre.ground}'s.
 */
package fairacre.bed;
