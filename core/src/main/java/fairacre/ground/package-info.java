/**
 * The plot itself: how its corners follow from a tape, and whether the beds fit on it.
 *
 * <p>{@link fairacre.ground.Quadrilateral} turns four sides and a diagonal into corners. {@link fairacre.ground.FitStudy} finds
 * beds that overlap and beds that leave the plot, and the shortest way to push them apart or back. Levels, slopes and setting
 * out are not treated here yet.
 */
package fairacre.ground;
