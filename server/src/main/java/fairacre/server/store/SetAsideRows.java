package fairacre.server.store;

import static fairacre.server.store.generated.Tables.SET_ASIDE;

import fairacre.judging.JudgingKinds;
import fairacre.judging.SetAside;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.server.store.generated.tables.records.SetAsideRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Snags that are put aside, from rows and into rows. */
final class SetAsideRows {

    static final KeyedRows<SetAsideRecord, UUID, SetAside> ROWS = KeyedRows.of(
            JudgingKinds.SET_ASIDE,
            SET_ASIDE,
            SET_ASIDE.GARDEN,
            SET_ASIDE.ID,
            (row, currency) -> new SetAside(
                    row.get(SET_ASIDE.ID),
                    row.get(SET_ASIDE.RULE),
                    List.of(row.get(SET_ASIDE.ABOUT)),
                    Optional.ofNullable(row.get(SET_ASIDE.X))
                            .map(x -> new Point(new Length(x), new Length(row.get(SET_ASIDE.Y)))),
                    Weight.valueOf(row.get(SET_ASIDE.WEIGHT)),
                    Optional.ofNullable(row.get(SET_ASIDE.EXTENT)),
                    row.get(SET_ASIDE.WORDS),
                    row.get(SET_ASIDE.REASON)),
            (garden, one) -> new SetAsideRecord(
                    garden,
                    one.id(),
                    one.rule(),
                    one.about().toArray(UUID[]::new),
                    one.place().map(place -> place.x().micrometres()).orElse(null),
                    one.place().map(place -> place.y().micrometres()).orElse(null),
                    one.weight().name(),
                    one.extent().orElse(null),
                    one.words(),
                    one.reason()));

    private SetAsideRows() {}
}
