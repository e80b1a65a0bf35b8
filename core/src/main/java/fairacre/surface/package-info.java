/**
 * What walks are made of: how much ground each really covers, its layers, what they raise it by, and what is ordered.
 *
 * <p>A <em>build-up</em> is the layers of a walk, the lowest first; a <em>base</em> is crushed stone that is compacted;
 * <em>fines</em> bind into a firm top, <em>chippings</em> stay loose. A walk is drawn generously, over beds and over
 * other walks: its ground is what is left of the drawn area. {@link fairacre.surface.SurfaceStudy} takes that off,
 * {@link fairacre.surface.BuildUps} has the usual build-ups. {@link fairacre.surface.DrainTakeoff} is what a drain
 * takes. How wide a walk has to be is not asked here but in {@code walk}.
 */
package fairacre.surface;
