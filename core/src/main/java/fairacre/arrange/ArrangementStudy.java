package fairacre.arrange;

import fairacre.appraisal.Appraisal;
import fairacre.appraisal.AppraisalReport;
import fairacre.appraisal.BedAppraisal;
import fairacre.bed.BedRule;
import fairacre.build.Build;
import fairacre.cost.KnownCuts;
import fairacre.judging.Lazy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import fairacre.reach.ReachRule;
import fairacre.shape.Areas;
import fairacre.shape.Memo;
import fairacre.sun.SunMap;
import fairacre.sun.SunStudy;
import fairacre.walk.PassingPreset;
import fairacre.walk.WalkRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import org.joda.money.Money;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * Complete layouts for a rectangle of the plot. Every draft is judged as any plan is and dropped if anybody who gardens
 * misses some of its soil, something that has to pass does not, or it does not fit. Beds of the season in the rectangle
 * give way to it; beds that come later, main walks and the ground behind ways in are left as they are.
 *
 * <p>What is offered of one manner is its Pareto front: no other layout of it is as good in growing area, length of
 * edges, cost, detour and sun and better in one.
 */
public final class ArrangementStudy {

    /** What a layout must not be found guilty of. */
    private static final Set<Rule> RULED_OUT = Set.of(
            BedRule.BED_OVERLAP,
            BedRule.BED_OFF_PLOT,
            BedRule.BED_ON_FEATURE,
            BedRule.BED_IN_KEEP_OFF,
            ReachRule.REACH_NOBODY,
            ReachRule.REACH_GARDENER,
            WalkRule.WALK_TOO_NARROW,
            WalkRule.CARRIER_SHUT_OUT,
            WalkRule.WAY_IN_BLOCKED,
            WalkRule.NO_TURNING);

    /** Of an hour. */
    private static final double TENTHS = 10;

    private final Plan cleared;
    private final List<Change> clearing;
    private final int season;
    private final Wish wish;
    private final Supplier<UUID> ids;
    private final Given given;
    private final Supplier<SunMap> sun;
    private final BooleanSupplier stop;
    /** Beds that stay in the rectangle. */
    private final int staying;

    private ArrangementStudy(
            Plan cleared, List<Change> clearing, int season, Wish wish, Supplier<UUID> ids, BooleanSupplier stop) {
        this.stop = stop;
        this.cleared = cleared;
        this.clearing = clearing;
        this.season = season;
        this.wish = wish;
        this.ids = ids;
        this.given = new Given(cleared, season, wish);
        Polygon area = Polygons.of(rectangle(wish).corners());
        this.sun = new Lazy<>(() -> SunStudy.of(cleared, season, Memo.none().until(stop))
                .map(Areas.shared(area, cleared.site().ground())));
        this.staying = (int) cleared.standing(season).stream()
                .filter(bed -> overlap(Polygons.of(bed.corners()), area))
                .count();
    }

    /**
     * @param ids for the beds of the layouts
     * @throws RefusedException if nobody gardens
     */
    public static ArrangementStudy of(Plan plan, int season, Wish wish, Supplier<UUID> ids) {
        return of(plan, season, wish, ids, () -> false);
    }

    /**
     * The same for work that may have to be given up.
     *
     * @param stop asked again and again; the work ends with a {@link fairacre.limits.StoppedException}
     */
    public static ArrangementStudy of(Plan plan, int season, Wish wish, Supplier<UUID> ids, BooleanSupplier stop) {
        if (plan.gardeners().isEmpty()) {
            throw new RefusedException(
                    "gardeners", "nobody gardens here yet", "name who does: reach decides how wide beds are");
        }
        List<Change> clearing = new ArrayList<>();
        Polygon area = Polygons.of(rectangle(wish).corners());
        for (StandingBed bed : plan.standing(season)) {
            boolean stays = wish.conditions().keep().contains(bed.id());
            if (!stays && Areas.shared(Polygons.of(bed.corners()), area).getArea() > 1e-3) {
                boolean older = plan.bed(bed.id()).revisions().stream().allMatch(r -> r.from() < season);
                clearing.add(
                        older ? new Change.RetireBed(bed.id(), Optional.of(season)) : new Change.RemoveBed(bed.id()));
            }
        }
        Plan cleared = clearing.isEmpty()
                ? plan
                : plan.apply(new Change.Batch("Clear", clearing)).orThrow();
        return new ArrangementStudy(cleared, clearing, season, wish, ids, stop);
    }

