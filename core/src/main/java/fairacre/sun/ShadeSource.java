package fairacre.sun;

import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;

/** Says how its things cast shadows; all else that stands on the plot casts that of its footprint, as high as it is. */
public interface ShadeSource extends Part {

    /** @param bare whether leaves are down */
    Stream<Shade> shades(Plan plan, int season, boolean bare);

    /**
     * An upright prism that is, or is a part of, a thing.
     *
     * @param ground its footprint
     * @param low metres above the ground, where it begins
     * @param high metres above the ground, where it ends
     * @param share of the light that it takes, 0 to 1
     */
    record Shade(UUID thing, Polygon ground, double low, double high, double share) {}
}
