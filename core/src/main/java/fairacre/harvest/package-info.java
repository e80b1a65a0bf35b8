/**
 * What a household eats, and whether the beds give enough of it over the year.
 *
 * <p>{@link fairacre.harvest.HarvestStudy} sums up what the plantings give and follows it day by day until it is eaten
 * or keeps no longer.
 */
package fairacre.harvest;
