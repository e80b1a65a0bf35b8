package fairacre.server.garden;

import static java.util.stream.Collectors.toSet;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.appraisal.Appraisal;
import fairacre.appraisal.AppraisalChange;
import fairacre.appraisal.AppraisalReport;
import fairacre.bill.Bill;
import fairacre.cost.CostStudy;
import fairacre.cost.CutSheets;
import fairacre.cost.CuttingPlan;
import fairacre.cost.KnownCuts;
import fairacre.journal.Progress;
import fairacre.ledger.Forecast;
import fairacre.ledger.Paid;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.limits.StoppedException;
import fairacre.merge.Rebase;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.server.store.ChangeLog;
import fairacre.server.store.GardenStore;
import fairacre.server.store.GardenStore.Version;
import fairacre.server.store.JournalStore;
import fairacre.server.store.ReceiptStore;
import fairacre.server.store.StoredGarden;
import fairacre.shape.Memo;
import fairacre.walk.WalkStudy;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What can be done with a garden by its owner. Every method throws {@link NoSuchGardenException} for a garden that is
 * not theirs.
 */
@Service
public class GardenService {

    /** The sample garden, on the class path. */
    public static final String SAMPLE = "demo/lampwrights-yard.garden.json";

    private static final int MOST_HISTORY = 100;
    /** Answers that all gardens' memos together may hold, about a kilobyte each. */
    private static final long MOST_ANSWERS = 100_000;
    /** Answers for each bed of a garden: its outline grown by a few widths, and who reaches what of it. */
    private static final int ANSWERS_PER_BED = 100;

    private static final int LEAST_ANSWERS = 1000;
    /** Beds, gaps, snags and lines that all kept judgements together may hold, a quarter of a kilobyte each. */
    private static final long MOST_PIECES = 300_000;
    /** What a bed's appraisal weighs against a line of the bill. */
    private static final int PIECES_PER_BED = 8;

    private final GardenStore gardens;
    private final ChangeLog log;
    private final ReceiptStore receipts;
    private final JournalStore journal;
    private final Clock clock;
    private final Failures failures;
    private final Allowance allowance;
    private final Watch watch;
    private final Cache<UUID, Cached> known = Caffeine.newBuilder()
            .maximumWeight(MOST_ANSWERS)
            .weigher((UUID garden, Cached value) -> answers(value.plan()))
            .build();
    private final Cache<InSeason, AppraisalReport> judged = Caffeine.newBuilder()
            .maximumWeight(MOST_PIECES)
            .weigher((InSeason season, AppraisalReport report) -> pieces(report))
            .build();

    /** A plan of which there are many copies. */
    private final AtomicReference<Cached> copied = new AtomicReference<>();

    /** @param longest that a whole judgement may take */
    GardenService(
            GardenStore gardens,
            ChangeLog log,
            ReceiptStore receipts,
            JournalStore journal,
            Clock clock,
            Failures failures,
            Allowance allowance,
            @Value("${fairacre.judgement.longest}") Duration longest) {
        this.watch = new Watch(longest);
        this.gardens = gardens;
        this.log = log;
        this.receipts = receipts;
        this.journal = journal;
        this.clock = clock;
        this.failures = failures;
        this.allowance = allowance;
    }

    /**
     * A plan with what its judgement found, kept for previews; how far the garden has come is asked for every time.
     *
     * @param paid what its ledger comes to
     * @param cuts how its boards are known to be cut best
     */
    record Cached(Version version, Plan plan, List<Paid> paid, Memo memo, AtomicReference<KnownCuts> cuts) {
        static Cached of(Version version, Plan plan, List<Paid> paid) {
            return new Cached(version, plan, paid, new Memo(answers(plan)), new AtomicReference<>(KnownCuts.NONE));
        }

        /** Beside another garden that is like it: what is found of one is known of the other. */
        Cached beside(Version newVersion, Plan like, List<Paid> newPaid) {
            return new Cached(newVersion, like, newPaid, memo, new AtomicReference<>(cuts.get()));
        }

        boolean isLike(Plan other) {
            return plan.withId(other.id()).equals(other);
        }