    /** The manners that are to be tried. */
    public List<LayoutKind> manners() {
        return Arrays.stream(LayoutKind.values())
                .filter(manner -> !wish.conditions().leaveOut().contains(manner))
                .toList();
    }

    /** The layouts of one manner that pass, most growing area first. */
    public List<Arrangement> layouts(LayoutKind manner) {
        List<Arrangement> passed = new ArrayList<>();
        Money before = quickly(cleared).bill().total();
        for (List<Block> draft : new Drafts(ground()).drafts(manner)) {
            List<Block> left = given.leftOf(draft);
            if (!left.isEmpty()) {
                judged(manner, left, before).ifPresent(passed::add);
            }
        }
        return front(passed);
    }

    /** Layouts are many and are set against each other: boards by the quick rule will do. */
    private Appraisal quickly(Plan plan) {
        return Appraisal.of(plan, season, Memo.none().until(stop), List.of(), KnownCuts.NONE);
    }

    /** Those that no other dominates, most growing area first; of near twins only the first. */
    public static List<Arrangement> front(List<Arrangement> arrangements) {
        List<Arrangement> front = new ArrayList<>();
        arrangements.stream()
                .filter(one -> arrangements.stream().noneMatch(other -> other.dominates(one)))
                .sorted(Comparator.comparing(Arrangement::growing).reversed())
                .filter(one -> front.stream().noneMatch(one::isNearlyTheSame))
                .forEach(front::add);
        return List.copyOf(front);
    }

    private Optional<Arrangement> judged(LayoutKind manner, List<Block> draft, Money before) {
        List<Change> changes = new ArrayList<>(clearing);
        List<Change> placing = new ArrayList<>();
        Set<UUID> placed = new HashSet<>();
        try {
            for (int i = 0; i < draft.size(); i++) {
                Bed bed = bed(draft.get(i), i + 1);
                placed.add(bed.id());
                placing.add(new Change.PlaceBed(bed));
            }
            Plan after = cleared.apply(new Change.Batch("Arrange", placing)).orThrow();
            AppraisalReport report = quickly(after).preview();
            if (report.snags().stream().anyMatch(snag -> isRuledOut(snag, placed))) {
                return Optional.empty();
            }
            changes.addAll(placing);
            Arrangement found = figures(manner, report, placed, before, new Change.Batch(manner.label(), changes));
            return Optional.of(found).filter(one -> wish.conditions().take(staying + placed.size(), one.cost()));
        } catch (RefusedException doesNotFit) {
            return Optional.empty();
        }
    }

    private static boolean isRuledOut(Snag snag, Set<UUID> placed) {
        return RULED_OUT.contains(snag.rule())
                && (snag.beds().isEmpty() || snag.beds().stream().anyMatch(placed::contains));
    }

    private Arrangement figures(
            LayoutKind manner, AppraisalReport report, Set<UUID> placed, Money before, Change change) {
        List<BedAppraisal> beds =
                report.beds().stream().filter(bed -> placed.contains(bed.bed())).toList();
        Area growing = beds.stream().map(BedAppraisal::soil).reduce(Area.ZERO, Area::plus);
        Geometry taken = Polygons.of(rectangle(wish).corners());
        double edge = 0;
        double detour = 0;
        double light = 0;
        double ground = 0;
        for (BedAppraisal bed : beds) {
            Polygon outline = Polygons.of(bed.corners());
            taken = Areas.without(taken, outline);
            edge += outline.getLength();
            detour = Math.max(detour, outline.getLength() / 2);
            light += sun.get().over(outline) * outline.getArea();
            ground += outline.getArea();
        }
        return new Arrangement(
                manner,
                beds.stream().map(BedAppraisal::corners).toList(),
                growing,
                Area.squareMetres(taken.getArea()),
                Length.metres(edge),
                report.purse().planned().minus(before),
                report.purse().unpriced(),
                Length.metres(detour),
                Math.round(light / ground * TENTHS) / TENTHS,
                change);
    }

