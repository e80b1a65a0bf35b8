/**
 * Edits of gardens: read, apply, keep, log, in one transaction; and the judgement of edits that are not kept.
 *
 * <p>{@link fairacre.server.garden.GardenService} is the entry.
 */
package fairacre.server.garden;
