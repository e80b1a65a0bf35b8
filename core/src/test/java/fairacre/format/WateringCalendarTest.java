package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.drier;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import fairacre.water.Climate;
import fairacre.water.Timetable;
import fairacre.water.WaterKinds;
import fairacre.water.WaterStudy;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WateringCalendarTest {

    private static final Instant NOW = Instant.parse("2028-03-01T12:00:00Z");
    private static final Climate DRY = drier(climate("Weather", "Harbour"), 0.3);

    private static Plan watered() {
        return with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1)),
                Put.of(tap("Tap", 1, 3, 20)),
                Put.of(DRY),
                Put.of(dripline("Beans", "Tap")));
    }

    private static WaterStudy.Water water(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).water();
    }

    private static String text(Plan plan, Optional<Climate> climate, double latitude) {
        return new String(WateringCalendar.of(water(plan), climate, latitude, SEASON, NOW), StandardCharsets.UTF_8);
    }

    private static List<VEvent> events(String text) throws Exception {
        Calendar read = new CalendarBuilder().build(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
        return read.getComponents("VEVENT");
    }

    @Test
    @DisplayName(
            "Read back, the events come on the days that are set, in each month as often as the calendar has such days")
    void eventsComeOnTheDaysThatAreSet() throws Exception {
        Plan plan = watered();
        Map<YearMonth, Long> counted = new TreeMap<>();
        for (VEvent event : events(text(plan, Optional.of(DRY), 52))) {
            for (Object each : event.calculateRecurrenceSet(
                    new Period<>(LocalDateTime.of(SEASON, 1, 1, 0, 0), LocalDateTime.of(SEASON + 1, 1, 1, 0, 0)))) {
                LocalDateTime start = (LocalDateTime) ((Period<?>) each).getStart();
                counted.merge(YearMonth.from(start), 1L, Long::sum);
                Timetable.Setting setting = water(plan)
                        .programme()
                        .zones()
                        .get(0)
                        .months()
                        .get(start.getMonthValue() - 1)
                        .setting();
                assertThat(setting.days()).contains(start.getDayOfWeek().getValue());
                assertThat(setting.starts()).contains(start.getHour() * 60 + start.getMinute());
            }
        }
        assertThat(counted.keySet())
                .containsExactlyElementsOf(IntStream.rangeClosed(4, 10)
                        .mapToObj(month -> YearMonth.of(SEASON, month))
                        .toList());
        counted.forEach((month, times) -> {
            List<Integer> days = water(plan)
                    .programme()
                    .zones()
                    .get(0)
                    .months()
                    .get(month.getMonthValue() - 1)
                    .setting()
                    .days();
            assertThat(times)
                    .isEqualTo(IntStream.rangeClosed(1, month.lengthOfMonth())
                            .filter(day -> days.contains(
                                    month.atDay(day).getDayOfWeek().getValue()))
                            .count());
        });
    }

    @Test
    @DisplayName(
            "Lines end with CR and LF and have 75 octets at most; each event has an id of its own [RFC 5545, 3.1, 3.8.4.7]")
    void itIsWrittenAsCalendarsAre() throws Exception {
        String text = text(watered(), Optional.of(DRY), 52);
        assertThat(text).startsWith("BEGIN:VCALENDAR\r\n").endsWith("END:VCALENDAR\r\n");
        assertThat(text.split("\r\n")).allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75);
        assertThat(text.replace("\r\n", "")).doesNotContain("\n");
        assertThat(events(text))
                .extracting(event -> event.getRequiredProperty("UID").getValue())
                .doesNotHaveDuplicates();
        assertThat(text).isEqualTo(text(watered(), Optional.of(DRY), 52));
    }

    @ParameterizedTest
    @ValueSource(doubles = {52, -37})
    void withoutNormalsTheRuleOfThumbHoldsInTheUsualMonths(double latitude) throws Exception {
        Plan unknown = with(watered(), new Remove<>(WaterKinds.CLIMATES, DRY.id()));
        List<VEvent> events = events(text(unknown, Optional.empty(), latitude));
        assertThat(events).hasSize(7);
        LocalDateTime first =
                (LocalDateTime) events.get(0).getStartDate().orElseThrow().getDate();
        assertThat(YearMonth.from(first)).isEqualTo(YearMonth.of(SEASON, latitude < 0 ? 10 : 4));
    }

    @Test
    void aGardenWithoutWaterHasAnEmptyCalendar() throws Exception {
        assertThat(events(text(plot(10, 10, List.of(gardener("Ada", 0.6, 0.6))), Optional.empty(), 52)))
                .isEmpty();
    }
}
