package fairacre.example;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.appraisal.Appraisal;
import fairacre.bill.Budget;
import fairacre.bill.StartingPrices;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkedExampleTest {

    private static Plan plot(Units units, List<Point> corners) {
        return new Plan(
                new UUID(0, 1),
                "Example",
                units,
                2027,
                new Budget(Money.of(CurrencyUnit.EUR, 500), BigDecimal.TEN),
                new Site(corners, 0, 50),
                List.of(),
                List.of(),
                StartingPrices.in(CurrencyUnit.EUR));
    }

    private static void hasNoSnag(Plan plan, Example example, int beds) {
        Plan laid = WorkedExample.on(plan, example, UUID::randomUUID);
        assertThat(laid.beds()).hasSize(beds);
        for (int season : new int[] {2027, 2028, 2032}) {
            assertThat(Appraisal.of(laid, season).snags().stream().map(snag -> snag.rule() + ": " + snag.words()))
                    .as(example + " in " + season)
                    .isEmpty();
        }
        assertThat(Appraisal.of(laid, 2027).purse().unpriced()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "SMALL_YARD, 10, 8, METRIC, 3",
        "SMALL_YARD, 8, 10, METRIC, 3",
        "SMALL_YARD, 12.192, 9.144, FEET_AND_INCHES, 3",
        "FENCED_PLOT, 18.288, 12.192, FEET_AND_INCHES, 13",
        "FENCED_PLOT, 12.192, 18.288, FEET_AND_INCHES, 13",
        "FENCED_PLOT, 20, 10, METRIC, 13",
        "SEATED, 10, 8, METRIC, 2",
        "SEATED, 8, 10, METRIC, 2",
        "SEATED, 12.192, 9.144, FEET_AND_INCHES, 2"
    })
    void onUsualPlots(Example example, double length, double width, Units units, int beds) {
        hasNoSnag(plot(units, Site.rectangle(length, width)), example, beds);
    }

    @ParameterizedTest
    @DisplayName(
            "Three beds of 1.2 m and four walks of 1 m take 7.6 m, a bed of 1.2 m and two walks 3.2 m; in feet 26 by 11")
    @CsvSource({
        "SMALL_YARD, 7.6, 3.2, METRIC",
        "SMALL_YARD, 3.2, 7.6, METRIC",
        "FENCED_PLOT, 16.4, 5.4, METRIC",
        "SEATED, 6.372, 4.248, METRIC",
        "SMALL_YARD, 7.9248, 3.3528, FEET_AND_INCHES",
        "FENCED_PLOT, 17.0688, 5.6388, FEET_AND_INCHES",
        "SEATED, 6.4008, 4.2672, FEET_AND_INCHES"
    })
    void whereItJustFitsItHasNoSnag(Example example, double length, double width, Units units) {
        hasNoSnag(plot(units, Site.rectangle(length, width)), example, example.beds());
    }

    @ParameterizedTest
    @CsvSource({
        "SMALL_YARD, 7.599, 3.2, METRIC",
        "SMALL_YARD, 7.6, 3.199, METRIC",
        "FENCED_PLOT, 16.4, 5.399, METRIC",
        "SEATED, 6.371, 4.248, METRIC",
        "SMALL_YARD, 7.924, 3.3528, FEET_AND_INCHES",
        "FENCED_PLOT, 17.0688, 5.638, FEET_AND_INCHES"
    })
    void aHairLessIsToldAtTheCorners(Example example, double length, double width, Units units) {
        Plan plan = plot(units, Site.rectangle(length, width));
        assertThatThrownBy(() -> WorkedExample.on(plan, example, UUID::randomUUID))
                .isInstanceOf(RefusedException.class)
                .satisfies(refused -> assertThat(
                                ((RefusedException) refused).refusal().field())
                        .isEqualTo("corners"))
                .hasMessageContaining("are free");
    }

    @Test
    void onAPlotThatIsNoRectangleItLiesInTheLargestOne() {
        List<Point> ell = List.of(
                Point.metres(0, 0),
                Point.metres(14, 0),
                Point.metres(14, 6),
                Point.metres(6, 6),
                Point.metres(6, 12),
                Point.metres(0, 12));
        hasNoSnag(plot(Units.METRIC, ell), Example.SMALL_YARD, 3);
    }

    @Test
    @DisplayName(
            "2.4 m is as long as a bed is made, however deep the plot; on one of 4.5 m it is 2.4 m, of 4.3 m 2.1 m")
    void bedsAreAsLongAsThereIsRoomFor() {
        assertThat(longest(20)).isEqualTo(2.4);
        assertThat(longest(4.4)).isEqualTo(2.4);
        assertThat(longest(4.399)).isEqualTo(2.1);
        assertThat(longest(3.2)).isEqualTo(1.2);
    }

    @ParameterizedTest
    @DisplayName("On a plot that is turned the beds stand along its longest side")
    @CsvSource({"SMALL_YARD, 20", "SMALL_YARD, -35", "SMALL_YARD, 90", "FENCED_PLOT, 15", "SEATED, 30"})
    void onATurnedPlot(Example example, double turn) {
        Rectangle turned = new Rectangle(Point.metres(20, 20), Length.metres(26), Length.metres(18), turn);
        hasNoSnag(plot(Units.METRIC, turned.corners()), example, example.beds());
    }

    @Test
    void onAPlotWithASlantingEndItIsLaidOutOrToldWhyNot() {
        List<Point> slanting =
                List.of(Point.metres(3, 0), Point.metres(20, 0), Point.metres(20, 9), Point.metres(0, 9));
        Plan plan = plot(Units.METRIC, slanting);
        for (Example example : new Example[] {Example.SMALL_YARD, Example.SEATED}) {
            try {
                hasNoSnag(plan, example, example.beds());
            } catch (RefusedException refused) {
                assertThat(refused).hasMessageContaining("don't go well on a plot of this shape: ");
            }
        }
    }

    private static double longest(double depth) {
        Plan laid =
                WorkedExample.on(plot(Units.METRIC, Site.rectangle(21, depth)), Example.SMALL_YARD, UUID::randomUUID);
        return laid.beds().get(0).revisions().get(0).outline().length().metres();
    }

    @Test
    void theBudgetBecomesWhatItTakesIfThatIsMore() {
        Plan laid = WorkedExample.on(plot(Units.METRIC, Site.rectangle(10, 8)), Example.SEATED, UUID::randomUUID);
        assertThat(laid.budget().sum().getAmount()).isGreaterThan(new BigDecimal("500"));
        assertThat(laid.budget().contingency()).isEqualByComparingTo(BigDecimal.TEN);
    }
}
