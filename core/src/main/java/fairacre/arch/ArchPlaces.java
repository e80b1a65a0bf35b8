package fairacre.arch;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Where an arch could stand: between beds whose soil has sides opposite each other, with nothing but walk between them
 * and room for both feet, in the middle of what they have in common.
 */
final class ArchPlaces {

    /** So far in from the boards the feet are set: 2 in. */
    private static final double IN = Length.inches(2).metres();
    /** Sides that differ by less are parallel: half a degree. */
    private static final double PARALLEL = Math.sin(Math.toRadians(0.5));

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Soil soil;
    private final double width;

    /** @param width of the feet */
    ArchPlaces(Soil soil, Length width) {
        this.soil = soil;
        this.width = width.metres();
    }

    /** Two beds and where the middles of the feet would stand. */
    record Place(StandingBed one, StandingBed other, Point from, Point to) {

        Length span() {
            return Length.metres(Arch.distance(from, to));
        }
    }

    /** Of all beds with all others, in order of their names; the nearest sides of each two. */
    List<Place> all() {
        List<Place> places = new ArrayList<>();
        List<Soil.Patch> patches = soil.patches().stream()
                .sorted(Comparator.comparing(patch -> patch.bed().name()))
                .toList();
        for (int i = 0; i < patches.size(); i++) {
            for (int j = i + 1; j < patches.size(); j++) {
                between(patches.get(i), patches.get(j)).ifPresent(places::add);
            }
        }
        return places;
    }

    private Optional<Place> between(Soil.Patch one, Soil.Patch other) {
        return sides(one).stream()
                .flatMap(side -> sides(other).stream().flatMap(across -> place(side, across).stream()))
                .filter(feet -> isClear(feet, one, other))
                .min(Comparator.comparing(LineString::getLength))
                .map(feet -> new Place(one.bed(), other.bed(), at(feet.getCoordinateN(0)), at(feet.getCoordinateN(1))));
    }

    private static List<Coordinate[]> sides(Soil.Patch patch) {
        List<Coordinate[]> sides = new ArrayList<>();
        if (patch.soil() instanceof Polygon soil) {
            Coordinate[] ring = soil.getExteriorRing().getCoordinates();
            for (int i = 1; i < ring.length; i++) {
                sides.add(new Coordinate[] {ring[i - 1], ring[i]});
            }
        }
        return sides;
    }

    /** From the middle of one foot to that of the other, square to both sides. */
    private Optional<LineString> place(Coordinate[] side, Coordinate[] across) {
        double length = side[0].distance(side[1]);
        double x = (side[1].x - side[0].x) / length;
        double y = (side[1].y - side[0].y) / length;
        double aside = cross(x, y, across[0], across[1]) / across[0].distance(across[1]);
        if (Math.abs(aside) > PARALLEL) {
            return Optional.empty();
        }
        double from = Math.max(0, Math.min(along(side[0], x, y, across[0]), along(side[0], x, y, across[1])));
        double to = Math.min(length, Math.max(along(side[0], x, y, across[0]), along(side[0], x, y, across[1])));
        double gap = cross(x, y, side[0], across[0]);
        Length span = Length.metres(Math.abs(gap) + 2 * IN);
        if (to - from < width || span.compareTo(Arch.NEAREST) < 0 || span.compareTo(Arch.FURTHEST) > 0) {
            return Optional.empty();
        }
        double middle = (from + to) / 2;
        double out = Math.signum(gap);
        Coordinate foot = at(side[0], x, y, middle, -out * IN);
        Coordinate opposite = at(side[0], x, y, middle, gap + out * IN);
        return Optional.of(FACTORY.createLineString(new Coordinate[] {foot, opposite}));
    }

    private static double along(Coordinate origin, double x, double y, Coordinate place) {
        return (place.x - origin.x) * x + (place.y - origin.y) * y;
    }

    private static double cross(double x, double y, Coordinate from, Coordinate to) {
        return x * (to.y - from.y) - y * (to.x - from.x);
    }

    private static Coordinate at(Coordinate origin, double x, double y, double along, double aside) {
        return new Coordinate(origin.x + x * along - y * aside, origin.y + y * along + x * aside);
    }

    private static Point at(Coordinate place) {
        return Point.metres(place.x, place.y);
    }

    /** Both feet in the soil, and between it no other bed. */
    private boolean isClear(LineString feet, Soil.Patch one, Soil.Patch other) {
        return one.soil().contains(feet.getStartPoint())
                && other.soil().contains(feet.getEndPoint())
                && Areas.along(feet, one.soil()).getLength() < 2 * IN
                && Areas.along(feet, other.soil()).getLength() < 2 * IN
                && soil.patches().stream()
                        .filter(patch -> patch != one && patch != other)
                        .noneMatch(patch -> patch.soil().intersects(feet));
    }
}
