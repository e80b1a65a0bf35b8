package fairacre.server.store;

import static fairacre.server.store.generated.Tables.MULCH;

import fairacre.feeding.FeedingKinds;
import fairacre.feeding.Mulch;
import fairacre.feeding.MulchKind;
import fairacre.measure.Length;
import fairacre.server.store.generated.tables.records.MulchRecord;
import java.util.List;
import java.util.UUID;

/** Mulches, from rows and into rows. */
final class MulchRows {

    static final KeyedRows<MulchRecord, UUID, Mulch> ROWS = KeyedRows.of(
            FeedingKinds.MULCHES,
            MULCH,
            MULCH.GARDEN,
            MULCH.ID,
            (row, currency) -> new Mulch(
                    row.get(MULCH.ID),
                    row.get(MULCH.NAME),
                    MulchKind.valueOf(row.get(MULCH.KIND)),
                    new Length(row.get(MULCH.DEPTH)),
                    row.get(MULCH.FIRST),
                    row.get(MULCH.SEASONS),
                    List.of(row.get(MULCH.BEDS))),
            (garden, mulch) -> new MulchRecord(
                    garden,
                    mulch.id(),
                    mulch.name(),
                    mulch.kind().name(),
                    mulch.depth().micrometres(),
                    mulch.first(),
                    mulch.seasons(),
                    mulch.beds().toArray(UUID[]::new)));

    private MulchRows() {}
}
