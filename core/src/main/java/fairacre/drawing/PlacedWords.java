package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.index.quadtree.Quadtree;
import org.locationtech.jts.operation.distance.DistanceOp;

/**
 * Words on a sheet, none on another. Each is written at the first of its places that is free; further off with a line
 * to what it names. Millimetres.
 */
final class PlacedWords {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Of a letter to its height, as wide as the usual ones are. */
    private static final double LETTER = 0.55;
    /** Of the height that hangs below the base line. */
    static final double BELOW = 0.25;
    /** Directions in which a name looks for room, and how far off, millimetres. */
    private static final int DIRECTIONS = 12;

    private static final double[] DISTANCES = {4, 6, 9, 13, 18, 24};
    /** From here on a line tells what it belongs to. */
    private static final double FAR = 6;
    /** Between a number and the box round it. */
    private static final double FRAME = 0.5;

    private final Geometry room;
    private final Quadtree taken = new Quadtree();
    private final List<Mark> marks = new ArrayList<>();

    /**
     * @param room in which words may stand
     * @param free what is in it that none may cover
     */
    PlacedWords(Polygon room, List<? extends Geometry> free) {
        this.room = room;
        free.forEach(this::take);
    }

    /** What was written, and the lines to what it names. */
    List<Mark> marks() {
        return List.copyOf(marks);
    }

    /** Words that have this one place; they are left out where it is taken. */
    boolean write(Words words) {
        Polygon box = box(words);
        if (!isFree(box)) {
            return false;
        }
        take(box);
        marks.add(words);
        return true;
    }

    /** A name at its thing, or as near to it as there is room. */
    void name(Spot at, String text, double height) {
        Optional<Words> found = places(at)
                .map(place -> new Words(place, text, height, true, 0))
                .filter(this::write)
                .findFirst();
        found.map(Words::at)
                .filter(place -> Math.hypot(place.x() - at.x(), place.y() - at.y()) > FAR)
                .ifPresent(place -> marks.add(Mark.Stroke.line(Pens.FINE, at, place)));
    }

    /** A number in a box near its place, with a line that leads there; left out where there is no room. */
    void number(Spot at, String text, double height) {
        round(at)
                .map(place -> new Words(place, text, height, true, 0))
                .filter(words -> {
                    Polygon box = boxed(words);
                    return isFree(box) && isFree(line(at, box));
                })
                .findFirst()
                .ifPresent(words -> {
                    Polygon box = boxed(words);
                    take(box);
                    marks.add(words);
                    marks.add(new Mark.Stroke(spots(box), true, Pens.FINE, false));
                    marks.add(Mark.Stroke.line(Pens.FINE, spots(line(at, box)).toArray(Spot[]::new)));
                });
    }

    private static Polygon boxed(Words words) {
        Envelope round = box(words).getEnvelopeInternal();
        round.expandBy(FRAME);
        return (Polygon) GEOMETRY.toGeometry(round);
    }

    /** The shortest from a place to a box. */
    private static LineString line(Spot at, Polygon box) {
        Coordinate from = new Coordinate(at.x(), at.y());
        return GEOMETRY.createLineString(
                new Coordinate[] {from, DistanceOp.nearestPoints(box, GEOMETRY.createPoint(from))[0]});
    }

    private static List<Spot> spots(Geometry line) {
        return Stream.of(line.getCoordinates())
                .map(corner -> new Spot(corner.x, corner.y))
                .toList();
    }

    private static Stream<Spot> places(Spot at) {
        Stream<Spot> near = Stream.of(new Spot(at.x(), at.y() - 1.2), new Spot(at.x(), at.y() + 3));
        return Stream.concat(near, round(at));
    }

    private static Stream<Spot> round(Spot at) {
        return Stream.iterate(0, i -> i < DISTANCES.length * DIRECTIONS, i -> i + 1)
                .map(i -> {
                    double angle = Math.toRadians(90 + 360.0 / DIRECTIONS * (i % DIRECTIONS));
                    double distance = DISTANCES[i / DIRECTIONS];
                    return new Spot(at.x() + distance * Math.cos(angle), at.y() - distance * Math.sin(angle));
                });
    }

    private void take(Geometry box) {
        taken.insert(box.getEnvelopeInternal(), box);
    }

    private boolean isFree(Geometry shape) {
        return room.covers(shape)
                && taken.query(shape.getEnvelopeInternal()).stream()
                        .noneMatch(other -> ((Geometry) other).intersects(shape));
    }

    /** A text cut off so that it takes no more room. */
    static String fitted(String text, double height, double room) {
        int most = Math.max(1, (int) (room / (height * LETTER)));
        return text.length() <= most ? text : text.substring(0, Math.max(1, most - 1)) + "…";
    }

    /** The ground that words take up. */
    static Polygon box(Words words) {
        double width = words.text().length() * LETTER * words.height();
        double from = words.centred() ? words.at().x() - width / 2 : words.at().x();
        double foot = words.at().y() + BELOW * words.height();
        double top = words.at().y() - words.height();
        Polygon flat = GEOMETRY.createPolygon(new Coordinate[] {
            new Coordinate(from, top),
            new Coordinate(from + width, top),
            new Coordinate(from + width, foot),
            new Coordinate(from, foot),
            new Coordinate(from, top)
        });
        return (Polygon) AffineTransformation.rotationInstance(
                        Math.toRadians(words.turn()), words.at().x(), words.at().y())
                .transform(flat);
    }
}
