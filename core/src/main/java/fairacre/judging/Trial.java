package fairacre.judging;

import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;

/**
 * Tries remedies on the plan: one is sound if the plan after it has no flaw on the ground that it hadn't before. What
 * the change costs is told with it and no flaw here.
 *
 * <p>A flaw is one that was there before if the same rule was broken as gravely at the same beds, for the same people;
 * a bed that comes in stands for the one it comes from. In large gardens an edit of beds is judged among the beds round
 * about it.
 */
final class Trial {

    /** Up to so many beds the whole plan is judged. */
    private static final int FEW_BEDS = 60;
    /** Beds within so many metres stand round about. */
    private static final double ROUND_ABOUT = 4;

    private final Judge judge;
    private final Plan plan;
    private final int season;
    private final Memo memo;
    private final Flaws before;
    private final Map<Change, Boolean> sound = new ConcurrentHashMap<>();

    /** Two states of the plan, or of its part that a change touches, and the beds that are only in the second. */
    private record Pair(Flaws before, Flaws after, Set<UUID> come) {

        /** What takes long is asked last, and only if the change is sound by all else. */
        boolean isNoWorse() {
            return comeIn(Flaws::quick).isEmpty() && comeIn(Flaws::slow).isEmpty();
        }

        List<Snag> comeIn() {
            return Stream.of(comeIn(Flaws::quick), comeIn(Flaws::slow))
                    .flatMap(List::stream)
                    .toList();
        }

        private List<Snag> comeIn(Function<Flaws, Supplier<List<Snag>>> speed) {
            return Trial.comeIn(speed.apply(before).get(), speed.apply(after).get(), come);
        }
    }

    Trial(Judge judge, Plan plan, int season, Memo memo) {
        this.judge = judge;
        this.plan = plan;
        this.season = season;
        this.memo = memo;
        this.before = new Flaws(plan);
    }

    /** Whether the plan takes the change and has no new flaw with it. */
    boolean isSound(Change change) {
        return sound.computeIfAbsent(
                change,
                key -> plan.apply(key) instanceof Outcome.Applied applied
                        && pair(applied.plan()).isNoWorse());
    }

    /** The flaws that a change brings with it; the plan must take it. */
    List<Snag> brings(Change change) {
        return isSound(change) ? List.of() : pair(plan.apply(change).orThrow()).comeIn();
    }

    private Pair pair(Plan after) {
        Set<UUID> come = new HashSet<>();
        after.beds().forEach(bed -> come.add(bed.id()));
        plan.beds().forEach(bed -> come.remove(bed.id()));
        if (plan.beds().size() <= FEW_BEDS || !onlyBedsDiffer(plan, after)) {
            return new Pair(before, new Flaws(after), come);
        }
        Envelope round = touched(after);
        return new Pair(new Flaws(within(plan, round)), new Flaws(within(after, round)), come);
    }

    /** What is wrong on the ground, worked out as far as it is asked. */
    private final class Flaws {

        private final Supplier<List<Snag>> quick;
        private final Supplier<List<Snag>> slow;

        Flaws(Plan judged) {
            this.quick = new Lazy<>(() -> judge.flawsOnTheGround(judged, season, memo));
            this.slow = new Lazy<>(() -> judge.slowFlaws(judged, season, memo));
        }

        Supplier<List<Snag>> quick() {
            return quick;
        }

        Supplier<List<Snag>> slow() {
            return slow;
        }
    }

    /** Whether a change is sound and leaves no flaw of a rule at any of these beds. */
    boolean cures(Change change, Rule rule, Set<UUID> beds) {
        if (!isSound(change)) {
            return false;
        }
        Plan after = plan.apply(change).orThrow();
        Flaws left = new Flaws(after);
        return (rule.slow() ? left.slow : left.quick)
                .get().stream().noneMatch(flaw -> flaw.rule() == rule && beds.containsAll(flaw.beds()));
    }

    private static boolean onlyBedsDiffer(Plan plan, Plan after) {
        return plan.site().equals(after.site()) && plan.things().equals(after.things());
    }

    /** The upright rectangle round every bed that the change touches, grown. */
    private Envelope touched(Plan after) {
        Set<StandingBed> same = new HashSet<>(plan.standing(season));
        same.retainAll(new HashSet<>(after.standing(season)));
        Envelope round = new Envelope();
        for (Plan each : List.of(plan, after)) {
            each.standing(season).stream()
                    .filter(bed -> !same.contains(bed))
                    .forEach(bed ->
                            round.expandToInclude(Polygons.of(bed.corners()).getEnvelopeInternal()));
        }
        round.expandBy(ROUND_ABOUT);
        return round;
    }

    private Plan within(Plan whole, Envelope round) {
        Set<UUID> near = whole.standing(season).stream()
                .filter(bed -> round.intersects(Polygons.of(bed.corners()).getEnvelopeInternal()))
                .map(StandingBed::id)
                .collect(Collectors.toSet());
        List<Bed> beds =
                whole.beds().stream().filter(bed -> near.contains(bed.id())).toList();
        return whole.withOnly(beds);
    }

    /**
     * The flaws after that cannot be told for one that was there before: each of those stands for one, or for any
     * number if it is told of beds together.
     */
    private static List<Snag> comeIn(List<Snag> before, List<Snag> after, Set<UUID> come) {
        List<Snag> known = new ArrayList<>(before);
        return after.stream().filter(flaw -> isNew(flaw, known, come)).toList();
    }

    /** Whether a flaw is none of those known; the one it stands for is taken off them. */
    private static boolean isNew(Snag flaw, List<Snag> known, Set<UUID> come) {
        List<Snag> same = known.stream().filter(old -> isAlike(old, flaw)).toList();
        Set<UUID> beds = new HashSet<>(flaw.beds());
        beds.removeAll(come);
        if (flaw.rule().toldTogether()) {
            same.forEach(old -> old.beds().forEach(beds::remove));
            return same.isEmpty() || !beds.isEmpty();
        }
        Optional<Snag> one =
                same.stream().filter(old -> old.beds().containsAll(beds)).findFirst();
        one.ifPresent(known::remove);
        return one.isEmpty();
    }

    /** Whether the same rule was broken as gravely, for the same people. */
    private static boolean isAlike(Snag old, Snag flaw) {
        return old.rule() == flaw.rule()
                && flaw.weight().compareTo(old.weight()) >= 0
                && old.gardeners().containsAll(flaw.gardeners());
    }
}
