package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Keyhole;
import fairacre.plan.BedRevision;
import fairacre.shape.Intervals;
import fairacre.shape.Intervals.Interval;
import fairacre.shape.Line;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/** Along which parts of the beds' edges carriers of any width can be in one layout. */
final class Edges {

    /** Shortest part of an edge that counts, metres. */
    private static final double SHORTEST = 0.001;
    /** Directions in which a carrier is tried at a corner, over the turn between its two edges. */
    private static final int CORNER_DIRECTIONS = 19;

    private final Layout layout;
    private final Map<UUID, Integer> positions = new HashMap<>();
    private final Map<Length, Access> access = new ConcurrentHashMap<>();

    Edges(Layout layout) {
        this.layout = layout;
        for (int i = 0; i < layout.beds(); i++) {
            positions.put(layout.bed(i).id(), i);
        }
    }

    Layout layout() {
        return layout;
    }

    /** The outline of a bed that stands. */
    Ring ring(UUID bed) {
        return layout.ring(positions.get(bed));
    }

    /** The parts of a bed's edges at which a carrier of this width can be; none for a bed that doesn't stand. */
    List<Stretch> stretches(UUID bed, Length width) {
        Integer position = positions.get(bed);
        if (position == null) {
            return List.of();
        }
        List<Stretch> found = layout.memo()
                .recall(
                        new Along(beside(position, width), around(position, width)),
                        () -> stretches(position, width, layout.within(position, width.metres())));
        return layout.fencesInBeds().leave(layout.ring(position), found);
    }

    /** The question along which parts of its edges a carrier gets to a bed. */
    private record Along(Beside beside, List<Tiles.Around> around) {}

    /** The question whether it gets to any of them. */
    private record Alongside(Along along) {}

    private List<Stretch> stretches(int position, Length width, int[] near) {
        Ring ring = layout.ring(position);
        List<Intervals> free = freeBeside(position, width, near);
        List<Stretch> stretches = new ArrayList<>();
        for (int edge = 0; edge < ring.edges(); edge++) {
            stretches.addAll(alongEdge(ring, edge, width, free.get(edge)));
        }
        addCorners(position, width, near, stretches);
        return List.copyOf(stretches);
    }

    /**
     * The same for somebody on their feet, who steps into keyholes that are narrower than a walk but at least a foot
     * wide ({@link Keyhole#FOOT}) if they can stand before the mouth.
     */
    List<Stretch> stretchesWithKeyholes(UUID bed, Length width) {
        List<Stretch> stretches = new ArrayList<>(stretches(bed, width));
        Integer position = positions.get(bed);
        if (position != null) {
            addKeyholes(position, width, stretches);
        }
        return stretches;
    }

    /** Whether a carrier can be at some part of a bed's edge; as whether there are stretches, but sooner known. */
    boolean isAlongside(UUID bed, Length width) {
        Integer position = positions.get(bed);
        if (position == null) {
            return false;
        }
        return layout.memo()
                .recall(
                        new Alongside(new Along(beside(position, width), around(position, width))),
                        () -> isAlongside(position, width, layout.within(position, width.metres())));
    }

