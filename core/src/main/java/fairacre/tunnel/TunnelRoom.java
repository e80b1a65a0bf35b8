package fairacre.tunnel;

import fairacre.judging.SnagContext;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.shape.Footprint;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;

/** What is in the way of a tunnel. */
final class TunnelRoom {

    /** What a tunnel neither goes over nor stands in. */
    private static final Set<FeatureKind> SOLID = EnumSet.of(
            FeatureKind.HOUSE,
            FeatureKind.SHED,
            FeatureKind.WALL,
            FeatureKind.RETAINING_WALL,
            FeatureKind.FENCE,
            FeatureKind.HEDGE,
            FeatureKind.TREE,
            FeatureKind.TUNNEL);
    /** Touching is no standing in, metres. */
    private static final double SNUG = 0.001;

    private final SnagContext context;

    TunnelRoom(SnagContext context) {
        this.context = context;
    }

    /** @param name of what is in the way; empty where it is the edge of the plot */
    record Blocking(Optional<String> name, Point place) {}

    /** The first that is in the way, the edge of the plot last. */
    Optional<Blocking> blocking(WalkInTunnel tunnel) {
        Geometry ground = TunnelStudy.ground(tunnel);
        Geometry within = ground.buffer(-SNUG);
        return context.setting().features().stream()
                .filter(feature ->
                        SOLID.contains(feature.kind()) && !feature.id().equals(tunnel.id()))
                .filter(feature -> stands(feature, within))
                .map(feature -> new Blocking(Optional.of(feature.name()), middle(feature, ground)))
                .findFirst()
                .or(() -> context.setting().site().ground().buffer(SNUG).covers(ground)
                        ? Optional.empty()
                        : Optional.of(
                                new Blocking(Optional.empty(), tunnel.place().centre())));
    }

    private boolean stands(Feature feature, Geometry within) {
        return Footprint.of(feature, context.setting()).stream()
                        .anyMatch(ring -> ring.polygon().intersects(within))
                || feature.kind() == FeatureKind.TUNNEL && isRoundIt(feature, within);
    }

    /** Whether a tunnel stands all within another. */
    private static boolean isRoundIt(Feature feature, Geometry within) {
        return Polygons.line(feature.places()).convexHull().intersects(within);
    }

    private Point middle(Feature feature, Geometry ground) {
        return Footprint.of(feature, context.setting()).stream()
                .map(ring -> ring.polygon().intersection(ground))
                .filter(part -> !part.isEmpty())
                .map(part -> part.getCentroid().getCoordinate())
                .map(place -> Point.metres(place.x, place.y))
                .findFirst()
                .orElse(feature.places().get(0));
    }
}
