/**
 * Putting beds in order: beds brought in line, spread evenly, mirrored, repeated with a gap, and as many as go into a
 * length.
 *
 * <p>Start at {@link fairacre.arrange.Order}: it says what is to be done, and makes the one change that does it.
 * Whether the outcome is any good is not said there: it is judged as every plan is.
 * {@link fairacre.arrange.ArrangementStudy} drafts whole layouts for a rectangle, has each judged, and keeps those that
 * pass and that no other beats.
 */
package fairacre.arrange;
