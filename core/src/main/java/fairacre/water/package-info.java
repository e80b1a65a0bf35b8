/**
 * Water from its source to the last outlet: what flows where, and at which pressure; and how much of it plants need.
 *
 * <p>A {@link fairacre.water.Network} is made of junctions, fixed heads (the level of a barrel, the pressure of a tap
 * that is closed) and links that lose head: pipes, outlets, reducers, check valves.
 * {@link fairacre.water.NetworkSolution} finds the steady state in which all links agree, by the global gradient method
 * (Todini and Pilati 1988), Newton's method on heads and flows at once. Friction is Darcy and Weisbach's, with the
 * laminar law, Swamee and Jain's formula, and between them the cubic that joins both (Dunlop 1991).
 *
 * <p>What a day's weather draws from the ground is told by {@link fairacre.water.Evapotranspiration}.
 *
 * <p>This package counts in SI units throughout: metres of head, cubic metres a second, metres. It knows nothing of
 * plans yet.
 */
package fairacre.water;
