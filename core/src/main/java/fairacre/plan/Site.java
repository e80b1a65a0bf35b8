package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.outline.Angles;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * The ground before anything is built on it: one or more pieces, each a simple polygon of 3 to 200 corners with an area
 * of at least a quarter of a square metre; no two pieces share ground.
 *
 * @param corners of the first piece, within 1 km of the origin along either axis, in either sense of rotation, the
 *     first not repeated at the end
 * @param further other pieces of ground apart from the first, at most 12
 * @param north direction of north on the drawing, degrees clockwise from straight up
 * @param latitude of the middle of the plot, degrees, north positive, -90 to 90
 * @param longitude of the middle of the plot, degrees, east positive, -180 to 180; empty if nobody told
 * @param approximate whether the corners come from a satellite fix or a map and no tape has confirmed them
 * @param levels spot heights, at most 500, no two at one place
 */
public record Site(
        List<Point> corners,
        List<List<Point>> further,
        double north,
        double latitude,
        Optional<Double> longitude,
        boolean approximate,
        List<SpotHeight> levels,
        SoilNotes soil) {

    private static final double SMALLEST_AREA = 0.25;
    private static final int MOST_PIECES = 12;
    private static final int MOST_LEVELS = 500;
    /** Pieces may touch: what they share counts from this area on, square metres. */
    private static final double SHARED = 1e-4;

    public Site {
        corners = piece(corners, "corners");
        further = further == null ? List.of() : further;
        Limits.atMost(MOST_PIECES, further, "further");
        List<List<Point>> others = new ArrayList<>();
        for (int i = 0; i < further.size(); i++) {
            others.add(piece(further.get(i), "further/" + i));
        }
        further = List.copyOf(others);
        checkApart(corners, further);
        north = Angles.normal(north, "north");
        Limits.between(latitude, -90, 90, "latitude");
        longitude = longitude == null ? Optional.empty() : longitude;
        longitude.ifPresent(degrees -> Limits.between(degrees, -180, 180, "longitude"));
        levels = levels == null ? List.of() : levels;
        Limits.atMost(MOST_LEVELS, levels, "levels");
        levels = List.copyOf(levels);
        checkLevels(levels);
        soil = soil == null ? SoilNotes.NOTHING_KNOWN : soil;
    }

    public Site(List<Point> corners, double north, double latitude) {
        this(corners, List.of(), north, latitude, Optional.empty(), false, List.of(), SoilNotes.NOTHING_KNOWN);
    }

    /** A plot with square corners whose lower left corner is the origin. */
    public static List<Point> rectangle(double lengthMetres, double widthMetres) {
        return List.of(
                Point.metres(0, 0),
                Point.metres(lengthMetres, 0),
                Point.metres(lengthMetres, widthMetres),
                Point.metres(0, widthMetres));
    }

    /** Every piece of ground, the first one first. */
    public List<List<Point>> pieces() {
        List<List<Point>> pieces = new ArrayList<>(List.of(corners));
        pieces.addAll(further);
        return pieces;
    }

    /** All the ground as one shape in metres. */
    public Geometry ground() {
        Geometry ground = Polygons.of(corners);
        for (List<Point> piece : further) {
            ground = ground.union(Polygons.of(piece));
        }
        return ground;
    }

    public Area area() {
        return Area.squareMetres(pieces().stream()
                .mapToDouble(piece -> Polygons.of(piece).getArea())
                .sum());
    }

    public Site withLevels(List<SpotHeight> newLevels) {
        return new Site(corners, further, north, latitude, longitude, approximate, newLevels, soil);
    }

    public Site withSoil(SoilNotes newSoil) {
        return new Site(corners, further, north, latitude, longitude, approximate, levels, newSoil);
    }

    private static List<Point> piece(List<Point> corners, String field) {
        Limits.atMost(Limits.MOST_CORNERS, corners, field);
        for (int i = 0; i < corners.size(); i++) {
            Point.near(corners.get(i), field + "/" + i);
        }
        if (corners.size() < 3) {
            throw new RefusedException(
                    field, "a plot of " + corners.size() + " corners has no ground", "give at least three corners");
        }
        Polygons.checkSimple(corners, field, "plot");
        if (Polygons.of(corners).getArea() < SMALLEST_AREA) {
            throw new RefusedException(
                    field, "the plot has less than a quarter of a square metre", "check the corners and their units");
        }
        return List.copyOf(corners);
    }

    private static void checkApart(List<Point> corners, List<List<Point>> further) {
        List<Polygon> seen = new ArrayList<>(List.of(Polygons.of(corners)));
        for (int i = 0; i < further.size(); i++) {
            Polygon piece = Polygons.of(further.get(i));
            if (seen.stream().anyMatch(other -> other.intersection(piece).getArea() > SHARED)) {
                throw new RefusedException(
                        "further/" + i,
                        "this piece lies over another one",
                        "draw ground that hangs together as one piece");
            }
            seen.add(piece);
        }
    }

    private static void checkLevels(List<SpotHeight> levels) {
        Set<Point> seen = new HashSet<>();
        for (int i = 0; i < levels.size(); i++) {
            if (!seen.add(levels.get(i).place())) {
                throw new RefusedException(
                        "levels/" + i, "there are two heights for this place", "keep the one that is right");
            }
        }
    }
}
