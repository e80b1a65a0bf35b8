package fairacre.build;

import fairacre.limits.RefusedException;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import java.util.Optional;

/** What goes together in one bed and what doesn't. */
public final class Builds {

    private Builds() {}

    public static void check(Rectangle outline, Shape shape, Optional<Frame> frame, Build build) {
        build.kit().ifPresent(kit -> checkKit(kit, outline, shape, frame));
        if (build.wall().isPresent() && (frame.isPresent() || build.kit().isPresent())) {
            throw new RefusedException(
                    "build/wall", "a bed has boards, a kit or a wall, not two of them", "choose one of them");
        }
        boolean boxed =
                frame.isPresent() || build.kit().isPresent() || build.wall().isPresent();
        build.cap().ifPresent(cap -> checkCap(cap, frame));
        if (build.legs().isPositive() && (!boxed || build.wall().isPresent())) {
            throw new RefusedException(
                    "build/legs", "a table bed without a frame holds no soil", "choose boards or a kit for its box");
        }
        if (build.mound().isPositive()) {
            checkMound(outline, boxed, build);
        }
    }

    private static void checkKit(Kit kit, Rectangle outline, Shape shape, Optional<Frame> frame) {
        if (frame.isPresent()) {
            throw new RefusedException(
                    "build/kit", "a kit brings its own walls", "take the boards away or choose no kit");
        }
        if (!shape.plain() || !kit.fits(outline)) {
            throw new RefusedException(
                    "outline",
                    "\"" + kit.key() + "\" comes in its one size only",
                    "choose another kit, or boards, for another size");
        }
    }

    private static void checkCap(Cap cap, Optional<Frame> frame) {
        if (frame.isEmpty()) {
            throw new RefusedException("build/cap", "there are no boards to lay a cap on", "choose boards first");
        }
        if (cap.width().compareTo(frame.get().board().thickness()) < 0) {
            throw new RefusedException(
                    "build/cap/width", "the cap is narrower than the boards are thick", "take a wider board");
        }
    }

    /** With sides of one in one the top of a mound is narrower than its foot by twice the height. */
    private static void checkMound(Rectangle outline, boolean boxed, Build build) {
        if (boxed) {
            throw new RefusedException("build/mound", "a bed with a frame is no mound", "choose one of the two");
        }
        if (build.mound().times(2).compareTo(outline.shorterSide()) >= 0) {
            throw new RefusedException(
                    "build/mound",
                    "heaped so high its sides meet and no top is left",
                    "heap it lower or make the bed wider");
        }
    }
}
