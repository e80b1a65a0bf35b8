package fairacre.hoop;

import fairacre.limits.Limits;
import fairacre.plan.Lifetime;
import java.util.UUID;

/**
 * A bed over which a set of hoops stands.
 *
 * @param lifetime the seasons in which it stands there, of those in which the set is there
 */
public record HoopPlace(UUID bed, Lifetime lifetime) {

    public HoopPlace {
        Limits.present(bed, "bed");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }
}
