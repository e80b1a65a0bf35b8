package fairacre.format;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.delivery;
import static fairacre.testing.Gardens.hire;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rain;
import static fairacre.testing.Gardens.weekends;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bill.Stage;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.ledger.ToBuy;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.schedule.CalendarStudy;
import fairacre.schedule.WorkCalendar.Stint;
import fairacre.wear.Reminder;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.io.ByteArrayInputStream;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WorkDaysTest {

    private static final LocalDate TODAY = LocalDate.parse("2027-03-01");
    private static final Plan GARDEN = with(
            plot(10, 10, List.of(), bed("Beans; runner", 3, 5, 4, 1.2, 0, Optional.of(cedar(Board.M38X150, 2)))),
            Put.of(weekends("Ada", 1)),
            Put.of(workFrom("2027-03-06")));

    private static final List<Reminder> REMINDERS =
            List.of(new Reminder("spring", LocalDate.parse("2027-03-01"), "Look at what is old", "Mesh of Fence"));

    private static List<PlannedTask> tasks(Plan plan) {
        return WorkStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of())).tasks();
    }

    private static CalendarStudy study(Plan plan) {
        return CalendarStudy.of(
                plan, SEASON, tasks(plan), Map.of(), ToBuy.of(CostStudy.of(plan).bill(), List.of(), SEASON), TODAY);
    }

    private static List<VEvent> events(Plan plan) throws Exception {
        byte[] file = WorkDays.of(
                plan, SEASON, tasks(plan), study(plan).atOnce(), REMINDERS, Instant.parse("2027-03-01T12:00:00Z"));
        return new CalendarBuilder().build(new ByteArrayInputStream(file)).getComponents("VEVENT");
    }

    private static LocalDate day(VEvent event) {
        return LocalDate.from(event.getDateTimeStart().getDate());
    }

    @Test
    @DisplayName("read back by ical4j: an event for each day of work, which says who does what, from when to when")
    void eachDayIsAnEvent() throws Exception {
        List<VEvent> events = events(GARDEN);
        List<LocalDate> days = study(GARDEN).atOnce().stints().stream()
                .map(Stint::day)
                .distinct()
                .toList();
        assertThat(days).hasSizeGreaterThan(2).startsWith(LocalDate.parse("2027-03-06"));
        assertThat(events.subList(0, days.size())).extracting(WorkDaysTest::day).containsExactlyElementsOf(days);
        assertThat(events.get(0).getSummary().getValue()).endsWith(": Ada");
        assertThat(events.get(0).getDescription().getValue())
                .startsWith("0:00 to 1:00, Ada: ")
                .endsWith(", Beans; runner");
    }

    @Test
    @DisplayName("a delivery of the season is an event, the same one on whichever day it comes")
    void deliveries() throws Exception {
        VEvent soil = delivered("2027-04-03");
        assertThat(day(soil)).isEqualTo(LocalDate.parse("2027-04-03"));
        assertThat(soil.getSummary().getValue()).isEqualTo("Comes for Test garden: Soil");
        assertThat(soil.getDescription().getValue()).isEqualTo("Waits for it: Fill the beds, Mulch");
        VEvent late = delivered("2027-04-10");
        assertThat(day(late)).isEqualTo(LocalDate.parse("2027-04-10"));
        assertThat(late.getUid()).isEqualTo(soil.getUid());
        assertThat(events(with(GARDEN, Put.of(delivery("Soil", SEASON + 1, "2028-04-03", Stage.FILL)))))
                .noneMatch(event -> event.getSummary().getValue().startsWith("Comes"));
    }

    private static VEvent delivered(String day) throws Exception {
        return events(with(GARDEN, Put.of(delivery("Soil", SEASON, day, Stage.FILL, Stage.MULCH)))).stream()
                .filter(event -> event.getSummary().getValue().startsWith("Comes"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName("each day for which a machine is booked is an event, and each reminder; both ring the evening before")
    void hiresAndReminders() throws Exception {
        List<VEvent> events = events(with(
                GARDEN,
                Put.of(hire("Auger", 60, Optional.empty(), List.of("2027-03-13", "2027-03-20"), Stage.FRAMES))));
        List<VEvent> hired = events.stream()
                .filter(event -> event.getSummary().getValue().equals("Hired for Test garden: Auger"))
                .toList();
        assertThat(hired)
                .extracting(WorkDaysTest::day)
                .containsExactly(LocalDate.parse("2027-03-13"), LocalDate.parse("2027-03-20"));
        assertThat(hired).extracting(VEvent::getUid).doesNotHaveDuplicates();
        assertThat(hired.get(0).getDescription().getValue()).isEqualTo("Done with it: Build frames and walls");
        assertThat(hired.get(0).getAlarms())
                .singleElement()
                .satisfies(alarm ->
                        assertThat(alarm.getTrigger().orElseThrow().getValue()).isEqualTo("-PT6H"));
        VEvent reminder = events.get(events.size() - 1);
        assertThat(reminder.getSummary().getValue()).isEqualTo("Look at what is old: Test garden");
        assertThat(reminder.getDescription().getValue()).isEqualTo("Mesh of Fence");
        assertThat(day(reminder)).isEqualTo(LocalDate.parse("2027-03-01"));
        assertThat(reminder.getAlarms()).hasSize(1);
        assertThat(events(GARDEN).get(0).getAlarms()).isEmpty();
    }

    @Test
    @DisplayName("after rain the days that stay are the same events")
    void theSameEvents() throws Exception {
        List<VEvent> wet = events(with(GARDEN, Put.of(rain("2027-03-06"))));
        assertThat(wet).extracting(WorkDaysTest::day).doesNotContain(LocalDate.parse("2027-03-06"));
        assertThat(wet.get(0).getUid()).isEqualTo(events(GARDEN).get(1).getUid());
    }
}
