package fairacre.shape;

import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import java.util.List;
import org.locationtech.jts.geom.Polygon;

/** Ground that nothing stands on. */
public final class FreeGround {

    /** Less shared ground is a touch, square metres. */
    private static final double TOUCHING = 1e-4;

    private FreeGround() {}

    /**
     * Whether something that is no bed could stand somewhere: on the plot, on no bed and on nothing that takes ground.
     */
    public static boolean hasRoomFor(Feature there, Setting setting, List<StandingBed> standing) {
        if (there.kind().extent() == FeatureKind.Extent.SPOT) {
            return setting.site().ground().covers(Polygons.line(there.places()));
        }
        Polygon ground = Polygons.of(there.places());
        return setting.site().ground().covers(ground) && isFree(ground, setting.without(there.id()), standing);
    }

    /** Whether no bed and nothing that takes ground stands on an area. */
    public static boolean isFree(Polygon area, Setting setting, List<StandingBed> standing) {
        return standing.stream().noneMatch(bed -> shares(area, Polygons.of(bed.corners())))
                && setting.features().stream()
                        .filter(other -> other.kind().takesGround())
                        .flatMap(other -> Footprint.of(other, setting).stream())
                        .noneMatch(ring -> shares(area, ring.polygon()));
    }

    private static boolean shares(Polygon one, Polygon other) {
        return one.getEnvelopeInternal().intersects(other.getEnvelopeInternal())
                && Areas.shared(one, other).getArea() > TOUCHING;
    }
}
