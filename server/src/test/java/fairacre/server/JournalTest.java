package fairacre.server;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.plan.Change;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is written down of a garden, and the tasks that it ticks off. */
class JournalTest {

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());
    private String garden;

    @BeforeEach
    void begin() {
        garden = "/api/gardens/" + rosa.garden();
    }

    private static String harvest(UUID id, String day, String weight) {
        return "{\"id\":\"" + id + "\",\"day\":\"" + day + "\",\"harvest\":{\"crop\":\"tomato\",\"kilograms\":" + weight
                + "}}";
    }

    private JsonNode page(int season, int page) {
        return rosa.get(garden + "/journal?season=" + season + "&page=" + page).json();
    }

    @Test
    void whatIsSentTwiceIsWrittenOnceAndATakenBackEntryStaysToBeRead() {
        UUID id = UUID.randomUUID();
        for (int i = 0; i < 3; i++) {
            assertThat(rosa.post(garden + "/journal", harvest(id, "2024-07-04", "2.5"))
                            .status())
                    .isEqualTo(204);
        }
        assertThat(rosa.post(garden + "/journal", harvest(UUID.randomUUID(), "2024-08-04", "1.5"))
                        .status())
                .isEqualTo(204);
        JsonNode page = page(2024, 0);
        assertThat(page.path("count").intValue()).isEqualTo(2);
        assertThat(page.path("crops").get(0).path("kilograms").doubleValue()).isEqualTo(4.0);
        assertThat(page(2025, 0).path("count").intValue()).isZero();
        assertThat(rosa.post(garden + "/journal/" + id + "/reversal", "").status())
                .isEqualTo(204);
        assertThat(rosa.post(garden + "/journal/" + id + "/reversal", "").status())
                .isEqualTo(422);
        page = page(2024, 0);
        assertThat(page.path("count").intValue()).isEqualTo(2);
        assertThat(page.path("crops").get(0).path("kilograms").doubleValue()).isEqualTo(1.5);
        assertThat(page.path("lines").get(1).path("takenBack").booleanValue()).isTrue();
    }

    @Test
    void aSeasonIsReadPageByPageTheNewestDayFirst() {
        for (int i = 0; i < 51; i++) {
            LocalDate day = LocalDate.of(2023, 5, 1).plusDays(i);
            rosa.post(garden + "/journal", harvest(UUID.randomUUID(), day.toString(), "1"));
        }
        JsonNode first = page(2023, 0);
        assertThat(first.path("pages").intValue()).isEqualTo(2);
        assertThat(first.path("lines")).hasSize(50);
        assertThat(first.at("/lines/0/entry/day").stringValue()).isEqualTo("2023-06-20");
        assertThat(page(2023, 9).at("/lines/0/entry/day").stringValue())
                .as("the last page there is")
                .isEqualTo("2023-05-01");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "{\"day\":\"2024-07-04\",\"note\":\"x\"}; id",
                "{\"id\":\"%s\",\"day\":\"1066-07-04\",\"note\":\"x\"}; day",
                "{\"id\":\"%s\",\"day\":\"%tomorrow\",\"note\":\"x\"}; day",
                "{\"id\":\"%s\",\"day\":\"2024-07-04\"}; note",
                "{\"id\":\"%s\",\"day\":\"2024-07-04\",\"harvest\":{\"crop\":\"tomato\",\"kilograms\":-1}}; harvest/kilograms",
                "{\"id\":\"%s\",\"day\":\"2024-07-04\",\"harvest\":{\"crop\":\"triffid\",\"kilograms\":1}}; harvest/crop",
                "{\"id\":\"%s\",\"day\":\"2024-07-04\",\"done\":{\"task\":\"t\",\"rate\":\"r\",\"quantity\":0}}; done/quantity"
            })
    void whatCanNotBeIsRefusedAtItsField(String entry, String field) {
        String later = LocalDate.now(ZoneOffset.UTC).plusDays(2).toString();
        Visitor.Answer refused = rosa.post(
                garden + "/journal",
                entry.replace("%s", UUID.randomUUID().toString()).replace("%tomorrow", later));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("field").stringValue()).isEqualTo(field);
        assertThat(page(2024, 0).path("count").intValue()).isZero();
    }

    @Test
    void aTaskThatIsTickedOffIsDoneAndItsHoursTeachTheRate() {
        rosa.change(
                garden.substring(garden.lastIndexOf('/') + 1),
                0,
                new Change.PlaceBed(bed("Beans", 3, 3, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))));
        String tasks = garden + "/tasks?season=" + SEASON;
        JsonNode task = rosa.get(tasks).json().path("tasks").get(0);
        double hours = task.path("hours").doubleValue();
        assertThat(hours).isPositive();
        String done = "{\"id\":\"" + UUID.randomUUID() + "\",\"day\":\"2024-04-01\",\"done\":{\"task\":\""
                + task.path("key").stringValue() + "\",\"rate\":\""
                + task.at("/rate/key").stringValue() + "\",\"quantity\":"
                + task.path("quantity").doubleValue() + ",\"hours\":" + 2 * hours + "}}";
        assertThat(rosa.post(garden + "/journal", done).status()).isEqualTo(204);
        JsonNode after = rosa.get(tasks).json();
        assertThat(after.at("/done/0/done/task").stringValue())
                .isEqualTo(task.path("key").stringValue());
        assertThat(after.at("/learned/0/times").intValue()).isEqualTo(1);
        assertThat(after.at("/tasks/0/hours").doubleValue()).isCloseTo(2 * hours, within(1e-9));
        double all = 0;
        for (JsonNode each : after.path("tasks")) {
            all += each.path("hours").doubleValue();
        }
        assertThat(rosa.get(garden + "/work").json().at("/0/hours").doubleValue())
                .as("the purse tells the same hours")
                .isCloseTo(all, within(1e-9));
        assertThat(rosa.get(garden + "/tasks?season=" + (SEASON + 1)).json().path("done"))
                .isEmpty();
    }

    @Test
    void theJournalGoesIntoTheFileAndComesBack() {
        UUID id = UUID.randomUUID();
        rosa.post(garden + "/journal", harvest(id, "2024-07-04", "2.5"));
        rosa.post(garden + "/journal/" + id + "/reversal", "");
        JsonNode file = rosa.get(garden + "/file").json();
        assertThat(file.at("/journal/0/entry/harvest/kilograms").doubleValue()).isEqualTo(2.5);
        assertThat(file.at("/journal/0/takenBack").booleanValue()).isTrue();
        String brought = rosa.post("/api/gardens/import", file.toString())
                .json()
                .at("/plan/id")
                .stringValue();
        JsonNode page =
                rosa.get("/api/gardens/" + brought + "/journal?season=2024").json();
        assertThat(page.at("/lines/0/takenBack").booleanValue()).isTrue();
    }

    @Test
    void aSeasonIsToldAsItWasPlannedAndAsItWentAndABedThroughItsSeasons() {
        String id = garden.substring(garden.lastIndexOf('/') + 1);
        var beans = bed("Beans", 3, 3, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)));
        rosa.change(id, 0, new Change.PlaceBed(beans));
        JsonNode task = rosa.get(garden + "/tasks?season=" + SEASON)
                .json()
                .path("tasks")
                .get(0);
        // The season of the plan is still to come, so that its harvest can't be written yet; its work may be done
        // early.
        String done = "{\"id\":\"" + UUID.randomUUID() + "\",\"day\":\"2024-04-01\",\"done\":{\"task\":\""
                + task.path("key").stringValue() + "\",\"rate\":\""
                + task.at("/rate/key").stringValue() + "\",\"quantity\":1,\"hours\":2}}";
        assertThat(rosa.post(garden + "/journal", done).status()).isEqualTo(204);
        JsonNode figures = rosa.get(garden + "/season-figures?season=" + SEASON).json();
        assertThat(figures.at("/beds/0/name").stringValue()).isEqualTo("Beans");
        assertThat(figures.path("plannedHours").doubleValue()).isPositive();
        assertThat(figures.path("weeks")).hasSize(53);
        assertThat(rosa.get(garden + "/season-figures?season=1999").status()).isEqualTo(422);

        JsonNode story = rosa.get(garden + "/bed-story?bed=" + beans.id()).json();
        assertThat(story.path("name").stringValue()).isEqualTo("Beans");
        assertThat(story.at("/chapters/0/built").booleanValue()).isTrue();
        assertThat(story.at("/chapters/0/season").intValue()).isEqualTo(SEASON);
        assertThat(rosa.get(garden + "/bed-story?bed=" + UUID.randomUUID()).status())
                .isEqualTo(422);
        assertThat(rosa.get(garden + "/bed-story?bed=gone").status()).isBetween(400, 422);
    }

    @Test
    void aNoteForNextTimeComesUpInLaterSeasonsUntilItIsTakenBack() {
        UUID id = UUID.randomUUID();
        String note = "{\"id\":\"" + id + "\",\"day\":\"2024-12-31\",\"note\":\"Sow later\",\"nextTime\":\"CROPS\"}";
        assertThat(rosa.post(garden + "/journal", note).status()).isEqualTo(204);
        rosa.post(
                garden + "/journal",
                "{\"id\":\"" + UUID.randomUUID() + "\",\"day\":\"2024-12-30\",\"note\":\"Only so\"}");
        assertThat(nextTime(2024)).as("not in its own season").isEmpty();
        assertThat(nextTime(2025)).hasSize(1);
        assertThat(nextTime(2025).get(0).path("note").stringValue()).isEqualTo("Sow later");
        assertThat(nextTime(2030).get(0).path("nextTime").stringValue()).isEqualTo("CROPS");
        assertThat(rosa.get(garden + "/journal/next-time?season=1066").status()).isEqualTo(422);
        assertThat(rosa.post(garden + "/journal/" + id + "/reversal", "").status())
                .isEqualTo(204);
        assertThat(nextTime(2025)).isEmpty();
        assertThat(rosa.post(
                                garden + "/journal",
                                "{\"id\":\"" + UUID.randomUUID() + "\",\"day\":\"2024-12-30\",\"nextTime\":\"CROPS\"}")
                        .json()
                        .path("field")
                        .stringValue())
                .isEqualTo("note");
    }

    private JsonNode nextTime(int season) {
        return rosa.get(garden + "/journal/next-time?season=" + season).json();
    }
}
