package fairacre.server.store;

import static fairacre.server.store.generated.Tables.BARREL;
import static fairacre.server.store.generated.Tables.CLIMATE;
import static fairacre.server.store.generated.Tables.DRIPLINE;
import static fairacre.server.store.generated.Tables.MANIFOLD;
import static fairacre.server.store.generated.Tables.SOAKER;
import static fairacre.server.store.generated.Tables.SPRINKLERS;
import static fairacre.server.store.generated.Tables.TAP;
import static fairacre.server.store.generated.Tables.WATERING_WINDOW;
import static fairacre.server.store.generated.Tables.WATER_RUN;

import fairacre.measure.Area;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.server.store.generated.tables.records.BarrelRecord;
import fairacre.server.store.generated.tables.records.ClimateRecord;
import fairacre.server.store.generated.tables.records.DriplineRecord;
import fairacre.server.store.generated.tables.records.ManifoldRecord;
import fairacre.server.store.generated.tables.records.SoakerRecord;
import fairacre.server.store.generated.tables.records.SprinklersRecord;
import fairacre.server.store.generated.tables.records.TapRecord;
import fairacre.server.store.generated.tables.records.WaterRunRecord;
import fairacre.server.store.generated.tables.records.WateringWindowRecord;
import fairacre.water.Barrel;
import fairacre.water.Climate;
import fairacre.water.Dripline;
import fairacre.water.Gear;
import fairacre.water.Haul;
import fairacre.water.Manifold;
import fairacre.water.MonthNormals;
import fairacre.water.OutletThread;
import fairacre.water.PipeKind;
import fairacre.water.Pump;
import fairacre.water.Roof;
import fairacre.water.Soaker;
import fairacre.water.Sprinklers;
import fairacre.water.Tap;
import fairacre.water.WaterKinds;
import fairacre.water.WaterRun;
import fairacre.water.WateringWindow;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.jooq.Record;

/** Water, from rows and into rows. */
final class WaterRows {

