package fairacre.walk;

import fairacre.outline.Point;
import fairacre.plan.Carrier;
import fairacre.shape.Areas;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Room to turn in a T: arms and base as wide as the carrier, within a square as large as its turning circle. For a
 * wheelchair of 36 in that turns in 60 in this is the T-shaped space of 2010 ADA Standards 304.3.2; for other carriers
 * it is scaled likewise.
 *
 * <p>The T lies along or across an edge of a bed or of the plot. Where its middle can be is what remains of the
 * carrier's ground without the sweep of the T, turned about, along every edge (the Minkowski sum of edge and T).
 */
final class Tees {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Directions of edges that differ by less count as one, degrees. */
    private static final double SAME_DIRECTION = 0.5;
    /** Directions that are tried, those of most edges first. */
    private static final int MOST_DIRECTIONS = 4;

    private static final BufferParameters SHARP =
            new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 10);
    /** Places of less extent come from rounding, square metres. */
    private static final double SLIVER = 1e-8;

    private final Layout layout;
    private final double width;
    private final double square;

    Tees(Layout layout, Carrier carrier) {
        this.layout = layout;
        this.width = carrier.width().metres() - 2 * WalkStudy.SLACK;
        this.square = Math.max(width, carrier.turning().metres() - 2 * WalkStudy.SLACK);
    }

    /** Where the middle of a T can be, in one turn of it. */
    private record Places(Geometry places, double angle) {}

    /** One T for each stretch of ground on which the middle of one can be. */
    List<Tee> all(Geometry centres) {
        List<Tee> tees = new ArrayList<>();
        Geometry covered = GEOMETRY.createPolygon();
        for (Places turned : places(centres)) {
            Geometry fresh = Areas.without(turned.places, covered);
            for (int i = 0; i < fresh.getNumGeometries(); i++) {
                if (fresh.getGeometryN(i).getArea() > SLIVER) {
                    tees.add(tee(fresh.getGeometryN(i).getInteriorPoint().getCoordinate(), turned.angle));
                }
            }
            covered = Areas.joined(List.of(covered, turned.places.buffer(square / 2)));
        }
        return tees;
    }

    /** All places where the middle of a T can be, however it lies. */
    Geometry anywhere(Geometry centres) {
        List<Geometry> all = places(centres).stream().map(Places::places).toList();
        return Areas.joined(all);
    }

    boolean isAnywhere(Geometry centres) {
        return !places(centres).isEmpty();
    }

    private List<Places> places(Geometry centres) {
        List<Double> directions = directions();
        List<List<Geometry>> byTile = Tiles.over(centres.getEnvelopeInternal()).stream()
                .map(tile -> inTile(centres, tile, directions))
                .filter(turned -> !turned.isEmpty())
                .toList();
        List<Places> found = new ArrayList<>();
        for (int i = 0; i < directions.size(); i++) {
            int turn = i;
            Geometry places =
                    Areas.joined(byTile.stream().map(turned -> turned.get(turn)).toList());
            if (places.getArea() > SLIVER) {
                found.add(new Places(places, directions.get(i)));
            }
        }
        return found;
    }

    /** The question where in a part of one tile the middle of a T can be. */
    private record InTile(
            Geometry part,
            Layout.Vicinity vicinity,
            List<Polygon> ground,
            List<Double> directions,
            double width,
            double square) {}

    /** For each direction where the middle of a T can be; empty where the ground doesn't come into the tile. */
    private List<Geometry> inTile(Geometry centres, Envelope tile, List<Double> directions) {
        // Corners in one order, so that the same part is known again.
        Geometry part = Areas.shared(centres, GEOMETRY.toGeometry(tile)).norm();
        if (part.isEmpty()) {
            return List.of();
        }
        InTile question = new InTile(part, layout.vicinity(tile, square), layout.pieces(), directions, width, square);
        return layout.memo().recall(question, () -> {
            List<List<Geometry>> swept = obstacles(tile).stream()
                    .map(ring -> swept(ring, directions))
                    .toList();
            return IntStream.range(0, directions.size())
                    .mapToObj(turn -> without(
                            part, swept.stream().map(turned -> turned.get(turn)).toList()))
                    .toList();
        });
    }

    private static Geometry without(Geometry part, List<Geometry> swept) {
        Envelope bounds = part.getEnvelopeInternal();
        return Areas.without(
                part,
                Areas.joined(swept.stream()
                        .filter(sweep -> sweep.getEnvelopeInternal().intersects(bounds))
                        .toList()));
    }

    /** The question where the middle of a T must not be for the sake of one outline. */
    private record Swept(Ring ring, List<Double> directions, double width, double square) {}

    /** For each direction where the middle of a T must not be lest it touches an edge of an outline. */
    private List<Geometry> swept(Ring ring, List<Double> directions) {
        return layout.memo()
                .recall(
                        new Swept(ring, directions, width, square),
                        () -> directions.stream()
                                .map(angle -> swept(ring, angle))
                                .toList());
    }

    private Geometry swept(Ring ring, double angle) {
        double[][] parts = {
            {-square / 2, -width / 2, square / 2, width / 2}, {-width / 2, width / 2 - square, width / 2, width / 2}
        };
        List<Geometry> swept = new ArrayList<>();
        for (int edge = 0; edge < ring.edges(); edge++) {
            for (double[] part : parts) {
                swept.add(sweep(ring, edge, part, angle));
            }
        }
        return Areas.joined(swept);
    }

    /** Where the middle of a T must not be lest one of its two parts touches an edge. */
    private static Geometry sweep(Ring ring, int edge, double[] part, double angle) {
        Coordinate[] corners = new Coordinate[8];
        for (int i = 0; i < 8; i++) {
            double x = part[(i & 1) == 0 ? 0 : 2];
            double y = part[(i & 2) == 0 ? 1 : 3];
            int end = edge + ((i & 4) == 0 ? 0 : 1);
            corners[i] =
                    new Coordinate(ring.cornerX(end) - turnedX(x, y, angle), ring.cornerY(end) - turnedY(x, y, angle));
        }
        return GEOMETRY.createMultiPointFromCoords(corners).convexHull();
    }

    private List<Ring> obstacles(Envelope tile) {
        Envelope near = new Envelope(tile);
        near.expandBy(square);
        return Stream.concat(
                        layout.plotSides().stream().filter(side -> side.bounds().intersects(near)),
                        layout.near(tile, square).stream()
                                .map(ring -> ring.lean() == 0
                                        ? ring
                                        : Ring.of((Polygon) BufferOp.bufferOp(ring.polygon(), ring.lean(), SHARP))))
                .toList();
    }

    /** Directions of edges and their quarter turns, radians; the most frequent first. */
    List<Double> directions() {
        TreeMap<Long, Integer> counts = new TreeMap<>();
        List<Ring> rings = new ArrayList<>(layout.plotSides());
        for (int i = 0; i < layout.size(); i++) {
            rings.add(layout.ring(i));
        }
        for (Ring ring : rings) {
            for (int edge = 0; edge < ring.edges(); edge++) {
                double degrees = Math.toDegrees(Math.atan2(ring.normalY(edge), ring.normalX(edge)));
                counts.merge(
                        Math.floorMod(Math.round(degrees / SAME_DIRECTION), Math.round(90 / SAME_DIRECTION)),
                        1,
                        Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .sorted((a, b) -> b.getValue() - a.getValue())
                .limit(MOST_DIRECTIONS)
                .flatMap(e -> List.of(0, 90, 180, 270).stream()
                        .map(turn -> Math.toRadians(e.getKey() * SAME_DIRECTION + turn)))
                .toList();
    }

    private Tee tee(Coordinate at, double angle) {
        double half = width / 2;
        double arm = square / 2;
        double foot = width / 2 - square;
        double[][] corners = {
            {-half, foot},
            {half, foot},
            {half, -half},
            {arm, -half},
            {arm, half},
            {-arm, half},
            {-arm, -half},
            {-half, -half}
        };
        List<Point> outline = new ArrayList<>();
        for (double[] corner : corners) {
            outline.add(Point.metres(
                    at.x + turnedX(corner[0], corner[1], angle), at.y + turnedY(corner[0], corner[1], angle)));
        }
        return new Tee(Point.metres(at.x, at.y), outline);
    }

    private static double turnedX(double x, double y, double angle) {
        return x * Math.cos(angle) - y * Math.sin(angle);
    }

    private static double turnedY(double x, double y, double angle) {
        return x * Math.sin(angle) + y * Math.cos(angle);
    }
}
