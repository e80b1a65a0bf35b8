package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SUNDRY;

import fairacre.bill.Acquired;
import fairacre.bill.BillPart;
import fairacre.bill.Sundry;
import fairacre.plan.Things;
import fairacre.server.store.generated.tables.records.SundryRecord;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;

/** Other lines of the bill, from rows and into rows. */
final class SundryRows {

    static final KeyedRows<SundryRecord, UUID, Sundry> ROWS = KeyedRows.of(
            Things.SUNDRIES,
            SUNDRY,
            SUNDRY.GARDEN,
            SUNDRY.ID,
            (row, currency) -> new Sundry(
                    row.get(SUNDRY.ID),
                    row.get(SUNDRY.NAME),
                    row.get(SUNDRY.SEASON),
                    BillPart.valueOf(row.get(SUNDRY.PART)),
                    row.get(SUNDRY.QUANTITY),
                    Optional.ofNullable(row.get(SUNDRY.PRICE)).map(price -> Columns.money(currency, price)),
                    Acquired.valueOf(row.get(SUNDRY.ACQUIRED))),
            (garden, one) -> new SundryRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.season(),
                    one.part().name(),
                    one.quantity(),
                    one.price().map(Money::getAmount).orElse(null),
                    one.acquired().name()));

    private SundryRows() {}
}
