package fairacre.ground;

import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.FeatureKind.Extent;
import fairacre.shape.Areas;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** The ground that a feature speaks for; made once and asked for every bed. */
final class Claims {

    /** What is shared less deeply than a millimetre only touches, metres. */
    private static final double TOUCHING = 0.001;

    private static final int QUADRANT_SEGMENTS = 16;

    record Shared(Claim kind, Geometry shared) {}

    private record Ground(Claim kind, Geometry area) {}

    private final Feature feature;
    private final List<Ground> grounds = new ArrayList<>();

    private Claims(Feature feature) {
        this.feature = feature;
        if (feature.kind().takesGround() && feature.kind() != FeatureKind.KEEP_OFF) {
            grounds.add(new Ground(Claim.BUILT_ON, body(feature)));
        }
        switch (feature.kind()) {
            case KEEP_OFF -> grounds.add(new Ground(Claim.KEEP_OFF, margin(feature)));
            case BURIED_LINE -> grounds.add(new Ground(Claim.BURIED_LINE, margin(feature)));
            case TREE -> grounds.add(new Ground(Claim.TREE_ROOTS, margin(feature)));
            default -> {}
        }
    }

    static Claims of(Feature feature) {
        return new Claims(feature);
    }

    Feature feature() {
        return feature;
    }

    /**
     * What the feature claims of a bed's ground, the gravest claim first; empty if they have nothing to do with each
     * other.
     */
    Optional<Shared> on(Polygon bed) {
        return grounds.stream()
                .map(ground -> shared(ground.kind, bed, ground.area))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** Whether a bed must not be put there. */
    boolean forbids(Polygon bed) {
        return on(bed).filter(s -> s.kind() == Claim.BUILT_ON || s.kind() == Claim.KEEP_OFF)
                .isPresent();
    }

    private static Optional<Shared> shared(Claim kind, Polygon bed, Geometry ground) {
        if (!bed.getEnvelopeInternal().intersects(ground.getEnvelopeInternal())) {
            return Optional.empty();
        }
        Geometry shared = Areas.shared(bed, ground);
        return shared.buffer(-TOUCHING / 2).isEmpty() ? Optional.empty() : Optional.of(new Shared(kind, shared));
    }

    private static Geometry body(Feature feature) {
        return switch (feature.kind().extent()) {
            case AREA -> Polygons.of(feature.places());
            case LINE ->
                Polygons.line(feature.places())
                        .buffer(feature.breadth().metres() / 2, QUADRANT_SEGMENTS, BufferParameters.CAP_FLAT);
            case SPOT ->
                Polygons.line(feature.places()).buffer(feature.breadth().metres() / 2, QUADRANT_SEGMENTS);
        };
    }

    private static Geometry margin(Feature feature) {
        Geometry base = feature.kind().extent() == Extent.AREA
                ? Polygons.of(feature.places())
                : Polygons.line(feature.places());
        return base.buffer(feature.margin().metres(), QUADRANT_SEGMENTS);
    }
}
