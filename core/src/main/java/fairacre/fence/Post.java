package fairacre.fence;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.Optional;

/**
 * A post of a fence.
 *
 * @param mark as on the plan: {@code P7}
 * @param depth in the ground
 * @param bought length that it is cut from
 * @param shifted how far it stands from where even spans would have it; zero for one that stands there
 * @param blocked what lies where it would have to be dug; empty where it can stand
 */
public record Post(
        String mark, Point place, Role role, Length depth, Length bought, Length shifted, Optional<String> blocked) {

    /** What a post has to bear. */
    public enum Role {
        LINE,
        /** The next one to a corner, an end or a gate of a stretched fence, joined to it by a rail and a cable. */
        BRACE,
        CORNER,
        END,
        GATE;

        /** All but those in a row are of the stronger size. */
        public boolean strong() {
            return this != LINE;
        }

        /** Whether the fence is stretched from it. */
        boolean ends() {
            return this == CORNER || this == END || this == GATE;
        }
    }

    Post as(Role newRole) {
        return new Post(mark, place, newRole, depth, bought, shifted, blocked);
    }

    Post cutFrom(Length newBought) {
        return new Post(mark, place, role, depth, newBought, shifted, blocked);
    }

    Post marked(String newMark) {
        return new Post(newMark, place, role, depth, bought, shifted, blocked);
    }
}
