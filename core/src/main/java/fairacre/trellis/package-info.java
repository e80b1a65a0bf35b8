/**
 * Trellises: nets, wires or panels on posts, stakes cut from panels, A-frames and teepees, along a line in or beside a
 * bed.
 *
 * <p>A {@link fairacre.trellis.Trellis} stands on the plot as a feature that nobody reaches through; a
 * {@code TrellisFrame} says what it is put together of, and study, snags and take-off ask it. Posts are those of fences
 * ({@link fairacre.fence.PushedPost}), held against the wind of the place. Start with
 * {@link fairacre.trellis.TrellisStudy}; {@link fairacre.trellis.NewTrellises} finds the side of a bed on which one
 * takes least sun.
 *
 * <p>What a full crop weighs is not counted: the wind on its leaves is.
 */
package fairacre.trellis;
