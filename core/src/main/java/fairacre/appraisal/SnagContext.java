package fairacre.appraisal;

import fairacre.ground.Levels;
import fairacre.measure.Length;
import fairacre.plan.Gardener;
import fairacre.plan.Feature;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.SpotHeight;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

/** What all finders of snags need: the plan in its season, words, and whether remedies are wanted. */
final class SnagContext {

    private final Plan plan;
    private final Memo memo;
    private final int season;
    private final Setting setting;
    private final List<StandingBed> standing;
    private final boolean withRemedies;
    private final Wording wording;
    private final Edits edits;
    private final Guard guard;
    private final Map<UUID, StandingBed> byId = new HashMap<>();
    private final Map<UUID, Surroundings> surroundings = new HashMap<>();

    SnagContext(Plan plan, int season, List<StandingBed> standing, boolean withRemedies, Memo memo, Guard guard) {
        this.plan = plan;
        this.memo = memo;
        this.guard = guard;
        this.season = season;
        this.setting = plan.setting(season);
        this.standing = standing;
        this.withRemedies = withRemedies;
        this.wording = new Wording(plan.units());
        this.edits = new Edits(plan, season);
        standing.forEach(bed -> byId.put(bed.id(), bed));
    }

    Plan plan() {
        return plan;
    }

    Memo memo() {
        return memo;
    }

    /** The question how the ground lies. */
    private record LieOfTheLand(List<SpotHeight> heights) {}

    /** How the ground lies, where enough heights are known. */
    Optional<Levels> levels() {
        List<SpotHeight> heights = plan.site().levels();
        return memo.recall(new LieOfTheLand(heights), () -> Levels.of(heights));
    }

    int season() {
        return season;
    }

    Setting setting() {
        return setting;
    }

    List<StandingBed> standing() {
        return standing;
    }

    /** What the gardener calls a bed or a feature. */
    String name(UUID id) {
        StandingBed bed = byId.get(id);
        return bed != null ? bed.name() : feature(id).name();
    }

    Feature feature(UUID id) {
        return plan.features().stream().filter(f -> f.id().equals(id)).findFirst().orElseThrow();
    }

    Wording wording() {
        return wording;
    }

    Edits edits() {
        return edits;
    }

    /** The bed with this id; null if it is something else. */
    StandingBed bed(UUID id) {
        return byId.get(id);
    }

    Surroundings surroundings(StandingBed bed) {
        return surroundings.computeIfAbsent(bed.id(), id -> new Surroundings(plan, setting, standing, bed));
    }

    Length widestPassing() {
        return plan.gardeners().stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
    }

    /** The remedies, or none while something is only being tried out. */
    List<Remedy> remedies(Supplier<List<Remedy>> work) {
        return withRemedies ? guard.orElse("what would help", work, List::of) : List.of();
    }
}
