package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.judging.Snag;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LongestLineTest {

    private static final double GRAVITY = 9.80665;
    private static final double VISCOSITY = 1e-6;

    private static Dripline dripline(double spacing, double flow, boolean compensating) {
        return new Dripline(
                id("Lines"),
                id("Long"),
                id("Tap"),
                false,
                Length.metres(spacing),
                Length.metres(0.4),
                Flow.litresAnHour(flow),
                compensating,
                false,
                Lifetime.ALWAYS);
    }

    /**
     * The lowest quarter over the mean along a line of drippers, stepped from its closed end to its beginning with
     * Blasius' friction (1913) and, below Reynolds number 2000, Poiseuille's.
     */
    private static double evenness(Dripline line, int outlets, double head) {
        double low = 0;
        double high = head;
        double[] flows = {};
        for (int i = 0; i < 60; i++) {
            double end = (low + high) / 2;
            flows = new double[outlets];
            if (beginning(line, end, flows) > head) {
                high = end;
            } else {
                low = end;
            }
        }
        double[] sorted = Arrays.stream(flows).sorted().toArray();
        int quarter = Math.max(1, outlets / 4);
        return Arrays.stream(sorted, 0, quarter).average().orElseThrow()
                / Arrays.stream(sorted).average().orElseThrow();
    }

    private static double beginning(Dripline line, double end, double[] flows) {
        double bore = line.line().bore().metres();
        double area = Math.PI * bore * bore / 4;
        double head = end;
        double flow = 0;
        for (int i = flows.length - 1; i >= 0; i--) {
            flows[i] = line.flow().cubicMetresASecond() * share(line, head);
            flow += flows[i];
            if (i > 0) {
                double velocity = flow / area;
                double reynolds = velocity * bore / VISCOSITY;
                double friction = reynolds < 2000 ? 64 / reynolds : 0.316 / Math.pow(reynolds, 0.25);
                head += friction * line.emitters().metres() / bore * velocity * velocity / (2 * GRAVITY);
            }
        }
        return head;
    }

    /**
     * Of its flow a plain dripper gives as the root of the pressure; a compensating one all of it from half a bar on.
     */
    private static double share(Dripline line, double head) {
        double full = (line.compensating() ? Dripline.COMPENSATES_FROM : Dripline.NOMINAL).headMetres();
        double share = Math.sqrt(head / full);
        return line.compensating() ? Math.min(1, share) : share;
    }

    @ParameterizedTest
    @CsvSource({
        "0.3, 2, 10, false",
        "0.3, 4, 10, false",
        "0.2, 2, 5, false",
        "0.5, 8, 15, false",
        "0.3, 2, 10, true",
        "0.3, 2, 25, true"
    })
    @DisplayName("a line is as long as one stepped from its closed end, to 3 % [Blasius 1913]")
    void itIsAsLongAsOneThatIsSteppedThrough(double spacing, double flow, double head, boolean compensating) {
        Dripline line = dripline(spacing, flow, compensating);
        int outlets = 1;
        while (evenness(line, outlets + 1, head) >= line.evenness()) {
            outlets++;
        }
        double longest = LongestLine.of(line, head);
        assertThat(longest).isCloseTo(outlets * spacing, within(0.03 * outlets * spacing));
        assertThat(LongestLine.serves(line, head, longest)).isTrue();
        assertThat(LongestLine.serves(line, head, longest + 1e-9)).isFalse();
    }

    /** A loop of 3 mm holes every 30 cm round a bed of 24 m. */
    @Test
    void aLoopThatIsTooLongIsToldWithTheLongestThatWouldDo() {
        Plan plan = with(
                plot(30, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Long", 14, 5, 24, 1)),
                Put.of(tap("Tap", 1, 1, 60)),
                Put.of(soaker("Long", "Tap", 0.2)));
        String words = told(plan).orElseThrow();
        assertThat(words).containsPattern("A line of 48\\.[0-9]+ m is too long there: up to [0-9.]+ m would do\\.");
        Plan shorter = with(
                plot(30, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Long", 4, 5, 3, 1)),
                Put.of(tap("Tap", 1, 1, 60)),
                Put.of(soaker("Long", "Tap", 0.2)));
        assertThat(told(shorter).filter(each -> each.contains("too long"))).isEmpty();
    }

    private static Optional<String> told(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == WaterRule.WATER_UNEVEN || snag.rule() == WaterRule.OUTLET_WEAK)
                .map(Snag::words)
                .findFirst();
    }
}
