package fairacre.fence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.shape.Intervals.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SpansTest {

    @ParameterizedTest
    @CsvSource({"8, 0", "8.001, 1", "15.999, 1", "16, 1", "16.001, 2", "40, 4", "60, 7", "0.1, 0"})
    void aSideInFeetHasEqualSpansOfEightFeetAtMost(double feet, int posts) {
        double length = Length.feet(feet).metres();
        Spans spans = Spans.of(length, Length.feet(8).metres(), List.of());
        assertThat(spans.fits()).isTrue();
        assertThat(spans.posts()).hasSize(posts);
        for (int i = 0; i < posts; i++) {
            assertThat(spans.posts().get(i)).isCloseTo(length * (i + 1) / (posts + 1), within(1e-6));
        }
    }

    @Test
    void aPostStandsAtTheVeryEdgeOfWhatMayNotBeDug() {
        Spans spans = Spans.of(4, 2.4, List.of(new Interval(1.7, 2.4)));
        assertThat(spans.posts()).containsExactly(1.7);
        assertThat(Spans.of(4, 2.4, List.of(new Interval(1.5, 2.1))).posts()).containsExactly(2.1);
        assertThat(Spans.of(4, 2.4, List.of(new Interval(2, 2.3))).posts()).containsExactly(2.0);
    }

    @Test
    void twoPostsTakeTheWideWayRoundWhereOneFindsNoPlace() {
        Spans spans = Spans.of(4, 2.2, List.of(new Interval(1.75, 2.25)));
        assertThat(spans.fits()).isTrue();
        assertThat(spans.posts()).hasSize(2);
    }

    @Test
    void aSpanOverGroundThatIsWiderThanItMayBeIsTold() {
        assertThat(Spans.of(6, 2.4, List.of(new Interval(1, 3.4))).fits()).isTrue();
        Spans spans = Spans.of(6, 2.4, List.of(new Interval(1, 3.401)));
        assertThat(spans.fits()).isFalse();
        assertThat(spans.posts()).contains(3.401);
    }

    static Stream<Long> seeds() {
        return IntStream.range(0, 300).mapToObj(i -> 77L * i + 5);
    }

    /** Places are whole decimetres, so that trying all of them is a proof. */
    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("as few posts as exhaustive search over all places finds, and none where nothing may be dug")
    void asFewAsExhaustiveSearchFinds(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int length = random.nextInt(10, 120);
        int greatest = random.nextInt(8, 40);
        List<Interval> blocked = new ArrayList<>();
        for (int i = random.nextInt(5); i > 0; i--) {
            int from = random.nextInt(length);
            blocked.add(new Interval(from / 10.0, (from + random.nextInt(1, 25)) / 10.0));
        }
        Spans spans = Spans.of(length / 10.0, greatest / 10.0, blocked);
        int fewest = fewest(length, greatest, blocked);
        assertThat(spans.fits()).isEqualTo(fewest >= 0);
        spans.posts()
                .forEach(post ->
                        assertThat(blocked).noneMatch(each -> post > each.start() + 1e-5 && post < each.end() - 1e-5));
        assertThat(spans.posts()).isSorted();
        if (fewest >= 0) {
            assertThat(spans.posts()).hasSize(fewest);
            List<Double> all = new ArrayList<>(List.of(0.0));
            all.addAll(spans.posts());
            all.add(length / 10.0);
            IntStream.range(1, all.size())
                    .forEach(i -> assertThat(all.get(i) - all.get(i - 1)).isBetween(0.0, greatest / 10.0 + 1e-5));
        }
    }

    /** The fewest posts between the ends, decimetres; -1 where there is no way. */
    private static int fewest(int length, int greatest, List<Interval> blocked) {
        int[] fewest = new int[length + 1];
        for (int at = 1; at <= length; at++) {
            fewest[at] = -1;
            double here = at / 10.0;
            boolean free = at == length
                    || blocked.stream().noneMatch(each -> here > each.start() + 1e-9 && here < each.end() - 1e-9);
            for (int from = Math.max(0, at - greatest); free && from < at; from++) {
                if (fewest[from] >= 0 && (fewest[at] < 0 || fewest[from] + 1 < fewest[at])) {
                    fewest[at] = fewest[from] + 1;
                }
            }
        }
        return fewest[length] - (fewest[length] > 0 ? 1 : 0);
    }
}
