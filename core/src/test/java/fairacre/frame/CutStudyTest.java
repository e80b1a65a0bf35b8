package fairacre.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.frame.Patterns.Pattern;
import fairacre.measure.Length;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;

class CutStudyTest {

    private static final long NEVER = Long.MAX_VALUE / 2;
    private static final Saw NO_LOSS = new Saw(Length.ZERO, Length.ZERO);

    @Test
    @DisplayName(
            "Seven lengths from 8, 12 and 16 ft at 17.45, 28.26 and 34.89: 359.72 [SCIP, HiGHS and CBC over all 146 patterns agree]")
    void aJobOfSevenLengthsIsCutAtTheLeastCost() {
        List<Length> pieces = new ArrayList<>();
        Map.of(24.0, 7, 36.75, 6, 45.0, 1, 47.25, 12, 48.0, 13, 72.0, 2, 81.75, 2)
                .forEach((inches, count) -> pieces.addAll(Collections.nCopies(count, Length.inches(inches))));
        List<Stock> stock = List.of(
                Stock.bought(Length.feet(8), new BigDecimal("17.45")),
                Stock.bought(Length.feet(12), new BigDecimal("28.26")),
                Stock.bought(Length.feet(16), new BigDecimal("34.89")));
        BestCut best = CutStudy.of(pieces, stock, new Saw(Length.inches(0.125), Length.ZERO));
        assertThat(best.bound()).isEqualByComparingTo("359.72");
        assertThat(best.cost()).isEqualByComparingTo("359.72");
    }

    @Test
    @DisplayName(
            "97 of 45 in, 610 of 36, 395 of 31, 211 of 14 from 100 in: 453 rolls [Chvatal, Linear Programming, ch. 13; from memory]")
    void theRollsOfATextbook() {
        BestCut best = CutStudy.of(pieces(Map.of(45, 97, 36, 610, 31, 395, 14, 211)), List.of(one(100)), NO_LOSS);
        assertThat(best.cutList().boardCount()).isEqualTo(453);
        assertThat(best.isLeast()).isTrue();
    }

    @Test
    @DisplayName(
            "The paper machine with 13 widths from 5600 mm: 73 master rolls [much used example of cutting stock; from memory]")
    void thePaperMachine() {
        Map<Integer, Integer> wanted = Map.ofEntries(
                Map.entry(1380, 22),
                Map.entry(1520, 25),
                Map.entry(1560, 12),
                Map.entry(1710, 14),
                Map.entry(1820, 18),
                Map.entry(1880, 18),
                Map.entry(1930, 20),
                Map.entry(2000, 10),
                Map.entry(2050, 12),
                Map.entry(2100, 14),
                Map.entry(2140, 16),
                Map.entry(2150, 18),
                Map.entry(2200, 20));
        BestCut best = CutStudy.of(pieces(wanted), List.of(one(5600)), NO_LOSS);
        assertThat(best.cutList().boardCount()).isEqualTo(73);
        assertThat(best.isLeast()).isTrue();
        assertThat(CutStudy.of(pieces(wanted), List.of(one(5600)), NO_LOSS)).isEqualTo(best);
    }

    static Stream<Long> jobs() {
        return new Random(11).longs(40).boxed();
    }

    @ParameterizedTest(name = "job {0}")
    @MethodSource("jobs")
    @DisplayName("Small jobs cost what trying every layout finds, and nothing is lost or cut without its kerf")
    void asCheapAsTryingEverything(long seed) {
        Random random = new Random(seed);
        List<Length> pieces = IntStream.range(0, 2 + random.nextInt(6))
                .mapToObj(i -> Length.inches(10 + random.nextInt(80)))
                .toList();
        List<Stock> stock = new ArrayList<>(List.of(
                Stock.bought(Length.feet(6), money(300 + random.nextInt(400))),
                Stock.bought(Length.feet(8), money(500 + random.nextInt(400)))));
        if (random.nextBoolean()) {
            stock.add(Stock.offcuts(Length.inches(30 + random.nextInt(40)), 1 + random.nextInt(2)));
        }
        BestCut best = CutStudy.of(pieces, stock, Saw.USUAL);
        assertThat(best.cheapest()).isEqualByComparingTo(money(leastCost(pieces, stock)));
        assertThat(best.bound()).isLessThanOrEqualTo(best.cheapest());
        assertThat(best.cutList().cuts().stream()
                        .flatMap(cut -> Collections.nCopies(cut.times(), cut.pieces()).stream()
                                .flatMap(List::stream))
                        .sorted()
                        .toList())
                .isEqualTo(pieces.stream().sorted().toList());
        assertThat(best.cutList().cuts())
                .allSatisfy(cut -> assertThat(fits(cut.stock(), cut.pieces())).isTrue());
    }