        /** The same garden when it has come further. */
        Cached at(Version newVersion, Plan newPlan, List<Paid> newPaid) {
            return new Cached(newVersion, newPlan, newPaid, memo, cuts);
        }

        /** At once, boards being cut as it is known best. */
        Appraisal appraisal(Plan judged, int season) {
            return Appraisal.of(judged, judged.seasonInView(season), memo, paid, cuts.get());
        }

        /**
         * In full: every board is cut as is best, and that is known from then on.
         *
         * @param progress how far the work has come
         * @param stop whether it is to be given up
         */
        Appraisal wholeAppraisal(int season, Progress progress, BooleanSupplier stop) {
            plan.seasonInView(season);
            Memo stopping = memo.until(stop);
            cuts.set(CostStudy.of(plan, stopping).cuts());
            return Appraisal.of(plan, season, stopping, paid, progress);
        }

        Preview preview(AppraisalReport before, AppraisalReport after) {
            return new Preview(
                    version.revision(),
                    base(),
                    AppraisalChange.of(before, after),
                    after.purse().planned().minus(before.purse().planned()));
        }

        /** Names the judgements of this plan beside this ledger by this build of the program, on whichever node. */
        String base() {
            return version.revision() + "/" + version.entries() + "/" + Build.ID + "/"
                    + cuts.get().id();
        }
    }

    /** A state of a garden in a season. */
    private record InSeason(UUID garden, String base, int season) {}

    private static int answers(Plan plan) {
        return Math.min(
                Memo.USUAL, LEAST_ANSWERS + ANSWERS_PER_BED * plan.beds().size());
    }

    private static int pieces(AppraisalReport report) {
        return 1
                + PIECES_PER_BED * report.beds().size()
                + report.gaps().size()
                + report.snags().size()
                + report.bill().size()
                + report.asked().size();
    }

    /**
     * A judgement without remedies.
     *
     * @param base names it: another state of the garden, of its ledger or of the program has another one
     */
    public record Judgement(String base, AppraisalReport appraisal) {}

    /**
     * What a change would lead to.
     *
     * @param revision of the garden
     * @param base of the judgement that {@code appraisal} goes out from
     */
    public record Preview(long revision, String base, AppraisalChange appraisal, Money difference) {}

    public List<GardenStore.Listed> list(UUID owner) {
        return gardens.list(owner);
    }

    /** @throws RefusedException if the owner has as many gardens as one may have */
    @Transactional
    public StoredGarden create(UUID owner, Plan plan) {
        allowance.oneMoreGarden(owner);
        gardens.insert(owner, plan);
        return new StoredGarden(0, plan, Optional.empty(), Optional.empty());
    }

    public StoredGarden get(UUID owner, UUID garden) {
        return gardens.find(owner, garden).orElseThrow(NoSuchGardenException::new);
    }

    /**
     * A garden like this one, under a name that is free, without its edits and receipts.
     *
     * @param to whose it is to be
     */
    @Transactional
    public StoredGarden copy(UUID owner, UUID garden, UUID to) {
        Plan plan = get(owner, garden).plan().withId(UUID.randomUUID());
        return create(to, renamed(plan, freeName(to, plan.name())));
    }

    /** The plan under a name that none of the owner's gardens has. */
    Plan underAFreeName(UUID owner, Plan plan) {
        return renamed(plan, freeName(owner, plan.name()));
    }

    private static Plan renamed(Plan plan, String name) {
        return plan.apply(describing(plan, name)).orThrow();
    }

    private static Change describing(Plan plan, String name) {
        return new Change.DescribeGarden(name, plan.units(), plan.yearBegins());
    }

    /** The name itself, or with the first number from 2 on that makes it free. */
    private String freeName(UUID owner, String name) {
        Set<String> taken =
                gardens.list(owner).stream().map(GardenStore.Listed::name).collect(toSet());
        return Stream.concat(
                        Stream.of(name),
                        IntStream.iterate(2, n -> n + 1).mapToObj(n -> Limits.shortened(name, " " + n)))
                .filter(free -> !taken.contains(free))
                .findFirst()
                .orElseThrow();
    }

    /** Another name for it: an edit like any other. */
    @Transactional
    public StoredGarden rename(UUID owner, UUID by, UUID garden, String name) {
        StoredGarden stored = locked(owner, garden);
        return change(owner, by, garden, stored.revision(), null, describing(stored.plan(), name));
    }

