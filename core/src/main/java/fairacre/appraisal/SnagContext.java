package fairacre.appraisal;

import fairacre.cost.Bill;
import fairacre.cost.CostStudy;
import fairacre.ground.Levels;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.Gardener;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.SpotHeight;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

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
    private final Memo trials;
    private final Supplier<Trial> trial;
    private final Map<UUID, StandingBed> byId = new HashMap<>();
    private final Map<UUID, Surroundings> surroundings = new HashMap<>();

    SnagContext(Plan plan, int season, List<StandingBed> standing, boolean withRemedies, Memo memo, Guard guard) {
        this.plan = plan;
        this.memo = memo;
        this.guard = guard;
        this.trials = memo.remembering();
        this.trial = new Lazy<>(() -> new Trial(plan, season, trials));
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
        return plan.features().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
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
        return surroundings.computeIfAbsent(bed.id(), id -> new Surroundings(plan, setting, standing, bed, trials));
    }

    Length widestPassing() {
        return plan.gardeners().stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
    }

    /** Of what plans that are tried have in common. */
    Memo trials() {
        return trials;
    }

    /** Whether a change is sound and does away with every flaw of a rule at some beds. */
    boolean cures(Change change, SnagRule rule, Set<UUID> beds) {
        return trial.get().cures(change, rule, beds);
    }

    /** Whether the plan after a change has no flaw on the ground that it hadn't before. */
    boolean isSound(Change change) {
        return trial.get().isSound(change);
    }

    /**
     * What a change adds to the bill or takes off it, to go after its words: {@code ", +120.00 EUR"}; empty while a
     * price is missing.
     */
    String costOf(Change change) {
        Bill was = CostStudy.of(plan, trials).bill();
        Bill is = CostStudy.of(plan.apply(change).orThrow(), trials).bill();
        return is.unpriced() > was.unpriced()
                ? ", prices missing"
                : Effects.difference(Optional.of(was.total()), Optional.of(is.total()));
    }

    /**
     * The remedies, or none while something is only being tried out. Those that bring another snag are left out; where
     * all of them do, the last one stands and says what it brings.
     */
    List<Remedy> remedies(Supplier<List<Remedy>> work) {
        return remedies(work, remedies -> remedies.subList(Math.max(0, remedies.size() - 1), remedies.size()));
    }

    /** The same, but where none is sound the bed can only go. */
    List<Remedy> remedies(StandingBed bed, Supplier<List<Remedy>> work) {
        return remedies(work, remedies -> List.of(edits.takeOut(bed)));
    }

    private List<Remedy> remedies(Supplier<List<Remedy>> work, UnaryOperator<List<Remedy>> lastResort) {
        return withRemedies
                ? guard.orElse(
                        "what would help",
                        () -> {
                            List<Remedy> all = work.get();
                            List<Remedy> sound = all.stream()
                                    .filter(remedy -> isSound(remedy.change()))
                                    .toList();
                            return sound.isEmpty() ? saidInFull(lastResort.apply(all)) : sound;
                        },
                        List::of)
                : List.of();
    }

    private List<Remedy> saidInFull(List<Remedy> lastResort) {
        return lastResort.stream()
                .filter(remedy -> plan.apply(remedy.change()) instanceof Outcome.Applied)
                .map(remedy -> new Remedy(
                        remedy.words() + Wording.brought(trial.get().brings(remedy.change())), remedy.change()))
                .toList();
    }
}
