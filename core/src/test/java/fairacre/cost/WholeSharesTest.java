package fairacre.cost;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WholeSharesTest {

    private static Map<String, Double> weights(double... weights) {
        Map<String, Double> byName = new LinkedHashMap<>();
        for (int i = 0; i < weights.length; i++) {
            byName.put("" + (char) ('A' + i), weights[i]);
        }
        return byName;
    }

    @Test
    @DisplayName(
            "ten seats for 100 000 votes: 5, 2, 1, 1, 1, 0 [textbook example of the largest remainder, from memory]")
    void textbook() {
        assertThat(WholeShares.of(10, weights(47_000, 16_000, 15_900, 12_000, 6_000, 3_100)))
                .containsExactlyInAnyOrderEntriesOf(weights(5, 2, 1, 1, 1, 0));
    }

    @Test
    void allSharesTogetherAreAsManyAsThereAre() {
        for (int count = 0; count < 40; count++) {
            for (double third : List.of(1.0, 1 / 3.0, 0.1, 1e-9, 7.0)) {
                Map<String, Double> shares = WholeShares.of(count, weights(1, 2, third, 1));
                assertThat(shares.values().stream()
                                .mapToDouble(Double::doubleValue)
                                .sum())
                        .isEqualTo(count);
                assertThat(shares.values())
                        .allSatisfy(share -> assertThat(share % 1).isZero());
            }
        }
    }

    @Test
    void equalRemaindersGoToTheFirstAndOneGetsAll() {
        assertThat(WholeShares.of(2, weights(1, 1, 1))).containsExactlyInAnyOrderEntriesOf(weights(1, 1, 0));
        assertThat(WholeShares.of(3, weights(1, 1, 1))).containsExactlyInAnyOrderEntriesOf(weights(1, 1, 1));
        assertThat(WholeShares.of(7, weights(0.2))).containsExactlyInAnyOrderEntriesOf(weights(7));
        assertThat(WholeShares.of(0, Collections.<String, Double>emptyMap())).isEmpty();
    }
}
