package fairacre.server.store;

import static fairacre.server.store.generated.Tables.GARDENER;

import fairacre.measure.Length;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.Things;
import fairacre.server.store.generated.tables.records.GardenerRecord;
import java.util.Optional;
import java.util.UUID;

/** Who gardens, from rows and into rows. */
final class GardenerRows {

    static final KeyedRows<GardenerRecord, UUID, Gardener> ROWS = KeyedRows.of(
            Things.GARDENERS,
            GARDENER,
            GARDENER.GARDEN,
            GARDENER.ID,
            (row, currency) -> new Gardener(
                    row.get(GARDENER.ID),
                    row.get(GARDENER.NAME),
                    new Length(row.get(GARDENER.REACH)),
                    Posture.valueOf(row.get(GARDENER.POSTURE)),
                    new Length(row.get(GARDENER.PASSING)),
                    Optional.ofNullable(row.get(GARDENER.STATURE)).map(Length::new)),
            (garden, one) -> new GardenerRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.reach().micrometres(),
                    one.posture().name(),
                    one.passing().micrometres(),
                    one.stature().map(Length::micrometres).orElse(null)));

    private GardenerRows() {}
}
