package fairacre.server.store;

import static fairacre.server.store.generated.Tables.CARRIER;

import fairacre.measure.Length;
import fairacre.plan.Carrier;
import fairacre.plan.Things;
import fairacre.server.store.generated.tables.records.CarrierRecord;
import java.util.UUID;

/** What has to get through, from rows and into rows. */
final class CarrierRows {

    static final KeyedRows<CarrierRecord, UUID, Carrier> ROWS = KeyedRows.of(
            Things.CARRIERS,
            CARRIER,
            CARRIER.GARDEN,
            CARRIER.ID,
            (row, currency) -> new Carrier(
                    row.get(CARRIER.ID),
                    row.get(CARRIER.NAME),
                    new Length(row.get(CARRIER.WIDTH)),
                    row.get(CARRIER.WHEELS),
                    new Length(row.get(CARRIER.TURNING))),
            (garden, one) -> new CarrierRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.width().micrometres(),
                    one.wheels(),
                    one.turning().micrometres()));

    private CarrierRows() {}
}
