package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.server.Visitor.Answer;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Setting a forgotten password anew, with a code of one's own or one of the operator. */
class RecoveryTest {

    private static final RunningServer SERVER = RunningServer.get();
    private static final String PASSWORD = "seventeen tall carrots";
    private static final String OTHER = "a shed of green glass";

    private final String name = UUID.randomUUID() + "@example.org";
    private final Visitor rosa = new Visitor(SERVER.address());

    @BeforeEach
    void signUp() {
        assertThat(rosa.post("/api/accounts", credentials(PASSWORD)).status()).isEqualTo(201);
    }

    private String credentials(String password) {
        return "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password);
    }

    private List<String> codes() {
        Answer made = rosa.post("/api/account/recovery-codes", "{\"password\":\"%s\"}".formatted(PASSWORD));
        assertThat(made.status()).as(made.text()).isEqualTo(201);
        return made.json()
                .path("codes")
                .valueStream()
                .map(JsonNode::stringValue)
                .toList();
    }

    private int left() {
        return rosa.get("/api/account/recovery-codes").json().path("left").asInt();
    }

    private Answer recover(String code, String wanted) {
        return new Visitor(SERVER.address())
                .post(
                        "/api/session/recovery",
                        "{\"name\":\"%s\",\"code\":\"%s\",\"wanted\":\"%s\"}".formatted(name, code, wanted));
    }

    private int signIn(String password) {
        return new Visitor(SERVER.address())
                .post("/api/session", credentials(password))
                .status();
    }

    @Test
    void eightCodesThatAreAllDifferent() {
        assertThat(left()).isZero();
        assertThat(codes())
                .hasSize(8)
                .doesNotHaveDuplicates()
                .allMatch(code -> code.matches("([0-9A-HJKMNP-TV-Z]{4}-){2}[0-9A-HJKMNP-TV-Z]{4}"));
        assertThat(left()).isEqualTo(8);
    }

    @Test
    @DisplayName("a code sets the password once, however it is written, and ends sessions everywhere")
    void aCodeIsUsedOnce() {
        String code = codes().get(3);
        String carelessly =
                " " + code.toLowerCase(java.util.Locale.ROOT).replace('-', ' ').replace('0', 'o');
        assertThat(recover(carelessly, OTHER).status()).isEqualTo(200);
        assertThat(signIn(OTHER)).isEqualTo(200);
        assertThat(signIn(PASSWORD)).isEqualTo(422);
        assertThat(rosa.get("/api/gardens").status()).isEqualTo(401);
        Answer again = recover(code, PASSWORD);
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.json().path("field").stringValue()).isEqualTo("code");
    }

    @Test
    void aPasswordThatIsNotGoodEnoughDoesNotUseUpTheCode() {
        String code = codes().get(0);
        Answer refused = recover(code, "short");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("field").stringValue()).isEqualTo("wanted");
        assertThat(recover(code, OTHER).status()).isEqualTo(200);
    }

    @Test
    void newCodesTakeThePlaceOfTheOld() {
        String old = codes().get(0);
        codes();
        assertThat(recover(old, OTHER).status()).isEqualTo(422);
    }

    @Test
    void codesAreMadeForWhoKnowsThePassword() {
        Answer wrong = rosa.post("/api/account/recovery-codes", "{\"password\":\"%s\"}".formatted(OTHER));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(left()).isZero();
    }

    @Test
    @DisplayName("after five wrong codes one has to wait, as with passwords")
    void guessingIsSlowed() {
        String code = codes().get(0);
        for (int i = 0; i < 5; i++) {
            assertThat(recover("0000-0000-0000", OTHER).status()).isEqualTo(422);
        }
        assertThat(recover(code, OTHER).status()).isEqualTo(429);
    }

    private record Ended(int code, String text) {}

    private static Ended recoverByCommand(String whom) throws Exception {
        ProcessBuilder process = new ProcessBuilder("./fairacre", "recover", whom)
                .directory(new File(".."))
                .redirectErrorStream(true);
        process.environment()
                .putAll(Map.of("FAIRACRE_DATABASE", SERVER.database(), "FAIRACRE_DATABASE_USER", "postgres"));
        Process running = process.start();
        String text = new String(running.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(running.waitFor(1, TimeUnit.MINUTES)).isTrue();
        return new Ended(running.exitValue(), text);
    }

    @Test
    void theOperatorPrintsOne() throws Exception {
        Ended printed = recoverByCommand(name.toUpperCase(java.util.Locale.ROOT));
        assertThat(printed.code()).as(printed.text()).isZero();
        Matcher code = Pattern.compile("Code for \\S+: (\\S+)").matcher(printed.text());
        assertThat(code.find()).isTrue();
        assertThat(left()).isZero();
        assertThat(recover(code.group(1), OTHER).status()).isEqualTo(200);
        assertThat(recover(code.group(1), PASSWORD).status()).isEqualTo(422);
    }

    @Test
    @DisplayName("of somebody unknown, or with quotes in the name")
    void theOperatorIsToldWhoIsUnknown() throws Exception {
        assertThat(recoverByCommand("nobody' or '1'='1"))
                .isEqualTo(new Ended(1, "fairacre: nobody signs in as nobody' or '1'='1\n"));
    }
}
