package fairacre.ground;

import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.FeatureKind.Extent;
import fairacre.plan.Polygons;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Which ground a feature speaks for. */
final class Claims {

    /** What is shared less deeply than a millimetre only touches, metres. */
    private static final double TOUCHING = 0.001;
    private static final int QUADRANT_SEGMENTS = 16;

    private Claims() {}

    record Shared(Claim kind, Geometry shared) {}

    /** What the feature claims of a bed's ground, the gravest claim first; empty if they have nothing to do with each other. */
    static Optional<Shared> on(Polygon bed, Feature feature) {
        if (feature.kind().takesGround() && feature.kind() != FeatureKind.KEEP_OFF) {
            Optional<Shared> built = shared(Claim.BUILT_ON, bed, body(feature));
            if (built.isPresent()) {
                return built;
            }
        }
        return switch (feature.kind()) {
            case KEEP_OFF -> shared(Claim.KEEP_OFF, bed, margin(feature));
            case BURIED_LINE -> shared(Claim.BURIED_LINE, bed, margin(feature));
            case TREE -> shared(Claim.TREE_ROOTS, bed, margin(feature));
            default -> Optional.empty();
        };
    }

    /** Whether a bed must not be put there. */
    static boolean forbids(Polygon bed, Feature feature) {
        return on(bed, feature).filter(s -> s.kind() == Claim.BUILT_ON || s.kind() == Claim.KEEP_OFF).isPresent();
    }

    private static Optional<Shared> shared(Claim kind, Polygon bed, Geometry ground) {
        if (!bed.getEnvelopeInternal().intersects(ground.getEnvelopeInternal())) {
            return Optional.empty();
        }
        Geometry shared = bed.intersection(ground);
        return shared.buffer(-TOUCHING / 2).isEmpty() ? Optional.empty() : Optional.of(new Shared(kind, shared));
    }

    private static Geometry body(Feature feature) {
        return switch (feature.kind().extent()) {
            case AREA -> Polygons.of(feature.places());
            case LINE -> Polygons.line(feature.places()).buffer(feature.breadth().metres() / 2, QUADRANT_SEGMENTS,
                    BufferParameters.CAP_FLAT);
            case SPOT -> Polygons.line(feature.places()).buffer(feature.breadth().metres() / 2, QUADRANT_SEGMENTS);
        };
    }

    private static Geometry margin(Feature feature) {
        Geometry base = feature.kind().extent() == Extent.AREA ? Polygons.of(feature.places())
                : Polygons.line(feature.places());
        return base.buffer(feature.margin().metres(), QUADRANT_SEGMENTS);
    }
}
