/**
 * Plans what grows in which bed over several years: what the household eats, where it ripens, and when its family may
 * come back.
 *
 * <p>{@link fairacre.rotation.YearsStudy} gathers all plantings that break no rule, chooses at once by taking the best
 * one after the other ({@link fairacre.rotation.QuickChoice}), and then solves the choice as a whole
 * ({@link fairacre.rotation.SolvedChoice}).
 */
package fairacre.rotation;
