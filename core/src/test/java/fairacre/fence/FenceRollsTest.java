package fairacre.fence;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.measure.Length;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FenceRollsTest {

    private static List<Double> posts(double... at) {
        return DoubleStream.of(at).boxed().toList();
    }

    @Test
    void aRollIsUsedToItsEndAndNotOverIt() {
        double wraps = 2 * FenceRolls.WRAP;
        List<List<Double>> side = List.of(posts(0, 5, 10));
        assertThat(FenceRolls.of(side, 10 + wraps)).isEqualTo(new FenceRolls(1, 0, Length.ZERO));
        FenceRolls short1 = FenceRolls.of(side, 10 + wraps - 0.001);
        assertThat(short1.rolls()).isEqualTo(2);
        assertThat(short1.splices()).isEqualTo(1);
    }

    @Test
    void whatIsLeftServesTheNextStretch() {
        FenceRolls rolls = FenceRolls.of(List.of(posts(0, 6), posts(0, 6)), 15);
        assertThat(rolls.rolls()).isEqualTo(1);
        assertThat(rolls.left()).isEqualTo(Length.metres(15 - 12 - 4 * FenceRolls.WRAP));
    }

    static Stream<Long> seeds() {
        return IntStream.range(0, 60).mapToObj(i -> 31L * i + 2);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("never fewer rolls than their length allows, never more than one over the best of all ways to cut")
    void nearTheBestOfAllWays(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double roll = 10;
        List<List<Double>> stretches = IntStream.range(0, random.nextInt(1, 4))
                .mapToObj(i -> {
                    double span = random.nextDouble(1.2, 2.4);
                    return IntStream.rangeClosed(0, random.nextInt(1, 5))
                            .mapToObj(post -> post * span)
                            .toList();
                })
                .toList();
        FenceRolls rolls = FenceRolls.of(stretches, roll);
        int best = best(stretches, roll);
        assertThat(rolls.rolls()).isBetween(best, best + 1);
        double hung = stretches.stream()
                .mapToDouble(posts -> posts.get(posts.size() - 1))
                .sum();
        double pieces = rolls.splices() + stretches.size();
        assertThat(rolls.rolls() * roll)
                .isCloseTo(
                        hung + pieces * 2 * FenceRolls.WRAP + rolls.left().metres(),
                        org.assertj.core.api.Assertions.within(1e-6));
    }

    /** Every way to part every stretch at posts, each packed into as few rolls as any order of first fit finds. */
    private static int best(List<List<Double>> stretches, double roll) {
        int posts = stretches.stream().mapToInt(stretch -> stretch.size() - 2).sum();
        return IntStream.range(0, 1 << posts)
                .map(cuts -> packed(pieces(stretches, cuts), roll, new double[12], 0))
                .min()
                .orElseThrow();
    }

    private static List<Double> pieces(List<List<Double>> stretches, int cuts) {
        List<Double> pieces = new java.util.ArrayList<>();
        int bit = 0;
        for (List<Double> posts : stretches) {
            double from = 0;
            for (int i = 1; i < posts.size(); i++) {
                boolean last = i == posts.size() - 1;
                if (last || (cuts >> bit & 1) == 1) {
                    pieces.add(posts.get(i) - from + 2 * FenceRolls.WRAP);
                    from = posts.get(i);
                }
                bit += last ? 0 : 1;
            }
        }
        return pieces;
    }

    /** By trying each piece in each roll. */
    private static int packed(List<Double> pieces, double roll, double[] filled, int next) {
        if (next == pieces.size()) {
            return (int) DoubleStream.of(filled).filter(used -> used > 0).count();
        }
        int best = Integer.MAX_VALUE / 2;
        for (int i = 0; i < filled.length; i++) {
            if (filled[i] + pieces.get(next) <= roll + 1e-9) {
                boolean empty = filled[i] == 0;
                filled[i] += pieces.get(next);
                best = Math.min(best, packed(pieces, roll, filled, next + 1));
                filled[i] -= pieces.get(next);
                if (empty) {
                    filled[i] = 0;
                    break;
                }
            }
        }
        return best;
    }

    @Test
    void aHighFenceTakesTwoTiers() {
        List<Length> heights = List.of(Length.feet(3), Length.feet(4), Length.feet(6));
        assertThat(FenceRolls.tiers(heights, Length.feet(6))).containsExactly(Length.feet(6));
        assertThat(FenceRolls.tiers(heights, Length.feet(3.5))).containsExactly(Length.feet(4));
        assertThat(FenceRolls.tiers(heights, Length.feet(8))).containsExactly(Length.feet(6), Length.feet(3));
        assertThat(FenceRolls.tiers(heights, Length.feet(6).plus(new Length(1))))
                .containsExactly(Length.feet(6), Length.feet(3));
    }
}