    private boolean isAlongside(int position, Length width, int[] near) {
        Ring ring = layout.ring(position);
        List<Intervals> free = freeBeside(position, width, near);
        for (int edge = 0; edge < ring.edges(); edge++) {
            if (!alongEdge(ring, edge, width, free.get(edge)).isEmpty()) {
                return true;
            }
        }
        for (int corner = 0; corner < ring.edges(); corner++) {
            if (!ring.isReflex(corner) && canTouchCorner(position, corner, width, near)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether a circle of this diameter is free against an edge of a bed where a carrier of this width gets to its
     * middle: the common place to turn, and sooner known than all places.
     */
    boolean turnsBeside(UUID bed, Length turning, Length width) {
        Integer position = positions.get(bed);
        if (position == null) {
            return false;
        }
        Ring ring = layout.ring(position);
        List<Intervals> free = layout.memo()
                .recall(
                        beside(position, turning),
                        () -> freeBeside(position, turning, layout.within(position, turning.metres())));
        for (int edge = 0; edge < free.size(); edge++) {
            Line middle = ring.besideEdge(edge, turning.metres() / 2);
            for (Interval part : free.get(edge).parts()) {
                if (part.length() >= SHORTEST && usable(middle.xAt(part.middle()), middle.yAt(part.middle()), width)) {
                    return true;
                }
            }
        }
        return false;
    }

    private List<Stretch> alongEdge(Ring ring, int edge, Length width, Intervals free) {
        Line middle = ring.besideEdge(edge, width.metres() / 2);
        List<Stretch> found = new ArrayList<>();
        for (Interval part : free.parts()) {
            boolean whole = part.length() > middle.length() - SHORTEST;
            if (part.length() >= SHORTEST && usable(middle.xAt(part.middle()), middle.yAt(part.middle()), width)) {
                found.add(new Stretch(edge, part.start(), part.end(), whole));
            }
        }
        return found;
    }

    /** The question where beside its edges a bed leaves room for a carrier, whatever lies further off. */
    private record Beside(Layout.Vicinity vicinity, Length width) {}

    private Beside beside(int bed, Length width) {
        return new Beside(layout.vicinity(bed, width.metres()), width);
    }

    private List<Tiles.Around> around(int bed, Length width) {
        return access(width).around(layout.ring(bed).within(width.metres()));
    }

    /** For each edge the free places of the middle of a carrier that touches it, whether or not it gets there. */
    private List<Intervals> freeBeside(int bed, Length width, int[] near) {
        Ring ring = layout.ring(bed);
        double radius = width.metres() / 2;
        List<Intervals> free = new ArrayList<>(ring.edges());
        for (int edge = 0; edge < ring.edges(); edge++) {
            Line middle = ring.besideEdge(edge, radius);
            Intervals own =
                    ring.withoutOthers(Intervals.whole(middle.length()), edge, middle, radius - WalkStudy.SLACK);
            free.add(withoutOthers(own, bed, middle, radius - WalkStudy.SLACK, near));
        }
        return free;
    }

    private Intervals withoutOthers(Intervals free, int bed, Line middle, double radius, int[] near) {
        Intervals left = free;
        for (int other : near) {
            if (other != bed) {
                left = layout.ring(other).without(left, middle, radius);
            }
        }
        for (Ring side : layout.plotSides()) {
            left = side.without(left, middle, radius);
        }
        return left;
    }

    /**
     * A place for the middle of a carrier from which nothing is too near: on the plot, not shut in, and led to by a
     * way.
     */
    private boolean usable(double x, double y, Length width) {
        return access(width).covers(x, y);
    }

    Access access(Length width) {
        return access.computeIfAbsent(width, w -> Access.of(layout, w));
    }

    private void addKeyholes(int bed, Length width, List<Stretch> stretches) {
        BedRevision revision = layout.bed(bed).revision();
        List<Integer> walls = revision.keyholeWalls();
        for (int i = 0; i < walls.size(); i++) {
            int wall = walls.get(i);
            boolean forAFoot = revision.shape().keyholes().get(i).width().compareTo(Keyhole.FOOT) >= 0;
            if (forAFoot && standsBefore(bed, wall, width)) {
                for (int edge = wall; edge < wall + 3; edge++) {
                    int taken = edge;
                    stretches.removeIf(s -> s.edge() == taken);
                    stretches.add(new Stretch(edge, 0, layout.ring(bed).edgeLength(edge), true));
                }
            }
        }
    }

    /** Whether somebody can stand before the mouth of a keyhole, anywhere along it. */
    private boolean standsBefore(int bed, int wall, Length width) {
        Ring ring = layout.ring(bed);
        Ring mouth = Ring.segment(
                        ring.cornerX(wall), ring.cornerY(wall), ring.cornerX(wall + 3), ring.cornerY(wall + 3))
                .leaning(ring.lean());
        double radius = width.metres() / 2;
        Line middle = mouth.besideEdge(0, radius);
        int[] near = layout.within(bed, width.metres());
        return withoutOthers(Intervals.whole(middle.length()), bed, middle, radius - WalkStudy.SLACK, near)
                .parts()
                .stream()
                .anyMatch(part -> part.length() >= SHORTEST
                        && usable(middle.xAt(part.middle()), middle.yAt(part.middle()), width));
    }

    private void addCorners(int bed, Length width, int[] near, List<Stretch> stretches) {
        Ring ring = layout.ring(bed);
        for (int corner = 0; corner < ring.edges(); corner++) {
            int before = (corner + ring.edges() - 1) % ring.edges();
            if (!ring.isReflex(corner)
                    && !touched(stretches, corner, 0)
                    && !touched(stretches, before, ring.edgeLength(before))
                    && canTouchCorner(bed, corner, width, near)) {
                stretches.add(new Stretch(corner, 0, 0, false));
            }
        }
    }

    private static boolean touched(List<Stretch> stretches, int edge, double at) {
        for (Stretch s : stretches) {
            if (s.edge() == edge && s.start() <= at + SHORTEST && s.end() >= at - SHORTEST) {
                return true;
            }
        }
        return false;
    }

    private boolean canTouchCorner(int bed, int corner, Length width, int[] near) {
        Ring ring = layout.ring(bed);
        double radius = width.metres() / 2;
        int before = (corner + ring.edges() - 1) % ring.edges();
        double first = Math.atan2(ring.normalY(before), ring.normalX(before));
        double last = Math.atan2(ring.normalY(corner), ring.normalX(corner));
        double span = (last - first + 2 * Math.PI) % (2 * Math.PI);
        for (int i = 0; i < CORNER_DIRECTIONS; i++) {
            double angle = first + span * i / (CORNER_DIRECTIONS - 1);
            double x = ring.cornerX(corner) + (radius + ring.lean()) * Math.cos(angle);
            double y = ring.cornerY(corner) + (radius + ring.lean()) * Math.sin(angle);
            if (clear(bed, x, y, radius - WalkStudy.SLACK, near) && usable(x, y, width)) {
                return true;
            }
        }
        return false;
    }

    private boolean clear(int bed, double x, double y, double radius, int[] near) {
        for (int other : near) {
            if ((other != bed || !layout.ring(bed).isConvex())
                    && layout.ring(other).isWithin(x, y, radius)) {
                return false;
            }
        }
        for (Ring side : layout.plotSides()) {
            if (side.isWithin(x, y, radius)) {
                return false;
            }
        }
        return true;
    }
}
