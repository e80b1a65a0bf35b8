/**
 * What each gardener can reach of each bed.
 *
 * <p>Nobody steps or leans on the soil: every point of a bed has to be within somebody's reach from ground on which
 * they can be. An edge counts where the ground a gardener can use touches it (see {@link fairacre.walk}). Reach is
 * measured from the outside of the frame, where the body stops, over this bed's own soil; so a frame takes its
 * thickness of it. A bed reached from both long sides may be twice as wide as the reach, from one side once.
 *
 * <p>{@link fairacre.reach.ReachStudy} is the entry and the example that other studies follow: one public entry, a few
 * result records, package-private workings. {@link fairacre.reach.ReachCapability} brings the flaws and what would
 * help.
 */
package fairacre.reach;
