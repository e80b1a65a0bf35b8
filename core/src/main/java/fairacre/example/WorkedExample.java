package fairacre.example;

import fairacre.appraisal.Appraisal;
import fairacre.arrange.LargestRectangle;
import fairacre.bill.Budget;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.fence.Fence;
import fairacre.fence.FenceFoot;
import fairacre.fence.FenceKind;
import fairacre.fence.PostKind;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.plan.Swing;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.surface.BuildUps;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;

/**
 * Lays an {@link Example} out on a plot: beds side by side along the longer side of the largest rectangle that is free
 * and lies as the plot's longest side does, as long as there is room for, on one side of a main walk or on both. The
 * budget becomes what it takes, if that is more.
 */
public final class WorkedExample {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** Further out than any plot. */
    private static final Length BEYOND = Length.metres(-2000);

    /** By so much one walk lies over the next, so that no bare ground is left between them on a plot that is turned. */
    private static final Length LAP = Length.millimetres(1);
    /** Less of a turn than this is none, radians. */
    private static final double HAIR = 1e-9;

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    private final Example example;
    private final Plan plan;
    private final Supplier<UUID> ids;
    private final boolean metric;
    /** By how much the plot's longest side is turned counter-clockwise, radians: the beds stand along it. */
    private final double turn;
    /** The largest free rectangle of the plot turned back by that. */
    private final Rectangle free;
    /** Whether the longer side lies along x. */
    private final boolean lengthwise;

    private WorkedExample(Example example, Plan plan, Supplier<UUID> ids, double turn, Rectangle free) {
        this.turn = turn;
        this.example = example;
        this.plan = plan;
        this.ids = ids;
        this.metric = plan.units() == Units.METRIC;
        this.free = free;
        this.lengthwise = free.length().compareTo(free.width()) >= 0;
    }

    /**
     * @param plan an empty plot
     * @throws RefusedException at the corners, if the plot has too little room, and says how much it takes; or if its
     *     shape makes a snag of it
     */
    public static Plan on(Plan plan, Example example, Supplier<UUID> ids) {
        double turn = turnOf(plan.site().corners());
        Plan turnedBack = turn == 0 ? plan : turned(plan, -turn);
        Rectangle free = LargestRectangle.of(turnedBack)
                .orElseThrow(() -> new RefusedException("corners", "there is no free ground", "give a larger plot"));
        return new WorkedExample(example, plan, ids, turn, free).laid();
    }

    /**
     * How the longest side lies, from a quarter turn clockwise to one counter-clockwise; of equally long ones the
     * first.
     */
    private static double turnOf(List<Point> corners) {
        Coordinate[] ring = Polygons.of(corners).getCoordinates();
        LineSegment longest = IntStream.range(0, ring.length - 1)
                .mapToObj(i -> new LineSegment(ring[i], ring[i + 1]))
                .max(Comparator.comparingDouble(LineSegment::getLength))
                .orElseThrow();
        double angle = longest.angle();
        double level = angle - Math.PI * Math.round(angle / Math.PI);
        return Math.abs(level) < HAIR || Math.PI / 2 - Math.abs(level) < HAIR ? 0 : level;
    }

    private static Plan turned(Plan plan, double by) {
        Site site = plan.site();
        return plan.apply(new Change.SetSite(new Site(
                        site.corners().stream()
                                .map(corner -> turned(corner, by))
                                .toList(),
                        site.north(),
                        site.latitude())))
                .orThrow();
    }

