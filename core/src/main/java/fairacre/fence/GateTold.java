package fairacre.fence;

import fairacre.measure.Length;
import fairacre.plan.WayIn;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of a way in that has a gate.
 *
 * @param fence that it opens; empty if it is in none
 * @param usual how such a gate is made where nobody says otherwise
 * @param made what it takes; empty until somebody says how it is made
 */
public record GateTold(UUID gate, Optional<UUID> fence, WayIn.Leaf usual, Optional<Made> made) {

    /**
     * What a gate takes.
     *
     * @param between its posts, so that its whole width is free
     * @param leaves of it, or panels
     * @param leaf width of one
     * @param high from foot to upper edge of one
     * @param pieces of wood for all
     * @param brace what keeps a leaf from sagging
     * @param fittings of all
     * @param mass of one leaf with what is hung on it, kilograms
     * @param post what the leaf does to its post; empty for one that nobody hung on a fence's post
     */
    public record Made(
            Length between,
            int leaves,
            Length leaf,
            Length high,
            List<FencePiece> pieces,
            Brace brace,
            List<Fitting> fittings,
            double mass,
            Optional<PostLoad> post) {

        public Made {
            pieces = List.copyOf(pieces);
            fittings = List.copyOf(fittings);
        }
    }

    /** How a leaf is braced. */
    public enum Brace {
        /** From the foot of the hinge side up to the latch side: it is pressed. */
        TIMBER,
        /** From the top of the hinge side down to the latch side, with a turnbuckle: it is pulled. */
        CABLE,
        /** Of what is bolted on at both sides or rolls. */
        NONE
    }

    /** So many of something that is sold by the piece. */
    public record Fitting(String label, int count) {}

    /**
     * A post under the pull of an open leaf.
     *
     * @param moment newton metres
     * @param stress in its outermost fibre at the ground, megapascals
     * @param allowed the same
     * @param depth in the ground that it takes
     */
    public record PostLoad(double moment, double stress, double allowed, Length depth) {

        /** Whether it breaks or bends. */
        public boolean fails() {
            return stress > allowed;
        }
    }
}
