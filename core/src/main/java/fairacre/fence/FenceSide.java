package fairacre.fence;

import fairacre.measure.Length;
import java.util.List;

/**
 * A stretch of a fence from one corner, end or gate to the next, as it is seen from the side.
 *
 * @param posts in order, the first at 0
 */
public record FenceSide(List<SidePost> posts) {

    public FenceSide {
        posts = List.copyOf(posts);
    }

    /** From its first post to its last. */
    public Length length() {
        return posts.get(posts.size() - 1).at();
    }

    /**
     * A post of a side.
     *
     * @param at how far it is from the first
     * @param ground how much higher the ground is here than at the first post of the side; zero while no heights are
     *     known
     */
    public record SidePost(String mark, Post.Role role, Length at, Length ground, Length depth) {}
}
