package fairacre.format;

import fairacre.water.Climate;
import fairacre.water.Timetable;
import fairacre.water.WaterStudy;
import fairacre.water.Zone;
import fairacre.water.ZoneMinutes;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.RRule;
import net.fortuna.ical4j.model.property.Summary;

/**
 * When to water, as a calendar (iCalendar, RFC 5545): for each month and zone an event at each start, which comes again
 * on the days of the week until the month ends. Times are those of the place, whatever its zone.
 */
public final class WateringCalendar {

    private static final DateTimeFormatter BASIC = DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss", Locale.ROOT);
    private static final int MINUTES = 60;
    private static final int MONTHS = 12;

    private final WaterStudy.Water water;
    private final int season;
    private final Instant now;
    private final List<VEvent> events = new ArrayList<>();

    private WateringCalendar(WaterStudy.Water water, int season, Instant now) {
        this.water = water;
        this.season = season;
        this.now = now;
    }

    /**
     * @param climate tells the months in which things grow; without one the rule of thumb holds in the months that are
     *     usual at the latitude
     * @param latitude degrees
     * @param now when it was made
     */
    public static byte[] of(
            WaterStudy.Water water, Optional<Climate> climate, double latitude, int season, Instant now) {
        WateringCalendar watering = new WateringCalendar(water, season, now);
        int first = climate.map(Climate::firstMonth).orElse(Climate.firstMonth(latitude));
        int last = climate.map(Climate::lastMonth).orElse(Climate.lastMonth(latitude));
        int count = Math.floorMod(last - first, MONTHS) + 1;
        IntStream.range(0, count)
                .forEach(i -> watering.month(YearMonth.of(season, first).plusMonths(i)));
        return CalendarFile.of("Watering", watering.events);
    }

    private void month(YearMonth month) {
        for (ZoneMinutes minutes : water.programme().zones()) {
            Zone zone = water.zones().stream()
                    .filter(each -> each.valve().equals(minutes.valve()))
                    .findFirst()
                    .orElseThrow();
            Timetable.Setting setting = (minutes.months().isEmpty()
                            ? minutes.ruleOfThumb()
                            : minutes.months().get(month.getMonthValue() - 1))
                    .setting();
            setting.starts().forEach(start -> event(month, zone, setting, start));
        }
    }

    private void event(YearMonth month, Zone zone, Timetable.Setting setting, int start) {
        LocalDate day = setting.days().stream()
                .map(each -> month.atDay(1).with(TemporalAdjusters.nextOrSame(DayOfWeek.of(each))))
                .min(LocalDate::compareTo)
                .orElseThrow();
        LocalDateTime from = day.atTime(start / MINUTES, start % MINUTES);
        VEvent event = new VEvent(false);
        event.add(CalendarFile.uid(zone.valve() + " " + season + " " + month + " " + start));
        event.add(new DtStamp(now));
        event.add(new DtStart<>(from));
        event.add(new net.fortuna.ical4j.model.property.Duration(Duration.ofMinutes(setting.each())));
        event.add(new RRule<LocalDateTime>("FREQ=WEEKLY;BYDAY=" + days(setting.days()) + ";UNTIL="
                + month.atEndOfMonth().atTime(23, 59, 59).format(BASIC)));
        event.add(new Summary("Water zone " + zone.number()));
        event.add(new Description(zone.number() + ": " + zone.name()));
        events.add(event);
    }

    /** "MO,TH". */
    private static String days(List<Integer> days) {
        return days.stream()
                .map(day -> DayOfWeek.of(day).name().substring(0, 2))
                .collect(Collectors.joining(","));
    }
}
