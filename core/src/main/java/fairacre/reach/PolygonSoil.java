package fairacre.reach;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.plan.Point;
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
 * <p>A body stands outside of an edge and reaches in across it: what lies behind the line of the edge is not reached from
 * there, nor soil that hangs together with the edge only round a notch. So nobody reaches across a keyhole or from one finger
 * of a comb over open ground into the next.
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
        return new PolygonSoil(outside, polygon, Insets.of(polygon, bed.revision().thickness().metres()));
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
        Geometry stood = GEOMETRY.createLineString(new Coordinate[] {start, end});
        Geometry round = stood.buffer(reach, segments, BufferParameters.CAP_ROUND);
        Geometry inFront = inFront(stretch, reach);
        return hangingTogether(Areas.shared(round, inFront), stood);
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

    /** The ground on the inner side of an edge's line as far as an arm could matter. */
    private Geometry inFront(Stretch stretch, double reach) {
        double nx = outside.normalX(stretch.edge());
        double ny = outside.normalY(stretch.edge());
        Coordinate start = along(stretch.edge(), stretch.start() - reach - 1);
        Coordinate end = along(stretch.edge(), stretch.end() + reach + 1);
        double deep = reach + 1;
        return GEOMETRY.createPolygon(new Coordinate[] {start, end, new Coordinate(end.x - nx * deep, end.y - ny * deep),
            new Coordinate(start.x - nx * deep, start.y - ny * deep), start});
    }

    private Coordinate onEdge(int edge, double distance) {
        return along(edge, Math.min(distance, outside.edgeLength(edge)));
    }

    private Coordinate along(int edge, double distance) {
        return new Coordinate(outside.cornerX(edge) - outside.normalY(edge) * distance,
                outside.cornerY(edge) + outside.normalX(edge) * distance);
    }
}
