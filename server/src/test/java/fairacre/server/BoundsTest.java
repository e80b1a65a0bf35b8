package fairacre.server;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.format.GardenFile;
import fairacre.plan.Put;
import fairacre.server.Visitor.Answer;
import fairacre.testing.Gardens;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Requests that would take the memory or the time of everybody else are refused at once. */
class BoundsTest {

    private static final RunningServer SERVER = RunningServer.get();

    private final Visitor rosa = Visitor.signedUp(SERVER);
    private final String garden = "/api/gardens/" + rosa.garden();

    @ParameterizedTest
    @ValueSource(ints = {2026, 2058, 0, -1, Integer.MAX_VALUE, Integer.MIN_VALUE})
    void aSeasonFarFromTheGardensOwnIsNotJudged(int season) {
        List<String> asked = List.of(
                "/judgement?season=",
                "/appraisal?season=",
                "/levels?season=",
                "/families?season=",
                "/setting-out?season=",
                "/variants?season=",
                "/setting-out.pdf?season=",
                "/cutting.pdf?season=",
                "/sheet.svg?scale=ONE_TO_50&season=");
        for (String path : asked) {
            refused(rosa.get(garden + path + season), "season");
        }
        refused(
                rosa.post(
                        garden + "/previews",
                        "{\"season\":" + season
                                + ",\"change\":{\"kind\":\"DescribeGarden\",\"name\":\"A\",\"units\":\"METRIC\"}}"),
                "season");
    }

    @ParameterizedTest
    @ValueSource(ints = {2027, 2057})
    void seasonsUpToThirtyAfterTheLastAreJudged(int season) {
        assertThat(rosa.get(garden + "/judgement?season=" + season).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1e-50000000",
                "1e999999999",
                "-1e-999999999",
                "1e2147483647",
                "0.1234567890123456789012345678901"
            })
    void aNumberWithAHugeExponentIsRefusedWhereverItStands(String number) {
        String budget = "{\"sum\":{\"amount\":\"20\",\"currency\":\"EUR\"},\"contingency\":" + number + "}";
        String sundry =
                "{\"id\":\"00000000-0000-0000-0000-000000000001\",\"name\":\"Skip\",\"season\":2027,\"part\":\"GROUND\",\"quantity\":"
                        + number + ",\"acquired\":\"BOUGHT\"}";
        for (String change : List.of(
                "{\"kind\":\"SetBudget\",\"budget\":" + budget + "}",
                "{\"kind\":\"PutSundry\",\"sundry\":" + sundry + "}")) {
            // The question is answered: the edit would be refused.
            Answer preview = rosa.post(garden + "/previews", "{\"season\":2027,\"change\":" + change + "}");
            assertThat(preview.status()).isEqualTo(200);
            assertThat(preview.json().path("status").asInt()).isEqualTo(422);
            assertThat(rosa.post(garden + "/changes", "{\"revision\":0,\"change\":" + change + "}")
                            .status())
                    .isBetween(400, 422);
        }
    }

    @Test
    void theCountOfFailedJudgementsIsToldOnThisMachine() {
        assertThat(rosa.get("/actuator/metrics/fairacre.judgement.failures")
                        .json()
                        .at("/measurements/0/value")
                        .asDouble())
                .isZero();
        assertThat(rosa.get("/actuator/env").status()).isIn(401, 403, 404);
    }

    @Test
    void whatTakesTooMuchWorkIsRefusedAndEditsAreMadeAllTheSame() {
        RunningServer hurried = RunningServer.with("--fairacre.requests.longest=1ns");
        try {
            Visitor ann = Visitor.signedUp(hurried);
            String large = ann.post("/api/gardens/import", GardenFile.write(Gardens.generated(3, 1)))
                    .json()
                    .at("/plan/id")
                    .stringValue();
            for (String asked : List.of("/bill.csv", "/judgement?season=2027")) {
                Answer answer = ann.get("/api/gardens/" + large + asked);
                assertThat(answer.status()).as(asked + answer.text()).isEqualTo(422);
                assertThat(answer.json().path("type").stringValue()).isEqualTo("urn:fairacre:too-long");
            }
            assertThat(ann.change(large, 0, Put.of(Gardens.gardener("Eve", 0.6, 0.6)))
                            .status())
                    .isEqualTo(200);
            assertThat(ann.get("/api/gardens/" + large).text()).contains("Eve");
        } finally {
            hurried.stop();
        }
    }

    private static void refused(Answer answer, String field) {
        assertThat(answer.json().path("status").asInt()).as(answer.text()).isEqualTo(422);
        assertThat(answer.json().get("field").stringValue()).isEqualTo(field);
    }
}
