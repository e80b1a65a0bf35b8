package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Put;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Guessing of passwords, new accounts, and what somebody may do with their own. */
class AccountsTest {

    private static final RunningServer SERVER = RunningServer.get();
    private static final String PASSWORD = "seventeen tall carrots";
    private static final String OTHER = "a shed of green glass";

    private final String name = UUID.randomUUID() + "@example.org";

    private static String credentials(String name, String password) {
        return "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password);
    }

    private static Answer signUp(Visitor visitor, String name, String password) {
        return visitor.post("/api/accounts", credentials(name, password));
    }

    private static Answer signIn(Visitor visitor, String name, String password) {
        return visitor.post("/api/session", credentials(name, password));
    }

    private Visitor account() {
        Visitor visitor = new Visitor(SERVER.address());
        assertThat(signUp(visitor, name, PASSWORD).status()).isEqualTo(201);
        return visitor;
    }

    private Visitor signedIn(String password) {
        Visitor visitor = new Visitor(SERVER.address());
        assertThat(signIn(visitor, name, password).status()).isEqualTo(200);
        return visitor;
    }

    private static boolean isIn(Visitor visitor) {
        return visitor.get("/api/gardens").status() == 200;
    }

    private static Answer change(Visitor visitor, String present, String wanted) {
        return visitor.put(
                "/api/account/password", "{\"present\":\"%s\",\"wanted\":\"%s\"}".formatted(present, wanted));
    }

    private static Answer delete(Visitor visitor, String password) {
        return visitor.post("/api/account/deletion", "{\"password\":\"%s\"}".formatted(password));
    }

    @Test
    @DisplayName("after five failures one has to wait, from elsewhere one gets in meanwhile")
    void guessingIsSlowedAndNobodyIsLockedOut() {
        account();
        Visitor guesser = new Visitor(SERVER.address());
        for (int i = 0; i < 5; i++) {
            Answer wrong = signIn(guesser, name, "a wrong password");
            assertThat(wrong.status()).isEqualTo(422);
            assertThat(wrong.json().path("field").stringValue()).isEqualTo("password");
        }
        Answer slowed = signIn(guesser, name, PASSWORD);
        assertThat(slowed.status()).isEqualTo(429);
        assertThat(Integer.parseInt(slowed.header("Retry-After"))).isBetween(1, 5);
        assertThat(slowed.json().path("next").stringValue()).matches("Wait [1-5] seconds and try again\\.");
        // Who is at another address is told by a proxy on the same machine.
        Visitor elsewhere = new Visitor(SERVER.address()).behind("198.51.100.7");
        assertThat(signIn(elsewhere, name, PASSWORD).status()).isEqualTo(200);
        assertThat(signIn(guesser, name, PASSWORD).status()).isEqualTo(429);
    }

    @Test
    @DisplayName("a right password forgets the failures before it")
    void failuresAreForgotten() {
        account();
        for (int round = 0; round < 3; round++) {
            for (int i = 0; i < 4; i++) {
                assertThat(signIn(new Visitor(SERVER.address()), name, "a wrong password")
                                .status())
                        .isEqualTo(422);
            }
            assertThat(signIn(new Visitor(SERVER.address()), name, PASSWORD).status())
                    .isEqualTo(200);
        }
    }

    @Test
    @DisplayName("of forty guesses at the same time no more than five are looked at, and others are served meanwhile")
    void parallelGuessesAreCounted() {
        Visitor other = Visitor.signedUp(SERVER);
        account();
        ExecutorService threads = Executors.newFixedThreadPool(40);
        try {
            List<Visitor> guessers = IntStream.range(0, 40)
                    .mapToObj(i -> new Visitor(SERVER.address()))
                    .toList();
            List<CompletableFuture<Integer>> guesses = guessers.stream()
                    .map(guesser -> CompletableFuture.supplyAsync(
                            () -> signIn(guesser, name, "a wrong password").status(), threads))
                    .toList();
            assertThat(isIn(other)).isTrue();
            List<Integer> statuses =
                    guesses.stream().map(CompletableFuture::join).toList();
            assertThat(statuses).containsOnly(422, 429);
            assertThat(statuses.stream().filter(status -> status == 422).count())
                    .isBetween(1L, 5L);
        } finally {
            threads.shutdown();
        }
    }

    @Test
    @DisplayName("forty sign-ins at the same time all get in, and hold no connection while passwords are looked at")
    void manySignInsAtOnce() {
        Visitor other = Visitor.signedUp(SERVER);
        List<String> names = IntStream.range(0, 40)
                .mapToObj(i -> UUID.randomUUID() + "@example.org")
                .toList();
        ExecutorService threads = Executors.newFixedThreadPool(40);
        try {
            List<Visitor> visitors =
                    names.stream().map(each -> new Visitor(SERVER.address())).toList();
            List<CompletableFuture<Integer>> answers = IntStream.range(0, 40)
                    .mapToObj(i -> CompletableFuture.supplyAsync(
                            () -> signUp(visitors.get(i), names.get(i), PASSWORD)
                                    .status(),
                            threads))
                    .toList();
            assertThat(isIn(other)).isTrue();
            assertThat(answers.stream().map(CompletableFuture::join)).containsOnly(201);
        } finally {
            threads.shutdown();
        }
    }

