/**
 * Free ground and who can pass on it.
 *
 * <p><em>Free ground</em> is the plot less the beds that stand on it; it is derived and never drawn. A <em>carrier</em>
 * of some width (a person, a barrow, a wheelchair) is a disk of that diameter. The ground it can use is the free ground
 * opened by that disk (shrunk by half the width, cut off where that leaves no way in, grown back), connected to where
 * one comes in. Until a garden has gates, anywhere along the plot's edge is a way in.
 *
 * <p>{@link fairacre.walk.WalkStudy} is the entry. It never builds the opened ground as a shape: a person touches the
 * edge of a bed exactly where the middle of their disk can stand half a width off it, so the middle's line is cut with
 * the neighbours grown by the same radius, in closed form. Ground that is shut in by beds is found by uniting the grown
 * neighbours, and only where three or more of them meet.
 */
package fairacre.walk;