    @ParameterizedTest(name = "job {0}")
    @MethodSource("jobs")
    @DisplayName("Small jobs take the fewest boards of all layouts that cost about the same, and of those the cheapest")
    void asFewBoardsAsTryingEverything(long seed) {
        Random random = new Random(seed);
        List<Length> pieces = IntStream.range(0, 4 + random.nextInt(4))
                .mapToObj(i -> Length.inches(12 + 4 * random.nextInt(9)))
                .toList();
        List<Stock> stock = List.of(
                Stock.bought(Length.feet(4), money(1000)),
                Stock.bought(Length.feet(8), money(1998 + random.nextInt(5))),
                Stock.bought(Length.feet(12), money(2998 + random.nextInt(5))));
        BestCut best = CutStudy.of(pieces, stock, Saw.USUAL);
        long[] costs = leastCosts(pieces, stock);
        long least = Arrays.stream(costs).min().orElseThrow();
        int fewest = IntStream.range(0, costs.length)
                .filter(boards -> costs[boards] <= least * 1.0025)
                .findFirst()
                .orElseThrow();
        assertThat(best.cutList().boards().stream()
                        .mapToInt(BoardsOfLength::count)
                        .sum())
                .isEqualTo(fewest);
        assertThat(best.cost()).isEqualByComparingTo(money(costs[fewest]));
        assertThat(best.cheapest()).isEqualByComparingTo(money(least));
        assertThat(best.dearer()).isEqualByComparingTo(money(costs[fewest] - least));
    }

    @Test
    @DisplayName("42 pieces of 95 in: 21 boards of 16 ft for 732.69 rather than 42 of 8 ft for 732.48 [arithmetic]")
    void fewerBoardsWinAtAboutEqualPrice() {
        List<Length> pieces = Collections.nCopies(42, Length.inches(95));
        List<Stock> stock = List.of(
                Stock.bought(Length.feet(8), new BigDecimal("17.44")),
                Stock.bought(Length.feet(16), new BigDecimal("34.89")));
        BestCut best = CutStudy.of(pieces, stock, Saw.USUAL);
        assertThat(best.cutList().boards()).containsExactly(new BoardsOfLength(Length.feet(16), 21));
        assertThat(best.dearer()).isEqualByComparingTo("0.21");
        assertThat(best.isLeast()).isTrue();
        List<Stock> dearer = List.of(stock.get(0), Stock.bought(Length.feet(16), new BigDecimal("37.00")));
        assertThat(CutStudy.of(pieces, dearer, Saw.USUAL).cutList().boards())
                .containsExactly(new BoardsOfLength(Length.feet(8), 42));
    }

    @ParameterizedTest(name = "job {0}")
    @MethodSource("jobs")
    @DisplayName("The bound of the linear programme is that of ojAlgo over all patterns")
    void theBoundIsThatOfASecondSolver(long seed) {
        Random random = new Random(seed);
        List<Length> pieces = IntStream.range(0, 4 + random.nextInt(20))
                .mapToObj(i -> Length.inches(12 + 7 * random.nextInt(9)))
                .toList();
        List<Stock> stock = List.of(
                Stock.bought(Length.feet(6), money(450)),
                Stock.bought(Length.feet(8), money(590 + random.nextInt(60))),
                Stock.offcuts(Length.inches(50), 2));
        Patterns patterns = new Patterns(pieces, stock, Saw.USUAL);
        List<Pattern> all = patterns.all(100_000);
        assertThat(all).isNotEmpty();
        long[] costs = stock.stream()
                .mapToLong(s -> s.price().movePointRight(2).longValueExact())
                .toArray();
        List<Pattern> first = all.stream()
                .filter(p -> !stock.get(p.board()).isLimited())
                .limit(100_000)
                .toList();
        List<Pattern> single = first.stream().filter(p -> p.board() == 1).toList();
        assertThat(PatternPrices.of(patterns, stock, costs, single).bound())
                .isCloseTo(secondSolver(patterns, all, stock, costs), within(1e-4));
    }

