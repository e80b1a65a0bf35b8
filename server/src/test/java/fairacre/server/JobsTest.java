package fairacre.server;

import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.cover.CoverKind;
import fairacre.harvest.Want;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Work that takes long: asked for, looked after, stopped, and taken over from a program that is gone. */
class JobsTest {

    private static final Duration PATIENCE = Duration.ofSeconds(90);
    /** Ground for many beds: its layouts take a while. */
    private static final String LARGE =
            "{\"low\":{\"x\":0,\"y\":0},\"length\":%s,\"width\":25,\"walk\":0.6,\"mainWalk\":1,\"longest\":5}";

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());
    private String path;
    private long revision;

    @BeforeEach
    void begin() {
        path = "/api/gardens/" + rosa.garden();
        edit(Put.of(gardener("Ada", 0.6, 0.5)));
    }

    private void edit(Change change) {
        assertThat(rosa.change(garden(), revision++, change).status()).isEqualTo(200);
    }

    private void framed(String name, double y) {
        edit(new Change.PlaceBed(Gardens.bed(name, 5, y, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))));
    }

    private JsonNode arrange(String wish) {
        Answer answer = rosa.post(path + "/arrangements?season=2027", wish);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private JsonNode cut() {
        return rosa.post(path + "/cutting/best", "").json();
    }

    private static String state(JsonNode told) {
        return told.path("state").stringValue();
    }

    private JsonNode awaited(String what, JsonNode told, Predicate<JsonNode> wanted) throws InterruptedException {
        Instant end = Instant.now().plus(PATIENCE);
        String where = path + what + "/" + told.path("job").stringValue();
        JsonNode now = rosa.get(where).json();
        while (!wanted.test(now) && Instant.now().isBefore(end)) {
            Thread.sleep(50);
            now = rosa.get(where).json();
        }
        assertThat(wanted.test(now)).as(now.toString()).isTrue();
        return now;
    }

    private JsonNode over(String what, JsonNode told) throws InterruptedException {
        return awaited(what, told, now -> !List.of("WAITING", "RUNNING").contains(state(now)));
    }

    @Test
    void theCheapestLayoutOfAllBoardsIsFound() throws Exception {
        framed("Beans", 4);
        JsonNode done = over("/cutting/best", cut());
        assertThat(state(done)).isEqualTo("DONE");
        assertThat(done.path("done").intValue()).isEqualTo(done.path("steps").intValue());
        assertThat(done.path("best")).hasSize(done.path("steps").intValue());
        assertThat(done.at("/best/0/board").stringValue()).isEqualTo("38x150 mm");
        assertThat(done.at("/best/0/cutList/cuts/0/pieces")).isNotEmpty();
        assertThat(rosa.get(path + "/cutting").json().at("/0/cutList")).isEqualTo(done.at("/best/0/cutList"));
    }

    @Test
    void theCheapestCuttingOfAllSheetsIsFound() throws Exception {
        edit(new Change.PlaceBed(Gardens.bed("Beans", 5, 4, 2, 0.9)));
        edit(Put.of(Gardens.cover("Lights", CoverKind.COLD_FRAME, 2, 0.9, 3, "Beans")));
        JsonNode done = over(
                "/cutting/sheets/best",
                rosa.post(path + "/cutting/sheets/best", "").json());
        assertThat(state(done)).isEqualTo("DONE");
        assertThat(done.path("steps").intValue()).isEqualTo(2);
        assertThat(done.path("best")).hasSize(2);
        JsonNode quick = rosa.get(path + "/cutting/sheets").json();
        assertThat(quick.at("/0/pieces")).isEqualTo(done.at("/best/0/pieces"));
        JsonNode ofNothing = over(
                "/cutting/sheets/best",
                rosa.post(path + "/cutting/sheets/best?beds=" + id("Nobody"), "")
                        .json());
        assertThat(ofNothing.path("best")).isEmpty();
    }

    @Test
    void theSameQuestionOfTheSameGardenIsWorkedOutOnce() throws Exception {
        framed("Beans", 4);
        JsonNode first = over("/cutting/best", cut());
        assertThat(cut()).isEqualTo(first);
        framed("Peas", 2);
        JsonNode later = over("/cutting/best", cut());
        assertThat(later.path("job")).isNotEqualTo(first.path("job"));
        assertThat(later.path("revision").longValue()).isEqualTo(revision);
    }

    @Test
    void aFineMapOfTheSunIsWorkedOutDayByDay() throws Exception {
        framed("Beans", 4);
        JsonNode done =
                over("/sun/maps", rosa.post(path + "/sun/maps?season=2027", "").json());
        assertThat(state(done)).isEqualTo("DONE");
        // Two days of each of the six growing months.
        assertThat(done.path("steps").intValue()).isEqualTo(12);
        JsonNode quick = rosa.get(path + "/sun/map?season=2027").json();
        assertThat(quick.path("coarse").booleanValue()).isFalse();
        assertThat(done.at("/best/0")).isEqualTo(quick);
        JsonNode ofADay = over(
                "/sun/maps",
                rosa.post(path + "/sun/maps?season=2027&day=2027-06-23", "").json());
        assertThat(ofADay.path("steps").intValue()).isEqualTo(1);
    }

    @Test
    void aBetterCalendarIsNeverLaterThanTheOneAtOnce() throws Exception {
        framed("Beans", 4);
        framed("Kale", 8);
        edit(Put.of(Gardens.weekends("Ada", 3)));
        edit(Put.of(Gardens.weekends("Bo", 2)));
        JsonNode done = over(
                "/work-calendar/better",
                rosa.post(path + "/work-calendar/better?season=2027", "").json());
        assertThat(state(done)).isEqualTo("DONE");
        String finish = done.at("/best/0/calendar/finish").stringValue();
        assertThat(finish)
                .isLessThanOrEqualTo(rosa.get(path + "/work-calendar?season=2027")
                        .json()
                        .at("/calendar/finish")
                        .stringValue());
        assertThat(done.at("/best/0/noSooner").stringValue()).isLessThanOrEqualTo(finish);
        assertThat(rosa.post(path + "/work-calendar/better?season=1990", "").status())
                .isEqualTo(422);
    }

    @Test
    void theYearsArePlannedQuicklyThenAsAWhole() throws Exception {
        edit(new Change.PlaceBed(Gardens.bed("Beans", 5, 4, 4, 1.2)));
        String asked = "{\"first\": 2027, \"years\": 2, \"beds\": [], \"cover\": true}";
        assertThat(rosa.post(path + "/years", asked).json().path("detail").stringValue())
                .contains("nothing is wished for");
        edit(Put.of(Gardens.wish("carrot", Want.MUST, 4)));
        JsonNode done = over("/years", rosa.post(path + "/years", asked).json());
        assertThat(state(done)).isEqualTo("DONE");
        assertThat(done.path("steps").intValue()).isEqualTo(2);
        JsonNode best = done.at("/best/0");
        assertThat(best.path("solved").booleanValue()).isTrue();
        assertThat(best.path("unmet")).isEmpty();
        assertThat(best.path("plantings")).isNotEmpty();
        assertThat(best.path("wishes")).hasSize(2);
        // What it proposes is an edit as any other, and the harvest is what it says.
        assertThat(rosa.post(
                                path + "/changes",
                                "{\"revision\":%d,\"key\":\"%s\",\"change\":%s}"
                                        .formatted(revision++, UUID.randomUUID(), best.path("edit")))
                        .status())
                .isEqualTo(200);
        JsonNode food = rosa.get(path + "/harvest?season=2027").json().at("/foods/0");
        assertThat(food.at("/harvest/usual").doubleValue())
                .isCloseTo(best.at("/wishes/0/got").doubleValue(), within(1e-6));
        assertThat(rosa.post(path + "/years", "{\"first\": 1990, \"years\": 2, \"beds\": [], \"cover\": true}")
                        .json()
                        .path("detail")
                        .stringValue())
                .isNotEmpty();
    }

    @Test
    void layoutsAreToldMannerByManner() throws Exception {
        JsonNode told = arrange(
                "{\"low\":{\"x\":0,\"y\":0},\"length\":10,\"width\":8,\"walk\":0.6,\"mainWalk\":1,\"longest\":5}");
        JsonNode done = over("/arrangements", told);
        assertThat(state(done)).isEqualTo("DONE");
        assertThat(done.path("steps").intValue()).isEqualTo(6);
        assertThat(done.path("best")).isNotEmpty();
        assertThat(done.at("/best/0/change/kind").stringValue()).isEqualTo("Batch");
    }

    @Test
    void jobsOfAnAccountQueueBehindEachOtherAndCanBeStopped() throws Exception {
        enlarge();
        JsonNode first = arrange(LARGE.formatted(40));
        JsonNode second = arrange(LARGE.formatted(39));
        JsonNode running =
                awaited("/arrangements", first, now -> now.path("done").intValue() > 0);
        assertThat(state(running)).isEqualTo("RUNNING");
        assertThat(state(rosa.get(path + "/arrangements/" + second.path("job").stringValue())
                        .json()))
                .isEqualTo("WAITING");
        assertThat(rosa.delete(path + "/jobs/" + first.path("job").stringValue())
                        .status())
                .isEqualTo(204);
        JsonNode stopped = over("/arrangements", first);
        assertThat(state(stopped)).isEqualTo("STOPPED");
        assertThat(stopped.path("best").size())
                .isGreaterThanOrEqualTo(running.path("best").size());
        awaited("/arrangements", second, now -> state(now).equals("RUNNING"));
        rosa.delete(path + "/jobs/" + second.path("job").stringValue());
        assertThat(state(over("/arrangements", second))).isEqualTo("STOPPED");
    }

    /** To 40 x 25 m. */
    private void enlarge() {
        edit(new Change.SetSite(Gardens.plot(40, 25, List.of()).site()));
    }

    @Test
    void aJobIsOfWhoeverAskedForItAndOfItsGarden() {
        framed("Beans", 4);
        String job = cut().path("job").stringValue();
        Visitor other = Visitor.signedUp(RunningServer.get());
        String theirs = "/api/gardens/" + other.garden();
        assertThat(other.get(theirs + "/cutting/best/" + job).status()).isEqualTo(404);
        assertThat(other.delete(theirs + "/jobs/" + job).status()).isEqualTo(404);
        assertThat(rosa.get(path + "/arrangements/" + job).status()).isEqualTo(404);
        assertThat(rosa.get(path + "/cutting/best/" + UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    @Test
    void noMoreThanTwentyWaitAndNothingIsLostOfThem() {
        enlarge();
        for (int i = 0; i < 20; i++) {
            arrange(LARGE.formatted(20 + i));
        }
        Answer refused = rosa.post(path + "/arrangements?season=2027", LARGE.formatted(19));
        assertThat(refused.status()).isEqualTo(429);
        assertThat(refused.json().path("next").stringValue()).contains("Stop something");
        assertThat(rosa.delete(path).status()).isEqualTo(204);
    }

    /** A program that was killed has told nothing: its job runs, and its account is taken, with no heartbeat. */
    @Test
    void whatAKilledProgramHadBegunIsTakenOver() throws Exception {
        framed("Beans", 4);
        String job = UUID.randomUUID().toString();
        database(
                begun(job, "RUNNING"),
                "insert into scheduled_tasks (task_name, task_instance, execution_time, picked,"
                        + " picked_by, last_heartbeat, version) select 'jobs of an account', owner::text, now(), true,"
                        + " 'a program that is gone', now() - interval '1 minute', 1 from garden where id = '"
                        + garden()
                        + "'");
        JsonNode told = rosa.get(path + "/cutting/best/" + job).json();
        assertThat(state(over("/cutting/best", told))).isEqualTo("DONE");
    }

    /** The program ended between noting the job and scheduling it. */
    @Test
    void whatWasNotedAndNeverScheduledIsWorkedOnOnceSomebodyLooks() throws Exception {
        framed("Beans", 4);
        String job = UUID.randomUUID().toString();
        database(begun(job, "WAITING"));
        JsonNode told = rosa.get(path + "/cutting/best/" + job).json();
        assertThat(state(over("/cutting/best", told))).isEqualTo("DONE");
    }

    private String garden() {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    private String begun(String job, String state) {
        return "insert into job (id, account, garden, kind, question, revision, state, done, steps, answer, asked_at)"
                + " select '" + job + "', owner, id, 'CUTTING', '{\"beds\": []}', 1, '" + state + "', 0, 3, '[]', now()"
                + " from garden where id = '" + garden() + "'";
    }

    private static void database(String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection(
                        "jdbc:postgresql://" + RunningServer.get().database(), "postgres", "");
                Statement statement = connection.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    @Test
    void aBedThatIsNotThereIsCutOfNothing() throws Exception {
        framed("Beans", 4);
        JsonNode done = over(
                "/cutting/best",
                rosa.post(path + "/cutting/best?beds=" + id("Nobody"), "").json());
        assertThat(state(done)).isEqualTo("DONE");
        assertThat(done.path("best")).isEmpty();
    }
}
