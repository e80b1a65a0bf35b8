package fairacre.walk;

import fairacre.measure.Length;
import fairacre.plan.Site;
import fairacre.plan.StandingBed;
import fairacre.shape.Box;
import fairacre.shape.Intervals;
import fairacre.shape.Intervals.Interval;
import fairacre.shape.Line;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Where carriers of any width can be among the beds of one season. Make one with {@link #of} and ask
 * {@link #stretches}, {@link #gaps} or {@link #pinches}. Not for use by several threads at once.
 *
 * <p>Without beds every answer is empty. A bed wholly off the plot, or covered by others, has no stretches. A walk that is
 * exactly as wide as a carrier lets it through; so does one narrower by less than {@link #SLACK} on either side.
 */
public final class WalkStudy {

    /** How much closer than half its width a carrier may come, metres. Half a millimetre: no tape shows it. */
    public static final double SLACK = 0.0005;
    /** Beds nearer than this are built against each other: no walk is meant. */
    public static final Length JOINED = Length.millimetres(50);

    /** Shortest part of an edge that counts, metres. */
    private static final double SHORTEST = 0.001;
    /** Directions in which a carrier is tried at a corner, over the quarter turn between its two edges. */
    private static final int CORNER_DIRECTIONS = 19;

    private final Layout layout;
    private final Map<UUID, Integer> positions = new HashMap<>();
    private final Map<Length, Pockets> pockets = new HashMap<>();

    private WalkStudy(Layout layout) {
        this.layout = layout;
        for (int i = 0; i < layout.size(); i++) {
            positions.put(layout.bed(i).id(), i);
        }
    }

    public static WalkStudy of(Site site, List<StandingBed> beds) {
        return new WalkStudy(new Layout(site, beds));
    }

    /** The parts of a bed's edges at which a carrier of this width can be; none for a bed that doesn't stand. */
    public List<Stretch> stretches(UUID bed, Length width) {
        Integer position = positions.get(bed);
        if (position == null) {
            return List.of();
        }
        Box box = layout.box(position);
        double radius = width.metres() / 2;
        int[] near = layout.within(box, 2 * radius);
        List<Stretch> stretches = new ArrayList<>();
        for (int edge = 0; edge < Box.EDGES; edge++) {
            stretches.addAll(alongEdge(position, edge, width, near));
        }
        addCorners(position, width, near, stretches);
        return stretches;
    }

    /** From every edge of every bed to what faces it first. Two beds that face each other squarely are one gap. */
    public List<Gap> gaps() {
        return new GapSearch(layout).all();
    }

    /** Every place narrower than a carrier of this width needs, but wide enough to be meant as a walk. */
    public List<Pinch> pinches(Length width) {
        return new PinchSearch(layout, width).all();
    }

    private List<Stretch> alongEdge(int bed, int edge, Length width, int[] near) {
        double radius = width.metres() / 2;
        Box box = layout.box(bed);
        Line middle = box.besideEdge(edge, radius);
        Intervals free = Intervals.whole(middle.length());
        for (int other : near) {
            if (other != bed) {
                free = without(free, layout.box(other).stretchInside(middle, radius - SLACK));
            }
        }
        for (Box side : layout.plotSides()) {
            free = without(free, side.stretchInside(middle, radius - SLACK));
        }
        List<Stretch> found = new ArrayList<>();
        for (Interval part : free.parts()) {
            boolean whole = part.length() > middle.length() - SHORTEST;
            if (part.length() >= SHORTEST && usable(middle.xAt(part.middle()), middle.yAt(part.middle()), width)) {
                found.add(new Stretch(edge, part.start(), part.end(), whole));
            }
        }
        return found;
    }

    private static Intervals without(Intervals free, double[] blocked) {
        return blocked == null ? free : free.without(blocked[0], blocked[1]);
    }

    /** A place for the middle of a carrier from which nothing is too near: on the plot and not shut in. */
    private boolean usable(double x, double y, Length width) {
        return layout.onPlot(x, y) && !pockets.computeIfAbsent(width, w -> Pockets.of(layout, w)).cover(x, y);
    }

    private void addCorners(int bed, Length width, int[] near, List<Stretch> stretches) {
        Box box = layout.box(bed);
        for (int corner = 0; corner < Box.EDGES; corner++) {
            int before = (corner + Box.EDGES - 1) % Box.EDGES;
            if (!touched(stretches, corner, 0) && !touched(stretches, before, box.edgeLength(before))
                    && canTouchCorner(bed, corner, width, near)) {
                stretches.add(new Stretch(corner, 0, 0, false));
            }
        }
    }

    private static boolean touched(List<Stretch> stretches, int edge, double at) {
        return stretches.stream().anyMatch(s -> s.edge() == edge && s.start() <= at + SHORTEST && s.end() >= at - SHORTEST);
    }

    private boolean canTouchCorner(int bed, int corner, Length width, int[] near) {
        Box box = layout.box(bed);
        double radius = width.metres() / 2;
        int before = (corner + Box.EDGES - 1) % Box.EDGES;
        double first = Math.atan2(box.normalY(before), box.normalX(before));
        for (int i = 0; i < CORNER_DIRECTIONS; i++) {
            double angle = first + Math.PI / 2 * i / (CORNER_DIRECTIONS - 1);
            double x = box.cornerX(corner) + radius * Math.cos(angle);
            double y = box.cornerY(corner) + radius * Math.sin(angle);
            if (clear(bed, x, y, radius - SLACK, near) && usable(x, y, width)) {
                return true;
            }
        }
        return false;
    }

    private boolean clear(int bed, double x, double y, double radius, int[] near) {
        for (int other : near) {
            if (other != bed && layout.box(other).distance(x, y) < radius) {
                return false;
            }
        }
        return layout.plotSides().stream().noneMatch(side -> side.distance(x, y) < radius);
    }
}
