package fairacre.server;

import static fairacre.testing.Gardens.bed;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Change;
import fairacre.server.Visitor.Answer;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A garden that several have part in. */
class SharingTest {

    private final Visitor rosa = Visitor.signedUp(RunningServer.get());
    private final Visitor ben = Visitor.signedUp(RunningServer.get());
    private String garden;

    @BeforeEach
    void begin() {
        garden = rosa.garden();
    }

    private static String name(Visitor visitor) {
        return visitor.get("/api/session").json().path("name").stringValue();
    }

    @Test
    void whatIsSharedIsListedWithWhoseItIsAndIsGoneWhenItIsTakenBack() {
        assertThat(ben.get("/api/gardens/" + garden).status()).isEqualTo(404);
        JsonNode members = rosa.share(garden, ben, "READER").json().path("members");
        assertThat(members).hasSize(1);
        JsonNode shared = ben.get("/api/shared").json();
        assertThat(shared).hasSize(1);
        assertThat(shared.get(0).path("owner").stringValue()).isEqualTo(name(rosa));
        assertThat(shared.get(0).path("role").stringValue()).isEqualTo("READER");
        assertThat(ben.get("/api/gardens").json()).isEmpty();
        assertThat(ben.get("/api/gardens/" + garden).status()).isEqualTo(200);
        String account = members.get(0).path("account").stringValue();
        assertThat(rosa.delete("/api/gardens/" + garden + "/members/" + account).status())
                .isEqualTo(204);
        assertThat(ben.get("/api/gardens/" + garden).status()).isEqualTo(404);
        assertThat(ben.get("/api/shared").json()).isEmpty();
    }

    @Test
    void whoEditsIsNamedAndAReaderIsToldWhyNot() {
        rosa.share(garden, ben, "READER");
        Answer refused = ben.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.json().path("detail").stringValue()).contains("look at this garden");
        assertThat(ben.preview(garden, 2027, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)))
                        .status())
                .isEqualTo(200);
        rosa.share(garden, ben, "EDITOR");
        assertThat(ben.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)))
                        .status())
                .isEqualTo(200);
        JsonNode newest = rosa.get("/api/gardens/" + garden + "/history").json().get(0);
        assertThat(newest.toString()).contains(name(ben));
        assertThat(rosa.get("/api/gardens/" + garden + "/members").json().path("members"))
                .hasSize(1);
    }

    @Test
    void aGardenThatWasDeletedIsNotSharedAnyMore() {
        rosa.share(garden, ben, "READER");
        assertThat(rosa.delete("/api/gardens/" + garden).status()).isEqualTo(204);
        assertThat(rosa.get("/api/gardens/" + garden + "/members").status()).isEqualTo(404);
        assertThat(rosa.share(garden, ben, "EDITOR").status()).isEqualTo(404);
        assertThat(ben.get("/api/shared").json()).isEmpty();
    }

    @Test
    void aVariantIsSharedWithItsGarden() {
        rosa.share(garden, ben, "READER");
        String variant = rosa.post("/api/gardens/" + garden + "/variants", "{\"name\":\"Other\",\"from\":2028}")
                .json()
                .at("/plan/id")
                .stringValue();
        assertThat(ben.get("/api/gardens/" + variant).status()).isEqualTo(200);
        assertThat(ben.get("/api/gardens/" + variant + "/members").json().path("members"))
                .hasSize(1);
        assertThat(Visitor.signedUp(RunningServer.get())
                        .get("/api/gardens/" + variant)
                        .status())
                .isEqualTo(404);
    }

    @Test
    void somebodyTakesThemselvesOutButNobodyElse() {
        Visitor ida = Visitor.signedUp(RunningServer.get());
        rosa.share(garden, ben, "EDITOR");
        JsonNode members = rosa.share(garden, ida, "READER").json().path("members");
        String mine = "";
        String theirs = "";
        for (JsonNode member : members) {
            String account = member.path("account").stringValue();
            if (member.path("name").stringValue().equals(name(ben))) {
                mine = account;
            } else {
                theirs = account;
            }
        }
        String path = "/api/gardens/" + garden + "/members/";
        assertThat(ben.delete(path + theirs).status()).isEqualTo(403);
        assertThat(ben.delete(path + mine).status()).isEqualTo(204);
        assertThat(ben.get("/api/gardens/" + garden).status()).isEqualTo(404);
        assertThat(ida.get("/api/gardens/" + garden).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "nobody@example.org, READER, name",
        "'', READER, name",
        "OWN, READER, name",
        "BEN, OWNER, role",
        "BEN, , role"
    })
    void whomItCannotBeSharedWithIsSaidAtTheField(String name, String role, String field) {
        String whom = switch (name) {
            case "OWN" -> name(rosa);
            case "BEN" -> name(ben);
            default -> name;
        };
        String body = role == null
                ? "{\"name\":\"%s\"}".formatted(whom)
                : "{\"name\":\"%s\",\"role\":\"%s\"}".formatted(whom, role);
        Answer answer = rosa.send(
                "PUT",
                "/api/gardens/" + garden + "/members",
                "application/json",
                body.getBytes(StandardCharsets.UTF_8));
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().path("field").stringValue()).isEqualTo(field);
    }
}
