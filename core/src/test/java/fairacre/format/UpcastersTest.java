package fairacre.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.format.Upcasters.Upcaster;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.testing.Changes;
import fairacre.testing.Gardens;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What earlier programs wrote stays readable: samples are kept as they were written. */
class UpcastersTest {

    private static final JsonMapper MAPPER = GardenJson.mapper();

    private static final Upcasters RENAMING = new Upcasters(List.of(
            new Upcaster(garden -> rename(garden, "title", "name"), change -> rename(change, "title", "name")),
            new Upcaster(garden -> garden.put("name", garden.path("name").asString() + "!"), change -> {})));

    private static void rename(ObjectNode node, String from, String to) {
        if (node.has(from)) {
            node.set(to, node.remove(from));
        }
    }

    private static JsonNode json(String text) {
        return MAPPER.readTree(text.replace('\'', '"'));
    }

    private static byte[] sample(String name) throws IOException {
        try (InputStream stream = UpcastersTest.class.getResourceAsStream("samples/" + name)) {
            return stream.readAllBytes();
        }
    }

    static List<Integer> versions() {
        List<Integer> versions = new ArrayList<>();
        for (int version = 1; version <= Upcasters.CURRENT.version(); version++) {
            versions.add(version);
        }
        return versions;
    }

    @Test
    void eachStepIsTakenFromTheVersionOn() {
        assertThat(RENAMING.version()).isEqualTo(3);
        assertThat(RENAMING.garden(json("{'title': 'Mill'}"), 1)).isEqualTo(json("{'name': 'Mill!'}"));
        assertThat(RENAMING.garden(json("{'name': 'Mill'}"), 2)).isEqualTo(json("{'name': 'Mill!'}"));
        assertThat(RENAMING.garden(json("{'name': 'Mill'}"), 3)).isEqualTo(json("{'name': 'Mill'}"));
    }

    @Test
    void batchesAndGardensTakenOverAreOpened() {
        JsonNode change = json(
                "{'kind': 'Batch', 'changes': [{'kind': 'RenameBed', 'title': 'Kale'}, {'kind': 'TakeOver', 'version': {'title': 'Mill'}}]}");
        JsonNode before = change.deepCopy();
        assertThat(RENAMING.change(change, 1))
                .isEqualTo(
                        json(
                                "{'kind': 'Batch', 'changes': [{'kind': 'RenameBed', 'name': 'Kale'}, {'kind': 'TakeOver', 'version': {'name': 'Mill!'}}]}"));
        assertThat(change).isEqualTo(before);
    }

    @Test
    void aVersionThatThereIsNotIsRefused() {
        assertThatThrownBy(() -> RENAMING.garden(json("{}"), 4)).hasMessage("there is no version 4, the newest is 3");
        assertThatThrownBy(() -> RENAMING.change(json("{}"), 0)).hasMessageContaining("no version 0");
    }

    @ParameterizedTest
    @MethodSource("versions")
    void aFileOfEveryVersionIsRead(int version) throws Exception {
        byte[] file = sample("garden-" + version + ".json");
        assertThat(MAPPER.readTree(file).path("version").asInt()).isEqualTo(version);
        Plan plan = GardenFile.read(file);
        assertThat(plan.beds()).hasSameSizeAs(Gardens.everything().beds());
        assertThat(plan.seasonsOfChange()).isEqualTo(Gardens.everything().seasonsOfChange());
        assertThat(GardenFile.read(GardenFile.write(plan))).isEqualTo(plan);
    }

    /** Until version 2 the height of a drain was the depth of its stone, and all features had all fields. */
    @Test
    void whatLiesInTheGroundHasADepth() {
        JsonNode drain =
                json("{'kind': 'DRAIN', 'height': 0.5, 'breadth': 0.3, 'bareInWinter': false, 'lookout': false}");
        ObjectNode change = MAPPER.createObjectNode();
        change.put("kind", "PutFeature");
        change.set("feature", drain);
        assertThat(Upcasters.CURRENT.change(change, 2).path("feature"))
                .isEqualTo(json("{'kind': 'DRAIN', 'height': 0, 'breadth': 0.3, 'bareInWinter': false, 'depth': 0.5}"));
        change.set(
                "feature",
                json("{'kind': 'SHED', 'height': 2.5, 'breadth': 0, 'bareInWinter': true, 'lookout': true}"));
        assertThat(Upcasters.CURRENT.change(change, 2).path("feature"))
                .isEqualTo(json("{'kind': 'SHED', 'height': 2.5}"));
    }

