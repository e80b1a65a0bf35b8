/**
 * Soil for the beds: how much goes in, and whether it is bought in bags or loose.
 *
 * <p>Volume is the inside area times the depth filled; a framed bed is filled to 1 in below its top (common practice),
 * an in-ground bed needs nothing brought in. {@link fairacre.fill.FillTakeoff} gives the volume of a bed,
 * {@link fairacre.fill.Ingredients} what of each good that is by the bed's recipe, {@link fairacre.fill.Recipe} the
 * usual ones. {@link fairacre.fill.BulkPurchase} gives the packs and {@link fairacre.fill.SoilSupply} the ways to get
 * them side by side, with what is carried and what settles; {@link fairacre.fill.TopUp} what is added every year. What
 * settles is not ordered at once: it is a later year's top-up.
 */
package fairacre.fill;
