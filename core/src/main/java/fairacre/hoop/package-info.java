/**
 * Hoops over beds: bows of bent pipe that carry a sheet, as a low tunnel.
 *
 * <p>A {@link fairacre.hoop.HoopSet} is bought once and stands over other beds in other seasons. All its bows are cut
 * to one length, so over a narrower bed they rise higher. A {@link fairacre.hoop.Bow} is the middle line of one bow:
 * its span, rise, length and tightest bend, by {@link fairacre.hoop.BowForm}. Start with
 * {@link fairacre.hoop.HoopStudy}.
 *
 * <p>Nothing is told of what wind and snow a tunnel bears: that is for the maker's table and the local code.
 */
package fairacre.hoop;
