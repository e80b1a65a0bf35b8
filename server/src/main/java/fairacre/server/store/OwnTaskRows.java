package fairacre.server.store;

import static fairacre.server.store.generated.Tables.OWN_TASK;

import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.OwnTask;
import fairacre.server.store.generated.tables.records.OwnTaskRecord;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/** Tasks of one's own, from rows and into rows. */
final class OwnTaskRows {

    static final KeyedRows<OwnTaskRecord, UUID, OwnTask> ROWS = KeyedRows.of(
            CrewKinds.OWN_TASKS,
            OWN_TASK,
            OWN_TASK.GARDEN,
            OWN_TASK.ID,
            (row, currency) -> new OwnTask(
                    row.get(OWN_TASK.ID),
                    row.get(OWN_TASK.NAME),
                    Optional.ofNullable(row.get(OWN_TASK.SEASON)),
                    Stage.valueOf(row.get(OWN_TASK.STAGE)),
                    row.get(OWN_TASK.HOURS),
                    row.get(OWN_TASK.PEOPLE),
                    Optional.ofNullable(row.get(OWN_TASK.DAY)),
                    Optional.ofNullable(row.get(OWN_TASK.PLACE)),
                    Optional.ofNullable(row.get(OWN_TASK.COST)).map(cost -> Columns.money(currency, cost))),
            (garden, task) -> new OwnTaskRecord(
                    garden,
                    task.id(),
                    task.name(),
                    task.season().orElse(null),
                    task.stage().name(),
                    task.hours(),
                    task.people(),
                    task.day().orElse(null),
                    task.place().orElse(null),
                    task.cost().map(Money::getAmount).orElse(null)));

    private OwnTaskRows() {}
}
