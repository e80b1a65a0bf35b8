package fairacre.build;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Price;
import fairacre.cost.CostStudy;
import fairacre.fill.FillTakeoff;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BuildTest {

    private static Build kit(Kit kit) {
        return new Build(Optional.of(kit), Optional.empty(), Length.ZERO, Length.ZERO, Length.ZERO);
    }

    private static Build mound(double height) {
        return new Build(Optional.empty(), Optional.empty(), Length.ZERO, Length.metres(height), Length.ZERO);
    }

    private static Build legs(double legs, Optional<Cap> cap) {
        return new Build(Optional.empty(), cap, Length.metres(legs), Length.ZERO, Length.ZERO);
    }

    private static BedRevision revision(double length, double width, Optional<Frame> frame, Build build) {
        return new BedRevision(SEASON, rectangle(5, 5, length, width, 0), Shape.RECTANGLE, frame, false, build);
    }

    @ParameterizedTest
    @EnumSource
    void aKitStandsInItsOneSizeEitherWayRound(Kit kit) {
        Rectangle turned = new Rectangle(Point.metres(5, 5), kit.width(), kit.length(), 0);
        BedRevision bed = new BedRevision(SEASON, turned, Shape.RECTANGLE, Optional.empty(), false, kit(kit));
        assertThat(bed.height()).isEqualTo(kit.height());
        assertThat(bed.thickness()).isEqualTo(Kit.WALL);
        assertThatThrownBy(() ->
                        bed.withOutline(turned.resized(kit.width(), kit.length().plus(Length.millimetres(1)))))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(kit.key())
                .hasMessageContaining("one size");
        assertThatThrownBy(() -> bed.withFrame(Optional.of(cedar(Board.B2X6, 1))))
                .isInstanceOf(RefusedException.class);
        assertThat(Kit.of(kit.key())).isEqualTo(kit);
    }

    @Test
    void aKitIsBoughtOnceAndBuiltOtherwiseInOneStepThatCanBeUndone() {
        Plan plan = Gardens.plot(10, 10, List.of(), bed("Beans", 5, 5, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))));
        Change change = new Change.RebuildBed(id("Beans"), revision(2, 1, Optional.empty(), kit(Kit.M100X200)));
        Plan after = with(
                plan,
                change,
                new Change.SetPrice(
                        new Price(BuildPrices.kit(Kit.M100X200), org.joda.money.Money.of(Gardens.EUR, 90), false)));
        assertThat(CostStudy.of(after).bill().lines())
                .filteredOn(line -> line.item().equals(BuildPrices.kit(Kit.M100X200)))
                .singleElement()
                .satisfies(line -> assertThat(line.quantity()).isEqualByComparingTo("1"));
        Plan later = with(
                after,
                new Change.ReviseBed(
                        id("Beans"),
                        revision(2, 1, Optional.empty(), kit(Kit.M100X200)).startingIn(SEASON + 1)));
        assertThat(CostStudy.of(later).bill().total())
                .isEqualTo(CostStudy.of(after).bill().total());
        assertThat(with(with(plan, change), change.inverse(plan))).isEqualTo(plan);
    }

    @Test
    @DisplayName(
            "A mound of 2 x 1 m and 0.2 m with sides of one in one: h (A + 4 M + T) / 6 = 0.2907 m3 [prismoidal formula, any handbook]")
    void aMoundHoldsWhatThePrismoidalFormulaSays() {
        double expected = 0.2 * (2 * 1 + 4 * 1.8 * 0.8 + 1.6 * 0.6) / 6;
        FillTakeoff fill = FillTakeoff.of(revision(2, 1, Optional.empty(), mound(0.2)));
        assertThat(fill.volume().millilitres() / 1e6).isCloseTo(expected, within(1e-4));
        assertThat(fill.depth()).isEqualTo(Length.metres(0.2));
    }

    @Test
    void whatDoesNotGoTogetherIsRefusedWithItsField() {
        assertThatThrownBy(() -> revision(2, 1, Optional.empty(), mound(0.5))).hasMessageContaining("sides meet");
        assertThatThrownBy(() -> revision(2, 1, Optional.of(cedar(Board.B2X6, 1)), mound(0.2)))
                .hasMessageContaining("no mound");
        assertThatThrownBy(() -> revision(2, 1, Optional.empty(), legs(0.7, Optional.empty())))
                .hasMessageContaining("holds no soil");
        Optional<Cap> cap = Optional.of(new Cap(Length.millimetres(30), false));
        assertThatThrownBy(() -> revision(2, 1, Optional.empty(), legs(0, cap))).hasMessageContaining("no boards");
        assertThatThrownBy(() -> revision(2, 1, Optional.of(cedar(Board.B2X6, 1)), legs(0, cap)))
                .hasMessageContaining("narrower");
        assertThatThrownBy(() -> Gardens.leaning(1.01)).hasMessageContaining("overhang");
    }

    @Test
    void aCapStandsOutByWhatItIsWiderThanTheBoards() {
        Optional<Frame> frame = Optional.of(cedar(Board.B2X6, 1));
        Length out = Length.inches(4);
        BedRevision capped = revision(2, 1, frame, legs(0, Optional.of(new Cap(Length.inches(5.5), false))));
        assertThat(capped.leansOut()).isEqualTo(out);
        assertThat(capped.keptOff()).isEqualTo(out);
        assertThat(revision(2, 1, frame, legs(0, Optional.of(new Cap(Length.inches(5.5), true))))
                        .keptOff())
                .isEqualTo(Length.ZERO);
        assertThat(capped.withBuild(capped.build().withOverhang(Length.inches(12)))
                        .leansOut())
                .isEqualTo(Length.inches(12));
    }
}
