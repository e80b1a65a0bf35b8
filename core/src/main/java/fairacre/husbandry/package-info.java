/**
 * How crops go with each other, with what grew in their bed before, and with what is over and beside it: the rules of
 * growing, some of which gardeners differ about.
 *
 * <p>{@link fairacre.husbandry.HusbandryRule} lists them; those of a school are followed unless a gardener leaves them
 * aside ({@link fairacre.husbandry.RulesLeftAside}).
 *
 * <p>It tells the water what grows where ({@link fairacre.water.GrowthSource}).
 */
package fairacre.husbandry;
