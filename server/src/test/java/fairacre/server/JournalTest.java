package fairacre.server;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.plan.Change;
import fairacre.server.store.AccountStore;
import fairacre.server.store.HoldingStore;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
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
    void baskets() {
        for (String litres : List.of("5.5", "2")) {
            String picked = "{\"id\":\"%s\",\"day\":\"2024-07-04\",\"harvest\":{\"crop\":\"tomato\",\"litres\":%s}}";
            assertThat(rosa.post(garden + "/journal", picked.formatted(UUID.randomUUID(), litres))
                            .status())
                    .isEqualTo(204);
        }
        JsonNode page = page(2024, 0);
        assertThat(page.at("/crops/0/picked/litres").doubleValue()).isEqualTo(7.5);
        assertThat(page.at("/lines/0/entry/harvest/litres").doubleValue()).isEqualTo(2);
        assertThat(page.at("/lines/0/entry/harvest").has("kilograms")).isFalse();
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
        assertThat(page.path("crops").get(0).path("picked").path("kilograms").doubleValue())
                .isEqualTo(4.0);
        assertThat(page(2025, 0).path("count").intValue()).isZero();
        assertThat(rosa.post(garden + "/journal/" + id + "/reversal", "").status())
                .isEqualTo(204);
        assertThat(rosa.post(garden + "/journal/" + id + "/reversal", "").status())
                .isEqualTo(422);
        page = page(2024, 0);
        assertThat(page.path("count").intValue()).isEqualTo(2);
        assertThat(page.path("crops").get(0).path("picked").path("kilograms").doubleValue())
                .isEqualTo(1.5);
        assertThat(page.path("lines").get(1).path("takenBack").booleanValue()).isTrue();
    }

    private static byte[] picture(String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2000, 1000, BufferedImage.TYPE_INT_RGB), format, bytes);
        return bytes.toByteArray();
    }

    private Visitor.Answer keep(UUID entry, byte[] photo) {
        return rosa.send("PUT", garden + "/journal/" + entry + "/photo", "application/octet-stream", photo);
    }

    @Test
    void aPhotoIsKeptBesideItsEntryAndServedAsAJpegAlone() throws IOException {
        UUID id = UUID.randomUUID();
        rosa.post(garden + "/journal", harvest(id, "2024-07-04", "2.5"));
        String photo = garden + "/journal/" + id + "/photo";
        assertThat(rosa.get(photo).status()).isEqualTo(404);
        assertThat(page(2024, 0).at("/lines/0/photo").booleanValue()).isFalse();
        assertThat(keep(id, picture("png")).status()).isEqualTo(204);
        assertThat(keep(id, picture("jpeg")).status()).as("in its place").isEqualTo(204);
        assertThat(page(2024, 0).at("/lines/0/photo").booleanValue()).isTrue();
        Visitor.Answer small = rosa.get(photo);
        assertThat(small.header("Content-Type")).isEqualTo("image/jpeg");
        assertThat(small.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(small.header("Content-Security-Policy")).contains("sandbox");
        assertThat(ImageIO.read(new ByteArrayInputStream(small.bytes())).getWidth())
                .isEqualTo(320);
        assertThat(ImageIO.read(new ByteArrayInputStream(
                                rosa.get(photo + "?large=true").bytes()))
                        .getWidth())
                .isEqualTo(1600);
        String name = rosa.get("/api/session").json().path("name").stringValue();
        UUID account = RunningServer.get()
                .bean(AccountStore.class)
                .byName(name)
                .orElseThrow()
                .id();
        assertThat(RunningServer.get().bean(HoldingStore.class).bytes(account))
                .isEqualTo(
                        small.bytes().length + rosa.get(photo + "?large=true").bytes().length);
        assertThat(Visitor.signedUp(RunningServer.get()).get(photo).status()).isEqualTo(404);
        assertThat(rosa.send("DELETE", photo, "application/json", new byte[0]).status())
                .isEqualTo(204);
        assertThat(rosa.get(photo).status()).isEqualTo(404);
        assertThat(rosa.send("DELETE", photo, "application/json", new byte[0]).status())
                .isEqualTo(422);
    }

    @Test
    void whatIsNoPhotoIsRefusedWithAWordAndNothingIsLost() throws IOException {
        UUID id = UUID.randomUUID();
        rosa.post(garden + "/journal", harvest(id, "2024-07-04", "2.5"));
        assertThat(keep(id, picture("png")).status()).isEqualTo(204);
        byte[] heic = "\0\0\0\u0018ftypheic\0\0\0\0mif1heic".getBytes(StandardCharsets.ISO_8859_1);
        for (byte[] none : List.of("<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8), heic, new byte[0])) {
            Visitor.Answer refused = keep(id, none);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.json().path("field").stringValue()).isEqualTo("photo");
        }
        assertThat(keep(id, heic).text()).contains("HEIC");
        Visitor.Answer large = keep(id, new byte[60_000_000]);
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.text()).contains("20 MB");
        assertThat(keep(UUID.randomUUID(), picture("png")).status()).isEqualTo(422);
        assertThat(rosa.get(garden + "/journal/" + id + "/photo").status())
                .as("the one that was there")
                .isEqualTo(200);
        rosa.post(garden + "/journal/" + id + "/reversal", "");
        assertThat(keep(id, picture("png")).status())
                .as("of an entry that was taken back")
                .isEqualTo(422);
    }

    @Test
    void seedlingsAndTheWeatherAreKept() {
        String seeds =
                "{\"id\":\"%s\",\"day\":\"2024-04-04\",\"germination\":{\"crop\":\"leek\",\"sown\":60,\"up\":42}}";
        String frost =
                "{\"id\":\"%s\",\"day\":\"2024-04-05\",\"weather\":{\"rain\":2.5,\"lowest\":-1.5,\"highest\":9}}";
        for (String entry : List.of(seeds, frost)) {
            assertThat(rosa.post(garden + "/journal", entry.formatted(UUID.randomUUID()))
                            .status())
                    .isEqualTo(204);
        }
        JsonNode page = page(2024, 0);
        assertThat(page.at("/lines/0/entry/weather/lowest").doubleValue()).isEqualTo(-1.5);
        assertThat(page.at("/lines/1/entry/germination/up").intValue()).isEqualTo(42);
        assertThat(page.path("crops")).as("seedlings are no harvest").isEmpty();
        JsonNode file = rosa.get(garden + "/file").json();
        assertThat(file.at("/journal/0/entry/germination/sown").intValue()).isEqualTo(60);
        assertThat(file.at("/journal/1/entry/weather/rain").doubleValue()).isEqualTo(2.5);
        assertThat(rosa.post("/api/gardens/import", file.toString()).status()).isEqualTo(201);
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
                "{\"id\":\"%s\",\"day\":\"2024-07-04\",\"weather\":{\"lowest\":5,\"highest\":4}}; weather/highest",
                "{\"id\":\"%s\",\"day\":\"2024-07-04\",\"germination\":{\"crop\":\"leek\",\"sown\":5,\"up\":6}}; germination/up",
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
    void theYearIsABookWithThePhotosOfWhatCounts() throws IOException {
        garden = "/api/gardens/"
                + rosa.post(
                                "/api/gardens",
                                Visitor.newGarden("Old garden", "METRIC", "EUR", "10")
                                        .replace("2027", "2025"))
                        .json()
                        .at("/plan/id")
                        .stringValue();
        UUID id = UUID.randomUUID();
        rosa.post(garden + "/journal", harvest(id, "2025-07-04", "2.5"));
        UUID before = UUID.randomUUID();
        rosa.post(garden + "/journal", harvest(before, "2024-07-04", "1.5"));
        for (UUID entry : List.of(id, before)) {
            assertThat(keep(entry, picture("jpeg")).status()).isEqualTo(204);
        }
        Visitor.Answer book = rosa.get(garden + "/year-book.pdf?season=2025");
        assertThat(book.header("Content-Type")).isEqualTo("application/pdf");
        assertThat(book.header("Content-Disposition")).contains("year book.pdf");
        assertThat(photosIn(book)).isEqualTo(1);
        rosa.post(garden + "/journal/" + id + "/reversal", "");
        assertThat(photosIn(rosa.get(garden + "/year-book.pdf?season=2025"))).isZero();
        assertThat(rosa.get(garden + "/year-book.pdf?season=1990").status()).isEqualTo(422);
    }

    private static int photosIn(Visitor.Answer book) throws IOException {
        int photos = 0;
        try (PDDocument document = Loader.loadPDF(book.bytes())) {
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getXObjectNames()) {
                    photos += page.getResources().isImageXObject(name) ? 1 : 0;
                }
            }
        }
        return photos;
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
