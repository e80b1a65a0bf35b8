package fairacre.frame;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Holder;
import fairacre.build.Masonry;
import fairacre.build.Wall;
import fairacre.cost.CostStudy;
import fairacre.fill.FillTakeoff;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MasonryTakeoffTest {

    @ParameterizedTest(name = "{0}, {1} courses: {2} pieces, {3} bags")
    @DisplayName(
            "An 8 x 4 ft bed by hand: middle line 24 ft less 4 thicknesses; 1.125 blocks and 6.75 bricks to the square foot [masonry handbooks, from memory]")
    // Blocks: 21.458 ft x 16 in = 28.61 sq ft; bricks: 22.792 ft x 16 in = 30.39 sq ft; stone: 20 ft x 1 ft x 1 ft =
    // 0.566 m3 of 1.8 t.
    @CsvSource({"BLOCK, 2, 33.797, 2.682", "BRICK, 6, 215.38, 5.698", "STONE, 2, 1.1214, 0"})
    void byHand(Masonry kind, int courses, double pieces, double bags) {
        MasonryTakeoff takeoff = MasonryTakeoff.of(walled(kind, courses)).orElseThrow();
        assertThat(takeoff.pieces()).isCloseTo(pieces, within(pieces * 1e-3));
        assertThat(takeoff.bags()).isCloseTo(bags, within(0.01));
    }

    @Test
    @DisplayName(
            "The block bed's footing by hand: 21.458 ft x 15.25 in x 6 in is 0.386 m3, 10 bags of base when 1.25 as much is ordered; none for courses on top")
    void footing() {
        assertThat(MasonryTakeoff.of(walled(Masonry.BLOCK, 2))
                        .orElseThrow()
                        .footing()
                        .litres())
                .isCloseTo(386.1, within(0.5));
        assertThat(MasonryTakeoff.onTop(walled(Masonry.BLOCK, 3), 2)
                        .orElseThrow()
                        .footing()
                        .litres())
                .isZero();
        Bed bed = new Bed(id("A"), "A", List.of(walled(Masonry.BLOCK, 2)), Optional.empty());
        var lines = CostStudy.of(plot(10, 10, List.of(), bed)).bill().lines();
        assertThat(lines)
                .filteredOn(line -> line.item().key().startsWith("base/"))
                .extracting(line ->
                        line.quantity().toPlainString() + " " + line.item().key())
                .containsExactly("10 base/bag/50l");
    }

    @Test
    void aWallTakesGroundAndHoldsSoilLikeBoards() {
        BedRevision bed = walled(Masonry.BLOCK, 2);
        assertThat(bed.holder()).isEqualTo(Holder.WALL);
        assertThat(bed.thickness()).isEqualTo(Length.inches(7.625));
        assertThat(bed.height()).isEqualTo(Length.inches(16));
        // 80 3/4 x 32 3/4 in inside, filled to an inch below the top.
        assertThat(FillTakeoff.of(bed).volume().litres()).isCloseTo(80.75 * 32.75 * 15 * 0.016387064, within(0.5));
    }

    @Test
    void itIsBoughtOnceAndRaisedByItsCourses() {
        BedRevision low = walled(Masonry.BLOCK, 2);
        BedRevision high = low.startingIn(SEASON + 1).withBuild(Build.PLAIN.withWall(new Wall(Masonry.BLOCK, 3)));
        Bed bed = new Bed(id("A"), "A", List.of(low, high), Optional.empty());
        var lines = CostStudy.of(plot(10, 10, List.of(), bed)).bill().lines().stream()
                .filter(line -> line.part() == BillPart.FRAMES)
                .toList();
        // 33.8 blocks and 2.7 bags; half as many for the course on top.
        assertThat(lines)
                .extracting(line -> line.season() + " " + line.quantity() + " "
                        + line.item().key())
                .containsExactly(
                        SEASON + " 34 wall/block",
                        SEASON + " 3 wall/mortar",
                        (SEASON + 1) + " 17 wall/block",
                        (SEASON + 1) + " 2 wall/mortar");
        assertThat(lines.get(0).amount()).contains(Money.of(EUR, 2.3).multipliedBy(34));
    }

    @Test
    void whatDoesNotGoWithAWallIsRefused() {
        assertThatThrownBy(() -> walled(Masonry.BLOCK, 2).withFrame(Optional.of(Gardens.cedar(Board.B2X6, 1))))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new BedRevision(
                        SEASON,
                        new Rectangle(Point.metres(5, 5), Length.feet(8), Length.inches(15), 0),
                        Shape.RECTANGLE,
                        Optional.empty(),
                        false,
                        Build.PLAIN.withWall(new Wall(Masonry.BLOCK, 1))))
                .hasMessageContaining("leave no soil");
        assertThatThrownBy(() -> walled(Masonry.BLOCK, 2)
                        .withBuild(
                                Build.PLAIN.withWall(new Wall(Masonry.BLOCK, 1)).withLegs(Length.metres(0.5))))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Wall(Masonry.BRICK, 25)).isInstanceOf(RefusedException.class);
        assertThat(MasonryTakeoff.of(
                        new BedRevision(SEASON, walled(Masonry.BRICK, 1).outline(), Optional.empty())))
                .isEmpty();
    }

    private static BedRevision walled(Masonry kind, int courses) {
        Rectangle outline = new Rectangle(Point.metres(5, 5), Length.feet(8), Length.feet(4), 0);
        return new BedRevision(
                SEASON,
                outline,
                Shape.RECTANGLE,
                Optional.empty(),
                false,
                Build.PLAIN.withWall(new Wall(kind, courses)));
    }
}