    private Bed bed(Block block, int number) {
        double x = wish.low().x().metres() + block.left() + block.length() / 2;
        double y = wish.low().y().metres() + block.foot() + block.width() / 2;
        Rectangle outline = new Rectangle(
                Point.metres(x, y), Length.metres(block.length()), Length.metres(block.width()), block.turn());
        return Bed.of(
                ids.get(),
                "Bed " + number,
                new BedRevision(season, outline, block.shape(), wish.frame(), false, Build.PLAIN));
    }

    /** Who sits needs a main walk in which a chair can turn, whatever was wished. */
    private Drafts.Ground ground() {
        double reach = cleared.gardeners().stream()
                .map(Gardener::reach)
                .min(Comparator.naturalOrder())
                .orElseThrow()
                .metres();
        double passing = cleared.gardeners().stream()
                .map(Gardener::passing)
                .max(Comparator.naturalOrder())
                .orElseThrow()
                .metres();
        boolean wheels = cleared.gardeners().stream().anyMatch(g -> g.posture() == Posture.SEATED);
        double main = Math.max(wish.mainWalk().metres(), wheels ? PassingPreset.WHEELCHAIR_TURNING.metres() : 0);
        double step =
                cleared.units() == Units.METRIC ? 0.01 : Length.inches(0.5).metres();
        double length = wish.length().metres();
        double width = wish.width().metres();
        return new Drafts.Ground(
                length,
                width,
                isOpen(-passing, 0, passing, width),
                isOpen(length, 0, passing, width),
                isOpen(0, -passing, length, passing),
                isOpen(0, width, length, passing),
                wish.conditions().half(reach),
                wish.conditions().half(least(ArrangementStudy::cornerReach)),
                wish.conditions().whole(least(ArrangementStudy::arm)),
                wish.walk().metres(),
                main,
                wish.longest().metres(),
                step);
    }

    private double least(ToDoubleFunction<Gardener> measure) {
        return cleared.gardeners().stream().mapToDouble(measure).min().orElse(0);
    }

    /** By Pythagoras: half a carrier's width along the wall, the rest across the bed. */
    private static double cornerReach(Gardener gardener) {
        double half = gardener.passing().metres() / 2;
        double reach = gardener.reach().metres();
        return reach <= half ? 0 : Math.sqrt(reach * reach - half * half);
    }

    /**
     * An arm a wide has its outer corner a across and a + half a carrier's width along from where one can be: solved
     * for a.
     */
    private static double arm(Gardener gardener) {
        double half = gardener.passing().metres() / 2;
        double reach = gardener.reach().metres();
        return Math.max(0, (Math.sqrt(Math.max(0, 2 * reach * reach - half * half)) - half) / 2);
    }

    /** Whether a strip beside the rectangle is on the plot and free. */
    private boolean isOpen(double left, double foot, double length, double width) {
        double x = wish.low().x().metres() + left;
        double y = wish.low().y().metres() + foot;
        Polygon strip = Polygons.of(List.of(
                Point.metres(x, y),
                Point.metres(x + length, y),
                Point.metres(x + length, y + width),
                Point.metres(x, y + width)));
        boolean onPlot = cleared.site().ground().buffer(1e-3).covers(strip);
        return onPlot
                && cleared.standing(season).stream().noneMatch(bed -> overlap(Polygons.of(bed.corners()), strip))
                && cleared.standingThings().stream()
                        .filter(f -> f.kind().inTheWay() && !f.lifetime().isOver(season))
                        .noneMatch(f -> f.places().size() > 2 && overlap(Polygons.of(f.places()), strip));
    }

    private static boolean overlap(Polygon one, Polygon other) {
        return Areas.shared(one, other).getArea() > 1e-3;
    }

    private static Rectangle rectangle(Wish wish) {
        Point centre = Point.metres(
                wish.low().x().metres() + wish.length().metres() / 2,
                wish.low().y().metres() + wish.width().metres() / 2);
        return new Rectangle(centre, wish.length(), wish.width(), 0);
    }
}
