package fairacre.tunnel;

import fairacre.hoop.GluedBow;
import fairacre.hoop.StakesHold;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of a tunnel.
 *
 * @param beds that stand all within it
 * @param cut beds that are within it in part
 * @param bows how many
 * @param apart from one to the next
 * @param bow length of the pipe of one
 * @param tightest radius that a bow is bent to
 * @param bears the least radius that its pipe bears
 * @param legs how high the straight legs are
 * @param side seen from its end: the middle line of a bow from foot to foot, the middle at x = 0
 * @param feet on the plot: of each bow where its two feet stand
 * @param onBoards how many feet are strapped to boards
 * @param onStakes how many stand on stakes
 * @param doorHeight of a door within its frame
 * @param aisles where one walks in it, the lowest first
 * @param floor area
 * @param openings of doors and of sides that are rolled up
 * @param air their share of the floor; empty under nets and cloths
 * @param sheet how its sheet is cut
 * @param fallAlong of the ground from one end to the other along the middle; empty where heights are not known
 * @param fallAcross of the ground from one side to the other, at the worst of the bows
 * @param kilograms of pipe
 * @param hold what holds its feet in the wind
 * @param glued how one bow is glued up of strips; empty of pipe
 * @param cautions to be read before it is built
 */
public record TunnelTold(
        UUID tunnel,
        List<UUID> beds,
        List<UUID> cut,
        int bows,
        Length apart,
        Length bow,
        Length tightest,
        Length bears,
        Length legs,
        List<Point> side,
        List<List<Point>> feet,
        int onBoards,
        int onStakes,
        Length doorHeight,
        List<TunnelAisle> aisles,
        Area floor,
        Area openings,
        Optional<Double> air,
        TunnelSheet sheet,
        Optional<Length> fallAlong,
        Optional<Length> fallAcross,
        double kilograms,
        StakesHold hold,
        Optional<GluedBow> glued,
        List<String> cautions) {

    /**
     * Ground in a tunnel along which one walks.
     *
     * @param at where its headroom is least, on the line of it that is nearest to the middle of the tunnel
     * @param aside how far that is from the middle of the tunnel
     * @param headroom there, below the pipe of the bows
     */
    public record TunnelAisle(Point at, Length aside, Length headroom) {}
}
