/**
 * The plane geometry that the studies share: rectangles in their own axes, and sets of intervals on a line.
 *
 * <p>Everything here is in metres and radians as bare {@code double}, counter-clockwise, unit-free outside of the
 * studies: nothing of this package is a result. Where a general polygon is needed the studies use JTS; a rectangle
 * grown by a radius is cut with a line in closed form, because that is asked some thousand times for every move of the
 * pointer.
 */
package fairacre.shape;
