package fairacre.server;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.bill.Stage;
import fairacre.build.Board;
import fairacre.crew.Ability;
import fairacre.crew.Worker;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** When the work of a season is done. */
class WorkCalendarTest {

    private static final int SEASON = 2027;

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());
    private String id;
    private String garden;
    private long revision;

    @BeforeEach
    void begin() {
        id = rosa.garden();
        garden = "/api/gardens/" + id;
        edit(new Change.PlaceBed(bed("Beans", 3, 3, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))));
        edit(Put.of(Gardens.workFrom("2027-03-06")));
        edit(Put.of(Gardens.weekends("Ada", 1)));
    }

    private void edit(Change change) {
        assertThat(rosa.change(id, revision++, change).status()).isEqualTo(200);
    }

    private JsonNode calendar(String more) {
        return rosa.get(garden + "/work-calendar?season=" + SEASON + more).json();
    }

    @Test
    void daysFollowPeopleRainAndWhatIsTickedOff() {
        JsonNode calendar = calendar("").path("calendar");
        assertThat(calendar.path("begins").stringValue()).isEqualTo("2027-03-06");
        assertThat(calendar.at("/stints/0/day").stringValue()).isEqualTo("2027-03-06");
        assertThat(calendar.at("/stints/0/workers/0").stringValue())
                .isEqualTo(Gardens.id("Ada").toString());
        String task = calendar.at("/stints/0/task").stringValue();

        Answer file = rosa.get(garden + "/work-calendar/calendar.ics?season=" + SEASON);
        assertThat(file.header("Content-Type")).startsWith("text/calendar");
        assertThat(file.text()).contains("DTSTART;VALUE=DATE:20270306");

        JsonNode moved = calendar("&rain=2027-03-06").path("moved");
        assertThat(moved.at("/0/from").stringValue()).isEqualTo("2027-03-06");
        assertThat(moved.at("/0/to").stringValue()).isEqualTo("2027-03-07");
        assertThat(calendar("").path("moved")).isEmpty();
        edit(Put.of(Gardens.rain("2027-03-06")));
        assertThat(calendar("").at("/calendar/stints/0/day").stringValue()).isEqualTo("2027-03-07");

        String done = "{\"id\":\"" + UUID.randomUUID() + "\",\"day\":\"2026-04-01\",\"done\":{\"task\":\"" + task
                + "\",\"rate\":\"frame/piece\",\"quantity\":4}}";
        assertThat(rosa.post(garden + "/journal", done).status()).isEqualTo(204);
        assertThat(calendar("").at("/calendar/tasks").valueStream())
                .noneMatch(each -> each.path("task").stringValue().equals(task));
    }

    @Test
    void peopleAndDaysComeBackWithTheFile() {
        edit(Put.of(Gardens.rain("2027-04-18")));
        edit(Put.of(Gardens.kept("2027/FRAMES/frame/piece/x", "2027-04-10")));
        JsonNode file = rosa.get(garden + "/file").json();
        JsonNode plan = rosa.post("/api/gardens/import", file.toString()).json().path("plan");
        assertThat(plan.at("/workers/0/hours/5").doubleValue()).isEqualTo(1);
        assertThat(plan.at("/rainDays/0/day").stringValue()).isEqualTo("2027-04-18");
        assertThat(plan.at("/keptDays/0/day").stringValue()).isEqualTo("2027-04-10");
        assertThat(plan.at("/workSeasons/0/begins").stringValue()).isEqualTo("2027-03-06");
    }

    @Test
    void machinesAndWhatSomebodyCanDoAreKeptAndToldAndWhatLiesReadyIsShared() {
        Ability ability = new Ability(Optional.of(12.5), false, Optional.of(Gardens.id("Ines")));
        Worker ada = Gardens.weekends("Ada", 1);
        edit(Put.of(
                new Worker(ada.id(), "Ada", ada.hours(), List.of(), List.of(), 1, List.of(), Optional.of(ability))));
        edit(Put.of(Gardens.weekends("Bo", 1)));
        edit(Put.of(Gardens.hire("Loader", 60, Optional.of(90.0), List.of("2027-03-20"), Stage.FILL)));
        JsonNode plan = rosa.get(garden).json().path("plan");
        JsonNode told = worker(plan, "Ada").path("ability");
        assertThat(told.path("lifts").doubleValue()).isEqualTo(12.5);
        assertThat(told.path("saws").booleanValue()).isFalse();
        assertThat(told.path("reach").stringValue())
                .isEqualTo(Gardens.id("Ines").toString());
        assertThat(worker(plan, "Bo").has("ability")).isFalse();
        assertThat(plan.at("/hires/0/booked/0").stringValue()).isEqualTo("2027-03-20");
        assertThat(plan.at("/hires/0/weekend/amount").stringValue()).isEqualTo("90.00");
        JsonNode hired = calendar("").at("/calendar/hires/0");
        assertThat(hired.at("/days/0").stringValue()).isEqualTo("2027-03-20");
        assertThat(hired.at("/cost/amount").stringValue()).isEqualTo("60.00");
        JsonNode staged =
                rosa.get(garden + "/work-calendar/staging?season=" + SEASON).json();
        assertThat(staged).hasSize(1);
        assertThat(staged.at("/0/name").stringValue()).isEqualTo("Beans");
        assertThat(staged.at("/0/goods").valueStream())
                .anyMatch(good -> good.path("kind").stringValue().equals("BOARDS")
                        && good.path("mark").stringValue().equals("A"));
        assertThat(rosa.get(garden + "/work-calendar/staging?season=1990").status())
                .isEqualTo(422);
    }

    @Test
    void whatIsTickedOffCountsInTheJudgementOfTheWork() {
        edit(Put.of(Gardens.workFrom("2027-03-06").ending(LocalDate.parse("2027-03-06"))));
        assertThat(rules()).contains("WORK_PAST_END");
        calendar("").at("/calendar/tasks").valueStream().forEach(task -> {
            String key = task.path("task").stringValue();
            String done = "{\"id\":\"" + UUID.randomUUID() + "\",\"day\":\"2026-04-01\",\"done\":{\"task\":\"" + key
                    + "\",\"rate\":\"frame/piece\",\"quantity\":4}}";
            assertThat(rosa.post(garden + "/journal", done).status()).isEqualTo(204);
        });
        assertThat(rules()).doesNotContain("WORK_PAST_END");
    }

    private List<String> rules() {
        return rosa.get(garden + "/appraisal?season=" + SEASON)
                .json()
                .path("snags")
                .valueStream()
                .map(snag -> snag.path("rule").stringValue())
                .toList();
    }

    @Test
    void theDayIsPrintedAndRemindersAreToldAndRing() {
        Answer sheet = rosa.get(garden + "/work-calendar/day.pdf?season=" + SEASON + "&day=2027-03-06");
        assertThat(sheet.header("Content-Type")).isEqualTo("application/pdf");
        assertThat(sheet.header("Content-Disposition")).contains("Saturday");
        assertThat(sheet.text()).startsWith("%PDF");
        String reminders = garden + "/work-calendar/reminders?season=";
        assertThat(rosa.get(reminders + SEASON).json()).isEmpty();
        // Cedar is looked at from its seventh season on.
        JsonNode spring = rosa.get(reminders + (SEASON + 7)).json().path(0);
        assertThat(spring.path("day").stringValue()).isEqualTo("2034-03-01");
        assertThat(spring.path("about").stringValue()).isEqualTo("Frame of Beans, 7 seasons old");
        assertThat(rosa.get(garden + "/work-calendar/calendar.ics?season=" + (SEASON + 7))
                        .text())
                .contains("Look at what is old", "BEGIN:VALARM");
        JsonNode wear = rosa.get(garden + "/wear?season=" + (SEASON + 7)).json();
        assertThat(wear.at("/parts/0/state").stringValue()).isEqualTo("LOOK");
        assertThat(wear.at("/parts/0/due").intValue()).isEqualTo(SEASON + 11);
        assertThat(wear.at("/years")).hasSize(5);
        assertThat(rosa.get(garden + "/wear?season=1990").status()).isEqualTo(422);
    }

    @Test
    void aPrivateAddressTellsTheCalendarToWhoKnowsItUntilItIsTakenBack() {
        String address = garden + "/calendar-address";
        Visitor phone = new Visitor(RunningServer.get().address());
        assertThat(rosa.get(address).json().has("madeAt")).isFalse();
        String path = rosa.post(address, "").json().path("path").stringValue();
        assertThat(path).matches("/api/calendars/[A-Za-z0-9_-]{43}");
        assertThat(rosa.get(address).json().has("madeAt")).isTrue();
        Answer file = phone.get(path);
        assertThat(file.status()).isEqualTo(200);
        assertThat(file.header("Content-Type")).startsWith("text/calendar");
        assertThat(file.text()).contains("BEGIN:VCALENDAR").contains("Ada");
        assertThat(phone.get(path.substring(0, path.length() - 1) + "!").status())
                .isEqualTo(404);
        assertThat(phone.get(garden).status()).as("and nothing else").isEqualTo(401);

        String other = rosa.post(address, "").json().path("path").stringValue();
        assertThat(other).isNotEqualTo(path);
        assertThat(phone.get(path).status())
                .as("of an address in whose place is another")
                .isEqualTo(404);
        assertThat(phone.get(other).status()).isEqualTo(200);
        assertThat(rosa.delete(address).status()).isEqualTo(204);
        assertThat(phone.get(other).status()).isEqualTo(404);
        assertThat(rosa.delete(address).status()).as("once more").isEqualTo(204);
    }

    private static JsonNode worker(JsonNode plan, String name) {
        return plan.path("workers")
                .valueStream()
                .filter(worker -> worker.path("name").stringValue().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void hoursThatNoDayHasAreRefusedAtTheirField() {
        Answer answer = rosa.post(
                garden + "/changes",
                "{\"revision\":%d,\"key\":\"%s\",\"change\":{\"kind\":\"PutWorker\",\"worker\":{\"id\":\"%s\",\"name\":\"Bo\",\"hours\":[0,0,0,0,0,13,0],\"pace\":1}}}"
                        .formatted(revision, UUID.randomUUID(), UUID.randomUUID()));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("field").stringValue()).contains("hours/5");
        assertThat(answer.json().path("detail").stringValue()).contains("13");
        assertThat(rosa.get(garden + "/work-calendar?season=" + SEASON + "&rain=someday")
                        .status())
                .isEqualTo(400);
        assertThat(rosa.get(garden + "/work-calendar?season=1990").status()).isEqualTo(422);
    }
}
