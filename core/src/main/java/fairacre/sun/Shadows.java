package fairacre.sun;

import fairacre.ground.Levels;
import fairacre.outline.Point;
import fairacre.shape.Areas;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * What upright prisms shade of level ground: their footprints moved away from the sun, from as far as their lower edge
 * throws it to as far as their upper edge does.
 */
final class Shadows {

    /** Lower the whole plot lies in shadow, and shadows reach out of sight: 3 degrees. */
    private static final double LOWEST = Math.toRadians(3);

    /** So far behind a thing its shadow is looked for, metres. */
    private static final double BESIDE = 1.5;

    private static final double NEARLY = 0.9;

    /** Square metres. */
    private static final double SAME = 1e-9;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<Caster> casters;
    private final double north;
    private final Optional<Levels> levels;

    /** @param north clockwise from straight up, radians */
    Shadows(List<Caster> casters, double north, Optional<Levels> levels) {
        this.casters = List.copyOf(casters);
        this.north = north;
        this.levels = levels;
    }

    /** None while the sun is lower than 3 degrees. */
    List<DaySun.Shadow> at(SunTrack.Place sun) {
        if (sun.altitude() < LOWEST) {
            return List.of();
        }
        double slope = Math.tan(sun.altitude());
        double dx = -Math.sin(north + sun.azimuth()) / slope;
        double dy = -Math.cos(north + sun.azimuth()) / slope;
        List<DaySun.Shadow> shadows = new ArrayList<>();
        for (Caster caster : casters) {
            if (endsAtTheGround(caster, dx * slope, dy * slope)) {
                continue;
            }
            for (Polygon part : Areas.parts(swept(caster, dx, dy))) {
                shadows.add(new DaySun.Shadow(
                        Arrays.stream(part.getExteriorRing().getCoordinates())
                                .skip(1)
                                .map(place -> Point.metres(place.x, place.y))
                                .toList(),
                        caster.shade()));
            }
        }
        return shadows;
    }

    /**
     * Whether the ground that its shadow would fall on lies nearly as high as its top, as behind a retaining wall.
     *
     * @param dx away from the sun, of length 1 with {@code dy}
     */
    private boolean endsAtTheGround(Caster caster, double dx, double dy) {
        Coordinate middle = caster.around().centre();
        return levels.filter(ground -> ground.at(middle.x + BESIDE * dx, middle.y + BESIDE * dy)
                        > caster.base() + NEARLY * (caster.high() - caster.base()))
                .isPresent();
    }

    /** @param dx away from the sun for each metre of height */
    private static Geometry swept(Caster caster, double dx, double dy) {
        double low = caster.low() - caster.base();
        double high = caster.high() - caster.base();
        Coordinate[] near = moved(caster.ring(), dx * low, dy * low);
        Coordinate[] far = moved(caster.ring(), dx * high, dy * high);
        Polygon ground = GEOMETRY.createPolygon(caster.ring());
        Geometry shadow = isConvex(ground)
                ? new ConvexHull(
                                Stream.concat(Arrays.stream(near), Arrays.stream(far))
                                        .toArray(Coordinate[]::new),
                                GEOMETRY)
                        .getConvexHull()
                : joined(near, far);
        // It stands in no shadow of its own.
        return low > 0 ? shadow : Areas.without(shadow, ground);
    }

    private static boolean isConvex(Polygon ground) {
        return ground.convexHull().getArea() - ground.getArea() < SAME;
    }

    private static Geometry joined(Coordinate[] near, Coordinate[] far) {
        List<Geometry> parts = new ArrayList<>();
        parts.add(GEOMETRY.createPolygon(near));
        parts.add(GEOMETRY.createPolygon(far));
        for (int i = 0; i + 1 < near.length; i++) {
            Polygon side = GEOMETRY.createPolygon(new Coordinate[] {near[i], near[i + 1], far[i + 1], far[i], near[i]});
            if (side.getArea() > 0) {
                parts.add(side);
            }
        }
        return Areas.joined(parts);
    }

    private static Coordinate[] moved(Coordinate[] ring, double dx, double dy) {
        return Arrays.stream(ring)
                .map(place -> new Coordinate(place.x + dx, place.y + dy))
                .toArray(Coordinate[]::new);
    }
}
