package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.shape.Areas;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Parallel lines within an area on paper, so that kinds of ground can be told apart without colour.
 *
 * @param spacing between the lines, millimetres
 * @param angle of the lines, degrees counter-clockwise from level
 */
record Hatch(double spacing, double angle) {

    /** Houses and walls. */
    static final Hatch MASONRY = new Hatch(2.2, 45);
    /** Main walks. */
    static final Hatch PAVED = new Hatch(3.2, 0);
    /** Walks between beds. */
    static final Hatch TRODDEN = new Hatch(5, -45);

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    List<Mark> of(Geometry area) {
        double turn = Math.toRadians(angle);
        Geometry level = AffineTransformation.rotationInstance(turn).transform(area);
        Envelope bounds = level.getEnvelopeInternal();
        List<Mark> lines = new ArrayList<>();
        for (double y = (Math.floor(bounds.getMinY() / spacing) + 1) * spacing; y < bounds.getMaxY(); y += spacing) {
            LineString line = GEOMETRY.createLineString(
                    new Coordinate[] {new Coordinate(bounds.getMinX(), y), new Coordinate(bounds.getMaxX(), y)});
            Geometry within = AffineTransformation.rotationInstance(-turn).transform(Areas.along(line, level));
            for (int i = 0; i < within.getNumGeometries(); i++) {
                if (within.getGeometryN(i) instanceof LineString part) {
                    lines.add(new Stroke(spots(part), false, Pens.HAIR, false));
                }
            }
        }
        return lines;
    }

    private static List<Spot> spots(LineString line) {
        return Arrays.stream(line.getCoordinates())
                .map(place -> new Spot(place.x, place.y))
                .toList();
    }

    /** The area that places on paper go round. */
    static Geometry area(List<Spot> round) {
        Coordinate[] ring = new Coordinate[round.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Spot spot = round.get(i % round.size());
            ring[i] = new Coordinate(spot.x(), spot.y());
        }
        return GEOMETRY.createPolygon(ring);
    }

    /** Without what lies on it. */
    static Geometry without(Geometry area, List<Geometry> others) {
        Geometry left = area;
        for (Geometry other : others) {
            left = Areas.without(left, other);
        }
        return left;
    }
}