    public List<GardenStore.Deleted> deleted(UUID owner) {
        return gardens.deleted(owner);
    }

    /** @throws NoSuchGardenException if the owner has none of this id to bring back */
    @Transactional
    public StoredGarden bringBack(UUID owner, UUID garden) {
        if (!gardens.bringBack(owner, garden)) {
            throw new NoSuchGardenException();
        }
        return get(owner, garden);
    }

    /** Lets go of what is remembered of gardens that are there no more. */
    public void forgetGone() {
        Set<UUID> there = gardens.revisions(Set.copyOf(known.asMap().keySet())).keySet();
        known.asMap().keySet().retainAll(there);
        judged.asMap().keySet().removeIf(season -> !there.contains(season.garden()));
    }

    /** It can be brought back for a week. */
    @Transactional
    public void delete(UUID owner, UUID garden) {
        if (!gardens.delete(owner, garden)) {
            throw new NoSuchGardenException();
        }
        known.invalidate(garden);
        judged.asMap().keySet().removeIf(season -> season.garden().equals(garden));
    }

    /**
     * The judgement of a garden in a season, with what would help and what each bed alone would cost: that takes long.
     * If the garden is edited meanwhile it begins again with the newest state.
     *
     * @throws TooLongException if it takes longer than the server allows
     */
    public AppraisalReport appraise(UUID owner, UUID garden, int season) {
        Cached base = known(owner, garden);
        Watch.Turn turn = watch.begin(garden, base.version());
        try {
            Progress progress = Progress.of(
                    LocalDate.now(clock), journal.done(base.version().book(), ""));
            return failures.told(base.plan(), base.wholeAppraisal(season, progress, turn), Appraisal::report);
        } catch (StoppedException stopped) {
            if (turn.isTooLate()) {
                throw new TooLongException(watch.longest());
            }
            return appraise(owner, garden, season);
        }
    }

    /** The judgement without that. */
    public Judgement judge(UUID owner, UUID garden, int season) {
        Cached base = known(owner, garden);
        return new Judgement(base.base(), judged(garden, base, season));
    }

    private AppraisalReport judged(UUID garden, Cached base, int season) {
        return judged.get(
                new InSeason(garden, base.base(), season),
                asked -> failures.told(base.plan(), base.appraisal(base.plan(), season), Appraisal::preview));
    }

    /** A plan with the walks among its beds in a season. */
    public record Walks(Plan plan, WalkStudy study) {}

    /** The walks among the beds of a season, with what was worked out of them before. */
    public Walks walks(UUID owner, UUID garden, int season) {
        Cached base = known(owner, garden);
        return new Walks(base.plan(), base.appraisal(base.plan(), season).walks());
    }

    /** What was worked out of the garden so far. */
    public Memo memo(UUID owner, UUID garden) {
        return known(owner, garden).memo();
    }

    /** What the garden will have cost. */
    Forecast forecast(UUID owner, UUID garden) {
        Cached base = known(owner, garden);
        return Forecast.of(
                base.plan().budget(), CostStudy.of(base.plan(), base.memo()).bill(), base.paid());
    }

    /** What the garden's plan buys over all seasons. */
    Bill bill(UUID owner, UUID garden) {
        return costs(owner, garden).bill();
    }

    /** What the garden costs, with what was worked out of it before. */
    public CostStudy costs(UUID owner, UUID garden) {
        Cached base = known(owner, garden);
        return CostStudy.of(base.plan(), base.memo());
    }

    /** What a garden costs at a revision. */
    public record Costs(long revision, CostStudy study) {}

    /**
     * The same for work that may have to be given up.
     *
     * @param stop asked in the loops of the work
     */
    public Costs costs(UUID owner, UUID garden, BooleanSupplier stop) {
        Cached base = known(owner, garden);
        return new Costs(
                base.version().revision(), CostStudy.of(base.plan(), base.memo().until(stop)));
    }

    /** How boards of some beds are cut, at once: as it is known to be best, and others by the quick rule. */
    public List<CuttingPlan> cutting(UUID owner, UUID garden, Predicate<UUID> beds) {
        Cached base = known(owner, garden);
        return CostStudy.of(base.plan(), base.memo())
                .cuttingOf(beds, base.cuts().get());
    }

