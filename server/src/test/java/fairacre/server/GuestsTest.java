package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.plan.Put;
import fairacre.server.Visitor.Answer;
import fairacre.server.garden.Housekeeping;
import fairacre.testing.Gardens;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jooq.DSLContext;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Looking round without an account: in a copy of the demo, and by somebody's link. */
class GuestsTest {

    private static final RunningServer SERVER = RunningServer.get();
    private static final String PASSWORD = "seventeen tall carrots";

    private static Visitor somebody() {
        return new Visitor(SERVER.address());
    }

    private static String credentials(String name) {
        return "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, PASSWORD);
    }

    private static String lookRound(Visitor visitor) {
        Answer entered = visitor.post("/api/session/demo", "");
        assertThat(entered.status()).as(entered.text()).isEqualTo(200);
        return entered.json().path("garden").stringValue();
    }

    private static Answer edit(Visitor visitor, String garden) {
        return visitor.change(garden, 0, Put.of(Gardens.gardener("Ada", 0.6, 0.6)));
    }

    private static JsonNode session(Visitor visitor) {
        return visitor.get("/api/session").json();
    }

    @Nested
    class Demo {

        @Test
        @DisplayName("with beds, a seated gardener, receipts and a journal, for fourteen days")
        void oneMayLookRound() {
            Visitor guest = somebody();
            JsonNode garden = guest.get("/api/gardens/" + lookRound(guest)).json();
            assertThat(garden.at("/plan/beds").size()).isBetween(12, 17);
            assertThat(garden.at("/plan/gardeners")
                            .valueStream()
                            .map(g -> g.get("posture").stringValue()))
                    .contains("SEATED");
            String path = "/api/gardens/" + garden.at("/plan/id").stringValue();
            assertThat(guest.get(path + "/ledger").json().at("/entries")).isNotEmpty();
            assertThat(guest.get(path + "/journal?season=2026&page=0").json().at("/lines"))
                    .isNotEmpty();
            assertThat(OffsetDateTime.parse(session(guest).path("guestUntil").stringValue()))
                    .isBetween(
                            OffsetDateTime.now().plusDays(14).minusMinutes(5),
                            OffsetDateTime.now().plusDays(14));
        }

        @Test
        void nobodySpoilsItForOthers() {
            Visitor one = somebody();
            Visitor other = somebody();
            String ones = lookRound(one);
            String others = lookRound(other);
            assertThat(edit(one, ones).status()).isEqualTo(200);
            assertThat(other.get("/api/gardens/" + others)
                            .json()
                            .path("revision")
                            .asLong())
                    .isZero();
            assertThat(other.get("/api/gardens/" + ones).status()).isEqualTo(404);
        }

        @Test
        void whoComesBackIsInTheSameCopy() {
            Visitor guest = somebody();
            assertThat(lookRound(guest)).isEqualTo(lookRound(guest));
            assertThat(guest.get("/api/gardens").json()).hasSize(1);
        }

        @Test
        void whoHasAnAccountGetsACopyThere() {
            Visitor rosa = Visitor.signedUp(SERVER);
            String own = rosa.garden();
            String demo = lookRound(rosa);
            assertThat(session(rosa).has("guestUntil")).isFalse();
            assertThat(rosa.get("/api/gardens")
                            .json()
                            .valueStream()
                            .map(each -> each.get("id").stringValue()))
                    .containsExactlyInAnyOrder(own, demo);
        }

        @Test
        void signingUpKeepsAll() {
            Visitor guest = somebody();
            String garden = lookRound(guest);
            edit(guest, garden);
            String name = UUID.randomUUID() + "@example.org";
            assertThat(guest.post("/api/accounts", credentials(name)).status()).isEqualTo(201);
            assertThat(session(guest).path("name").stringValue()).isEqualTo(name);
            assertThat(session(guest).has("guestUntil")).isFalse();
            Visitor elsewhere = somebody();
            assertThat(elsewhere.post("/api/session", credentials(name)).status())
                    .isEqualTo(200);
            assertThat(elsewhere
                            .get("/api/gardens/" + garden)
                            .json()
                            .path("revision")
                            .asLong())
                    .isEqualTo(1);
        }

        @Test
        void aTakenNameIsTold() {
            String name = UUID.randomUUID() + "@example.org";
            somebody().post("/api/accounts", credentials(name));
            Visitor guest = somebody();
            lookRound(guest);
            Answer taken = guest.post("/api/accounts", credentials(name.toUpperCase(java.util.Locale.ROOT)));
            assertThat(taken.status()).isEqualTo(422);
            assertThat(taken.json().path("field").stringValue()).isEqualTo("name");
            assertThat(session(guest).has("guestUntil")).isTrue();
        }

        @Test
        @DisplayName("every garden goes with them, also one that was begun and not edited, with its variants")
        void whoSignsInTakesAlongWhatTheyMade() {
            String name = UUID.randomUUID() + "@example.org";
            Visitor rosa = somebody();
            rosa.post("/api/accounts", credentials(name));
            Visitor guest = somebody();
            String demo = lookRound(guest);
            String made = guest.garden();
            edit(guest, made);
            assertThat(guest.post("/api/gardens/" + made + "/variants", "{\"name\":\"Wider\",\"from\":2027}")
                            .status())
                    .isLessThan(300);
            String begun = guest.garden();
            assertThat(guest.post("/api/session", credentials(name)).status()).isEqualTo(200);
            assertThat(rosa.get("/api/gardens")
                            .json()
                            .valueStream()
                            .map(each -> each.get("id").stringValue()))
                    .containsExactlyInAnyOrder(demo, made, begun);
            assertThat(rosa.get("/api/gardens/" + made + "/variants?season=2027")
                            .text())
                    .contains("Wider");
            assertThat(rosa.get("/api/gardens/" + made).json().path("revision").asLong())
                    .isEqualTo(1);
        }

