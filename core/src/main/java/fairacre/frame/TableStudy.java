package fairacre.frame;

import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.BedRevision;
import fairacre.shape.Areas;
import fairacre.shape.Insets;
import fairacre.shape.Ring;
import java.util.Collections;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;

/**
 * What carries the soil of a table bed: boards of the frame's kind laid flat across the bed, with gaps that drain it,
 * on cleats along both sides, and on bearers between where they would sag. They are simple beams under wet soil as deep
 * as the frame, by the limits of {@link BowStudy}; legs stand every four feet round the edge and under each bearer
 * (common practice).
 *
 * @param floor lengths of the boards across, longest first, with how often each comes; the last may have to be sawn to
 *     width
 * @param cleat along each of the two sides that the boards lie on
 * @param bearers rows of them between the sides
 * @param bearer length of a row
 * @param legs round the edge, up to the rim
 * @param innerLegs under the bearers
 */
public record TableStudy(
        SortedMap<Length, Integer> floor, Length cleat, int bearers, Length bearer, int legs, int innerLegs) {

    /** Wider, and soil falls through. */
    static final Length WIDEST_GAP = Length.millimetres(15);

    static final Length BETWEEN_LEGS = Length.feet(4);

    static TableStudy of(BedRevision bed, Frame frame) {
        Length walls = frame.board().thickness().times(2);
        Length along = bed.outline().length().minus(walls);
        Length across = bed.outline().width().minus(walls);
        SortedMap<Length, Integer> floor = floor(bed, frame.board(), along, across);
        int bearers = Math.max(0, (int) Math.ceil(floor.firstKey().metres() / span(frame) - 1e-9) - 1);
        Ring ring = Ring.of(bed.cornersUnplaced());
        int legs = IntStream.range(0, ring.edges())
                .map(edge -> fields(ring.edgeLength(edge)))
                .sum();
        return new TableStudy(floor, along, bearers, along, legs, bearers * (fields(along.metres()) + 1));
    }

    /** How far a floor board may reach: metres. */
    static double span(Frame frame) {
        double width = frame.board().width().metres();
        double load = BowStudy.WET_SOIL * BowStudy.GRAVITY * frame.height().metres() * width;
        return BowStudy.span(
                load,
                frame.material().stiffness()
                        * BowStudy.GIGA
                        * width
                        * Math.pow(frame.board().thickness().metres(), 3)
                        / 12);
    }

    private static int fields(double length) {
        return (int) Math.ceil(length / BETWEEN_LEGS.metres() - 1e-9);
    }

    private static SortedMap<Length, Integer> floor(BedRevision bed, Board board, Length along, Length across) {
        int boards = Math.max(1, (int) Math.ceil(along.minus(WIDEST_GAP).metres()
                        / board.width().plus(WIDEST_GAP).metres()
                - 1e-9));
        SortedMap<Length, Integer> floor = new TreeMap<>(Collections.reverseOrder());
        if (bed.shape().plain()) {
            floor.put(across, boards);
            return floor;
        }
        Geometry inside =
                Insets.of(Polygons.of(bed.cornersUnplaced()), board.thickness().metres());
        Envelope box = inside.getEnvelopeInternal();
        double each = box.getWidth() / boards;
        for (int i = 0; i < boards; i++) {
            Geometry strip = inside.getFactory()
                    .toGeometry(new Envelope(
                            box.getMinX() + i * each, box.getMinX() + (i + 1) * each, box.getMinY(), box.getMaxY()));
            parts(Areas.shared(inside, strip))
                    .mapToDouble(part -> part.getEnvelopeInternal().getHeight())
                    .forEach(length -> floor.merge(Length.millimetres(Math.ceil(length * 1000)), 1, Integer::sum));
        }
        return floor;
    }

    private static Stream<Geometry> parts(Geometry geometry) {
        return Stream.iterate(0, i -> i < geometry.getNumGeometries(), i -> i + 1)
                .map(geometry::getGeometryN)
                .filter(part -> part.getArea() > 0);
    }
}
