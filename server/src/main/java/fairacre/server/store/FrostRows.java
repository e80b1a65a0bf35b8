package fairacre.server.store;

import static fairacre.server.store.generated.Tables.FROST;

import fairacre.frost.FrostDates;
import fairacre.frost.FrostKinds;
import fairacre.frost.FrostSpread;
import fairacre.server.store.generated.tables.records.FrostRecord;
import java.time.MonthDay;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;

/** The days of frost, from rows and into rows. */
final class FrostRows {

    static final KeyedRows<FrostRecord, UUID, FrostDates> ROWS = KeyedRows.of(
            FrostKinds.FROSTS,
            FROST,
            FROST.GARDEN,
            FROST.ID,
            (row, currency) -> new FrostDates(
                    row.get(FROST.ID),
                    row.get(FROST.NAME),
                    spread(row.get(FROST.LAST_EARLY), row.get(FROST.LAST_MIDDLE), row.get(FROST.LAST_LATE)),
                    spread(row.get(FROST.FIRST_EARLY), row.get(FROST.FIRST_MIDDLE), row.get(FROST.FIRST_LATE))),
            (garden, frost) -> new FrostRecord(
                    garden,
                    frost.id(),
                    frost.name(),
                    column(frost.last(), FrostSpread::early),
                    column(frost.last(), FrostSpread::middle),
                    column(frost.last(), FrostSpread::late),
                    column(frost.first(), FrostSpread::early),
                    column(frost.first(), FrostSpread::middle),
                    column(frost.first(), FrostSpread::late)));

    private FrostRows() {}

    private static Optional<FrostSpread> spread(Integer early, Integer middle, Integer late) {
        return Optional.ofNullable(early)
                .map(day -> new FrostSpread(Columns.monthDay(day), Columns.monthDay(middle), Columns.monthDay(late)));
    }

    private static Integer column(Optional<FrostSpread> spread, Function<FrostSpread, MonthDay> which) {
        return spread.map(which).map(Columns::monthDay).orElse(null);
    }
}
