/**
 * What a plan calls for before it is priced: boards, loose goods, and what is sold by length, area or piece. Each part
 * of the trade takes off its own ({@link fairacre.takeoff.TakeoffSource}); {@code fairacre.cost} buys.
 */
package fairacre.takeoff;
