package fairacre.outline;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A form with the keyholes cut into it.
 *
 * @param keyholes at most 20, in order of side and place; no two touch, and what is left of the bed is in one piece
 */
public record Shape(Form form, List<Keyhole> keyholes) {

    public static final Shape RECTANGLE = new Shape(Form.RECTANGLE, List.of());

    private static final int MOST_KEYHOLES = 20;
    /** A notch ends at least so far from the corners of its side, metres: a board has to hold there. */
    private static final double FROM_CORNER = 0.01;
    /** Corners nearer than this are one, metres. */
    private static final double SAME = 1e-5;

    public Shape {
        Limits.present(form, "form");
        keyholes = keyholes == null ? List.of() : keyholes;
        Limits.atMost(MOST_KEYHOLES, keyholes, "keyholes");
        keyholes = keyholes.stream()
                .sorted(Comparator.comparingInt(Keyhole::side).thenComparing(Keyhole::at))
                .toList();
    }

    /**
     * The outline with its keyholes, from the lower left corner of the bounding rectangle, counter-clockwise.
     *
     * @param mouths for each keyhole, the edge of the outline that is its first wall; its end and other wall follow
     */
    public record Outline(List<Coordinate> corners, List<Integer> mouths) {}

    public boolean plain() {
        return form instanceof Form.Rectangular && keyholes.isEmpty();
    }

    public Shape resized(Length length, Length width) {
        return new Shape(form.resized(length, width), keyholes);
    }

    /** As a mirror shows it that stands across the length; the keyholes go with their sides. */
    public Shape mirrored(Length length, Length width) {
        Form other = form.mirrored(length);
        List<Coordinate> before = form.corners(length, width);
        List<Coordinate> after = other.corners(length, width);
        List<Keyhole> moved = new ArrayList<>();
        for (Keyhole keyhole : keyholes) {
            Coordinate from = before.get(keyhole.side());
            Coordinate to = before.get((keyhole.side() + 1) % before.size());
            Coordinate start = new Coordinate(length.metres() - to.x, to.y);
            for (int side = 0; side < after.size(); side++) {
                if (after.get(side).distance(start) < SAME) {
                    Length along = Length.metres(from.distance(to)).minus(keyhole.at());
                    moved.add(new Keyhole(side, along, keyhole.width(), keyhole.depth()));
                }
            }
        }
        return new Shape(other, moved);
    }

    public Shape with(Keyhole keyhole) {
        List<Keyhole> all = new ArrayList<>(keyholes);
        all.add(keyhole);
        return new Shape(form, all);
    }

    /**
     * @throws RefusedException if the form doesn't fit the rectangle, a keyhole doesn't fit its side, runs into another
     *     or cuts the bed in two
     */
    public Outline outline(Length length, Length width) {
        Outline outline = laidOut(length, width);
        if (!keyholes.isEmpty()) {
            check(form.corners(length, width), outline.corners());
        }
        return outline;
    }

    /** As {@link #outline}, where it is known already that the keyholes leave the bed in one piece. */
    public Outline laidOut(Length length, Length width) {
        List<Coordinate> sides = form.corners(length, width);
        if (keyholes.isEmpty()) {
            return new Outline(sides, List.of());
        }
        List<Coordinate> corners = new ArrayList<>();
        List<Integer> mouths = new ArrayList<>();
        for (int side = 0; side < sides.size(); side++) {
            Coordinate from = sides.get(side);
            Coordinate to = sides.get((side + 1) % sides.size());
            corners.add(from);
            for (int i = 0; i < keyholes.size(); i++) {
                if (keyholes.get(i).side() == side) {
                    mouths.add(corners.size());
                    corners.addAll(notch(keyholes.get(i), from, to, "keyholes/" + i));
                }
            }
        }
        return new Outline(corners, mouths);
    }

    private static List<Coordinate> notch(Keyhole keyhole, Coordinate from, Coordinate to, String field) {
        double length = from.distance(to);
        double start = keyhole.at().metres() - keyhole.width().metres() / 2;
        double end = start + keyhole.width().metres();
        if (start < FROM_CORNER || end > length - FROM_CORNER) {
            throw new RefusedException(
                    field,
                    "the keyhole does not fit between the corners of its side",
                    "move it along the side or make it narrower");
        }
        double dx = (to.x - from.x) / length;
        double dy = (to.y - from.y) / length;
        double depth = keyhole.depth().metres();
        return List.of(
                place(from, dx, dy, start, 0),
                place(from, dx, dy, start, depth),
                place(from, dx, dy, end, depth),
                place(from, dx, dy, end, 0));
    }

    private static Coordinate place(Coordinate from, double dx, double dy, double along, double inward) {
        return new Coordinate(from.x + dx * along - dy * inward, from.y + dy * along + dx * inward);
    }

    private void check(List<Coordinate> sides, List<Coordinate> corners) {
        for (int i = 0; i < keyholes.size(); i++) {
            if (keyholes.get(i).side() >= sides.size()) {
                throw new RefusedException(
                        "keyholes/" + i + "/side",
                        "the bed has " + sides.size() + " sides",
                        "give 0 to " + (sides.size() - 1));
            }
        }
        Polygon cut = polygon(corners);
        if (!cut.isValid() || !polygon(sides).covers(cut)) {
            throw new RefusedException(
                    "keyholes",
                    "a keyhole runs through the far side or into another and cuts the bed in two",
                    "make it shallower, or split the bed with a walk");
        }
    }

    private static Polygon polygon(List<Coordinate> corners) {
        List<Coordinate> ring = new ArrayList<>(corners);
        ring.add(corners.get(0));
        return new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
    }
}