    /** The same of whole sheets, for some things. */
    public List<CutSheets> sheets(UUID owner, UUID garden, Predicate<UUID> things) {
        Cached base = known(owner, garden);
        return CostStudy.of(base.plan(), base.memo())
                .sheetsOf(things, base.cuts().get());
    }

    /** What the ledger of the garden comes to. */
    List<Paid> paid(UUID owner, UUID garden) {
        return known(owner, garden).paid();
    }

    public Plan plan(UUID owner, UUID garden) {
        return known(owner, garden).plan();
    }

    /** Nobody else edits the garden, or its ledger, until the transaction ends. */
    void lock(UUID owner, UUID garden) {
        locked(owner, garden);
    }

    /** What the change would make of the garden, and what it would cost more, without keeping it. */
    public Preview preview(UUID owner, UUID garden, Change change, int season) {
        Cached base = known(owner, garden);
        Plan after = base.plan().apply(change).orThrow();
        AppraisalReport report = failures.told(after, base.appraisal(after, season), Appraisal::preview);
        AppraisalReport before = judged(garden, base, season);
        return base.preview(before, report);
    }

    /**
     * Makes a change that the gardener made of the garden as it was at a revision. If it has come further meanwhile,
     * only what they changed is changed.
     *
     * @param key the browser's own name for the edit, may be null; an edit whose key is known already is not made again
     * @throws ConflictException if the same was changed otherwise meanwhile
     * @throws StaleRevisionException if the garden has come much further, or never was at that revision; at once for a
     *     variant that is taken over
     * @throws RefusedException if the plan doesn't take the change
     */
    @Transactional
    public StoredGarden change(UUID owner, UUID by, UUID garden, long revision, UUID key, Change change) {
        StoredGarden stored = locked(owner, garden);
        if (log.knows(garden, key)) {
            return stored;
        }
        Change newest = stored.revision() == revision ? change : rebased(garden, stored, revision, change);
        Outcome outcome = stored.plan().apply(newest);
        Plan after = outcome.orThrow();
        long next = stored.revision() + 1;
        gardens.update(stored.plan(), after, next);
        log.edit(garden, next, by, key, newest, ((Outcome.Applied) outcome).inverse());
        return get(owner, garden);
    }

    private Change rebased(UUID garden, StoredGarden stored, long revision, Change change) {
        boolean farBack = stored.revision() - revision > MOST_HISTORY;
        // A variant takes the place of the garden as the gardener saw it.
        if (revision > stored.revision() || farBack || change instanceof Change.TakeOver) {
            throw new StaleRevisionException(stored);
        }
        Plan base = stored.plan();
        for (ChangeLog.Entry entry : log.since(garden, revision)) {
            base = base.apply(entry.before()).orThrow();
        }
        Rebase rebase = Rebase.of(base, stored.plan());
        List<String> conflicts = rebase.conflicts(change);
        if (!conflicts.isEmpty()) {
            throw new ConflictException(stored, conflicts);
        }
        return rebase.rebased(change);
    }

    /** @throws NoSuchGardenException if the owner has no such garden */
    public Version version(UUID owner, UUID garden) {
        return gardens.version(owner, garden).orElseThrow(NoSuchGardenException::new);
    }

    /** How far gardens have come; one that is there no more is left out. */
    public Map<UUID, Long> revisions(Set<UUID> gardens) {
        return this.gardens.revisions(gardens);
    }

    /** The edits that led on from a revision, the newest first, {@link #MOST_HISTORY} at most. */
    public List<HistoryEntry> since(UUID owner, UUID garden, long revision) {
        return history(owner, garden).stream()
                .filter(entry -> entry.revision() > revision)
                .toList();
    }

    /**
     * Takes the newest edit back that still holds.
     *
     * @throws StaleRevisionException if the garden is at another revision
     * @throws RefusedException if there is nothing to take back
     */
    @Transactional
    public StoredGarden undo(UUID owner, UUID by, UUID garden, long revision) {
        StoredGarden stored = locked(owner, garden);
        ChangeLog.Entry edit = entry(stored, revision, stored.undo(), "undo");
        replay(stored, edit.before());
        log.undo(garden, revision + 1, by, edit);
        return get(owner, garden);
    }

