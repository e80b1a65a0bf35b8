package fairacre.merge;

import fairacre.limits.RefusedException;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange;
import fairacre.plan.Put;
import fairacre.plan.Things;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;

/** An edit that was made of an earlier state of a garden, made of its newest one. */
public final class Rebase {

    private final Plan base;
    private final Plan theirs;

    private Rebase(Plan base, Plan theirs) {
        this.base = base;
        this.theirs = theirs;
    }

    /**
     * @param base the state of which the edit was made
     * @param theirs the newest one
     */
    public static Rebase of(Plan base, Plan theirs) {
        return new Rebase(base, theirs);
    }

    /**
     * What the edit and others since have both changed, and otherwise: "Gate: width". None if the edit can be made of
     * the newest state, or if it couldn't be made of the earlier one either.
     */
    public List<String> conflicts(Change change) {
        if (!(base.apply(change) instanceof Outcome.Applied applied)) {
            return List.of();
        }
        Fields before = Fields.of(base);
        Fields mine = Fields.of(applied.plan());
        Fields other = Fields.of(theirs);
        Labels labels = new Labels(List.of(base, applied.plan(), theirs));
        Set<List<Object>> gone = new HashSet<>(before.missingIn(mine));
        gone.addAll(before.missingIn(other));
        TreeSet<String> conflicts = new TreeSet<>();
        List.of(before, mine, other)
                .forEach(fields -> fields.paths()
                        .filter(path -> !mine.agrees(other, path))
                        .filter(path -> !before.has(path) && isWithin(path, gone)
                                || !before.agrees(mine, path) && !before.agrees(other, path))
                        .map(labels::of)
                        .forEach(conflicts::add));
        return List.copyOf(conflicts);
    }

    /** Whether a field is one of a thing that was taken out, or lies within it. */
    private static boolean isWithin(List<Object> path, Set<List<Object>> gone) {
        for (int length = 1; length < path.size(); length++) {
            if (gone.contains(path.subList(0, length))) {
                return true;
            }
        }
        return false;
    }

    /**
     * The edit with only what it changes: fields that it carries along are as they are in the newest state.
     *
     * @throws RefusedException if the fields don't go together
     */
    public Change rebased(Change change) {
        if (change instanceof Change.Batch batch) {
            return batch(batch);
        }
        if (change instanceof PurseChange.PutOff off) {
            return batch(off.steps(base));
        }
        if (change instanceof Put<?> put) {
            return put(put);
        }
        if (change instanceof Change.MoveBed move) {
            Rectangle mine = outline(base, move.bed(), move.from())
                    .map(outline -> outline.movedTo(move.centre(), move.turn()))
                    .orElse(null);
            Rectangle outline = merged(mine, move.bed(), move.from());
            return outline == null
                    ? move
                    : new Change.MoveBed(move.bed(), move.from(), outline.centre(), outline.turn());
        }
        if (change instanceof Change.ReshapeBed reshape) {
            Rectangle outline = merged(reshape.outline(), reshape.bed(), reshape.from());
            return outline == null
                    ? reshape
                    : new Change.ReshapeBed(reshape.bed(), reshape.from(), outline, reshape.shape());
        }
        if (change instanceof Change.RebuildBed rebuild) {
            int from = rebuild.revision().from();
            return both(base, rebuild.bed(), from)
                    .map(revisions -> new Change.RebuildBed(
                            rebuild.bed(), Both.of(revisions.get(0), rebuild.revision(), revisions.get(1))))
                    .orElse(rebuild);
        }
        if (change instanceof Change.ReframeBed reframe) {
            return both(base, reframe.bed(), reframe.from())
                    .map(revisions -> new Change.ReframeBed(
                            reframe.bed(),
                            reframe.from(),
                            Both.of(
                                    revisions.get(0).frame(),
                                    reframe.frame(),
                                    revisions.get(1).frame())))
                    .orElse(reframe);
        }
        return part(change);
    }

    /** What there is one of in a plan. */
    private Change part(Change change) {
        if (change instanceof Change.DescribeGarden set) {
            return new Change.DescribeGarden(
                    Both.of(base.name(), set.name(), theirs.name()),
                    Both.of(base.units(), set.units(), theirs.units()),
                    Both.of(base.yearBegins(), set.yearBegins(), theirs.yearBegins()));
        }
        if (change instanceof Change.SetBudget set) {
            return new Change.SetBudget(Both.of(base.budget(), set.budget(), theirs.budget()));
        }
        if (change instanceof Change.SetSite set) {
            return new Change.SetSite(Both.of(base.site(), set.site(), theirs.site()));
        }
        if (change instanceof PurseChange.PutSupply put) {
            return new PurseChange.PutSupply(Both.of(base.supply(), put.supply(), theirs.supply()));
        }
        if (change instanceof PurseChange.PutWorkshop put) {
            return new PurseChange.PutWorkshop(Both.of(base.workshop(), put.workshop(), theirs.workshop()));
        }
        return change;
    }

    private Change batch(Change.Batch batch) {
        List<Change> steps = new ArrayList<>();
        Plan mine = base;
        Plan newest = theirs;
        for (Change step : batch.changes()) {
            Change rebased = Rebase.of(mine, newest).rebased(step);
            steps.add(rebased);
            mine = mine.apply(step).orThrow();
            newest = newest.apply(rebased).orThrow();
        }
        return new Change.Batch(batch.label(), steps);
    }

    private <T> Change put(Put<T> put) {
        Things<T> things = put.things();
        UUID id = things.id().apply(put.thing());
        Optional<T> was = find(things, base, id);
        Optional<T> now = find(things, theirs, id);
        return was.isPresent() && now.isPresent() ? Put.of(Both.of(was.get(), put.thing(), now.get())) : put;
    }

    private static <T> Optional<T> find(Things<T> things, Plan plan, UUID id) {
        return plan.list(things).stream()
                .filter(thing -> things.id().apply(thing).equals(id))
                .findFirst();
    }

    private Rectangle merged(Rectangle mine, UUID bed, int from) {
        Optional<Rectangle> was = outline(base, bed, from);
        Optional<Rectangle> now = outline(theirs, bed, from);
        return mine == null || was.isEmpty() || now.isEmpty() ? mine : Both.of(was.get(), mine, now.get());
    }

    private static Optional<Rectangle> outline(Plan plan, UUID bed, int from) {
        return revision(plan, bed, from).map(BedRevision::outline);
    }

    private Optional<List<BedRevision>> both(Plan before, UUID bed, int from) {
        return revision(before, bed, from)
                .flatMap(was -> revision(theirs, bed, from).map(now -> List.of(was, now)));
    }

    private static Optional<BedRevision> revision(Plan plan, UUID bed, int from) {
        return plan.beds().stream()
                .filter(each -> each.id().equals(bed))
                .findFirst()
                .flatMap(each -> each.revision(from));
    }
}