        @Test
        void aGuestGoesWithoutAPassword() {
            Visitor guest = somebody();
            lookRound(guest);
            assertThat(guest.post("/api/account/deletion", "{}").status()).isEqualTo(204);
            assertThat(session(guest).has("name")).isFalse();
        }

        @Test
        void nobodySignsInAsAGuestOrSharesWithOne() {
            Visitor guest = somebody();
            lookRound(guest);
            String name = session(guest).path("name").stringValue();
            assertThat(somebody()
                            .post("/api/session", "{\"name\":\"%s\",\"password\":\"-\"}".formatted(name))
                            .status())
                    .isEqualTo(422);
            Visitor rosa = Visitor.signedUp(SERVER);
            assertThat(rosa.share(rosa.garden(), guest, "READER").status()).isEqualTo(422);
        }

        @Test
        @DisplayName("two guests an hour come from an address, one from elsewhere makes three, and there are no more")
        void guestsAreLimited() throws Exception {
            RunningServer server =
                    RunningServer.with("--fairacre.guests.most-in-an-hour=2", "--fairacre.guests.most=3");
            try {
                for (int i = 0; i < 2; i++) {
                    lookRound(new Visitor(server.address()));
                }
                Answer third = new Visitor(server.address()).post("/api/session/demo", "");
                assertThat(third.status()).isEqualTo(429);
                assertThat(third.text()).contains("Too many people look round just now");
                lookRound(new Visitor(server.address()).behind("198.51.100.9"));
                assertThat(new Visitor(server.address())
                                .behind("198.51.100.10")
                                .post("/api/session/demo", "")
                                .status())
                        .isEqualTo(429);
            } finally {
                server.stop();
            }
        }

        private void leaveIn(String garden, String time) {
            SERVER.bean(DSLContext.class)
                    .execute(
                            "update account set guest_until = now() + cast(? as interval)"
                                    + " where id = (select owner from garden where id = cast(? as uuid))",
                            time,
                            garden);
        }

        @Test
        @DisplayName("half a minute before the end of the fourteen days a guest is there, after it no more")
        void guestsGoAfterFourteenDays() {
            Visitor guest = somebody();
            String garden = lookRound(guest);
            leaveIn(garden, "30 seconds");
            SERVER.bean(Housekeeping.class).tidyUp();
            assertThat(guest.get("/api/gardens/" + garden).status()).isEqualTo(200);
            leaveIn(garden, "-1 seconds");
            SERVER.bean(Housekeeping.class).tidyUp();
            assertThat(session(guest).has("name")).isFalse();
            assertThat(guest.get("/api/gardens/" + garden).status()).isEqualTo(404);
        }
    }

    @Nested
    class Links {

        private final Visitor rosa = Visitor.signedUp(SERVER);
        private final String garden = rosa.garden();
        private final String path = "/api/gardens/" + garden;

        private String made() {
            Answer made = rosa.post(path + "/link", "");
            assertThat(made.status()).isEqualTo(201);
            return made.json().path("path").stringValue().replace("/look/", "/api/links/");
        }

        private int visitors() {
            return rosa.get(path + "/link").json().at("/link/visitors").asInt();
        }

        @Test
        void anybodyLooksAndChangesNothing() {
            String link = made();
            Visitor ben = somebody();
            Answer followed = ben.post(link, "");
            assertThat(followed.status()).isEqualTo(200);
            assertThat(followed.json().path("garden").stringValue()).isEqualTo(garden);
            assertThat(ben.get(path).status()).isEqualTo(200);
            assertThat(edit(ben, garden).status()).isEqualTo(403);
            assertThat(ben.get(path + "/link").status()).isEqualTo(403);
            assertThat(visitors()).isEqualTo(1);
            assertThat(rosa.get(path + "/members").json().at("/members")).isEmpty();
        }

        @Test
        void takenBackItLetsThemOut() {
            String link = made();
            Visitor ben = somebody();
            ben.post(link, "");
            assertThat(rosa.delete(path + "/link").status()).isEqualTo(204);
            assertThat(ben.get(path).status()).isEqualTo(404);
            assertThat(ben.post(link, "").status()).isEqualTo(404);
            assertThat(rosa.get(path + "/link").json().has("link")).isFalse();
        }

        @Test
        void anotherLinkTakesThePlaceOfTheFirst() {
            String first = made();
            Visitor ben = somebody();
            ben.post(first, "");
            String second = made();
            assertThat(ben.get(path).status()).isEqualTo(404);
            assertThat(somebody().post(first, "").status()).isEqualTo(404);
            assertThat(ben.post(second, "").status()).isEqualTo(200);
        }

        @Test
        void whoHasMoreKeepsIt() {
            Visitor helper = Visitor.signedUp(SERVER);
            rosa.share(garden, helper, "EDITOR");
            String link = made();
            helper.post(link, "");
            rosa.post(link, "");
            assertThat(visitors()).isZero();
            rosa.delete(path + "/link");
            assertThat(edit(helper, garden).status()).isEqualTo(200);
            assertThat(rosa.get(path).status()).isEqualTo(200);
        }

        @Test
        void whoCameByItCanBeMadeAHelper() {
            Visitor ben = Visitor.signedUp(SERVER);
            ben.post(made(), "");
            rosa.share(garden, ben, "HELPER");
            rosa.delete(path + "/link");
            assertThat(ben.get(path).status()).isEqualTo(200);
        }

        @Test
        void aDeletedGardenIsNotToBeSeen() {
            String link = made();
            rosa.delete(path);
            assertThat(somebody().post(link, "").status()).isEqualTo(404);
        }
    }
}
