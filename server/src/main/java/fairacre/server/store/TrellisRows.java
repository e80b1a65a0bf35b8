package fairacre.server.store;

import static fairacre.server.store.generated.Tables.TRELLIS;

import fairacre.fence.PostKind;
import fairacre.measure.Length;
import fairacre.server.store.generated.tables.records.TrellisRecord;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisKinds;
import fairacre.trellis.TrellisWind;
import java.util.UUID;

/** Trellises, from rows and into rows. */
final class TrellisRows {

    static final KeyedRows<TrellisRecord, UUID, Trellis> ROWS = KeyedRows.of(
            TrellisKinds.TRELLISES,
            TRELLIS,
            TRELLIS.GARDEN,
            TRELLIS.ID,
            (row, currency) -> new Trellis(
                    row.get(TRELLIS.ID),
                    row.get(TRELLIS.NAME),
                    Columns.points(row.get(TRELLIS.X), row.get(TRELLIS.Y)),
                    TrellisKind.valueOf(row.get(TRELLIS.KIND)),
                    new Length(row.get(TRELLIS.HEIGHT)),
                    new Length(row.get(TRELLIS.BASE)),
                    new Length(row.get(TRELLIS.APART)),
                    PostKind.valueOf(row.get(TRELLIS.POSTS)),
                    TrellisWind.valueOf(row.get(TRELLIS.WIND)),
                    Columns.lifetime(row.get(TRELLIS.FROM_SEASON), row.get(TRELLIS.UNTIL_SEASON))),
            (garden, trellis) -> new TrellisRecord(
                    garden,
                    trellis.id(),
                    trellis.name(),
                    Columns.xs(trellis.places()),
                    Columns.ys(trellis.places()),
                    trellis.kind().name(),
                    trellis.height().micrometres(),
                    trellis.base().micrometres(),
                    trellis.apart().micrometres(),
                    trellis.posts().name(),
                    trellis.wind().name(),
                    trellis.lifetime().from().orElse(null),
                    trellis.lifetime().until().orElse(null)));

    private TrellisRows() {}
}
