package fairacre.server.garden;

import fairacre.plan.Change;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.server.store.ChangeLog;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;

/**
 * What was done to a garden, for the list of edits.
 *
 * @param kind EDIT, UNDO or REDO
 * @param madeBy name of the account that did it; empty if that is gone
 * @param words what the edit does that was made, undone or made again: "Moved Beans"
 */
public record HistoryEntry(
        long id, String kind, long revision, Optional<String> madeBy, OffsetDateTime madeAt, String words) {

    static HistoryEntry of(ChangeLog.Entry entry, Plan plan) {
        Change edit = entry.kind().equals(ChangeLog.UNDO) ? entry.before() : entry.after();
        return new HistoryEntry(
                entry.id(),
                entry.kind(),
                entry.revision(),
                entry.madeBy(),
                entry.madeAt(),
                edit.words(Names.of(plan, List.of(entry.before(), entry.after()))));
    }
}
