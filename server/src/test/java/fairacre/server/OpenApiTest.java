package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenJson;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.node.ObjectNode;

/**
 * The description of the interface from which the front end's types are made is the one that is served. After a change
 * of the interface: {@code FAIRACRE_WRITE_OPENAPI=1 ./fairacre test} (or this test alone), then {@code npm run types}
 * in ui.
 */
class OpenApiTest {

    private static final Path KEPT = Path.of("../ui/openapi.json");

    @Test
    void theDescriptionThatIsKeptIsTheOneThatIsServed() throws Exception {
        JsonNode served = GardenJson.mapper()
                .readTree(new Visitor(RunningServer.get().address())
                        .get("/api/openapi")
                        .text());
        ((ObjectNode) served).remove("servers");
        if ("1".equals(System.getenv("FAIRACRE_WRITE_OPENAPI"))) {
            Files.writeString(
                    KEPT,
                    GardenJson.mapper()
                                    .writer()
                                    .with(SerializationFeature.INDENT_OUTPUT)
                                    .writeValueAsString(served) + "\n");
        }
        assertThat(served).isEqualTo(GardenJson.mapper().readTree(Files.readString(KEPT)));
    }
}