    private static Point turned(Point place, double by) {
        double x = place.x().metres();
        double y = place.y().metres();
        return Point.metres(x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by));
    }

    private Plan laid() {
        Length along = free.longerSide();
        Length deep = free.shorterSide();
        int inARow = (example.beds() + example.rows() - 1) / example.rows();
        Length needsAlong = widthOf(inARow);
        Length needsDeep = depthWith(example.shortest(metric));
        if (along.compareTo(needsAlong) < 0 || deep.compareTo(needsDeep) < 0) {
            throw new RefusedException(
                    "corners",
                    example.words() + " take " + text(needsAlong) + " by " + text(needsDeep) + ", and on this plot "
                            + text(along) + " by " + text(deep) + " are free",
                    "give a larger plot, or begin with another example");
        }
        Length longest = example.shortest(metric);
        while (longest.compareTo(example.longest(metric)) < 0
                && depthWith(longest.plus(example.step(metric))).compareTo(deep) <= 0) {
            longest = longest.plus(example.step(metric));
        }
        List<Change> changes = new ArrayList<>();
        changes.add(Put.of(example.gardener(ids.get())));
        changes.add(Put.of(new Carrier(
                ids.get(),
                example.carrier().label(),
                example.carrier().width(),
                example.carrier().wheels(),
                example.carrier().turning())));
        changes.addAll(ground(inARow, longest));
        Plan laid =
                plan.apply(new Change.Batch("Begin with an example", changes)).orThrow();
        return withoutSnags(affordable(laid));
    }

    private Plan withoutSnags(Plan laid) {
        Appraisal.of(laid, laid.firstSeason()).snags().stream().findFirst().ifPresent(snag -> {
            throw new RefusedException(
                    "corners",
                    example.words() + " don't go well on a plot of this shape: " + snag.words(),
                    "begin with an empty plot, or with another example");
        });
        return laid;
    }

    private String text(Length length) {
        return LengthText.format(length, plan.units());
    }

    /** So many beds side by side, with walks between and round them. */
    private Length widthOf(int beds) {
        return example.across(metric).times(beds).plus(example.walk(metric).times(beds + 1));
    }

    /** Rows of beds that are so long, with walks between and round them. */
    private Length depthWith(Length longest) {
        return longest.times(example.rows()).plus(example.walk(metric).times(example.rows() + 1));
    }

    private List<Change> ground(int inARow, Length longest) {
        Length walk = example.walk(metric);
        Length width = widthOf(inARow);
        Length start = free.longerSide().minus(width).half();
        List<Change> changes = new ArrayList<>();
        Length foot = example.rows() > 1 ? walk.plus(longest) : Length.ZERO;
        Length edge = edge(foot.plus(walk.half()));
        Optional<Fence> fence = Optional.of(plan.site().corners())
                .filter(corners -> example.isFenced())
                .map(this::fence);
        fence.ifPresent(ring -> changes.add(Put.of(ring)));
        changes.add(Put.of(new WayIn(
                ids.get(),
                "Gate",
                at(edge, foot.plus(walk.half())),
                metric ? Length.metres(1.6) : Length.inches(66),
                example.isFenced() ? Swing.INWARD : Swing.OPEN,
                Lifetime.ALWAYS,
                Length.ZERO)));
        Length end = start.plus(width);
        changes.add(walk("Main walk", WalkGrade.MAIN, corners(edge, foot, end, foot.plus(walk))));
        changes.add(walk(
                "Between the beds",
                WalkGrade.WORK,
                corners(
                        start,
                        foot.plus(walk).minus(LAP),
                        end,
                        depthWith(longest).plus(LAP))));
        if (foot.isPositive()) {
            changes.add(walk("Below the main walk", WalkGrade.WORK, corners(start, Length.ZERO, end, foot.plus(LAP))));
        }
        IntStream.range(0, example.beds())
                .mapToObj(i -> bed(
                        i + 1,
                        start.plus(walk).plus(example.across(metric).plus(walk).times(i % inARow)),
                        walk.plus(longest.plus(walk).times(i / inARow)),
                        longest))
                .forEach(bed -> changes.add(new Change.PlaceBed(bed)));
        return changes;
    }

    private Change walk(String name, WalkGrade grade, List<Point> corners) {
        return Put.of(new Walk(
                ids.get(),
                name,
                grade,
                example.surface(),
                corners,
                new WalkBuild(BuildUps.usual(example.surface()), true, false),
                Lifetime.ALWAYS));
    }

    private Bed bed(int number, Length along, Length across, Length longest) {
        Point low = at(along, across);
        Point high = at(along.plus(example.across(metric)), across.plus(longest));
        Rectangle outline = new Rectangle(
                Point.metres(
                        (low.x().metres() + high.x().metres()) / 2,
                        (low.y().metres() + high.y().metres()) / 2),
                longest,
                example.across(metric),
                (lengthwise ? 90 : 0) - Math.toDegrees(turn));
        Frame frame = new Frame(Material.CEDAR, example.board(metric), example.courses(), Joint.SIDES_PAST);
        return Bed.of(ids.get(), "Bed " + number, new BedRevision(plan.firstSeason(), outline, Optional.of(frame)));
    }

    /**
     * Where the middle of the main walk, which lies so far across, comes to the edge of the ground if it goes on beyond
     * the shorter side of the free rectangle. On a plot that is no upright rectangle that is further out.
     */
    private Length edge(Length across) {
        Point inside = at(Length.ZERO, across);
        LineString outwards =
                GEOMETRY.createLineString(new Coordinate[] {coordinate(inside), coordinate(at(BEYOND, across))});
        double out = Areas.parts(plan.site().ground()).stream()
                .map(piece -> piece.getExteriorRing().intersection(outwards))
                .filter(hit -> !hit.isEmpty())
                .mapToDouble(hit -> hit.distance(GEOMETRY.createPoint(coordinate(inside))))
                .min()
                .orElse(0);
        return Length.metres(-out);
    }

    private static Coordinate coordinate(Point place) {
        return new Coordinate(place.x().metres(), place.y().metres());
    }

    private Fence fence(List<Point> around) {
        List<Point> ring =
                Stream.concat(around.stream(), Stream.of(around.get(0))).toList();
        return new Fence(
                ids.get(),
                "Fence",
                ring,
                FenceKind.WELDED_MESH,
                metric ? Length.metres(1.2) : Length.feet(4),
                FenceFoot.OPEN,
                PostKind.WOOD_IN_CONCRETE,
                List.of(),
                Lifetime.from(plan.firstSeason()));
    }

    private List<Point> corners(Length fromAlong, Length fromAcross, Length toAlong, Length toAcross) {
        return List.of(
                at(fromAlong, fromAcross), at(toAlong, fromAcross), at(toAlong, toAcross), at(fromAlong, toAcross));
    }

    /** A place so far along the longer side of the free rectangle, and so far across. */
    private Point at(Length along, Length across) {
        Point low = free.corners().get(0);
        Point upright = lengthwise
                ? new Point(low.x().plus(along), low.y().plus(across))
                : new Point(low.x().plus(across), low.y().plus(along));
        return turn == 0 ? upright : turned(upright, turn);
    }

    /** With a budget of what it takes, rounded up to two figures, if that is more. */
    private Plan affordable(Plan laid) {
        Budget budget = laid.budget();
        BigDecimal planned =
                Appraisal.of(laid, laid.firstSeason()).purse().planned().getAmount();
        BigDecimal held = budget.contingency().divide(HUNDRED);
        BigDecimal enough = planned.divide(BigDecimal.ONE.subtract(held), MathContext.DECIMAL64)
                .round(new MathContext(2, RoundingMode.UP));
        if (enough.compareTo(budget.sum().getAmount()) <= 0) {
            return laid;
        }
        Money sum = Money.of(laid.currency(), enough, RoundingMode.UP);
        return laid.apply(new Change.SetBudget(new Budget(sum, budget.contingency())))
                .orThrow();
    }
}
