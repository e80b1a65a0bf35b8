package fairacre.cost;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillLine;
import fairacre.bill.PriceItem;
import fairacre.measure.Length;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.water.Dripline;
import fairacre.water.PipeKind;
import fairacre.water.PipePiece;
import fairacre.water.WaterRun;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PipeRollsTest {

    private static final PriceItem TUBE = PriceItem.of("water/tube-13/metre");
    private static final List<Length> ROLLS = List.of(Length.metres(25), Length.metres(50));

    private static PipeRolls cut(double... metres) {
        return PipeRolls.of(
                TUBE,
                DoubleStream.of(metres)
                        .mapToObj(length -> new PipePiece(TUBE, "Tube", "Trunk", Length.metres(length)))
                        .toList(),
                ROLLS);
    }

    private static List<Long> bought(PipeRolls rolls) {
        return rolls.rolls().stream()
                .map(roll -> Math.round(roll.length().metres()))
                .toList();
    }

    /** A roll loses 2 cm when its end is trimmed. */
    @Test
    @DisplayName("12 + 12.98 m fill a roll of 25 m to the centimetre; a millimetre more takes the next size [by hand]")
    void aRollIsFilledToTheEnd() {
        assertThat(bought(cut(12, 12.98))).containsExactly(25L);
        assertThat(bought(cut(12, 12.981))).containsExactly(50L);
        assertThat(cut(12, 12.98).left().metres()).isCloseTo(0.02, within(1e-9));
    }

    @Test
    @DisplayName("20 + 20 + 5 + 4.9 m: two rolls of 25 m, not 50 + 25 [by hand]")
    void asLittleIsBoughtAsCanBe() {
        assertThat(bought(cut(20, 20, 4.9, 4.9)).stream()
                        .mapToLong(Long::longValue)
                        .sum())
                .isEqualTo(50);
    }

    @Test
    void everyPieceIsCutOnceFromARollThatHoldsIt() {
        PipeRolls rolls = cut(7, 7, 7, 13, 13, 21, 2.5, 2.5, 0.4, 60);
        assertThat(rolls.rolls()).allSatisfy(roll -> {
            double cut = roll.pieces().stream()
                    .mapToDouble(piece -> piece.length().metres())
                    .sum();
            assertThat(cut + roll.rest().metres()).isCloseTo(roll.length().metres(), within(1e-6));
        });
        assertThat(rolls.rolls().stream().mapToInt(roll -> roll.pieces().size()).sum())
                .isEqualTo(11);
        assertThat(rolls.couplings()).isEqualTo(1);
    }

    @Test
    @DisplayName("300 pieces of 300 lengths leave less than the longest roll over, in all but the last rolls little")
    void manyDifferentPiecesAreLaidOutLongestFirst() {
        PipeRolls rolls = cut(
                DoubleStream.iterate(0.3, length -> length + 0.01).limit(300).toArray());
        assertThat(rolls.rolls().stream().mapToInt(roll -> roll.pieces().size()).sum())
                .isEqualTo(300);
        assertThat(rolls.left().metres()).isLessThan(25);
        assertThat(rolls.used().metres()).isCloseTo(300 * (0.3 + 3.29) / 2, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {49.98, 49.981, 99.96, 99.961})
    void whatIsLongerThanARollIsJoined(double length) {
        PipeRolls rolls = cut(length);
        assertThat(rolls.couplings()).isEqualTo((int) Math.ceil(length / 49.98 - 1e-9) - 1);
        assertThat(rolls.used().metres()).isCloseTo(length, within(1e-6));
    }

    private static Plan garden(PipeKind pipe) {
        Lifetime laid = Lifetime.from(SEASON + 1);
        WaterRun trunk = run("Trunk", "Tap", 1, 0, 1, 3, 9, 3);
        List<Put<?>> lines = new ArrayList<>();
        for (String bed : List.of("Beans", "Kale")) {
            Dripline line = dripline(bed, "Trunk");
            lines.add(Put.of(new Dripline(
                    line.id(),
                    line.bed(),
                    line.from(),
                    false,
                    line.emitters(),
                    line.lines(),
                    line.flow(),
                    false,
                    false,
                    laid)));
        }
        Plan plan = with(
                plot(12, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1)),
                Put.of(tap("Tap", 1, 0, 20)),
                Put.of(new WaterRun(id("Trunk"), "Trunk", id("Tap"), trunk.places(), pipe, false, Length.ZERO, laid)));
        for (Put<?> line : lines) {
            plan = with(plan, line);
        }
        return plan;
    }

    @Test
    @DisplayName("a run of 3 + 8 m is cut at its elbow and at two tees: four pieces of tube, three of hose [by hand]")
    void aRunIsCutAtItsJoints() {
        assertThat(piecesOf(garden(PipeKind.TUBE_19), "Trunk")).hasSize(4);
        assertThat(piecesOf(garden(PipeKind.HOSE_19), "Trunk")).hasSize(3);
        assertThat(piecesOf(garden(PipeKind.TUBE_19), "Trunk").stream()
                        .mapToDouble(Length::metres)
                        .sum())
                .isCloseTo(11, within(1e-6));
    }

    private static List<Length> piecesOf(Plan plan, String name) {
        return PipeRolls.of(plan, SEASON + 1).stream()
                .flatMap(rolls -> rolls.rolls().stream())
                .flatMap(roll -> roll.pieces().stream())
                .filter(piece -> piece.of().equals(name))
                .map(PipePiece::length)
                .toList();
    }

    @Test
    void allPiecesTogetherAreWhatTheBillUses() {
        Plan plan = garden(PipeKind.TUBE_19);
        Map<PriceItem, Double> billed = CostStudy.of(plan).bill().lines().stream()
                .collect(Collectors.toMap(
                        BillLine::item,
                        line -> line.used().map(Number::doubleValue).orElse(0.0),
                        Double::sum));
        List<PipeRolls> rolls = PipeRolls.of(plan, SEASON + 1);
        assertThat(rolls).hasSizeGreaterThan(1);
        assertThat(rolls)
                .allSatisfy(each -> assertThat(each.used().metres()).isCloseTo(billed.get(each.pipe()), within(0.002)));
    }

    /** Stiff pipe is sold by 2, 3 and 5 m, hose from 10 m on, tube from 25 m on (common practice). */
    @ParameterizedTest
    @CsvSource({"PVC_19, 5", "HOSE_19, 15", "TUBE_19, 25"})
    void eachSortIsSoldInItsOwnLengths(PipeKind kind, int longest) {
        assertThat(PipeRolls.of(garden(kind), SEASON + 1).stream()
                        .filter(rolls -> rolls.material().equals(kind.label()))
                        .flatMap(rolls -> rolls.rolls().stream())
                        .mapToLong(roll -> Math.round(roll.length().metres()))
                        .max())
                .hasValue(longest);
    }

    @Test
    void nothingIsCutInASeasonInWhichNothingIsLaid() {
        assertThat(PipeRolls.of(garden(PipeKind.TUBE_19), SEASON)).isEmpty();
    }
}
