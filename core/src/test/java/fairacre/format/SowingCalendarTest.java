package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import fairacre.crop.SowingStudy;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SowingCalendarTest {

    private static final Instant NOW = Instant.parse("2027-03-01T12:00:00Z");
    private static final Plan EMPTY = plot(10, 10, List.of(), bed("Beans", 3, 5, 2, 1));

    private static String text(Plan plan) {
        return new String(SowingCalendar.of(plan, SowingStudy.of(plan, SEASON).days(), NOW), StandardCharsets.UTF_8);
    }

    private static List<VEvent> events(String text) throws Exception {
        return new CalendarBuilder()
                .build(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)))
                .getComponents("VEVENT");
    }

    private static LocalDate day(VEvent event) {
        return LocalDate.from(event.getDateTimeStart().getDate());
    }

    @Test
    @DisplayName("read back: sown, picked 75 days later by the table (java.time), cleared; each all day, in its bed")
    void eachDayIsAnEvent() throws Exception {
        Plan plan =
                with(EMPTY, Put.of(planting("Carrots; early, \u00fc", "carrot", "Beans", "2027-04-03", "2027-09-01")));
        List<VEvent> events = events(text(plan));
        assertThat(events)
                .extracting(event -> event.getSummary().getValue(), SowingCalendarTest::day)
                .containsExactly(
                        tuple("Sow in the bed: Carrots; early, \u00fc", LocalDate.of(2027, 4, 3)),
                        tuple(
                                "First harvest: Carrots; early, \u00fc",
                                LocalDate.of(2027, 4, 3).plusDays(75)),
                        tuple("Clear the bed: Carrots; early, \u00fc", LocalDate.of(2027, 9, 1)));
        assertThat(events)
                .allSatisfy(event -> assertThat(event.getLocation().getValue()).isEqualTo("Beans"));
        assertThat(text(plan)).contains("DTSTART;VALUE=DATE:20270403");
        assertThat(events(text(EMPTY))).isEmpty();
    }

    @Test
    @DisplayName("read again after an edit the events are the same ones, on other days")
    void theSameEvents() throws Exception {
        Plan before = with(EMPTY, Put.of(planting("Carrots", "carrot", "Beans", "2027-04-03", "2027-09-01")));
        Plan after = with(before, Put.of(planting("Carrots", "carrot", "Beans", "2027-04-13", "2027-09-11")));
        assertThat(events(text(after)))
                .extracting(event -> event.getUid().orElseThrow().getValue())
                .containsExactlyElementsOf(events(text(before)).stream()
                        .map(event -> event.getUid().orElseThrow().getValue())
                        .toList());
    }
}
