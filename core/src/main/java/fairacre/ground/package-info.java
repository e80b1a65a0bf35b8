/**
 * The plot itself: how its corners follow from a tape, and whether the beds fit on it.
 *
 * <p>{@link fairacre.ground.Quadrilateral} turns four sides and a diagonal into corners.
 * {@link fairacre.ground.FitStudy} finds beds that overlap and beds that leave the plot, and the shortest way to push
 * them apart or back, and beds on ground that something else speaks for. {@link fairacre.ground.Levels} is the lie of
 * the ground from spot heights, {@link fairacre.ground.LevelStudy} what it means for beds and walks,
 * {@link fairacre.ground.EarthworkStudy} what has to be dug and filled to make it level,
 * {@link fairacre.ground.SettingOutStudy} where the stakes go, and {@link fairacre.ground.DrainStudy} whether retaining
 * walls are drained. {@link fairacre.ground.GroundCapability} counts the work of clearing and digging level under beds.
 */
package fairacre.ground;