    @ParameterizedTest(name = "job {0}")
    @MethodSource("jobs")
    @DisplayName("Valuable patterns are those of all patterns that are worth so much")
    void theValuablePatternsAreAmongAllThereAre(long seed) {
        Random random = new Random(seed);
        List<Length> pieces = IntStream.range(0, 4 + random.nextInt(14))
                .mapToObj(i -> Length.inches(12 + 7 * random.nextInt(9)))
                .toList();
        List<Stock> stock = List.of(
                Stock.bought(Length.feet(6), money(450)),
                Stock.bought(Length.feet(8), money(600)),
                Stock.offcuts(Length.inches(50), 2));
        Patterns patterns = new Patterns(pieces, stock, Saw.USUAL);
        List<Pattern> all = patterns.all(100_000);
        double[] values = random.doubles(patterns.kinds())
                .map(value -> value < 0.1 ? 0 : value)
                .toArray();
        for (int board = 0; board < stock.size(); board++) {
            int of = board;
            double best = all.stream()
                    .filter(pattern -> pattern.board() == of)
                    .mapToDouble(pattern -> worth(pattern, values))
                    .max()
                    .orElse(0);
            for (double share : new double[] {0.5, 0.9, 1}) {
                double least = best * share - 1e-9;
                assertThat(patterns.worthAtLeast(board, values, least, 100_000).orElseThrow())
                        .containsExactlyInAnyOrderElementsOf(all.stream()
                                .filter(pattern -> pattern.board() == of && worth(pattern, values) >= least)
                                .toList());
            }
        }
        assertThat(patterns.worthAtLeast(1, values, 0.01, 0)).isEmpty();
    }

    private static double worth(Pattern pattern, double[] values) {
        return IntStream.range(0, values.length)
                .mapToDouble(kind -> pattern.counts().get(kind) * values[kind])
                .sum();
    }

