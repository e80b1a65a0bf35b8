package fairacre.judging;

import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.Gardener;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Ref;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.joda.money.Money;

/** What all finders of snags need: the plan in its season, words, and whether remedies are wanted. */
public final class SnagContext {

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
    private final Judge judge;
    private final Map<Class<?>, Supplier<?>> studies;
    private final Map<Object, Object> once = new ConcurrentHashMap<>();

    /**
     * @param withRemedies what would help is to be told too
     * @param studies what several capabilities look at, by its type, worked out when it is asked for
     */
    public SnagContext(
            Plan plan,
            int season,
            boolean withRemedies,
            Memo memo,
            Guard guard,
            Judge judge,
            Map<Class<?>, Supplier<?>> studies) {
        this.plan = plan;
        this.memo = memo;
        this.guard = guard;
        this.trials = memo.remembering();
        this.trial = new Lazy<>(() -> new Trial(judge, plan, season, trials));
        this.season = season;
        this.setting = plan.setting(season);
        this.standing = plan.standing(season);
        this.judge = judge;
        this.studies = Map.copyOf(studies);
        this.withRemedies = withRemedies;
        this.wording = new Wording(plan.units());
        this.edits = new Edits(plan, season);
        standing.forEach(bed -> byId.put(bed.id(), bed));
    }

    public Plan plan() {
        return plan;
    }

    public Memo memo() {
        return memo;
    }

    public int season() {
        return season;
    }

    public Setting setting() {
        return setting;
    }

    public List<StandingBed> standing() {
        return standing;
    }

    /** What the gardener calls a bed or a feature. */
    public String name(UUID id) {
        StandingBed bed = byId.get(id);
        return bed != null ? bed.name() : feature(id).name();
    }

    public Feature feature(UUID id) {
        return setting.features().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** To a gate, a walk, or whatever stands on the plot. */
    public Ref ref(UUID thing) {
        return Ref.to(plan, thing);
    }

    public Wording wording() {
        return wording;
    }

    public Edits edits() {
        return edits;
    }

    /** The bed with this id; null if it is something else. */
    public StandingBed bed(UUID id) {
        return byId.get(id);
    }

    /** A study of this plan and season that several look at. */
    public <T> T study(Class<T> type) {
        return type.cast(studies.get(type).get());
    }

    /** Something that is worked out once in this judgement, by a question that it answers. */
    @SuppressWarnings("unchecked")
    public <T> T once(Object question, Supplier<T> work) {
        return (T) once.computeIfAbsent(question, key -> work.get());
    }

    public Length widestPassing() {
        return plan.gardeners().stream().map(Gardener::passing).reduce(Length.ZERO, Length::max);
    }

    /** Of what plans that are tried have in common. */
    public Memo trials() {
        return trials;
    }

    /** Whether a change is sound and does away with every flaw of a rule at some beds. */
    public boolean cures(Change change, Rule rule, Set<UUID> beds) {
        return trial.get().cures(change, rule, beds);
    }

    /** Whether the plan after a change has no flaw on the ground that it hadn't before. */
    public boolean isSound(Change change) {
        return trial.get().isSound(change);
    }

    /**
     * What a change adds to the bill or takes off it, to go after its words: {@code ", +€120.00"}; empty while a price
     * is missing.
     */
    public String costOf(Change change) {
        Judge.Cost was = judge.cost(plan, trials);
        Judge.Cost is = judge.cost(plan.apply(change).orThrow(), trials);
        return is.unpriced() > was.unpriced()
                ? ", prices missing"
                : Effects.difference(Optional.of(was.total()), Optional.of(is.total()));
    }

    /**
     * What a bed of a plan would cost if it were built alone, as it stands in this season; empty if a price is missing.
     */
    public Optional<Money> alone(Plan some, UUID bed) {
        return Optional.of(judge.alone(some, bed, season))
                .filter(cost -> cost.unpriced() == 0)
                .map(Judge.Cost::total);
    }

    /**
     * The remedies, or none while something is only being tried out. Those that bring another snag are left out; where
     * all of them do, the last one stands and says what it brings.
     */
    public List<Remedy> remedies(Supplier<List<Remedy>> work) {
        return remedies(work, remedies -> remedies.subList(Math.max(0, remedies.size() - 1), remedies.size()));
    }

    /** The same, but where none is sound the bed can only go. */
    public List<Remedy> remedies(StandingBed bed, Supplier<List<Remedy>> work) {
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