    @ParameterizedTest
    @MethodSource("versions")
    void theDrainOfEveryVersionIsHalfAMetreDeep(int version) throws Exception {
        assertThat(GardenFile.read(sample("garden-" + version + ".json")).features())
                .isEqualTo(Gardens.everything().features())
                .filteredOn(Feature.LineFeature.class::isInstance)
                .extracting(feature -> ((Feature.LineFeature) feature).depth())
                .contains(Length.metres(0.5));
    }

    /** A log as it was written: each change of every kind is still taken, and what took it back still takes it back. */
    @ParameterizedTest
    @MethodSource("versions")
    void aLogOfEveryVersionIsRead(int version) throws Exception {
        JsonNode log = MAPPER.readTree(sample("log-" + version + ".json"));
        Plan plan = MAPPER.treeToValue(Upcasters.CURRENT.garden(log.path("garden"), version), Plan.class);
        assertThat(log.path("entries").size()).isGreaterThanOrEqualTo(40);
        for (JsonNode entry : log.path("entries")) {
            Change after = change(entry.path("after"), version);
            Change before = change(entry.path("before"), version);
            Plan changed = plan.apply(after).orThrow();
            assertThat(changed).as(entry.toString()).isNotEqualTo(plan);
            assertThat(changed.apply(before).orThrow()).as(entry.toString()).isEqualTo(plan);
        }
    }

    private static Change change(JsonNode text, int version) {
        return MAPPER.treeToValue(Upcasters.CURRENT.change(text, version), Change.class);
    }

    /**
     * Whatever the newest samples hold is still written so: what is renamed or moved has a new version. What is added
     * needs none.
     */
    @Test
    void theNotationIsThatOfTheNewestSamples() throws Exception {
        int version = Upcasters.CURRENT.version();
        assertHolds(
                MAPPER.readTree(GardenFile.write(Gardens.everything())),
                MAPPER.readTree(sample("garden-" + version + ".json")),
                "");
        assertHolds(log(), MAPPER.readTree(sample("log-" + version + ".json")), "");
    }

    private static void assertHolds(JsonNode whole, JsonNode part, String at) {
        if (part.isObject()) {
            part.propertyNames().forEach(name -> assertHolds(whole.path(name), part.path(name), at + "/" + name));
        } else if (part.isArray()) {
            assertThat(whole.size()).as(at).isGreaterThanOrEqualTo(part.size());
            for (int i = 0; i < part.size(); i++) {
                assertHolds(sameOf(whole, part.path(i), i), part.path(i), at + "/" + i);
            }
        } else {
            assertThat(whole).as(at).isEqualTo(part);
        }
    }

    /** A price stands among others by its item; all else in its place. */
    private static JsonNode sameOf(JsonNode whole, JsonNode one, int place) {
        for (JsonNode other : whole) {
            if (one.has("item") && one.path("item").equals(other.path("item"))) {
                return other;
            }
        }
        return whole.path(place);
    }

    /** The garden of {@link Changes}, with each of its changes and what takes it back. */
    private static JsonNode log() {
        ObjectNode log = MAPPER.createObjectNode();
        log.set("garden", MAPPER.valueToTree(Changes.plan()));
        var entries = log.putArray("entries");
        for (Change change : Changes.ofEveryKind()) {
            Outcome.Applied applied = (Outcome.Applied) Changes.plan().apply(change);
            ObjectNode entry = entries.addObject();
            entry.set("after", MAPPER.readTree(MAPPER.writerFor(Change.class).writeValueAsString(change)));
            entry.set("before", MAPPER.readTree(MAPPER.writerFor(Change.class).writeValueAsString(applied.inverse())));
        }
        return MAPPER.readTree(MAPPER.writeValueAsString(log));
    }
}
