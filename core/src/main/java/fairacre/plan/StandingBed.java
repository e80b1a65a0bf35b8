package fairacre.plan;

import fairacre.build.Frame;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A bed as it is in one season. */
public record StandingBed(UUID id, String name, BedRevision revision) {

    /** The rectangle round it. */
    public Rectangle outline() {
        return revision.outline();
    }

    public List<Point> corners() {
        return revision.corners();
    }

    public Optional<Frame> frame() {
        return revision.frame();
    }
}
