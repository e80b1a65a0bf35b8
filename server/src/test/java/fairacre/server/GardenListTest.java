package fairacre.server;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Change;
import fairacre.server.Visitor.Answer;
import fairacre.server.garden.Housekeeping;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.Period;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Somebody's gardens as a list: named, copied, deleted and brought back; and one garden taken back to an earlier day.
 */
class GardenListTest {

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());
    private String garden;

    @BeforeEach
    void begin() {
        garden = rosa.garden();
    }

    private List<String> names() {
        return rosa.get("/api/gardens")
                .json()
                .valueStream()
                .map(listed -> listed.path("name").stringValue())
                .toList();
    }

    private JsonNode deleted() {
        return rosa.get("/api/gardens/deleted").json();
    }

    private Answer name(String name) {
        return rosa.send(
                "PUT",
                path("/name"),
                "application/json",
                "{\"name\":\"%s\"}".formatted(name).getBytes(StandardCharsets.UTF_8));
    }

    private String path(String rest) {
        return "/api/gardens/" + garden + rest;
    }

    @Test
    void aDeletedGardenIsGoneForEverybodyUntilItIsBroughtBack() {
        Visitor ben = Visitor.signedUp(RunningServer.get());
        rosa.share(garden, ben, "EDITOR");
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        String variant = rosa.post(path("/variants"), "{\"name\":\"Wider\",\"from\":2027}")
                .json()
                .at("/plan/id")
                .stringValue();
        assertThat(rosa.delete("/api/gardens/" + garden).status()).isEqualTo(204);
        assertThat(names()).isEmpty();
        assertThat(ben.get("/api/shared").json()).isEmpty();
        for (String gone : List.of(garden, variant)) {
            assertThat(rosa.get("/api/gardens/" + gone).status()).as(gone).isEqualTo(404);
            assertThat(ben.get("/api/gardens/" + gone).status()).isEqualTo(404);
        }
        assertThat(rosa.delete("/api/gardens/" + garden).status()).isEqualTo(404);
        JsonNode kept = deleted().get(0);
        assertThat(kept.path("name").stringValue()).isEqualTo("Test garden");
        Duration left = Duration.between(
                OffsetDateTime.now(), OffsetDateTime.parse(kept.path("until").stringValue()));
        assertThat(left).isBetween(Duration.ofDays(7).minusMinutes(5), Duration.ofDays(7));

        assertThat(ben.post("/api/gardens/deleted/" + garden, "").status()).isEqualTo(404);
        Answer back = rosa.post("/api/gardens/deleted/" + garden, "");
        assertThat(back.json().at("/plan/beds/0/name").stringValue()).isEqualTo("Beans");
        assertThat(names()).containsExactly("Test garden");
        assertThat(deleted()).isEmpty();
        assertThat(ben.get("/api/gardens/" + variant).status()).isEqualTo(200);
        assertThat(rosa.post("/api/gardens/deleted/" + garden, "").status()).isEqualTo(404);
    }

    @Test
    void afterAWeekItIsGoneForGood() throws Exception {
        rosa.post(path("/variants"), "{\"name\":\"Wider\",\"from\":2027}");
        rosa.delete("/api/gardens/" + garden);
        deletedBefore(Duration.ofDays(7).minusMinutes(1));
        assertThat(deleted()).hasSize(1);
        deletedBefore(Duration.ofDays(7));
        assertThat(deleted()).isEmpty();
        assertThat(rosa.post("/api/gardens/deleted/" + garden, "").status()).isEqualTo(404);
        RunningServer.get().bean(Housekeeping.class).tidyUp();
        try (Connection database = database();
                PreparedStatement left = database.prepareStatement(
                        "select (select count(*) from garden where id = ?) + (select count(*) from variant where of_garden = ?)")) {
            left.setObject(1, UUID.fromString(garden));
            left.setObject(2, UUID.fromString(garden));
            ResultSet count = left.executeQuery();
            count.next();
            assertThat(count.getInt(1)).isZero();
        }
    }

    @Test
    void anAccountHasSoManyGardensWithThoseThatCanBeBroughtBack() {
        RunningServer small = RunningServer.with("--fairacre.accounts.most-gardens=2");
        Visitor ben = Visitor.signedUp(small);
        String first = ben.garden();
        assertThat(ben.post("/api/gardens/" + first + "/variants", "{\"name\":\"Wider\",\"from\":2027}")
                        .status())
                .isEqualTo(201);
        Answer third = ben.post("/api/gardens/" + first + "/copy", "");
        assertThat(third.status()).isEqualTo(422);
        assertThat(third.text()).contains("you have 2 gardens");
        ben.delete("/api/gardens/" + first);
        assertThat(ben.post("/api/gardens", Visitor.newGarden("Third", "METRIC", "EUR", "20"))
                        .status())
                .isEqualTo(422);
        assertThat(Visitor.signedUp(small)
                        .post("/api/gardens", Visitor.newGarden("Another's", "METRIC", "EUR", "20"))
                        .status())
                .isEqualTo(201);
        small.stop();
    }

    /** 105 edits, the newest of them taken back: 106 entries. */
    @Test
    void editsOlderThanTwoYearsGoButForTheNewestHundredAndUndoHolds() throws SQLException {
        for (int i = 0; i < 105; i++) {
            name("Name " + i);
        }
        rosa.post(path("/undo"), "{\"revision\":105}");
        entriesAre(Period.ofYears(2).minusDays(1));
        RunningServer.get().bean(Housekeeping.class).tidyUp();
        assertThat(entries()).isEqualTo(106);
        entriesAre(Period.ofYears(2).plusDays(1));
        RunningServer.get().bean(Housekeeping.class).tidyUp();
        assertThat(entries()).isEqualTo(100);
        assertThat(rosa.post(path("/redo"), "{\"revision\":106}")
                        .json()
                        .at("/plan/name")
                        .stringValue())
                .isEqualTo("Name 104");
        for (int revision = 107; revision < 110; revision++) {
            rosa.post(path("/undo"), "{\"revision\":" + revision + "}");
        }
        assertThat(names()).containsExactly("Name 101");
    }

    private void entriesAre(Period old) throws SQLException {
        try (Connection database = database();
                PreparedStatement earlier =
                        database.prepareStatement("update change_log set made_at = ? where garden = ?")) {
            earlier.setObject(1, OffsetDateTime.now().minus(old));
            earlier.setObject(2, UUID.fromString(garden));
            earlier.executeUpdate();
        }
    }

    private int entries() throws SQLException {
        try (Connection database = database();
                PreparedStatement all = database.prepareStatement("select count(*) from change_log where garden = ?")) {
            all.setObject(1, UUID.fromString(garden));
            ResultSet count = all.executeQuery();
            count.next();
            return count.getInt(1);
        }
    }

    private static Connection database() throws SQLException {
        return DriverManager.getConnection(
                "jdbc:postgresql://" + RunningServer.get().database(), "postgres", "");
    }

    private void deletedBefore(Duration ago) throws SQLException {
        try (Connection database = database();
                PreparedStatement earlier =
                        database.prepareStatement("update garden set deleted_at = ? where id = ?")) {
            earlier.setObject(1, OffsetDateTime.now().minus(ago));
            earlier.setObject(2, UUID.fromString(garden));
            earlier.executeUpdate();
        }
    }

    @Test
    void theOneThatWasEditedLastStandsFirst() {
        String other = rosa.post("/api/gardens", Visitor.newGarden("Other", "METRIC", "EUR", "20"))
                .json()
                .at("/plan/id")
                .stringValue();
        assertThat(names()).containsExactly("Other", "Test garden");
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        assertThat(names()).containsExactly("Test garden", "Other");
        JsonNode picture = rosa.get(path("/picture")).json();
        assertThat(picture.path("ground").get(0)).hasSize(4);
        assertThat(picture.path("beds").get(0)).hasSize(4);
        assertThat(rosa.get("/api/gardens/" + other + "/picture").json().path("beds"))
                .isEmpty();
    }

    @Test
    void anotherNameIsAnEditAndACopyFindsAFreeName() {
        assertThat(name("  ").status()).isEqualTo(422);
        assertThat(name("Back yard").json().at("/plan/name").stringValue()).isEqualTo("Back yard");
        rosa.post(path("/undo"), "{\"revision\":1}");
        assertThat(names()).containsExactly("Test garden");

        rosa.change(garden, 2, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        JsonNode copy = rosa.post(path("/copy"), "").json();
        assertThat(copy.at("/plan/name").stringValue()).isEqualTo("Test garden 2");
        assertThat(copy.at("/plan/beds/0/name").stringValue()).isEqualTo("Beans");
        assertThat(copy.path("canUndo").booleanValue()).isFalse();
        String file = rosa.get(path("/file")).text();
        assertThat(rosa.post("/api/gardens/import", file)
                        .json()
                        .at("/plan/name")
                        .stringValue())
                .isEqualTo("Test garden 3");
    }

    @Test
    void variantsTravelInTheFileOfTheirGarden() {
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        String variant = rosa.post(path("/variants"), "{\"name\":\"Wider\",\"from\":2028}")
                .json()
                .at("/plan/id")
                .stringValue();
        rosa.change(variant, 0, new Change.RenameBed(id("Beans"), "Broad beans"));
        String file = rosa.get(path("/file")).text();
        String brought =
                rosa.post("/api/gardens/import", file).json().at("/plan/id").stringValue();
        assertThat(names()).containsExactlyInAnyOrder("Test garden", "Test garden 2");
        JsonNode versions =
                rosa.get("/api/gardens/" + brought + "/variants?season=2028").json();
        assertThat(versions).hasSize(2);
        assertThat(versions.get(1).path("name").stringValue()).isEqualTo("Wider");
        assertThat(versions.get(1).path("from").intValue()).isEqualTo(2028);
        String other = versions.get(1).path("garden").stringValue();
        assertThat(other).isNotEqualTo(variant);
        assertThat(rosa.get("/api/gardens/" + other)
                        .json()
                        .at("/plan/beds/0/name")
                        .stringValue())
                .isEqualTo("Broad beans");
        assertThat(rosa.get("/api/gardens/" + variant + "/file").json().path("variants"))
                .isEmpty();
    }

    @Test
    void aCopyOfWhatSomebodySharesIsOnesOwn() {
        Visitor ben = Visitor.signedUp(RunningServer.get());
        rosa.share(garden, ben, "READER");
        String copy = ben.post(path("/copy"), "").json().at("/plan/id").stringValue();
        assertThat(ben.get("/api/gardens").json()).hasSize(1);
        assertThat(rosa.get("/api/gardens/" + copy).status()).isEqualTo(404);
    }

    @Test
    void aGardenGoesBackToBeforeAnEditInOneEdit() {
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        rosa.change(garden, 1, new Change.RenameBed(id("Beans"), "Kale"));
        rosa.change(
                garden, 2, new Change.Batch("Two", List.of(new Change.RenameBed(id("Beans"), "Leek"), placed("Peas"))));
        rosa.post(path("/undo"), "{\"revision\":3}");
        rosa.post(path("/redo"), "{\"revision\":4}");
        long second = rosa.get(path("/history")).json().get(3).path("id").longValue();
        String before = path("/history/" + second + "/back");
        assertThat(rosa.post(before, "{\"revision\":4}").status()).isEqualTo(409);
        JsonNode back = rosa.post(before, "{\"revision\":5}").json();
        assertThat(back.at("/plan/beds")).hasSize(1);
        assertThat(back.at("/plan/beds/0/name").stringValue()).isEqualTo("Beans");
        assertThat(rosa.get(path("/history")).json().get(0).path("words").stringValue())
                .startsWith("Went back to before: Renamed a bed to Kale");
        JsonNode forth = rosa.post(path("/undo"), "{\"revision\":6}").json();
        assertThat(forth.at("/plan/beds")
                        .valueStream()
                        .map(bed -> bed.path("name").stringValue()))
                .containsExactlyInAnyOrder("Leek", "Peas");

        String others = rosa.garden();
        assertThat(rosa.post("/api/gardens/" + others + "/history/" + second + "/back", "{\"revision\":0}")
                        .status())
                .isEqualTo(422);
    }

    private static Change placed(String name) {
        return new Change.PlaceBed(bed(name, 7, 3, 2, 1));
    }
}
