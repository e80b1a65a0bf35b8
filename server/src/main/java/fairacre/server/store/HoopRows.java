package fairacre.server.store;

import static fairacre.server.store.generated.Tables.HOOP_SET;

import fairacre.hoop.BowForm;
import fairacre.hoop.HoopAnchor;
import fairacre.hoop.HoopKinds;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopSet;
import fairacre.hoop.HoopWeather;
import fairacre.measure.Length;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.plan.Lifetime;
import fairacre.server.store.generated.tables.records.HoopSetRecord;
import java.util.Optional;
import java.util.UUID;

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
                    Fabric.valueOf(row.get(HOOP_SET.COVER)),
                    Columns.bedPlaces(
                            row.get(HOOP_SET.BED),
                            row.get(HOOP_SET.BED_FROM_SEASON),
                            row.get(HOOP_SET.BED_UNTIL_SEASON)),
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
                    set.places().stream().map(BedPlace::bed).toArray(UUID[]::new),
                    Columns.seasons(set.places(), Lifetime::from),
                    Columns.seasons(set.places(), Lifetime::until),
                    set.lifetime().from().orElse(null),
                    set.lifetime().until().orElse(null)));

    private HoopRows() {}
}
