package fairacre.outline;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * What a bed looks like within the rectangle that bounds it. Corners are given in metres from the rectangle's lower
 * left corner before it is turned, counter-clockwise; sides are numbered in that order, the first from the first corner
 * to the second.
 *
 * <p>A form is parametric: with another length or width its arms and fingers keep their widths and its right angles
 * stay right. Only free corners are stretched in proportion.
 */
public sealed interface Form {

    Form RECTANGLE = new Rectangular();

    /** @throws RefusedException if the form does not fit a rectangle of this size */
    List<Coordinate> corners(Length length, Length width);

    /** The form for a rectangle of another size; the same one unless its corners are free. */
    default Form resized(Length length, Length width) {
        return this;
    }

    /** The form as a mirror shows it that stands across the length. */
    default Form mirrored(Length length) {
        return this;
    }

    /** All of the rectangle. */
    record Rectangular() implements Form {
        @Override
        public List<Coordinate> corners(Length length, Length width) {
            double a = length.metres();
            double b = width.metres();
            return List.of(new Coordinate(0, 0), new Coordinate(a, 0), new Coordinate(a, b), new Coordinate(0, b));
        }
    }

    /**
     * Two arms that meet at the lower left corner, or the lower right one.
     *
     * @param along width of the arm that runs along the length
     * @param across width of the arm that runs along the width
     * @param right whether the second arm stands at the right end
     */
    record Ell(Length along, Length across, boolean right) implements Form {
        public Ell {
            arm(along, "along");
            arm(across, "across");
        }

        @Override
        public List<Coordinate> corners(Length length, Length width) {
            within(along, width, "along", "width");
            within(across, length, "across", "length");
            double a = length.metres();
            double b = width.metres();
            double low = along.metres();
            double arm = across.metres();
            return right
                    ? List.of(
                            new Coordinate(0, 0),
                            new Coordinate(a, 0),
                            new Coordinate(a, b),
                            new Coordinate(a - arm, b),
                            new Coordinate(a - arm, low),
                            new Coordinate(0, low))
                    : List.of(
                            new Coordinate(0, 0),
                            new Coordinate(a, 0),
                            new Coordinate(a, low),
                            new Coordinate(arm, low),
                            new Coordinate(arm, b),
                            new Coordinate(0, b));
        }

        @Override
        public Form mirrored(Length length) {
            return new Ell(along, across, !right);
        }
    }

    /**
     * Fingers that stand on a spine along the length, evenly spread, one at either end. Two fingers make a U.
     *
     * @param fingers 2 to 40
     * @param spine width of the spine
     * @param finger width of each finger
     */
    record Comb(int fingers, Length spine, Length finger) implements Form {
        private static final int MOST_FINGERS = 40;

        public Comb {
            Limits.between(fingers, 2, MOST_FINGERS, "fingers");
            arm(spine, "spine");
            arm(finger, "finger");
        }

        @Override
        public List<Coordinate> corners(Length length, Length width) {
            within(spine, width, "spine", "width");
            double gap = gap(length).metres();
            if (gap <= 0) {
                throw new RefusedException(
                        "finger",
                        fingers + " fingers leave no room between them",
                        "give fewer or slimmer fingers, or more length");
            }
            double a = length.metres();
            double b = width.metres();
            List<Coordinate> corners = new ArrayList<>(List.of(new Coordinate(0, 0), new Coordinate(a, 0)));
            for (int i = fingers - 1; i >= 0; i--) {
                double left = i * (finger.metres() + gap);
                double right = i == fingers - 1 ? a : left + finger.metres();
                corners.add(new Coordinate(right, b));
                corners.add(new Coordinate(left, b));
                if (i > 0) {
                    corners.add(new Coordinate(left, spine.metres()));
                    corners.add(new Coordinate(left - gap, spine.metres()));
                }
            }
            return corners;
        }

        /** Clear room between two fingers of a comb of this length; negative if the fingers do not fit. */
        public Length gap(Length length) {
            return Length.metres(length.minus(finger.times(fingers)).metres() / (fingers - 1));
        }
    }

    /**
     * A rectangle with its corners cut off at 45 degrees.
     *
     * @param corner how much of each side a corner takes; 0.2929 of a square's side makes the octagon regular
     */
    record Octagon(Length corner) implements Form {
        public Octagon {
            Limits.between(corner, SMALLEST_CUT, Limits.LONGEST_SIDE, "corner");
        }

        @Override
        public List<Coordinate> corners(Length length, Length width) {
            within(corner.times(2), Length.min(length, width), "corner", "shorter side");
            double a = length.metres();
            double b = width.metres();
            double c = corner.metres();
            return List.of(
                    new Coordinate(c, 0),
                    new Coordinate(a - c, 0),
                    new Coordinate(a, c),
                    new Coordinate(a, b - c),
                    new Coordinate(a - c, b),
                    new Coordinate(c, b),
                    new Coordinate(0, b - c),
                    new Coordinate(0, c));
        }
    }

    /**
     * Free corners, 3 to 60, that touch all four sides of the rectangle.
     *
     * @param places from the lower left corner of the rectangle, either way round
     */
    record FreeForm(List<Point> places) implements Form {
        private static final int MOST = 60;
        /** How far the bounds may miss the rectangle: rounding of a turned drawing, metres. */
        private static final double SNUG = 2e-6;

        public FreeForm {
            Limits.atMost(MOST, places, "places");
            places = List.copyOf(places);
            if (places.size() < 3) {
                throw new RefusedException(
                        "places", "a bed of " + places.size() + " corners has no soil", "give at least three corners");
            }
        }

        @Override
        public List<Coordinate> corners(Length length, Length width) {
            Polygons.checkSimple(places, "places", "bed");
            List<Coordinate> corners = Polygons.counterClockwise(places);
            var bounds = Polygons.of(places).getEnvelopeInternal();
            if (Math.abs(bounds.getMinX()) > SNUG
                    || Math.abs(bounds.getMinY()) > SNUG
                    || Math.abs(bounds.getMaxX() - length.metres()) > SNUG
                    || Math.abs(bounds.getMaxY() - width.metres()) > SNUG) {
                throw new RefusedException(
                        "places",
                        "the corners do not fill the bed's length and width",
                        "measure them from the lower left of the rectangle round the bed");
            }
            return corners;
        }

        @Override
        public Form resized(Length length, Length width) {
            var bounds = Polygons.of(places).getEnvelopeInternal();
            return new FreeForm(places.stream()
                    .map(p -> Point.metres(
                            p.x().metres() * length.metres() / bounds.getMaxX(),
                            p.y().metres() * width.metres() / bounds.getMaxY()))
                    .toList());
        }

        @Override
        public Form mirrored(Length length) {
            List<Point> mirrored = new ArrayList<>();
            places.forEach(p -> mirrored.add(0, new Point(length.minus(p.x()), p.y())));
            return new FreeForm(mirrored);
        }
    }

    /** Smallest corner that is worth a cut. */
    Length SMALLEST_CUT = Length.millimetres(10);

    private static void arm(Length width, String field) {
        Limits.between(width, Limits.SHORTEST_SIDE, Limits.LONGEST_SIDE, field);
    }

    private static void within(Length part, Length whole, String field, String side) {
        if (part.compareTo(whole) >= 0) {
            throw new RefusedException(
                    field, "it takes up the bed's whole " + side, "make it smaller or the bed larger");
        }
    }
}
