package fairacre.server.garden;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairacre.appraisal.Appraisal;
import fairacre.appraisal.AppraisalChange;
import fairacre.appraisal.AppraisalReport;
import fairacre.cost.Bill;
import fairacre.cost.CostStudy;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.plan.RefusedException;
import fairacre.server.store.ChangeLog;
import fairacre.server.store.GardenStore;
import fairacre.server.store.StoredGarden;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.joda.money.Money;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What can be done with a garden by its owner. Every method throws {@link NoSuchGardenException} for a garden that is not
 * theirs.
 */
@Service
public class GardenService {

    /** The sample garden, on the class path. */
    public static final String SAMPLE = "demo/lampwrights-yard.garden.json";

    private static final int REMEMBERED_GARDENS = 100;
    private static final int MOST_HISTORY = 100;

    private final GardenStore gardens;
    private final ChangeLog log;
    private final Cache<UUID, Known> known = Caffeine.newBuilder().maximumSize(REMEMBERED_GARDENS).build();

    GardenService(GardenStore gardens, ChangeLog log) {
        this.gardens = gardens;
        this.log = log;
    }

    /**
     * A plan at a revision with what its judgement found, kept for previews; the revision is asked for every time.
     *
     * @param judged the judgement without remedies, by season
     */
    record Known(long revision, Plan plan, Memo memo, Map<Integer, AppraisalReport> judged) {
        static Known of(long revision, Plan plan) {
            return new Known(revision, plan, new Memo(Memo.USUAL), new ConcurrentHashMap<>());
        }

        /** The same garden at another revision. */
        Known at(long newRevision, Plan newPlan) {
            return new Known(newRevision, newPlan, memo, new ConcurrentHashMap<>());
        }

        Preview preview(Change change, int season) {
            Plan after = plan.apply(change).orThrow();
            AppraisalReport report = Appraisal.of(after, season, memo).preview();
            AppraisalReport before = judged(season);
            return new Preview(revision, AppraisalChange.of(before, report), report.purse().planned().minus(before.purse().planned()));
        }

        AppraisalReport judged(int season) {
            return judged.computeIfAbsent(season, s -> Appraisal.of(plan, s, memo).preview());
        }
    }

    /**
     * What a change would lead to.
     *
     * @param revision of the garden whose judgement without remedies {@code appraisal} goes out from
     */
    public record Preview(long revision, AppraisalChange appraisal, Money difference) {}

    public List<GardenStore.Listed> list(UUID owner) {
        return gardens.list(owner);
    }

    @Transactional
    public StoredGarden create(UUID owner, Plan plan) {
        gardens.insert(owner, plan);
        return new StoredGarden(0, plan, Optional.empty(), Optional.empty());
    }

    public StoredGarden get(UUID owner, UUID garden) {
        return gardens.find(owner, garden).orElseThrow(NoSuchGardenException::new);
    }

    @Transactional
    public void delete(UUID owner, UUID garden) {
        if (!gardens.delete(owner, garden)) {
            throw new NoSuchGardenException();
        }
    }

    /**
     * The judgement of a garden in a season.
     *
     * @param remedies whether what would help is worked out too, and what each bed alone would cost: that takes longer
     */
    public AppraisalReport appraise(UUID owner, UUID garden, int season, boolean remedies) {
        Known base = known(owner, garden);
        return remedies ? Appraisal.of(base.plan(), season, base.memo()).report() : base.judged(season);
    }

    /** What the garden's plan buys over all seasons. */
    Bill bill(UUID owner, UUID garden) {
        return costs(owner, garden).bill();
    }

    /** What the garden costs, with what was worked out of it before. */
    public CostStudy costs(UUID owner, UUID garden) {
        Known base = known(owner, garden);
        return CostStudy.of(base.plan(), base.memo());
    }

    Plan plan(UUID owner, UUID garden) {
        return known(owner, garden).plan();
    }

    /** Nobody else edits the garden, or its ledger, until the transaction ends. */
    void lock(UUID owner, UUID garden) {
        locked(owner, garden);
    }

    /** What the change would make of the garden, and what it would cost more, without keeping it. */
    public Preview preview(UUID owner, UUID garden, Change change, int season) {
        return known(owner, garden).preview(change, season);
    }

    /**
     * Makes a change on the revision that the gardener saw.
     *
     * @param key the browser's own name for the edit, may be null; an edit whose key is known already is not made again
     * @throws StaleRevisionException if the garden is at another revision
     * @throws RefusedException if the plan doesn't take the change
     */
    @Transactional
    public StoredGarden change(UUID owner, UUID garden, long revision, UUID key, Change change) {
        StoredGarden stored = locked(owner, garden);
        if (log.knows(garden, key)) {
            return stored;
        }
        Plan before = atRevision(stored, revision);
        Outcome outcome = before.apply(change);
        Plan after = outcome.orThrow();
        gardens.update(before, after, revision + 1);
        log.edit(garden, revision + 1, owner, key, change, ((Outcome.Applied) outcome).inverse());
        return get(owner, garden);
    }

    /**
     * Takes the newest edit back that still holds.
     *
     * @throws StaleRevisionException if the garden is at another revision
     * @throws RefusedException if there is nothing to take back
     */
    @Transactional
    public StoredGarden undo(UUID owner, UUID garden, long revision) {
        StoredGarden stored = locked(owner, garden);
        ChangeLog.Entry edit = entry(stored, revision, stored.undo(), "undo");
        replay(stored, edit.before());
        log.undo(garden, revision + 1, owner, edit);
        return get(owner, garden);
    }

    /** Makes the edit again that was taken back last; otherwise as {@link #undo}. */
    @Transactional
    public StoredGarden redo(UUID owner, UUID garden, long revision) {
        StoredGarden stored = locked(owner, garden);
        ChangeLog.Entry edit = entry(stored, revision, stored.redo(), "do again");
        replay(stored, edit.after());
        log.redo(garden, revision + 1, owner, edit);
        return get(owner, garden);
    }

    private ChangeLog.Entry entry(StoredGarden stored, long revision, Optional<Long> edit, String what) {
        atRevision(stored, revision);
        return edit.map(log::get).orElseThrow(() -> new RefusedException("", "there is nothing to " + what, "make an edit first"));
    }

    private void replay(StoredGarden stored, Change change) {
        gardens.update(stored.plan(), stored.plan().apply(change).orThrow(), stored.revision() + 1);
    }

    public List<ChangeLog.Entry> history(UUID owner, UUID garden) {
        gardens.revision(owner, garden).orElseThrow(NoSuchGardenException::new);
        return log.newest(garden, MOST_HISTORY);
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

    private Known known(UUID owner, UUID garden) {
        long revision = gardens.revision(owner, garden).orElseThrow(NoSuchGardenException::new);
        Known remembered = known.getIfPresent(garden);
        if (remembered != null && remembered.revision() == revision) {
            return remembered;
        }
        StoredGarden stored = get(owner, garden);
        Known fresh = remembered == null ? Known.of(stored.revision(), stored.plan()) : remembered.at(stored.revision(), stored.plan());
        known.put(garden, fresh);
        return fresh;
    }
}
