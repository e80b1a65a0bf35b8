package fairacre.watch;

import fairacre.water.Programme;
import fairacre.water.Timetable;
import fairacre.water.WaterStudy;
import fairacre.water.Zone;
import fairacre.water.ZoneMinutes;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Runs the zones of one source by their programme, a day after the other, and holds what the meter counts against what
 * was solved. More than {@link #TOLERANCE} beside it is told; so is water that runs while all valves should be shut.
 * After a day with {@link #ENOUGH_RAIN} nothing runs.
 */
public final class Watch {

    /** The meter may be beside the solved flow by so much: a rough guess, from memory. */
    public static final double TOLERANCE = 0.15;
    /** Millimetres on the day before, after which a rain sensor keeps the valves shut (common practice). */
    public static final double ENOUGH_RAIN = 5;
    /** Litres that may run between two runs: a rough guess, from memory. */
    static final double DRIPS = 2;
    /** Of what should run, under which nothing does. */
    private static final double NOTHING = 0.02;

    /** What is exactly at the tolerance is not beyond it by rounding. */
    private static final double HAIR = 1e-9;

    private static final int DAY = 24 * 60;
    private static final double MINUTES = 60;

    private final WaterStudy.Water water;
    private final List<Zone> zones;
    private final WeatherStation weather;
    private final Controller controller;
    private final DoubleConsumer time;
    private OptionalDouble shutAt;

    /**
     * @param source whose zones run
     * @param time lets minutes pass
     */
    public Watch(
            WaterStudy.Water water, UUID source, WeatherStation weather, Controller controller, DoubleConsumer time) {
        this.water = water;
        this.zones = water.zones().stream()
                .filter(zone -> zone.source().equals(source))
                .toList();
        this.weather = weather;
        this.controller = controller;
        this.time = time;
        this.shutAt = controller.counted();
    }

    /** One zone at one time of a day. */
    private record Due(Zone zone, int start, int minutes) {}

    /** What was seen from a day on, through the last one too. */
    public List<WatchedRun> days(LocalDate first, LocalDate last) {
        List<WatchedRun> seen = new ArrayList<>();
        first.datesUntil(last.plusDays(1)).forEach(date -> seen.addAll(day(date)));
        return seen;
    }

    private List<WatchedRun> day(LocalDate date) {
        double rain = weather.rain(date.minusDays(1));
        List<WatchedRun> seen = new ArrayList<>();
        double now = 0;
        for (Due due : due(date)) {
            time.accept(due.start() - now);
            now = due.start();
            if (rain >= ENOUGH_RAIN) {
                seen.add(leftOut(date, due, rain));
            } else {
                seen.add(run(date, due, rain));
                now += due.minutes();
            }
        }
        time.accept(DAY - now);
        return seen;
    }

    private List<Due> due(LocalDate date) {
        Programme programme = water.programme();
        return IntStream.range(0, programme.zones().size())
                .boxed()
                .flatMap(i -> {
                    ZoneMinutes minutes = programme.zones().get(i);
                    Timetable.Setting setting = week(minutes, date).setting();
                    Optional<Zone> zone = zones.stream()
                            .filter(each -> each.valve().equals(minutes.valve()))
                            .findFirst();
                    return setting.days().contains(date.getDayOfWeek().getValue())
                            ? zone.stream()
                                    .flatMap(each -> setting.starts().stream()
                                            .map(start -> new Due(each, start, setting.each())))
                            : Stream.empty();
                })
                .sorted(Comparator.comparingInt(Due::start))
                .toList();
    }

    private static ZoneMinutes.Weekly week(ZoneMinutes zone, LocalDate date) {
        return zone.months().isEmpty() ? zone.ruleOfThumb() : zone.months().get(date.getMonthValue() - 1);
    }

    private static WatchedRun leftOut(LocalDate date, Due due, double rain) {
        return new WatchedRun(
                date,
                due.zone().valve(),
                due.zone().number(),
                due.start(),
                0,
                rain,
                true,
                0,
                Optional.of(0.0),
                Optional.empty());
    }

    private WatchedRun run(LocalDate date, Due due, double rain) {
        OptionalDouble before = controller.counted();
        boolean ranOn = before.isPresent() && shutAt.isPresent() && before.getAsDouble() - shutAt.getAsDouble() > DRIPS;
        controller.open(due.zone().valve());
        time.accept(due.minutes());
        OptionalDouble after = controller.counted();
        controller.shut(due.zone().valve());
        shutAt = controller.counted();
        double expected = due.zone().flow().litresAnHour() / MINUTES * due.minutes();
        Optional<Double> counted = before.isPresent() && after.isPresent()
                ? Optional.of(after.getAsDouble() - before.getAsDouble())
                : Optional.empty();
        return new WatchedRun(
                date,
                due.zone().valve(),
                due.zone().number(),
                due.start(),
                due.minutes(),
                rain,
                false,
                expected,
                counted,
                ranOn ? Optional.of(WatchedRun.Alarm.RAN_ON) : alarm(expected, counted));
    }

    /** Exactly at the tolerance all is well. */
    static Optional<WatchedRun.Alarm> alarm(double expected, Optional<Double> counted) {
        if (counted.isEmpty()) {
            return Optional.of(WatchedRun.Alarm.NO_SIGNAL);
        }
        double litres = counted.get();
        if (litres > expected * (1 + TOLERANCE + HAIR)) {
            return Optional.of(WatchedRun.Alarm.TOO_MUCH);
        }
        if (litres < expected * NOTHING) {
            return Optional.of(WatchedRun.Alarm.NOTHING);
        }
        return litres < expected * (1 - TOLERANCE - HAIR) ? Optional.of(WatchedRun.Alarm.TOO_LITTLE) : Optional.empty();
    }
}