    /** Makes the edit again that was taken back last; otherwise as {@link #undo}. */
    @Transactional
    public StoredGarden redo(UUID owner, UUID by, UUID garden, long revision) {
        StoredGarden stored = locked(owner, garden);
        ChangeLog.Entry edit = entry(stored, revision, stored.redo(), "do again");
        replay(stored, edit.after());
        log.redo(garden, revision + 1, by, edit);
        return get(owner, garden);
    }

    /**
     * Goes back to how the garden was before an edit: one edit, that undo takes back. What is paid stays paid.
     *
     * @param entry of the history
     * @throws StaleRevisionException if the garden is at another revision
     * @throws RefusedException if the garden has no such edit, or too many came after it
     */
    @Transactional
    public StoredGarden goBack(UUID owner, UUID by, UUID garden, long entry, long revision) {
        StoredGarden stored = locked(owner, garden);
        Plan plan = atRevision(stored, revision);
        ChangeLog.Entry edit = log.find(garden, entry)
                .orElseThrow(() -> new RefusedException("entry", "this garden has no such edit", "look at its edits"));
        List<Change> back = log.since(garden, edit.revision() - 1).stream()
                .flatMap(later -> later.before() instanceof Change.Batch batch
                        ? batch.changes().stream()
                        : Stream.of(later.before()))
                .toList();
        String label = "Went back to before: " + HistoryEntry.of(edit, plan).words();
        return change(owner, by, garden, revision, null, new Change.Batch(Limits.shortened(label, ""), back));
    }

    private ChangeLog.Entry entry(StoredGarden stored, long revision, Optional<Long> edit, String what) {
        atRevision(stored, revision);
        return edit.map(log::get)
                .orElseThrow(() -> new RefusedException("", "there is nothing to " + what, "make an edit first"));
    }

    private void replay(StoredGarden stored, Change change) {
        gardens.update(stored.plan(), stored.plan().apply(change).orThrow(), stored.revision() + 1);
    }

    /** The newest edits, newest first, each told with the names that things have now or had when it was made. */
    public List<HistoryEntry> history(UUID owner, UUID garden) {
        Plan plan = get(owner, garden).plan();
        return log.newest(garden, MOST_HISTORY).stream()
                .map(entry -> HistoryEntry.of(entry, plan))
                .toList();
    }

    private StoredGarden locked(UUID owner, UUID garden) {
        return gardens.lock(owner, garden).orElseThrow(NoSuchGardenException::new);
    }

    private static Plan atRevision(StoredGarden stored, long revision) {
        if (stored.revision() != revision) {
            throw new StaleRevisionException(stored);
        }
        return stored.plan();
    }

    private Cached known(UUID owner, UUID garden) {
        Version version = version(owner, garden);
        Cached remembered = known.getIfPresent(garden);
        if (remembered != null && remembered.version().equals(version)) {
            return remembered;
        }
        StoredGarden stored = get(owner, garden);
        Version read = new Version(stored.revision(), version.book(), version.entries());
        List<Paid> paid = remembered != null
                        && remembered.version().entries() == version.entries()
                        && remembered.plan().yearBegins().equals(stored.plan().yearBegins())
                ? remembered.paid()
                : receipts.paid(
                        version.book(), stored.plan().currency(), stored.plan().yearBegins());
        Cached fresh = remembered == null ? fresh(read, stored.plan(), paid) : remembered.at(read, stored.plan(), paid);
        known.put(garden, fresh);
        return fresh;
    }

    private Cached fresh(Version version, Plan plan, List<Paid> paid) {
        return Optional.ofNullable(copied.get())
                .filter(sample -> sample.isLike(plan))
                .map(sample -> sample.beside(version, plan, paid))
                .orElseGet(() -> Cached.of(version, plan, paid));
    }

    /** Many gardens will begin as copies of this plan: they are judged together until they are edited. */
    public void expectCopiesOf(Plan plan) {
        copied.set(Cached.of(new Version(0, plan.id(), 0), plan, List.of()));
    }
}
