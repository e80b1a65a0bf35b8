package fairacre.trellis;

import fairacre.fence.PushedPost;
import fairacre.plan.Plan;
import java.util.Optional;

/**
 * A trellis in full crop. A net or wires sag under what hangs on them by a twentieth of a span (common practice) and
 * pull the posts at its ends inwards with {@code w l^2 / (8 s)}, the tension of a parabola with the sag s under an even
 * load w (statics). Stiff panels and canes carry without pulling.
 *
 * @param kilograms of vines and fruit
 * @param end a post at an end, or at a corner; empty where nothing pulls at one, or none is set
 */
record FullCrop(double kilograms, Optional<PushedPost> end) {

    private static final double SAG = 0.05;
    private static final double GRAVITY = 9.80665;
    private static final double HAIR = 1e-9;

    static FullCrop of(Plan plan, Trellis trellis, double kilograms) {
        boolean hangs = trellis.kind() == TrellisKind.NETTING || trellis.kind() == TrellisKind.WIRES;
        TrellisFrame frame = new TrellisFrame(plan, trellis);
        double load = kilograms * GRAVITY / trellis.length().metres();
        double pull = load * frame.widestSpan().metres() / (8 * SAG);
        return new FullCrop(
                kilograms,
                Optional.of(trellis)
                        .filter(stretched -> hangs && kilograms > HAIR && stretched.setsPosts())
                        .map(stretched -> PushedPost.pulled(
                                stretched.posts(), stretched.height(), pull, frame.middleOfWires(), plan)));
    }

    /** Whether the post at an end stands as deep as that of the row and doesn't bend. */
    boolean holds(Optional<PushedPost> row) {
        return end.filter(post -> post.bends() || isTooShallow(post, row)).isEmpty();
    }

    private static boolean isTooShallow(PushedPost end, Optional<PushedPost> row) {
        return row.filter(post -> end.wanted().compareTo(post.depth()) > 0).isPresent();
    }
}
