/**
 * Fences: what they keep out, where their posts stand, and what they take.
 *
 * <p>A fence is a line on the plot or along its edge. Ways in open it by themselves ({@link fairacre.shape.FenceLine});
 * what is left is parted at corners, ends and gates into <em>sides</em>, and each side is divided evenly into
 * <em>spans</em> ({@link fairacre.fence.Spans}). {@link fairacre.fence.FenceStudy} is where to begin: it tells the
 * posts of each fence, and for each pest which the garden names what stops it and where there is a hole.
 *
 * <p>Whether a bed is kept from a pest is a question of the ground: everything that holds against the pest is drawn as
 * thick as the gap that the pest still gets through, and what lies in a hole of that is out of its reach. House, shed
 * and walls are part of a ring; a hedge is not, and a fence of which nobody told more than its line is not trusted.
 *
 * <p>What an animal jumps, slips through and digs under is common practice, not measured.
 */
package fairacre.fence;
