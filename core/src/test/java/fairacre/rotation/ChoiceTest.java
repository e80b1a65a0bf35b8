package fairacre.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.rotation.Choice.Candidate;
import fairacre.rotation.Choice.Demand;
import fairacre.rotation.Choice.Followers;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Against an exhaustive search of all choices. */
class ChoiceTest {

    private static final int CANDIDATES = 12;
    private static final double WORK = 2;

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    private static Choice random(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Demand> demands = IntStream.range(0, 4)
                .mapToObj(i -> new Demand(
                        List.of(50, 10, 2).get(random.nextInt(3)), random.nextInt(4) == 0 ? random.nextInt(1100) : 0))
                .toList();
        List<Candidate> candidates = IntStream.range(0, CANDIDATES)
                .mapToObj(i -> new Candidate(random.nextInt(4), 50 + random.nextInt(900), 100 + random.nextInt(4000)))
                .toList();
        List<int[]> rivals = IntStream.range(0, 5).mapToObj(i -> some(random)).toList();
        List<Followers> followers = IntStream.range(0, 2)
                .mapToObj(i -> new Followers(some(random), some(random), 1 + random.nextInt(3000)))
                .toList();
        BitSet barred = new BitSet();
        barred.set(random.nextInt(CANDIDATES), random.nextBoolean());
        return new Choice(candidates, demands, rivals, followers, barred);
    }

    private static int[] some(SplittableRandom random) {
        return random.ints(2 + random.nextInt(4), 0, CANDIDATES).distinct().toArray();
    }

    private static List<BitSet> all(Choice choice) {
        return IntStream.range(0, 1 << choice.candidates().size())
                .mapToObj(bits -> BitSet.valueOf(new long[] {bits}))
                .filter(choice::isAllowed)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("what is solved costs as little as the cheapest of all choices, and the quick one is allowed")
    void theBestIsFound(long seed) {
        Choice choice = random(seed);
        long best = all(choice).stream().mapToLong(choice::cost).min().orElseThrow();
        BitSet quick = QuickChoice.of(choice);
        assertThat(choice.isAllowed(quick)).isTrue();
        assertThat(choice.cost(quick)).isGreaterThanOrEqualTo(best);
        SolvedChoice solved = SolvedChoice.of(choice, quick, WORK);
        assertThat(choice.isAllowed(solved.chosen())).isTrue();
        assertThat(choice.cost(solved.chosen())).isEqualTo(best);
        assertThat(solved.bound()).isEqualTo(best);
        assertThat(SolvedChoice.of(choice, quick, WORK).chosen()).isEqualTo(solved.chosen());
    }

    @Test
    @DisplayName("what is annealed is allowed, no dearer than the start, and mostly the cheapest; the same every time")
    void annealing() {
        long cheapest = seeds().mapToObj(ChoiceTest::random)
                .filter(choice -> {
                    BitSet quick = QuickChoice.of(choice);
                    BitSet annealed = AnnealedChoice.of(choice, quick, 40_000, () -> {});
                    assertThat(choice.isAllowed(annealed)).isTrue();
                    assertThat(choice.cost(annealed)).isLessThanOrEqualTo(choice.cost(quick));
                    assertThat(AnnealedChoice.of(choice, quick, 40_000, () -> {}))
                            .isEqualTo(annealed);
                    return choice.cost(annealed)
                            == all(choice).stream()
                                    .mapToLong(choice::cost)
                                    .min()
                                    .orElseThrow();
                })
                .count();
        assertThat(cheapest).isGreaterThanOrEqualTo(35);
    }

    @Test
    void whoDoesNotWaitAnyMoreEndsIt() {
        Choice choice = random(1);
        assertThatThrownBy(() -> AnnealedChoice.of(choice, new BitSet(), 100_000, () -> {
                    throw new IllegalStateException("gone");
                }))
                .hasMessage("gone");
    }

    @Test
    @DisplayName("nothing is added to the quick choice that would save something")
    void theQuickChoiceLeavesNothingOut() {
        seeds().mapToObj(ChoiceTest::random).forEach(choice -> {
            BitSet quick = QuickChoice.of(choice);
            IntStream.range(0, CANDIDATES).filter(i -> !quick.get(i)).forEach(i -> {
                BitSet more = (BitSet) quick.clone();
                more.set(i);
                assertThat(!choice.isAllowed(more) || choice.cost(more) >= choice.cost(quick))
                        .isTrue();
            });
        });
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("wishes clash that no choice meets together, and no fewer do")
    void theSmallestClashIsFound(long seed) {
        Choice choice = random(seed);
        List<Set<Integer>> wishes = List.of(Set.of(0), Set.of(1), Set.of(2), Set.of(3));
        List<BitSet> all = all(choice);
        List<Integer> clash = Clash.of(choice, wishes, WORK);
        int smallest = IntStream.range(1, 16)
                .filter(bits -> all.stream().noneMatch(chosen -> meets(choice, chosen, bits)))
                .map(Integer::bitCount)
                .min()
                .orElse(0);
        assertThat(clash).hasSize(smallest);
        if (smallest > 0) {
            int bits = clash.stream().mapToInt(each -> 1 << each).sum();
            assertThat(all).noneMatch(chosen -> meets(choice, chosen, bits));
        }
    }

    private static boolean meets(Choice choice, BitSet chosen, int wishes) {
        return IntStream.range(0, 4)
                .filter(d -> (wishes >> d & 1) == 1)
                .allMatch(d -> choice.demands().get(d).met()
                                + chosen.stream()
                                        .mapToObj(choice.candidates()::get)
                                        .filter(each -> each.demand() == d)
                                        .mapToInt(Candidate::share)
                                        .sum()
                        >= Choice.WHOLE);
    }

    @ParameterizedTest
    @ValueSource(ints = {999, 1000, 1001})
    @DisplayName("a demand is met exactly at it: a thousandth less costs its weight, a thousandth more nothing")
    void aDemandIsMetExactly(int share) {
        Choice choice = new Choice(
                List.of(new Candidate(0, share, 7)), List.of(new Demand(50, 0)), List.of(), List.of(), new BitSet());
        BitSet chosen = BitSet.valueOf(new long[] {1});
        assertThat(choice.cost(chosen)).isEqualTo(7 + 50L * Math.max(0, 1000 - share));
        assertThat(choice.cost(new BitSet())).isEqualTo(50_000);
    }

    @Test
    void withoutCandidatesNothingIsChosen() {
        Choice none = new Choice(List.of(), List.of(new Demand(10, 300)), List.of(), List.of(), new BitSet());
        SolvedChoice solved = SolvedChoice.of(none, QuickChoice.of(none), WORK);
        assertThat(solved.chosen().isEmpty()).isTrue();
        assertThat(solved.bound()).isEqualTo(7000);
        assertThat(Clash.of(none, List.of(Set.of(0)), WORK)).containsExactly(0);
    }

    @Test
    void whatIsLearntIsKept() {
        Choice choice = random(3);
        BitSet barred = new BitSet();
        barred.set(2);
        Choice more = choice.with(List.of(new int[] {0, 1}), barred);
        Set<Integer> both = new TreeSet<>(Arrays.asList(0, 1));
        assertThat(more.isAllowed(both.stream().collect(BitSet::new, BitSet::set, BitSet::or)))
                .isFalse();
        assertThat(more.isAllowed(barred)).isFalse();
        assertThat(choice.rivals()).hasSize(5);
        List<Integer> kept =
                new ArrayList<>(more.rivals().stream().map(some -> some.length).collect(Collectors.toList()));
        assertThat(kept).hasSize(6);
    }
}
