package fairacre.plan;

import java.util.Optional;

/**
 * How a bed is built from one season on.
 *
 * @param from the season it is built for
 * @param outline outside of the frame, or edge of the soil where there is none
 * @param frame empty for an in-ground bed; its boards must leave soil between them
 */
public record BedRevision(int from, Rectangle outline, Optional<Frame> frame) {

    public BedRevision {
        Limits.season(from, "from");
        Limits.present(outline, "outline");
        frame = frame == null ? Optional.empty() : frame;
        frame.ifPresent(f -> {
            if (f.board().thickness().times(2).compareTo(outline.shorterSide()) >= 0) {
                throw new RefusedException("frame", "two boards " + f.board().key() + " leave no soil between them",
                        "take a thinner board or a wider bed");
            }
        });
    }

    public BedRevision withOutline(Rectangle newOutline) {
        return new BedRevision(from, newOutline, frame);
    }

    public BedRevision withFrame(Optional<Frame> newFrame) {
        return new BedRevision(from, outline, newFrame);
    }

    public BedRevision startingIn(int season) {
        return new BedRevision(season, outline, frame);
    }
}
