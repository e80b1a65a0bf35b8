package fairacre.server.store;

import static fairacre.server.store.generated.Tables.HOOP_SET;

import fairacre.hoop.BowForm;
import fairacre.hoop.HoopAnchor;
import fairacre.hoop.HoopCover;
import fairacre.hoop.HoopKinds;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopPlace;
import fairacre.hoop.HoopSet;
import fairacre.hoop.HoopWeather;
import fairacre.measure.Length;
import fairacre.plan.Lifetime;
import fairacre.server.store.generated.tables.records.HoopSetRecord;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.jooq.Record;

/** Sets of hoops, from rows and into rows. */
final class HoopRows {

    static final KeyedRows<HoopSetRecord, UUID, HoopSet> ROWS = KeyedRows.of(
            HoopKinds.SETS,
            HOOP_SET,
            HOOP_SET.GARDEN,
            HOOP_SET.ID,
            (row, currency) -> new HoopSet(
                    row.get(HOOP_SET.ID),
                    row.get(HOOP_SET.NAME),
                    BowForm.valueOf(row.get(HOOP_SET.FORM)),
                    HoopPipe.valueOf(row.get(HOOP_SET.PIPE)),
                    Optional.ofNullable(row.get(HOOP_SET.RISE)).map(Length::new),
                    Optional.ofNullable(row.get(HOOP_SET.LENGTH)).map(Length::new),
                    HoopAnchor.valueOf(row.get(HOOP_SET.ANCHOR)),
                    new Length(row.get(HOOP_SET.DEPTH)),
                    HoopWeather.valueOf(row.get(HOOP_SET.WEATHER)),
                    HoopCover.valueOf(row.get(HOOP_SET.COVER)),
                    places(row),
                    Columns.lifetime(row.get(HOOP_SET.FROM_SEASON), row.get(HOOP_SET.UNTIL_SEASON))),
            (garden, set) -> new HoopSetRecord(
                    garden,
                    set.id(),
                    set.name(),
                    set.form().name(),
                    set.pipe().name(),
                    set.rise().map(Length::micrometres).orElse(null),
                    set.length().map(Length::micrometres).orElse(null),
                    set.anchor().name(),
                    set.depth().micrometres(),
                    set.weather().name(),
                    set.cover().name(),
                    set.places().stream().map(HoopPlace::bed).toArray(UUID[]::new),
                    seasons(set, Lifetime::from),
                    seasons(set, Lifetime::until),
                    set.lifetime().from().orElse(null),
                    set.lifetime().until().orElse(null)));

    private HoopRows() {}

    private static List<HoopPlace> places(Record row) {
        UUID[] beds = row.get(HOOP_SET.BED);
        Integer[] from = row.get(HOOP_SET.BED_FROM_SEASON);
        Integer[] until = row.get(HOOP_SET.BED_UNTIL_SEASON);
        return IntStream.range(0, beds.length)
                .mapToObj(i -> new HoopPlace(beds[i], Columns.lifetime(from[i], until[i])))
                .toList();
    }

    private static Integer[] seasons(HoopSet set, Function<Lifetime, Optional<Integer>> which) {
        return set.places().stream()
                .map(place -> which.apply(place.lifetime()).orElse(null))
                .toArray(Integer[]::new);
    }
}
