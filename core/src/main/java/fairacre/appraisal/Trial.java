package fairacre.appraisal;

import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Polygons;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
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

    private final Plan plan;
    private final int season;
    private final Memo memo;
    private final List<Snag> before;
    private final Supplier<List<Snag>> slowBefore;
    private final Map<Change, Boolean> sound = new ConcurrentHashMap<>();

    Trial(Plan plan, int season, Memo memo) {
        this.plan = plan;
        this.season = season;
        this.memo = memo;
        this.before = plan.beds().size() <= FEW_BEDS ? flaws(plan) : null;
        this.slowBefore = new Lazy<>(() -> slowFlaws(plan));
    }

    /** Whether the plan takes the change and has no new flaw with it. */
    boolean isSound(Change change) {
        return sound.computeIfAbsent(change, this::tried);
    }

    private boolean tried(Change change) {
        if (!(plan.apply(change) instanceof Outcome.Applied applied)) {
            return false;
        }
        Plan after = applied.plan();
        Set<UUID> come = new HashSet<>();
        after.beds().forEach(bed -> come.add(bed.id()));
        plan.beds().forEach(bed -> come.remove(bed.id()));
        boolean onlyBeds = onlyBedsDiffer(plan, after);
        if (before != null || !onlyBeds) {
            // What takes long is asked last: only of changes of the ground round the beds, and only if they are sound
            // by all else.
            return isNoWorse(before != null ? before : flaws(plan), flaws(after), come)
                    && (onlyBeds || isNoWorse(slowBefore.get(), slowFlaws(after), come));
        }
        Envelope round = touched(after);
        return isNoWorse(flaws(within(plan, round)), flaws(within(after, round)), come);
    }

    /** Whether a change is sound and leaves no flaw of a rule at any of these beds. */
    boolean cures(Change change, SnagRule rule, Set<UUID> beds) {
        if (!isSound(change)) {
            return false;
        }
        Plan after = plan.apply(change).orThrow();
        List<Snag> left = Appraisal.NOT_IN_PREVIEWS.contains(rule) ? slowFlaws(after) : flaws(after);
        return left.stream().noneMatch(flaw -> flaw.rule() == rule && beds.containsAll(flaw.beds()));
    }

    private static boolean onlyBedsDiffer(Plan plan, Plan after) {
        return plan.site().equals(after.site())
                && plan.features().equals(after.features())
                && plan.waysIn().equals(after.waysIn())
                && plan.gardeners().equals(after.gardeners())
                && plan.carriers().equals(after.carriers())
                && plan.walks().equals(after.walks());
    }

    private List<Snag> flaws(Plan judged) {
        return Appraisal.of(judged, season, memo).flawsOnTheGround();
    }

    private List<Snag> slowFlaws(Plan judged) {
        return Appraisal.of(judged, season, memo).slowFlaws();
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

    /** Whether each flaw after can be told for one that was there before, none of them twice. */
    private static boolean isNoWorse(List<Snag> before, List<Snag> after, Set<UUID> come) {
        List<Snag> known = new ArrayList<>(before);
        for (Snag flaw : after) {
            Snag same = known.stream()
                    .filter(old -> isSame(old, flaw, come))
                    .findFirst()
                    .orElse(null);
            if (same == null) {
                return false;
            }
            known.remove(same);
        }
        return true;
    }

    private static boolean isSame(Snag old, Snag flaw, Set<UUID> come) {
        Set<UUID> beds = new HashSet<>(flaw.beds());
        beds.removeAll(come);
        return old.rule() == flaw.rule()
                && flaw.weight().compareTo(old.weight()) >= 0
                && old.beds().containsAll(beds)
                && old.gardeners().containsAll(flaw.gardeners());
    }
}