    @ParameterizedTest
    @DisplayName("common passwords and those like the name are refused (zxcvbn: fewer than 10^8 guesses)")
    @ValueSource(
            strings = {
                "password12",
                "1234567890",
                "qwertyuiop",
                "iloveyou12",
                "aaaaaaaaaa",
                "rosa.alder",
                "rosa.alder@example.org",
                "fairacre2026"
            })
    void easyPasswords(String easy) {
        Answer answer = signUp(new Visitor(SERVER.address()), "rosa.alder@example.org", easy);
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.text()).contains("easy to guess");
        assertThat(answer.json().path("field").stringValue()).isEqualTo("password");
    }

    @Test
    void aPasswordIsChangedAndOtherDevicesHaveToSignInAgain() {
        Visitor here = account();
        Visitor phone = signedIn(PASSWORD);
        assertThat(change(here, "not this one", OTHER).json().path("field").stringValue())
                .isEqualTo("present");
        assertThat(change(here, PASSWORD, "password12").json().path("field").stringValue())
                .isEqualTo("wanted");
        assertThat(isIn(phone)).isTrue();
        assertThat(change(here, PASSWORD, OTHER).status()).isEqualTo(204);
        assertThat(isIn(here)).isTrue();
        assertThat(isIn(phone)).isFalse();
        assertThat(signIn(new Visitor(SERVER.address()), name, PASSWORD).status())
                .isEqualTo(422);
        assertThat(isIn(signedIn(OTHER))).isTrue();
    }

    @Test
    void somebodySignsOutEverywhereElse() {
        Visitor here = account();
        Visitor phone = signedIn(PASSWORD);
        Visitor other = Visitor.signedUp(SERVER);
        assertThat(here.delete("/api/account/sessions").status()).isEqualTo(204);
        assertThat(isIn(phone)).isFalse();
        assertThat(isIn(here)).isTrue();
        assertThat(isIn(other)).isTrue();
    }

    @Test
    @DisplayName("an account is deleted with its gardens; what it did in another's stays, without its name")
    void anAccountIsDeleted() {
        Visitor here = account();
        String own = here.garden();
        here.delete("/api/gardens/" + here.garden());
        Visitor neighbour = Visitor.signedUp(SERVER);
        String garden = neighbour.garden();
        assertThat(neighbour
                        .put(
                                "/api/gardens/" + garden + "/members",
                                "{\"name\":\"%s\",\"role\":\"EDITOR\"}".formatted(name))
                        .status())
                .isEqualTo(200);
        assertThat(here.change(garden, 0, Put.of(Gardens.gardener("Eve", 0.6, 0.6)))
                        .status())
                .isEqualTo(200);
        assertThat(here.post(
                                "/api/gardens/" + garden + "/journal",
                                "{\"id\":\"%s\",\"day\":\"2026-05-01\",\"note\":\"Frost\"}"
                                        .formatted(UUID.randomUUID()))
                        .status())
                .isEqualTo(204);

        assertThat(delete(here, "not this one").json().path("field").stringValue())
                .isEqualTo("password");
        assertThat(isIn(here)).isTrue();
        assertThat(delete(here, PASSWORD).status()).isEqualTo(204);

        assertThat(isIn(here)).isFalse();
        assertThat(signIn(new Visitor(SERVER.address()), name, PASSWORD).status())
                .isEqualTo(422);
        assertThat(signUp(here, name, PASSWORD).status()).isEqualTo(201);
        assertThat(here.get("/api/gardens").json()).isEmpty();
        assertThat(here.get("/api/gardens/deleted").json()).isEmpty();
        assertThat(here.get("/api/gardens/" + own).status()).isEqualTo(404);
        assertThat(here.get("/api/gardens/" + garden).status()).isEqualTo(404);
        Answer history = neighbour.get("/api/gardens/" + garden + "/history");
        assertThat(history.json().at("/0/words").stringValue()).contains("Eve");
        assertThat(history.json().get(0).has("madeBy")).isFalse();
        assertThat(neighbour
                        .get("/api/gardens/" + garden + "/journal?season=2026&page=0")
                        .text())
                .contains("Frost")
                .doesNotContain(name);
        assertThat(neighbour
                        .post("/api/gardens/" + garden + "/undo", "{\"revision\":1}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    @DisplayName("twenty accounts an hour come from an address, from another there is room still")
    void newAccountsAreLimited() throws Exception {
        RunningServer server = RunningServer.with("--fairacre.accounts.most-in-an-hour=2");
        try {
            Visitor visitor = new Visitor(server.address());
            assertThat(signUp(visitor, "ann@example.org", PASSWORD).status()).isEqualTo(201);
            assertThat(signUp(visitor, "ann@example.org", PASSWORD).status()).isEqualTo(422);
            Answer third = signUp(visitor, "bea@example.org", PASSWORD);
            assertThat(third.status()).isEqualTo(429);
            assertThat(third.text()).contains("Try again in an hour");
            Visitor elsewhere = new Visitor(server.address()).behind("198.51.100.8");
            assertThat(signUp(elsewhere, "cai@example.org", PASSWORD).status()).isEqualTo(201);
        } finally {
            server.stop();
        }
    }
}
