/**
 * Walk-in tunnels: bows over several beds and the walks between them, with ends, doors and sides that roll up.
 *
 * <p>A {@link fairacre.tunnel.WalkInTunnel} stands on a rectangle of ground. {@link fairacre.tunnel.TunnelFrame} says
 * how it is built, {@link fairacre.tunnel.TunnelSheet} how its sheet is cut from a roll; start with
 * {@link fairacre.tunnel.TunnelStudy}.
 *
 * <p>What snow and wind it bears is for the maker's table or the local code to say; nothing is told of how warm it gets
 * in it.
 */
package fairacre.tunnel;
