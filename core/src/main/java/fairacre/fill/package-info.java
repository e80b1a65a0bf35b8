/**
 * Soil for the beds: how much goes in, and whether it is bought in bags or loose.
 *
 * <p>Volume is the inside area times the depth filled; a framed bed is filled to 1 in below its top (common practice), an
 * in-ground bed needs nothing brought in. {@link fairacre.fill.FillTakeoff} gives the volume of a bed,
 * {@link fairacre.fill.BulkPurchase} the packs and {@link fairacre.fill.SoilSupply} the ways to get them side by side, with what is
 * carried and what settles. Recipes and layers are not treated here yet.
 */
package fairacre.fill;
