package fairacre.hoop;

import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of a set of hoops in a season.
 *
 * @param cut length of the pipe of one bow, with its feet; empty while it is known neither from the set nor from a bed
 * @param tightest the least radius that its pipe may be bent to
 * @param over its beds of the season, in the set's order
 * @param bows that stand in the season
 * @param ties length of all lines that tie bows
 * @param kilograms of the bows
 * @param glued how one bow is glued up of strips; empty of pipe and wire, and where no bow goes over the widest bed
 * @param fits the other beds of the season that it would stand over as it is cut
 * @param cautions to be read before it is put up
 */
public record HoopTold(
        UUID set,
        Optional<Length> cut,
        Length tightest,
        List<HoopsOverBed> over,
        int bows,
        Length ties,
        double kilograms,
        Optional<GluedBow> glued,
        List<UUID> fits,
        List<String> cautions) {}