    private static final KeyedRows<TapRecord, UUID, Tap> TAPS = KeyedRows.of(
            WaterKinds.TAPS,
            TAP,
            TAP.GARDEN,
            TAP.ID,
            (row, currency) -> new Tap(
                    row.get(TAP.ID),
                    row.get(TAP.NAME),
                    new Point(new Length(row.get(TAP.X)), new Length(row.get(TAP.Y))),
                    new Length(row.get(TAP.HEIGHT)),
                    new Volume(row.get(TAP.BUCKET)),
                    row.get(TAP.SECONDS),
                    Optional.ofNullable(row.get(TAP.CLOSED)).map(Pressure::new),
                    flowing(row),
                    Optional.ofNullable(row.get(TAP.EVENING)).map(Pressure::new),
                    gear(
                            row.get(TAP.PREVENTER),
                            row.get(TAP.FILTER),
                            row.get(TAP.TIMER),
                            row.get(TAP.DRAIN),
                            row.get(TAP.METER),
                            row.get(TAP.REDUCER),
                            row.get(TAP.THREAD)),
                    Columns.lifetime(row.get(TAP.FROM_SEASON), row.get(TAP.UNTIL_SEASON))),
            (garden, one) -> new TapRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.place().x().micrometres(),
                    one.place().y().micrometres(),
                    one.height().micrometres(),
                    one.bucket().millilitres(),
                    one.seconds(),
                    one.closed().map(Pressure::pascals).orElse(null),
                    one.flowing().map(Tap.TapReading::seconds).orElse(null),
                    one.flowing().map(reading -> reading.pressure().pascals()).orElse(null),
                    one.gear().preventer(),
                    one.gear().filter(),
                    one.gear().timer(),
                    one.gear().reducer().map(Pressure::pascals).orElse(null),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.evening().map(Pressure::pascals).orElse(null),
                    one.gear().drain(),
                    one.gear().meter(),
                    one.gear().thread().map(Enum::name).orElse(null)));

    private static final KeyedRows<BarrelRecord, UUID, Barrel> BARRELS = KeyedRows.of(
            WaterKinds.BARRELS,
            BARREL,
            BARREL.GARDEN,
            BARREL.ID,
            (row, currency) -> new Barrel(
                    row.get(BARREL.ID),
                    row.get(BARREL.NAME),
                    new Point(new Length(row.get(BARREL.X)), new Length(row.get(BARREL.Y))),
                    new Length(row.get(BARREL.HEIGHT)),
                    new Volume(row.get(BARREL.HOLDS)),
                    roof(row),
                    haul(row, currency),
                    pump(row),
                    gear(
                            row.get(BARREL.PREVENTER),
                            row.get(BARREL.FILTER),
                            row.get(BARREL.TIMER),
                            row.get(BARREL.DRAIN),
                            row.get(BARREL.METER),
                            row.get(BARREL.REDUCER),
                            row.get(BARREL.THREAD)),
                    Columns.lifetime(row.get(BARREL.FROM_SEASON), row.get(BARREL.UNTIL_SEASON))),
            (garden, one) -> new BarrelRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.place().x().micrometres(),
                    one.place().y().micrometres(),
                    one.height().micrometres(),
                    one.holds().millilitres(),
                    one.gear().preventer(),
                    one.gear().filter(),
                    one.gear().timer(),
                    one.gear().reducer().map(Pressure::pascals).orElse(null),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.roof().map(roof -> roof.area().squareCentimetres()).orElse(null),
                    one.roof().map(Roof::runoff).orElse(null),
                    one.roof().flatMap(Roof::overflow).orElse(null),
                    one.haul().map(haul -> haul.trip().millilitres()).orElse(null),
                    one.haul().map(haul -> haul.price().getAmount()).orElse(null),
                    one.pump().map(pump -> pump.closed().pascals()).orElse(null),
                    one.pump().map(pump -> pump.flow().millilitresAnHour()).orElse(null),
                    one.pump().map(pump -> pump.at().pascals()).orElse(null),
                    one.gear().drain(),
                    one.gear().meter(),
                    one.gear().thread().map(Enum::name).orElse(null)));

    private static final KeyedRows<WaterRunRecord, UUID, WaterRun> RUNS = KeyedRows.of(
            WaterKinds.RUNS,
            WATER_RUN,
            WATER_RUN.GARDEN,
            WATER_RUN.ID,
            (row, currency) -> new WaterRun(
                    row.get(WATER_RUN.ID),
                    row.get(WATER_RUN.NAME),
                    row.get(WATER_RUN.FED_BY),
                    Columns.points(row.get(WATER_RUN.X), row.get(WATER_RUN.Y)),
                    PipeKind.of(row.get(WATER_RUN.PIPE)),
                    row.get(WATER_RUN.VALVE),
                    new Length(row.get(WATER_RUN.HANDLE)),
                    Columns.lifetime(row.get(WATER_RUN.FROM_SEASON), row.get(WATER_RUN.UNTIL_SEASON))),
            (garden, one) -> new WaterRunRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.from(),
                    Columns.xs(one.places()),
                    Columns.ys(one.places()),
                    one.pipe().key(),
                    one.valve(),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.handle().micrometres()));

    private static final KeyedRows<DriplineRecord, UUID, Dripline> DRIPLINES = KeyedRows.of(
            WaterKinds.DRIPLINES,
            DRIPLINE,
            DRIPLINE.GARDEN,
            DRIPLINE.ID,
            (row, currency) -> new Dripline(
                    row.get(DRIPLINE.ID),
                    row.get(DRIPLINE.BED),
                    row.get(DRIPLINE.FED_BY),
                    row.get(DRIPLINE.VALVE),
                    new Length(row.get(DRIPLINE.EMITTERS)),
                    new Length(row.get(DRIPLINE.LINES)),
                    new Flow(row.get(DRIPLINE.FLOW)),
                    row.get(DRIPLINE.COMPENSATING),
                    row.get(DRIPLINE.PUSHED_IN),
                    Columns.lifetime(row.get(DRIPLINE.FROM_SEASON), row.get(DRIPLINE.UNTIL_SEASON))),
            (garden, one) -> new DriplineRecord(
                    garden,
                    one.id(),
                    one.bed(),
                    one.from(),
                    one.valve(),
                    one.emitters().micrometres(),
                    one.lines().micrometres(),
                    one.flow().millilitresAnHour(),
                    one.compensating(),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null),
                    one.pushedIn()));

    private static final KeyedRows<SoakerRecord, UUID, Soaker> SOAKERS = KeyedRows.of(
            WaterKinds.SOAKERS,
            SOAKER,
            SOAKER.GARDEN,
            SOAKER.ID,
            (row, currency) -> new Soaker(
                    row.get(SOAKER.ID),
                    row.get(SOAKER.BED),
                    row.get(SOAKER.FED_BY),
                    row.get(SOAKER.VALVE),
                    new Length(row.get(SOAKER.INSET)),
                    new Length(row.get(SOAKER.HOLE)),
                    new Length(row.get(SOAKER.SPACING)),
                    Columns.lifetime(row.get(SOAKER.FROM_SEASON), row.get(SOAKER.UNTIL_SEASON))),
            (garden, one) -> new SoakerRecord(
                    garden,
                    one.id(),
                    one.bed(),
                    one.from(),
                    one.valve(),
                    one.inset().micrometres(),
                    one.hole().micrometres(),
                    one.spacing().micrometres(),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null)));

    private static final KeyedRows<ManifoldRecord, UUID, Manifold> MANIFOLDS = KeyedRows.of(
            WaterKinds.MANIFOLDS,
            MANIFOLD,
            MANIFOLD.GARDEN,
            MANIFOLD.ID,
            (row, currency) -> new Manifold(
                    row.get(MANIFOLD.ID),
                    row.get(MANIFOLD.NAME),
                    row.get(MANIFOLD.FED_BY),
                    new Point(new Length(row.get(MANIFOLD.X)), new Length(row.get(MANIFOLD.Y))),
                    row.get(MANIFOLD.VALVES),
                    new Length(row.get(MANIFOLD.HEIGHT)),
                    Columns.lifetime(row.get(MANIFOLD.FROM_SEASON), row.get(MANIFOLD.UNTIL_SEASON))),
            (garden, one) -> new ManifoldRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.from(),
                    one.place().x().micrometres(),
                    one.place().y().micrometres(),
                    one.valves(),
                    one.height().micrometres(),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null)));

    private static final KeyedRows<SprinklersRecord, UUID, Sprinklers> SPRINKLED = KeyedRows.of(
            WaterKinds.SPRINKLERS,
            SPRINKLERS,
            SPRINKLERS.GARDEN,
            SPRINKLERS.ID,
            (row, currency) -> new Sprinklers(
                    row.get(SPRINKLERS.ID),
                    row.get(SPRINKLERS.BED),
                    row.get(SPRINKLERS.FED_BY),
                    row.get(SPRINKLERS.VALVE),
                    new Length(row.get(SPRINKLERS.RADIUS)),
                    new Flow(row.get(SPRINKLERS.FLOW)),
                    Columns.lifetime(row.get(SPRINKLERS.FROM_SEASON), row.get(SPRINKLERS.UNTIL_SEASON))),
            (garden, one) -> new SprinklersRecord(
                    garden,
                    one.id(),
                    one.bed(),
                    one.from(),
                    one.valve(),
                    one.radius().micrometres(),
                    one.flow().millilitresAnHour(),
                    one.lifetime().from().orElse(null),
                    one.lifetime().until().orElse(null)));

    private static final KeyedRows<ClimateRecord, UUID, Climate> CLIMATES = KeyedRows.of(
            WaterKinds.CLIMATES,
            CLIMATE,
            CLIMATE.GARDEN,
            CLIMATE.ID,
            (row, currency) -> new Climate(
                    row.get(CLIMATE.ID),
                    row.get(CLIMATE.NAME),
                    new Length(row.get(CLIMATE.ELEVATION)),
                    row.get(CLIMATE.FIRST_MONTH),
                    row.get(CLIMATE.LAST_MONTH),
                    months(row)),
            (garden, one) -> new ClimateRecord(
                    garden,
                    one.id(),
                    one.name(),
                    one.elevation().micrometres(),
                    one.firstMonth(),
                    one.lastMonth(),
                    column(one, MonthNormals::lowest),
                    column(one, MonthNormals::highest),
                    column(one, MonthNormals::rain),
                    column(one, month -> month.humidity().orElse(null)),
                    column(one, month -> month.wind().orElse(null)),
                    column(one, month -> month.sun().orElse(null)),
                    column(one, month -> month.rainyDays().orElse(null))));

    private static final KeyedRows<WateringWindowRecord, UUID, WateringWindow> WINDOWS = KeyedRows.of(
            WaterKinds.WINDOWS,
            WATERING_WINDOW,
            WATERING_WINDOW.GARDEN,
            WATERING_WINDOW.ID,
            (row, currency) -> new WateringWindow(
                    row.get(WATERING_WINDOW.ID),
                    row.get(WATERING_WINDOW.OPENS),
                    row.get(WATERING_WINDOW.CLOSES),
                    List.of(row.get(WATERING_WINDOW.DAYS))),
            (garden, one) -> new WateringWindowRecord(
                    garden, one.id(), one.opens(), one.closes(), one.days().toArray(Integer[]::new)));

    static final List<KeyedRows<?, ?, ?>> ALL =
            List.of(TAPS, BARRELS, RUNS, MANIFOLDS, DRIPLINES, SOAKERS, SPRINKLED, CLIMATES, WINDOWS);

    private WaterRows() {}

    private static Double[] column(Climate climate, Function<MonthNormals, Double> value) {
        return climate.months().stream().map(value).toArray(Double[]::new);
    }

    private static List<MonthNormals> months(Record row) {
        return IntStream.range(0, row.get(CLIMATE.LOWEST).length)
                .mapToObj(i -> new MonthNormals(
                        row.get(CLIMATE.LOWEST)[i],
                        row.get(CLIMATE.HIGHEST)[i],
                        row.get(CLIMATE.RAIN)[i],
                        Optional.ofNullable(row.get(CLIMATE.HUMIDITY)[i]),
                        Optional.ofNullable(row.get(CLIMATE.WIND)[i]),
                        Optional.ofNullable(row.get(CLIMATE.SUN)[i]),
                        Optional.ofNullable(row.get(CLIMATE.RAINY_DAYS)[i])))
                .toList();
    }

    private static Optional<Roof> roof(Record row) {
        return Optional.ofNullable(row.get(BARREL.ROOF))
                .map(area -> new Roof(
                        new Area(area), row.get(BARREL.RUNOFF), Optional.ofNullable(row.get(BARREL.OVERFLOW))));
    }

    private static Optional<Haul> haul(Record row, CurrencyUnit currency) {
        return Optional.ofNullable(row.get(BARREL.TRIP))
                .map(trip -> new Haul(new Volume(trip), Columns.money(currency, row.get(BARREL.TRIP_PRICE))));
    }

    private static Optional<Pump> pump(Record row) {
        return Optional.ofNullable(row.get(BARREL.PUMP_CLOSED))
                .map(closed -> new Pump(
                        new Pressure(closed),
                        new Flow(row.get(BARREL.PUMP_FLOW)),
                        new Pressure(row.get(BARREL.PUMP_AT))));
    }

    private static Gear gear(
            boolean preventer,
            boolean filter,
            boolean timer,
            boolean drain,
            boolean meter,
            Long reducer,
            String thread) {
        return new Gear(
                preventer,
                filter,
                timer,
                drain,
                meter,
                Optional.ofNullable(reducer).map(Pressure::new),
                Optional.ofNullable(thread).map(OutletThread::valueOf));
    }

    private static Optional<Tap.TapReading> flowing(Record row) {
        return Optional.ofNullable(row.get(TAP.FLOWING_SECONDS))
                .map(seconds -> new Tap.TapReading(seconds, new Pressure(row.get(TAP.FLOWING_PRESSURE))));
    }
}
