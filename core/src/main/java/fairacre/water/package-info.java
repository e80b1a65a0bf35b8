/**
 * Water from its source to the last outlet: what flows where, and at which pressure; and how much of it plants need.
 *
 * <p>A {@link fairacre.water.Network} is made of junctions, fixed heads (the level of a barrel, the pressure of a tap
 * that is closed) and links that lose head: pipes, outlets, reducers, check valves.
 * {@link fairacre.water.NetworkSolution} finds the steady state in which all links agree, by the global gradient method
 * (Todini and Pilati 1988), Newton's method on heads and flows at once. Friction is Darcy and Weisbach's, with the
 * laminar law, Swamee and Jain's formula, and between them the cubic that joins both (Dunlop 1991).
 *
 * <p>What a day's weather draws from the ground is told by {@link fairacre.water.Evapotranspiration}, what each bed
 * wants of it by {@link fairacre.water.BedNeeds}: whoever knows what grows there is a
 * {@link fairacre.water.GrowthSource}.
 *
 * <p>Of a plan there are sources ({@link fairacre.water.Tap}, {@link fairacre.water.Barrel}), runs of pipe
 * ({@link fairacre.water.WaterRun}) and what lies in beds ({@link fairacre.water.Dripline},
 * {@link fairacre.water.Soaker}). Each names what feeds it, so that a bed that is moved keeps its water; where pipes
 * join and how lines lie in the soil is worked out, never drawn. What one valve opens is a {@link fairacre.water.Zone}.
 * Start reading at {@link fairacre.water.WaterStudy}.
 *
 * <p>Networks count in SI units throughout: metres of head, cubic metres a second, metres.
 */
package fairacre.water;