    @Test
    @DisplayName(
            "Sixty beds' worth of pieces: every piece is cut as often as it is wanted, no board is overfull, and the cost is within 2.5 % of the bound")
    void aLargeJobIsCutWithinAFewPerCentOfTheBound() {
        Random random = new Random(4);
        List<Length> pieces = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            pieces.addAll(Collections.nCopies(4, Length.millimetres(600 + 10 * random.nextInt(380))));
        }
        List<Stock> stock = List.of(
                Stock.bought(Length.metres(2.4), money(1080)),
                Stock.bought(Length.metres(3), money(1400)),
                Stock.bought(Length.metres(3.6), money(1590)),
                Stock.bought(Length.metres(4.8), money(2200)),
                Stock.offcuts(Length.metres(1.7), 5));
        BestCut best = CutStudy.of(pieces, stock, Saw.USUAL);
        List<Length> cut = best.cutList().cuts().stream()
                .flatMap(c -> Collections.nCopies(c.times(), c.pieces()).stream())
                .flatMap(List::stream)
                .sorted()
                .toList();
        assertThat(cut).isEqualTo(pieces.stream().sorted().toList());
        assertThat(best.cutList().cuts())
                .allSatisfy(
                        board -> assertThat(fits(board.stock(), board.pieces())).isTrue());
        assertThat(best.cutList().shed().stream()
                        .mapToInt(BoardsOfLength::count)
                        .sum())
                .isLessThanOrEqualTo(5);
        assertThat(best.cost()).isBetween(best.bound(), best.bound().multiply(new BigDecimal("1.025")));
    }

    @Test
    void anOffcutThatServesIsTakenBeforeABoardIsBought() {
        List<Length> pieces = List.of(Length.feet(3), Length.feet(5));
        BestCut best = CutStudy.of(
                pieces,
                List.of(Stock.bought(Length.feet(6), money(700)), Stock.offcuts(Length.inches(40), 1)),
                Saw.USUAL);
        assertThat(best.cost()).isEqualByComparingTo("7.00");
        assertThat(best.cutList().boards()).containsExactly(new BoardsOfLength(Length.feet(6), 1));
        assertThat(best.cutList().shed()).containsExactly(new BoardsOfLength(Length.inches(40), 1));
        assertThat(best.isLeast()).isTrue();
    }

    @Test
    void aPieceLongerThanEveryBoardThatCanBeBoughtIsRefused() {
        List<Stock> stock = List.of(Stock.bought(Length.feet(6), money(700)));
        assertThatThrownBy(() -> CutStudy.of(List.of(Length.feet(7)), stock, Saw.USUAL))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(CutStudy.of(List.of(), stock, Saw.USUAL).cutList().boards()).isEmpty();
    }

    @Test
    void aBoardHasALengthAndNoNegativePrice() {
        assertThatThrownBy(() -> Stock.bought(Length.ZERO, BigDecimal.ONE))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Stock.bought(Length.feet(1), BigDecimal.ONE.negate()))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Stock.offcuts(Length.feet(1), -1)).isInstanceOf(IllegalArgumentException.class);
    }

    private static double secondSolver(Patterns patterns, List<Pattern> all, List<Stock> stock, long[] costs) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        List<Variable> times = all.stream()
                .map(p -> model.newVariable("p").lower(0).weight(costs[p.board()]))
                .toList();
        for (int kind = 0; kind < patterns.kinds(); kind++) {
            Expression wanted = model.newExpression("kind " + kind).lower(patterns.wanted(kind));
            for (int i = 0; i < all.size(); i++) {
                wanted.set(times.get(i), all.get(i).counts().get(kind));
            }
        }
        for (int board = 0; board < stock.size(); board++) {
            if (stock.get(board).isLimited()) {
                Expression there = model.newExpression("board " + board)
                        .upper(stock.get(board).most());
                for (int i = 0; i < all.size(); i++) {
                    there.set(times.get(i), all.get(i).board() == board ? 1 : 0);
                }
            }
        }
        return model.minimise().getValue();
    }

    /** Of every way to part the pieces into boards the cheapest: the last piece with every subset of the others. */
    private static long leastCost(List<Length> pieces, List<Stock> stock) {
        return Arrays.stream(leastCosts(pieces, stock)).min().orElseThrow();
    }

    /** By trying everything: the least cost with so many boards bought. */
    private static long[] leastCosts(List<Length> pieces, List<Stock> stock) {
        int[] there = stock.stream().mapToInt(Stock::most).toArray();
        return leastCosts((1 << pieces.size()) - 1, pieces, stock, there, new HashMap<>());
    }

    private static long[] leastCosts(
            int left, List<Length> pieces, List<Stock> stock, int[] there, Map<List<Object>, long[]> known) {
        long[] least = new long[pieces.size() + 1];
        if (left == 0) {
            Arrays.fill(least, 1, least.length, NEVER);
            return least;
        }
        List<Object> key = List.of(left, Arrays.toString(there));
        long[] before = known.get(key);
        if (before != null) {
            return before;
        }
        Arrays.fill(least, NEVER);
        int must = Integer.highestOneBit(left);
        for (int subset = left; subset > 0; subset = (subset - 1) & left) {
            if ((subset & must) == 0) {
                continue;
            }
            int taken = subset;
            List<Length> on = IntStream.range(0, pieces.size())
                    .filter(i -> (taken >> i & 1) == 1)
                    .mapToObj(pieces::get)
                    .toList();
            for (int board = 0; board < there.length; board++) {
                if (there[board] > 0 && fits(stock.get(board).length(), on)) {
                    int[] rest = there.clone();
                    rest[board]--;
                    int bought = stock.get(board).isLimited() ? 0 : 1;
                    long[] others = leastCosts(left & ~subset, pieces, stock, rest, known);
                    for (int boards = bought; boards < least.length; boards++) {
                        least[boards] = Math.min(
                                least[boards],
                                stock.get(board).price().movePointRight(2).longValueExact() + others[boards - bought]);
                    }
                }
            }
        }
        known.put(key, least);
        return least;
    }

    private static boolean fits(Length stock, List<Length> pieces) {
        Length sum = pieces.stream()
                .reduce(Length.ZERO, Length::plus)
                .plus(Saw.USUAL.kerf().times(pieces.size() - 1L));
        return pieces.size() == 1 && pieces.get(0).equals(stock)
                || sum.plus(Saw.USUAL.trim()).compareTo(stock) <= 0
                || pieces.size() == 1 && stock.equals(Length.feet(8)) && sum.compareTo(stock) <= 0;
    }

    private static List<Length> pieces(Map<Integer, Integer> wanted) {
        return wanted.entrySet().stream()
                .flatMap(e -> Collections.nCopies(e.getValue(), Length.millimetres(e.getKey())).stream())
                .toList();
    }

    private static Stock one(int millimetres) {
        return Stock.bought(Length.millimetres(millimetres), BigDecimal.ONE);
    }

    private static BigDecimal money(long cents) {
        return BigDecimal.valueOf(cents, 2);
    }
}
