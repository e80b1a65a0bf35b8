/**
 * Frames of boards: which pieces a bed needs and which boards to buy for them.
 *
 * <p>The gardener fixes the outside size of a bed on the sheet. A butt joint lets boards run past each other, so the
 * pieces follow from the outside size, the thickness of the board and the joint. A side longer than the longest board
 * in stock is spliced. {@link fairacre.frame.FrameTakeoff} gives the pieces of one bed, {@link fairacre.frame.CutList}
 * lays any pieces of one kind of board out on boards from stock.
 *
 * <p>Kerf and trim: a saw takes {@link fairacre.frame.Saw#kerf} with every cut, and a board whose end is not square
 * loses {@link fairacre.frame.Saw#trim}. A piece of exactly a stock length is used uncut. The layout is first-fit
 * decreasing: good, not proven least; {@link fairacre.frame.CutStudy} looks for the cheapest.
 * {@link fairacre.frame.BowStudy} says whether boards bow under wet soil and how many ties hold them,
 * {@link fairacre.frame.HardwareStudy} what else a frame needs. Table beds are not given a floor.
 */
package fairacre.frame;
