package fairacre.trellis;

import fairacre.fence.PushedPost;
import fairacre.measure.Area;
import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of a trellis.
 *
 * @param beds whose soil it stands in or beside
 * @param marks where along its line posts, stakes, feet or the middles of teepees stand, from its beginning
 * @param posts empty where none is set
 * @param covered net or panel; of panels that are cut into stakes, all of them
 * @param rows of panels, or wires, one above the other
 * @param canes of each teepee
 * @param piece length of a cane, of a stake or of a leaning side; empty for what has none
 */
public record TrellisTold(
        UUID trellis,
        List<UUID> beds,
        Length length,
        List<Length> marks,
        Optional<PostsTold> posts,
        Area covered,
        int rows,
        int canes,
        Optional<Length> piece,
        double kilograms,
        CropTold crop) {

    /**
     * What hangs on it in full crop.
     *
     * @param kilograms of vines and fruit; 0 where nothing climbs
     * @param end empty where nothing pulls at its posts
     */
    public record CropTold(double kilograms, Optional<EndTold> end) {

        static CropTold of(FullCrop crop) {
            return new CropTold(
                    crop.kilograms(),
                    crop.end().map(post -> new EndTold(post.force(), post.stress() / post.allowed(), post.wanted())));
        }
    }

    /**
     * A post at an end, which full crop pulls inwards.
     *
     * @param pull newtons
     * @param used share of the bending that it bears; over 1 it bends or breaks
     * @param depth in soft ground at which it stands fast
     */
    public record EndTold(double pull, double used, Length depth) {}

    /**
     * Posts that are set for it.
     *
     * @param span the widest between two
     * @param depth in the ground
     * @param forWind whether the wind asks for that depth, and not the usual one
     * @param bought length that each is cut from
     * @param push of the wind on one in full leaf, newtons
     * @param used share of the bending that one bears; over 1 it bends or breaks
     */
    public record PostsTold(
            int count, Length span, Length depth, boolean forWind, Length bought, double push, double used) {

        static PostsTold of(int count, Length span, PushedPost post) {
            return new PostsTold(
                    count,
                    span,
                    post.depth(),
                    post.wanted().compareTo(post.usual()) > 0,
                    post.bought(),
                    post.force(),
                    post.stress() / post.allowed());
        }
    }
}
