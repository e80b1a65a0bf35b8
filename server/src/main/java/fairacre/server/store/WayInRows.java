package fairacre.server.store;

import static fairacre.server.store.generated.Tables.WAY_IN;

import fairacre.measure.Length;
import fairacre.plan.Swing;
import fairacre.plan.Things;
import fairacre.plan.WayIn;
import fairacre.server.store.generated.tables.records.WayInRecord;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Record;

/** Gates and other ways in, from rows and into rows. */
final class WayInRows {

    static final KeyedRows<WayInRecord, UUID, WayIn> ROWS = KeyedRows.of(
            Things.WAYS_IN,
            WAY_IN,
            WAY_IN.GARDEN,
            WAY_IN.ID,
            (row, currency) -> new WayIn(
                    row.get(WAY_IN.ID),
                    row.get(WAY_IN.NAME),
                    Columns.point(row.get(WAY_IN.X), row.get(WAY_IN.Y)),
                    new Length(row.get(WAY_IN.WIDTH)),
                    Swing.valueOf(row.get(WAY_IN.SWING)),
                    Columns.lifetime(row.get(WAY_IN.FROM_SEASON), row.get(WAY_IN.UNTIL_SEASON)),
                    new Length(row.get(WAY_IN.SILL)),
                    Optional.ofNullable(row.get(WAY_IN.FENCE)),
                    leaf(row)),
            (garden, one) -> new WayInRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.place().x().micrometres(),
                    one.place().y().micrometres(),
                    one.width().micrometres(),
                    one.swing().name(),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.sill().micrometres(),
                    one.fence().orElse(null),
                    one.leaf().map(leaf -> leaf.kind().name()).orElse(null),
                    one.leaf().map(leaf -> leaf.hinges().name()).orElse(null),
                    one.leaf().map(leaf -> leaf.height().micrometres()).orElse(null),
                    one.leaf().map(leaf -> leaf.latch().micrometres()).orElse(null),
                    one.leaf().map(leaf -> leaf.clearance().micrometres()).orElse(null)));

    private WayInRows() {}

    private static Optional<WayIn.Leaf> leaf(Record row) {
        return Optional.ofNullable(row.get(WAY_IN.LEAF))
                .map(kind -> new WayIn.Leaf(
                        WayIn.Leaf.Kind.valueOf(kind),
                        WayIn.Leaf.Hand.valueOf(row.get(WAY_IN.HINGES)),
                        new Length(row.get(WAY_IN.HEIGHT)),
                        new Length(row.get(WAY_IN.LATCH)),
                        new Length(row.get(WAY_IN.CLEARANCE))));
    }
}
