package fairacre.reach;

import fairacre.limits.Stop;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Curves;
import fairacre.shape.Insets;
import fairacre.shape.Ring;
import fairacre.walk.Stretch;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * The inside of a bed of any shape, on the drawing's axes in metres.
 *
 * <p>A body stands outside of an edge and reaches in across it: what lies behind the line of the edge is not reached
 * from there, nor soil that hangs together with the edge only round a notch. So nobody reaches across a keyhole or from
 * one finger of a comb over open ground into the next.
 */
final class PolygonSoil implements Soil {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double CURVE_TOLERANCE = 0.001;
    /** Slivers below a tenth of a square centimetre come from rounding, square metres. */
    private static final double SLIVER = 1e-5;
    /** What is reached hangs together with the edge if it comes so near, metres. */
    private static final double TOUCHING = 1e-6;

    private final Ring outside;
    private final Polygon bed;
    private final Geometry inside;

    private PolygonSoil(Ring outside, Polygon bed, Geometry inside) {
        this.outside = outside;
        this.bed = bed;
        this.inside = inside;
    }

    static PolygonSoil of(StandingBed bed) {
        Ring outside = Ring.of(bed.corners());
        Polygon polygon = outside.polygon();
        return new PolygonSoil(
                outside, polygon, Insets.of(polygon, bed.revision().thickness().metres()));
    }

    @Override
    public Area area() {
        return Area.squareMetres(inside.getArea());
    }

    @Override
    public Geometry beyond(Length reach, List<Stretch> stretches) {
        Geometry rest = inside;
        for (Stretch stretch : stretches) {
            if (rest.isEmpty()) {
                break;
            }
            Stop.look();
            rest = Areas.without(rest, within(stretch, reach.metres()));
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
                Coordinate[] ring = part.getExteriorRing().getCoordinates();
                List<Point> corners = new ArrayList<>();
                for (int corner = 0; corner + 1 < ring.length; corner++) {
                    corners.add(Point.metres(ring[corner].x, ring[corner].y));
                }
                parts.add(corners);
            }
        }
        return parts.isEmpty() ? Unreached.NOTHING : new Unreached(Area.squareMetres(area), parts);
    }

    private Geometry within(Stretch stretch, double reach) {
        int segments = Curves.quadrantSegments(reach, CURVE_TOLERANCE);
        Coordinate start = onEdge(stretch.edge(), stretch.start());
        Coordinate end = onEdge(stretch.edge(), stretch.end());
        if (start.distance(end) < TOUCHING) {
            Geometry corner = GEOMETRY.createPoint(start);
            return hangingTogether(corner.buffer(reach, segments, BufferParameters.CAP_ROUND), corner);
        }
        return hangingTogether(
                inFront(stretch.edge(), start, end, reach, segments),
                GEOMETRY.createLineString(new Coordinate[] {start, end}));
    }

    /** The part of the bed's own ground that is in the zone and comes to where the body is. */
    private Geometry hangingTogether(Geometry zone, Geometry stood) {
        if (outside.isConvex()) {
            return zone;
        }
        Geometry own = Areas.shared(zone, bed);
        List<Geometry> parts = new ArrayList<>();
        for (int i = 0; i < own.getNumGeometries(); i++) {
            Geometry part = own.getGeometryN(i);
            if (part instanceof Polygon && part.distance(stood) < TOUCHING) {
                parts.add(part);
            }
        }
        return GEOMETRY.buildGeometry(parts);
    }

    /**
     * What is within reach of a part of an edge on the inner side of the edge's line: a strip with a quarter circle at
     * each end.
     */
    private Polygon inFront(int edge, Coordinate start, Coordinate end, double reach, int segments) {
        Coordinate[] outline = new Coordinate[2 * segments + 3];
        double along = Math.atan2(outside.normalX(edge), -outside.normalY(edge));
        for (int i = 0; i <= segments; i++) {
            double angle = Math.PI / 2 * i / segments;
            outline[i] =
                    new Coordinate(end.x + reach * Math.cos(along + angle), end.y + reach * Math.sin(along + angle));
            outline[segments + 1 + i] = new Coordinate(
                    start.x + reach * Math.cos(along + Math.PI / 2 + angle),
                    start.y + reach * Math.sin(along + Math.PI / 2 + angle));
        }
        outline[2 * segments + 2] = outline[0];
        return GEOMETRY.createPolygon(outline);
    }

    private Coordinate onEdge(int edge, double distance) {
        return along(edge, Math.min(distance, outside.edgeLength(edge)));
    }

    private Coordinate along(int edge, double distance) {
        return new Coordinate(
                outside.cornerX(edge) - outside.normalY(edge) * distance,
                outside.cornerY(edge) + outside.normalX(edge) * distance);
    }
}
