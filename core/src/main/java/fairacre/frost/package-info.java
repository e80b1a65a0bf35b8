/**
 * When it freezes where a garden is, and how warm the soil is.
 *
 * <p>{@link fairacre.frost.FrostDates} is what a gardener notes of it, a kind of thing of the plan;
 * {@link fairacre.frost.FrostCalendar} goes by it, by the normals of the weather ({@link fairacre.frost.WarmthSource})
 * or by a guess.
 */
package fairacre.frost;
