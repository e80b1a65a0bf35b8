package fairacre.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.sheet.SheetPlan.CutSheet;
import fairacre.sheet.SheetPlan.PlacedPart;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SheetCuttingTest {

    private static final Length SAW = Length.millimetres(3);
    private static final StockSheet FULL = sheet(2440, 1220, 40);
    private static final StockSheet HALF = sheet(1220, 1220, 24);
    private static final StockSheet SMALL = sheet(1220, 610, 14);

    /** Millimetres. */
    private static StockSheet sheet(double length, double width, int price) {
        return new StockSheet(
                "Sheet " + length,
                Length.millimetres(length),
                Length.millimetres(width),
                Money.of(CurrencyUnit.EUR, price));
    }

    private static SheetPart part(double length, double width, int count, boolean turns) {
        return new SheetPart("Part " + length, Length.millimetres(length), Length.millimetres(width), count, turns);
    }

    /** Everything is cut out, nothing lies off its sheet, and saw cuts from edge to edge part all of it. */
    private static void isSound(SheetPlan plan, List<SheetPart> parts, Length kerf) {
        assertThat(plan.sheets().stream()
                        .flatMap(sheet -> sheet.parts().stream())
                        .map(PlacedPart::part))
                .containsExactlyInAnyOrderElementsOf(parts.stream()
                        .flatMap(part -> IntStream.range(0, part.count()).mapToObj(i -> part))
                        .toList());
        plan.sheets().forEach(sheet -> {
            assertThat(sheet.parts()).allSatisfy(put -> {
                assertThat(put.x().plus(put.along()))
                        .isLessThanOrEqualTo(sheet.stock().length());
                assertThat(put.y().plus(put.across()))
                        .isLessThanOrEqualTo(sheet.stock().width());
                assertThat(put.turned() && !put.part().turns()).isFalse();
            });
            assertThat(isCutFromEdgeToEdge(sheet.parts(), kerf.micrometres())).isTrue();
        });
        assertThat(plan.cost().getAmount())
                .isEqualByComparingTo(plan.sheets().stream()
                        .map(sheet -> sheet.stock().price().getAmount())
                        .reduce(BigDecimal.ZERO, BigDecimal::add));
        assertThat(plan.bound().isGreaterThan(plan.cost())).isFalse();
    }

    private static boolean isCutFromEdgeToEdge(List<PlacedPart> parts, long kerf) {
        if (parts.size() < 2) {
            return true;
        }
        for (boolean along : new boolean[] {true, false}) {
            for (PlacedPart at : parts) {
                long cut = end(at, along);
                List<PlacedPart> before =
                        parts.stream().filter(part -> end(part, along) <= cut).toList();
                List<PlacedPart> behind = parts.stream()
                        .filter(part -> begin(part, along) >= cut + kerf)
                        .toList();
                if (!behind.isEmpty() && before.size() + behind.size() == parts.size()) {
                    return isCutFromEdgeToEdge(before, kerf) && isCutFromEdgeToEdge(behind, kerf);
                }
            }
        }
        return false;
    }

    private static long begin(PlacedPart part, boolean along) {
        return (along ? part.x() : part.y()).micrometres();
    }

    private static long end(PlacedPart part, boolean along) {
        return begin(part, along) + (along ? part.along() : part.across()).micrometres();
    }

    @ParameterizedTest
    @DisplayName("by hand: two squares of 608.5 mm and a saw of 3 mm make 1220 mm; a hair larger they don't")
    @CsvSource({"608.5, 4, 24", "608.51, 4, 54", "608.5, 2, 14", "608.51, 2, 28", "610, 1, 14", "610.01, 1, 24"})
    void squares(double side, int count, int cost) {
        List<SheetPart> parts = List.of(part(side, side, count, true));
        SheetPlan plan = SheetCutting.of(List.of(FULL, HALF, SMALL), parts, SAW).quick();
        isSound(plan, parts, SAW);
        assertThat(plan.proven()).isTrue();
        assertThat(plan.cost().getAmount().intValue()).isEqualTo(cost);
    }

    @Test
    @DisplayName("a part with a grain is not turned: 1220 x 610 mm holds it along and not across")
    void grain() {
        SheetPart across = part(600, 1200, 1, false);
        assertThatThrownBy(() -> SheetCutting.of(List.of(SMALL), List.of(across), SAW))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("parts/0"));
        SheetPlan turned = SheetCutting.of(List.of(SMALL), List.of(part(600, 1200, 1, true)), SAW)
                .quick();
        assertThat(turned.sheets().get(0).parts().get(0).turned()).isTrue();
    }

    @Test
    @DisplayName("four parts round a hole can't be cut from edge to edge: a pinwheel takes two sheets")
    void pinwheel() {
        StockSheet square = sheet(1000, 1000, 10);
        List<SheetPart> parts = List.of(part(600, 399, 4, true));
        SheetPlan plan = SheetCutting.of(List.of(square), parts, Length.ZERO).quick();
        isSound(plan, parts, Length.ZERO);
        assertThat(plan.sheets()).hasSize(2);
    }

    static Stream<Long> seeds() {
        return IntStream.range(0, 60).mapToObj(i -> (long) i);
    }

    /** A corner of what is left, any part in it, either way turned and cut round: all that can be sawn of few parts. */
    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("up to six parts no exhaustive search finds anything cheaper")
    void cheapest(long seed) {
        Random random = new Random(seed);
        List<StockSheet> stock = List.of(FULL, HALF, SMALL).subList(random.nextInt(2), 3);
        List<SheetPart> parts = thrown(random, 2 + random.nextInt(5), 1200, 600);
        SheetPlan plan = SheetCutting.of(stock, parts, SAW).quick();
        isSound(plan, parts, SAW);
        assertThat(plan.proven()).isTrue();
        long cost = plan.cost().getAmountMinorLong();
        assertThat(new Exhaustive(stock, SAW.micrometres(), cost).canBeCheaper(parts))
                .isFalse();
        // And it finds as cheap a one: the search itself is no blind one.
        assertThat(new Exhaustive(stock, SAW.micrometres(), cost + 1).canBeCheaper(parts))
                .isTrue();
    }

    private static List<SheetPart> thrown(Random random, int count, int longest, int widest) {
        return IntStream.range(0, count)
                .mapToObj(i -> part(
                        100 + random.nextInt(longest - 100),
                        100 + random.nextInt(widest - 100),
                        1,
                        random.nextBoolean()))
                .toList();
    }

    /** Whether parts can be cut out of sheets that cost less than some sum. */
    private static final class Exhaustive {

        private final List<StockSheet> stock;
        private final long kerf;
        private final long most;

        Exhaustive(List<StockSheet> stock, long kerf, long most) {
            this.stock = stock;
            this.kerf = kerf;
            this.most = most;
        }

        private record Rest(long length, long width) {}

        boolean canBeCheaper(List<SheetPart> parts) {
            return search(parts, List.of(), 0);
        }

        private boolean search(List<SheetPart> parts, List<Rest> rests, long cost) {
            if (cost >= most) {
                return false;
            }
            if (parts.isEmpty()) {
                return true;
            }
            if (rests.isEmpty()) {
                return stock.stream()
                        .anyMatch(sheet -> search(
                                parts,
                                List.of(new Rest(
                                        sheet.length().micrometres(),
                                        sheet.width().micrometres())),
                                cost + sheet.price().getAmountMinorLong()));
            }
            Rest rest = rests.get(0);
            List<Rest> others = rests.subList(1, rests.size());
            for (int i = 0; i < parts.size(); i++) {
                List<SheetPart> left = new ArrayList<>(parts);
                SheetPart part = left.remove(i);
                long length = part.length().micrometres();
                long width = part.width().micrometres();
                if (put(rest, length, width, left, others, cost)
                        || part.turns() && put(rest, width, length, left, others, cost)) {
                    return true;
                }
            }
            return search(parts, others, cost);
        }

        private boolean put(Rest rest, long along, long across, List<SheetPart> left, List<Rest> others, long cost) {
            if (along > rest.length() || across > rest.width()) {
                return false;
            }
            long right = rest.length() - along - kerf;
            long above = rest.width() - across - kerf;
            return search(left, with(others, right, across, rest.length(), above), cost)
                    || search(left, with(others, right, rest.width(), along, above), cost);
        }

        private static List<Rest> with(List<Rest> others, long right, long beside, long over, long above) {
            List<Rest> rests = new ArrayList<>(others);
            if (right > 0) {
                rests.add(new Rest(right, beside));
            }
            if (above > 0) {
                rests.add(new Rest(over, above));
            }
            return rests;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    @DisplayName("of thirty parts all are cut out soundly, patience makes nothing dearer, and the bound is kept")
    void manyParts(long seed) {
        List<SheetPart> parts = thrown(new Random(seed), 30, 1200, 600);
        SheetCutting cutting = SheetCutting.of(List.of(FULL, HALF, SMALL), parts, SAW);
        SheetPlan quick = cutting.quick();
        isSound(quick, parts, SAW);
        SheetPlan best = cutting.best(20);
        isSound(best, parts, SAW);
        assertThat(best.cost().isGreaterThan(quick.cost())).isFalse();
        assertThat(best.bound()).isEqualTo(quick.bound());
        double area = parts.stream()
                .mapToDouble(part -> part.length().metres() * part.width().metres())
                .sum();
        assertThat(best.sheets().stream()
                        .map(CutSheet::stock)
                        .mapToDouble(
                                sheet -> sheet.length().metres() * sheet.width().metres())
                        .sum())
                .isGreaterThan(area)
                .isLessThan(1.6 * area);
    }

    @ParameterizedTest
    @DisplayName(
            "of squares of 620 mm three lie on a sheet of 2440 x 1220 with saw cuts of 3 mm, of 607.8 six, of 607.7 eight")
    @CsvSource({"620, 6, 2", "620, 7, 3", "607.7, 8, 1", "607.8, 8, 2", "608.6, 8, 3"})
    void largePartsAreBoundAsTheyLie(double side, int count, int sheets) {
        List<SheetPart> parts = IntStream.range(0, count)
                .mapToObj(i -> part(side, side, 1, true))
                .toList();
        assertThat(SheetBound.of(List.of(FULL), parts, SAW)).isEqualTo(sheets * 4000L);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("no bound of few parts, small or large, is more than the cheapest that exhaustive search finds")
    void theBoundIsKept(long seed) {
        Random random = new Random(seed * 31 + 7);
        List<StockSheet> stock = List.of(FULL, HALF, SMALL).subList(random.nextInt(3), 3);
        List<SheetPart> parts = thrown(random, 2 + random.nextInt(6), 1210, 605);
        long cheapest = SheetCutting.of(stock, parts, SAW).quick().cost().getAmountMinorLong();
        assertThat(SheetBound.of(stock, parts, SAW)).isLessThanOrEqualTo(cheapest);
    }

    @Test
    void theSameTwiceAndNonsenseIsRefused() {
        List<SheetPart> parts = thrown(new Random(9), 20, 900, 500);
        SheetCutting cutting = SheetCutting.of(List.of(HALF, SMALL), parts, SAW);
        assertThat(cutting.best(5)).isEqualTo(cutting.best(5));
        assertThatThrownBy(() -> part(0.5, 100, 1, true)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> part(100, 100, 0, true)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> sheet(50, 1000, 5)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> SheetCutting.of(List.of(), parts, SAW)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> SheetCutting.of(List.of(HALF), List.of(), SAW)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> SheetCutting.of(List.of(HALF), parts, Length.millimetres(21)))
                .isInstanceOf(RefusedException.class);
    }
}
