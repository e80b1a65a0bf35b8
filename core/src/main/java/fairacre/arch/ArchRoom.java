package fairacre.arch;

import fairacre.hoop.Bow;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Setting;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** What stands where the panel of an arch comes down, higher than the panel is there. */
final class ArchRoom {

    private static final Set<FeatureKind> SOLID = EnumSet.of(
            FeatureKind.HOUSE,
            FeatureKind.SHED,
            FeatureKind.WALL,
            FeatureKind.FENCE,
            FeatureKind.HEDGE,
            FeatureKind.TREE,
            FeatureKind.COMPOST,
            FeatureKind.TUNNEL);
    /** Touching is no standing in, metres. */
    private static final double SNUG = 0.001;

    private final Setting setting;

    ArchRoom(Setting setting) {
        this.setting = setting;
    }

    /** The first; what has no height is taken to be higher than the arch. */
    Optional<Feature> blocking(Arch arch, Bow bow, Length lower) {
        Polygon ground = ground(arch);
        Geometry within = ground.buffer(-SNUG);
        return setting.features().stream()
                .filter(feature -> SOLID.contains(feature.kind()))
                .filter(feature -> Footprint.of(feature, setting).stream()
                        .map(Ring::polygon)
                        .filter(ring -> ring.intersects(within))
                        .anyMatch(ring -> !feature.height().isPositive()
                                || feature.height()
                                                .compareTo(lowest(arch, bow, ring.intersection(ground))
                                                        .plus(lower))
                                        > 0))
                .findFirst();
    }

    private static Polygon ground(Arch arch) {
        List<List<Point>> feet = arch.feet();
        return Polygons.of(List.of(
                feet.get(0).get(0),
                feet.get(0).get(1),
                feet.get(1).get(1),
                feet.get(1).get(0)));
    }

    /** How high the panel is above its feet where it is lowest over a part of the ground. */
    private static Length lowest(Arch arch, Bow bow, Geometry part) {
        double length = arch.span().metres();
        double x = arch.to().x().minus(arch.from().x()).metres() / length;
        double y = arch.to().y().minus(arch.from().y()).metres() / length;
        Point middle = arch.middle();
        return Arrays.stream(part.getCoordinates())
                .map(place -> bow.heightAt(Length.metres(along(place, middle, x, y))))
                .reduce(Length::min)
                .orElse(bow.rise());
    }

    private static double along(Coordinate place, Point middle, double x, double y) {
        return (place.x - middle.x().metres()) * x + (place.y - middle.y().metres()) * y;
    }
}
