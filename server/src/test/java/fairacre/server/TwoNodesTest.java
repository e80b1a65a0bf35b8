package fairacre.server;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.server.Visitor.Answer;
import fairacre.server.Visitor.Events;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Two programs that start at once on an empty database and serve the same gardens, request by request in turn. */
class TwoNodesTest {

    private static List<RunningServer> nodes;
    private static Proxy proxy;

    @BeforeAll
    static void start() throws Exception {
        nodes = RunningServer.together(2);
        proxy = new Proxy(nodes.stream().map(RunningServer::address).toList());
    }

    @AfterAll
    static void stop() {
        proxy.close();
        nodes.forEach(RunningServer::stop);
    }

    /** Whose requests go to one node and the other in turn. */
    private static Visitor inTurn() {
        return new Visitor(proxy.address());
    }

    private static Visitor signedUp() {
        Visitor visitor = inTurn();
        assertThat(visitor.post(
                                "/api/accounts",
                                "{\"name\":\"%s@example.org\",\"password\":\"a long enough one\"}"
                                        .formatted(UUID.randomUUID()))
                        .status())
                .isLessThan(300);
        return visitor;
    }

    @Test
    void bothAreReadyAndAlive() {
        for (RunningServer node : nodes) {
            Visitor visitor = new Visitor(node.address());
            assertThat(visitor.get("/actuator/health/readiness")
                            .json()
                            .at("/status")
                            .stringValue())
                    .isEqualTo("UP");
            assertThat(visitor.get("/actuator/health/liveness")
                            .json()
                            .at("/status")
                            .stringValue())
                    .isEqualTo("UP");
        }
    }

    @Test
    void aGardenIsEditedThroughBothInOneSession() {
        Visitor rosa = signedUp();
        String garden = rosa.garden();
        long revision = 0;
        for (int i = 0; i < 6; i++) {
            Answer edited = rosa.change(
                    garden, revision++, new Change.PlaceBed(bed("Bed " + i, 1.5 + i % 3 * 3, 2 + i / 3 * 3, 2, 1)));
            assertThat(edited.status()).isEqualTo(200);
            assertThat(rosa.get("/api/gardens/" + garden).json()).isEqualTo(edited.json());
        }
        assertThat(rosa.post("/api/gardens/" + garden + "/undo", "{\"revision\":" + revision + "}")
                        .json()
                        .at("/plan/beds"))
                .hasSize(5);
    }

    @Test
    void previewsOfOneGoOutFromTheJudgementOfTheOther() {
        Visitor rosa = signedUp();
        String garden = rosa.garden();
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        Change move = new Change.MoveBed(id("Beans"), SEASON, Point.metres(4, 4), 0);
        JsonNode one = rosa.preview(garden, SEASON, move).json();
        JsonNode other = rosa.preview(garden, SEASON, move).json();
        assertThat(one.at("/base").stringValue()).isEqualTo(other.at("/base").stringValue());
        assertThat(one).isEqualTo(other);
    }

    @Test
    void aJobOutlivesTheProgramThatWasAskedForIt() throws Exception {
        RunningServer third = nodes.get(0).again();
        String account =
                "{\"name\":\"%s@example.org\",\"password\":\"a long enough one\"}".formatted(UUID.randomUUID());
        Visitor before = new Visitor(third.address());
        before.post("/api/accounts", account);
        String garden = before.garden();
        before.change(garden, 0, Put.of(gardener("Ada", 0.6, 0.5)));
        String path = "/api/gardens/" + garden + "/arrangements";
        String job = before.post(
                        path + "?season=2027",
                        "{\"low\":{\"x\":0,\"y\":0},\"length\":10,\"width\":8,\"walk\":0.6,\"mainWalk\":1,\"longest\":5}")
                .json()
                .path("job")
                .stringValue();
        third.stop();
        Visitor after = inTurn();
        assertThat(after.post("/api/session", account).status()).isLessThan(300);
        JsonNode told = after.get(path + "/" + job).json();
        for (int i = 0; i < 600 && !told.path("state").stringValue().equals("DONE"); i++) {
            Thread.sleep(100);
            told = after.get(path + "/" + job).json();
        }
        assertThat(told.path("state").stringValue()).as(told.toString()).isEqualTo("DONE");
        assertThat(told.path("best")).isNotEmpty();
    }

    @Test
    void whoFollowsAGardenOnOneIsToldOfEditsOnTheOther() throws Exception {
        Visitor rosa = signedUp();
        String garden = rosa.garden();
        List<Events> windows = List.of(rosa.follow(garden, 0), rosa.follow(garden, 0));
        rosa.change(garden, 0, new Change.PlaceBed(bed("Beans", 3, 3, 2, 1)));
        for (Events window : windows) {
            assertThat(window.next().at("/revision").intValue()).isEqualTo(1);
        }
    }
}
