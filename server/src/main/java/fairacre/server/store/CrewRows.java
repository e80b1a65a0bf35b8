package fairacre.server.store;

import static fairacre.server.store.generated.Tables.KEPT_DAY;
import static fairacre.server.store.generated.Tables.OWN_RATE;
import static fairacre.server.store.generated.Tables.RAIN_DAY;
import static fairacre.server.store.generated.Tables.WORKER;
import static fairacre.server.store.generated.Tables.WORK_SEASON;

import fairacre.bill.Stage;
import fairacre.crew.Ability;
import fairacre.crew.Aim;
import fairacre.crew.CrewKinds;
import fairacre.crew.KeptDay;
import fairacre.crew.OwnRate;
import fairacre.crew.RainDay;
import fairacre.crew.WorkSeason;
import fairacre.crew.Worker;
import fairacre.crew.Worker.Absence;
import fairacre.crew.Worker.Visit;
import fairacre.server.store.generated.tables.records.KeptDayRecord;
import fairacre.server.store.generated.tables.records.OwnRateRecord;
import fairacre.server.store.generated.tables.records.RainDayRecord;
import fairacre.server.store.generated.tables.records.WorkSeasonRecord;
import fairacre.server.store.generated.tables.records.WorkerRecord;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Who works and when, from rows and into rows. */
final class CrewRows {

    static final KeyedRows<WorkerRecord, UUID, Worker> WORKERS = KeyedRows.of(
            CrewKinds.WORKERS,
            WORKER,
            WORKER.GARDEN,
            WORKER.ID,
            (row, currency) -> new Worker(
                    row.get(WORKER.ID),
                    row.get(WORKER.NAME),
                    List.of(row.get(WORKER.HOURS)),
                    visits(row.get(WORKER.VISIT_DAYS), row.get(WORKER.VISIT_HOURS)),
                    absences(row.get(WORKER.AWAY_FROM), row.get(WORKER.AWAY_TO)),
                    row.get(WORKER.PACE),
                    Stream.of(row.get(WORKER.LEAVES)).map(Stage::valueOf).toList(),
                    Optional.ofNullable(row.get(WORKER.SAWS))
                            .map(saws -> new Ability(
                                    Optional.ofNullable(row.get(WORKER.LIFTS)),
                                    saws,
                                    Optional.ofNullable(row.get(WORKER.REACH))))),
            CrewRows::row);

    static final KeyedRows<RainDayRecord, UUID, RainDay> RAIN_DAYS = KeyedRows.of(
            CrewKinds.RAIN_DAYS,
            RAIN_DAY,
            RAIN_DAY.GARDEN,
            RAIN_DAY.ID,
            (row, currency) -> new RainDay(row.get(RAIN_DAY.ID), row.get(RAIN_DAY.DAY)),
            (garden, rain) -> new RainDayRecord(garden, rain.id(), rain.day()));

    static final KeyedRows<KeptDayRecord, UUID, KeptDay> KEPT_DAYS = KeyedRows.of(
            CrewKinds.KEPT_DAYS,
            KEPT_DAY,
            KEPT_DAY.GARDEN,
            KEPT_DAY.ID,
            (row, currency) -> new KeptDay(row.get(KEPT_DAY.ID), row.get(KEPT_DAY.TASK), row.get(KEPT_DAY.DAY)),
            (garden, kept) -> new KeptDayRecord(garden, kept.id(), kept.task(), kept.day()));

    static final KeyedRows<WorkSeasonRecord, UUID, WorkSeason> WORK_SEASONS = KeyedRows.of(
            CrewKinds.WORK_SEASONS,
            WORK_SEASON,
            WORK_SEASON.GARDEN,
            WORK_SEASON.ID,
            (row, currency) -> new WorkSeason(
                    row.get(WORK_SEASON.ID),
                    row.get(WORK_SEASON.SEASON),
                    Optional.ofNullable(row.get(WORK_SEASON.BEGINS)),
                    Optional.ofNullable(row.get(WORK_SEASON.ENDS)),
                    List.of(row.get(WORK_SEASON.TASK_ORDER)),
                    Optional.ofNullable(row.get(WORK_SEASON.AIM)).map(Aim::valueOf)),
            (garden, work) -> new WorkSeasonRecord(
                    garden,
                    work.id(),
                    work.season(),
                    work.begins().orElse(null),
                    work.ends().orElse(null),
                    work.order().toArray(String[]::new),
                    work.aim().map(Aim::name).orElse(null)));

    static final KeyedRows<OwnRateRecord, UUID, OwnRate> OWN_RATES = KeyedRows.of(
            CrewKinds.OWN_RATES,
            OWN_RATE,
            OWN_RATE.GARDEN,
            OWN_RATE.ID,
            (row, currency) -> new OwnRate(row.get(OWN_RATE.ID), row.get(OWN_RATE.RATE), row.get(OWN_RATE.MINUTES)),
            (garden, own) -> new OwnRateRecord(garden, own.id(), own.rate(), own.minutes()));

    private CrewRows() {}

    private static WorkerRecord row(UUID garden, Worker worker) {
        return new WorkerRecord(
                garden,
                worker.id(),
                worker.name(),
                worker.hours().toArray(Double[]::new),
                worker.visits().stream().map(Visit::day).toArray(LocalDate[]::new),
                worker.visits().stream().map(Visit::hours).toArray(Double[]::new),
                worker.away().stream().map(Absence::from).toArray(LocalDate[]::new),
                worker.away().stream().map(Absence::to).toArray(LocalDate[]::new),
                worker.pace(),
                worker.leaves().stream().map(Stage::name).toArray(String[]::new),
                worker.ability().flatMap(Ability::lifts).orElse(null),
                worker.ability().map(Ability::saws).orElse(null),
                worker.ability().flatMap(Ability::reach).orElse(null));
    }

    private static List<Visit> visits(LocalDate[] days, Double[] hours) {
        return IntStream.range(0, days.length)
                .mapToObj(i -> new Visit(days[i], hours[i]))
                .toList();
    }

    private static List<Absence> absences(LocalDate[] from, LocalDate[] to) {
        return IntStream.range(0, from.length)
                .mapToObj(i -> new Absence(from[i], to[i]))
                .toList();
    }
}
