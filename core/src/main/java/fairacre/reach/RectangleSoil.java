package fairacre.reach;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Box;
import fairacre.shape.Curves;
import fairacre.walk.Stretch;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * The inside of a rectangular bed in the bed's own axes: centre at the origin, length along x, metres.
 *
 * <p>An edge at which one can be from corner to corner reaches a plain strip, since the bed is a rectangle; only parts
 * of edges need round caps and a general difference.
 */
final class RectangleSoil implements Soil {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;
    /** Slivers below a tenth of a square centimetre come from rounding, square metres. */
    private static final double SLIVER = 1e-5;

    private final StandingBed bed;
    private final Box outside;
    private final Envelope inside;

    private RectangleSoil(StandingBed bed, Box outside, Envelope inside) {
        this.bed = bed;
        this.outside = outside;
        this.inside = inside;
    }

    static RectangleSoil of(StandingBed bed) {
        double frame = bed.revision().thickness().metres();
        Box outside = Box.of(bed.outline());
        double along = outside.halfAlong() - frame;
        double across = outside.halfAcross() - frame;
        return new RectangleSoil(bed, outside, new Envelope(-along, along, -across, across));
    }

    @Override
    public Area area() {
        return Area.squareMetres(inside.getArea());
    }

    @Override
    public Geometry beyond(Length reach, List<Stretch> stretches) {
        double r = reach.metres();
        Envelope left = new Envelope(inside);
        List<Stretch> partial = new ArrayList<>();
        for (Stretch stretch : stretches) {
            if (stretch.wholeEdge()) {
                left = withoutStrip(left, stretch.edge(), r);
            } else {
                partial.add(stretch);
            }
        }
        Geometry rest = polygon(left);
        for (Stretch stretch : partial) {
            if (rest.isEmpty()) {
                break;
            }
            rest = Areas.without(rest, within(stretch, r));
        }
        return rest;
    }

    @Override
    public Unreached unreached(Geometry geometry) {
        List<List<Point>> parts = new ArrayList<>();
        double area = 0;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon part && part.getArea() > SLIVER) {
                area += part.getArea();
                parts.add(onDrawing(part));
            }
        }
        return parts.isEmpty() ? Unreached.NOTHING : new Unreached(Area.squareMetres(area), parts);
    }

    private Envelope withoutStrip(Envelope left, int edge, double reach) {
        double along = outside.halfAlong() - reach;
        double across = outside.halfAcross() - reach;
        Envelope beyond = switch (edge) {
            case 0 -> new Envelope(left.getMinX(), left.getMaxX(), Math.max(left.getMinY(), -across), left.getMaxY());
            case 1 -> new Envelope(left.getMinX(), Math.min(left.getMaxX(), along), left.getMinY(), left.getMaxY());
            case 2 -> new Envelope(left.getMinX(), left.getMaxX(), left.getMinY(), Math.min(left.getMaxY(), across));
            default -> new Envelope(Math.max(left.getMinX(), -along), left.getMaxX(), left.getMinY(), left.getMaxY());
        };
        return left.isNull() || crossed(left, edge, along, across) ? new Envelope() : beyond;
    }

    /** Whether the strip along an edge covers all that is left; an envelope would swap its crossed bounds instead. */
    private static boolean crossed(Envelope left, int edge, double along, double across) {
        return switch (edge) {
            case 0 -> -across >= left.getMaxY();
            case 1 -> along <= left.getMinX();
            case 2 -> across <= left.getMinY();
            default -> -along >= left.getMaxX();
        };
    }

    private Geometry within(Stretch stretch, double reach) {
        Coordinate start = onEdge(stretch.edge(), stretch.start());
        Coordinate end = onEdge(stretch.edge(), stretch.end());
        Geometry stood = start.equals2D(end, SLIVER)
                ? GEOMETRY.createPoint(start)
                : GEOMETRY.createLineString(new Coordinate[] {start, end});
        return stood.buffer(reach, Curves.quadrantSegments(reach, CURVE_TOLERANCE), BufferParameters.CAP_ROUND);
    }

    private Coordinate onEdge(int edge, double distance) {
        double share = distance / outside.edgeLength(edge);
        return new Coordinate(
                mix(outside.cornerAlong(edge), outside.cornerAlong(edge + 1), share),
                mix(outside.cornerAcross(edge), outside.cornerAcross(edge + 1), share));
    }

    private static double mix(double from, double to, double share) {
        return from + (to - from) * share;
    }

    private static Geometry polygon(Envelope envelope) {
        return envelope.isNull() || envelope.getArea() == 0 ? GEOMETRY.createPolygon() : GEOMETRY.toGeometry(envelope);
    }

    private List<Point> onDrawing(Polygon part) {
        Coordinate[] ring = part.getExteriorRing().getCoordinates();
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            corners.add(bed.outline().at(ring[i].x, ring[i].y));
        }
        return corners;
    }
}
