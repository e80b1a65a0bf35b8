package fairacre.server.store;

import static fairacre.server.store.generated.Tables.COMPOST_BAYS;

import fairacre.compost.BayWalls;
import fairacre.compost.CompostBays;
import fairacre.compost.CompostKinds;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.server.store.generated.tables.records.CompostBaysRecord;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.Money;
import org.jooq.Record;

/** Compost bays, from rows and into rows. */
final class CompostRows {

    static final KeyedRows<CompostBaysRecord, UUID, CompostBays> ROWS = KeyedRows.of(
            CompostKinds.BAYS,
            COMPOST_BAYS,
            COMPOST_BAYS.GARDEN,
            COMPOST_BAYS.ID,
            (row, currency) -> new CompostBays(
                    row.get(COMPOST_BAYS.ID),
                    row.get(COMPOST_BAYS.NAME),
                    place(row),
                    row.get(COMPOST_BAYS.BAYS),
                    new Length(row.get(COMPOST_BAYS.HEIGHT)),
                    Optional.ofNullable(row.get(COMPOST_BAYS.WITHIN)).map(Length::new),
                    Optional.ofNullable(row.get(COMPOST_BAYS.PRICE)).map(price -> Columns.money(currency, price)),
                    Optional.ofNullable(row.get(COMPOST_BAYS.WALLS)).map(BayWalls::valueOf),
                    Columns.lifetime(row.get(COMPOST_BAYS.FROM_SEASON), row.get(COMPOST_BAYS.UNTIL_SEASON))),
            (garden, one) -> new CompostBaysRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.place().centre().x().micrometres(),
                    one.place().centre().y().micrometres(),
                    one.place().length().micrometres(),
                    one.place().width().micrometres(),
                    one.place().turn(),
                    one.bays(),
                    one.height().micrometres(),
                    one.within().map(Length::micrometres).orElse(null),
                    one.price().map(Money::getAmount).orElse(null),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.walls().map(Enum::name).orElse(null)));

    private CompostRows() {}

    private static Rectangle place(Record row) {
        return new Rectangle(
                new Point(new Length(row.get(COMPOST_BAYS.X)), new Length(row.get(COMPOST_BAYS.Y))),
                new Length(row.get(COMPOST_BAYS.LENGTH)),
                new Length(row.get(COMPOST_BAYS.WIDTH)),
                row.get(COMPOST_BAYS.TURN));
    }
}
