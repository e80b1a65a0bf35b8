package fairacre.plan;

import java.util.Optional;
import java.util.UUID;

/** A bed as it is in one season. */
public record StandingBed(UUID id, String name, BedRevision revision) {

    public Rectangle outline() {
        return revision.outline();
    }

    public Optional<Frame> frame() {
        return revision.frame();
    }
}
