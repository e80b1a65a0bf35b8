package fairacre.fence;

import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a fence takes.
 *
 * @param length of what stands of it, without its gates
 * @param soil how high the soil of the beds stands that it stands in, where it is lowest; empty on the ground
 * @param posts without those of other fences that it shares
 * @param widest span
 * @param stretches from one corner, end or gate to the next
 * @param braces of a stretched fence, how long each is: from a corner, an end or a gate to the post beside it
 * @param hole how wide the hole of a post in a row is; empty where none is dug
 * @param fill what all its holes take round the posts
 * @param bags of post mix, whole ones for this fence by itself; 0 without concrete
 * @param mesh rolls of what is hung, of each tier
 * @param pieces of wood between its posts
 * @param tooLong spans under which nothing may be dug
 * @param uplift of a braced end; empty of a fence that is not stretched
 * @param cautions what to look out for
 * @param steps in which it is put up
 */
public record FenceTold(
        UUID fence,
        Length length,
        Optional<Length> soil,
        List<Post> posts,
        Optional<Length> widest,
        int stretches,
        List<Length> braces,
        Optional<Length> hole,
        Volume fill,
        int bags,
        List<Tier> mesh,
        List<FencePiece> pieces,
        List<LongSpan> tooLong,
        Optional<Uplift> uplift,
        List<String> cautions,
        List<FenceStep> steps) {

    public FenceTold {
        posts = List.copyOf(posts);
        braces = List.copyOf(braces);
        mesh = List.copyOf(mesh);
        pieces = List.copyOf(pieces);
        tooLong = List.copyOf(tooLong);
        cautions = List.copyOf(cautions);
        steps = List.copyOf(steps);
    }

    /**
     * Rolls of one height along the whole fence.
     *
     * @param label what they are
     */
    public record Tier(String label, Length height, Length roll, FenceRolls rolls) {}

    /**
     * How a stretched fence lifts the post at its end: the pull times half the height over the span to the braced post
     * (statics).
     *
     * @param force newtons
     * @param weight of what fills its hole, newtons; the ground's grip comes on top
     */
    public record Uplift(double force, double weight) {}

    /** Two posts that are too far apart, since nothing may be dug between them. */
    public record LongSpan(Point middle, Length span) {}
}
