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
 * @param posts without those of other fences that it shares
 * @param widest span
 * @param stretches from one corner, end or gate to the next
 * @param braces of a stretched fence, how long each is: from a corner, an end or a gate to the post beside it
 * @param hole how wide the hole of a post in a row is; empty where none is dug
 * @param fill what all its holes take round the posts
 * @param bags of post mix, whole ones for this fence by itself; 0 without concrete
 * @param mesh rolls of what is hung, of each tier
 * @param tooLong spans under which nothing may be dug
 */
public record FenceTold(
        UUID fence,
        Length length,
        List<Post> posts,
        Optional<Length> widest,
        int stretches,
        List<Length> braces,
        Optional<Length> hole,
        Volume fill,
        int bags,
        List<Tier> mesh,
        List<LongSpan> tooLong) {

    public FenceTold {
        posts = List.copyOf(posts);
        braces = List.copyOf(braces);
        mesh = List.copyOf(mesh);
        tooLong = List.copyOf(tooLong);
    }

    /**
     * Rolls of one height along the whole fence.
     *
     * @param label what they are
     */
    public record Tier(String label, Length height, Length roll, FenceRolls rolls) {}

    /** Two posts that are too far apart, since nothing may be dug between them. */
    public record LongSpan(Point middle, Length span) {}
}
