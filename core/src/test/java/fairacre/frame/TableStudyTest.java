package fairacre.frame;

import static fairacre.testing.Gardens.SEASON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;
import static org.assertj.core.api.Assertions.offset;
import static org.assertj.core.api.Assertions.tuple;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.fill.FillTakeoff;
import fairacre.frame.Timber.Use;
import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class TableStudyTest {

    private static BedRevision table(Form form, int courses) {
        return new BedRevision(
                SEASON,
                new Rectangle(Point.metres(5, 5), Length.feet(8), Length.feet(4), 0),
                new Shape(form, List.of()),
                Optional.of(new Frame(Material.CEDAR, Board.B2X10, courses, Joint.SIDES_PAST)),
                false,
                Build.PLAIN.withLegs(Length.inches(24)));
    }

    private static TableStudy of(BedRevision bed) {
        return TableStudy.of(bed, bed.frame().orElseThrow());
    }

    @Test
    @DisplayName("By hand, 8 x 4 ft of one course of 2 x 10: 9.4, so 10 boards of 45 in, six legs, no bearer")
    void aTableWorkedByHand() {
        TableStudy table = of(table(new Form.Rectangular(), 1));
        assertThat(table.floor()).containsExactly(entry(Length.inches(45), 10));
        assertThat(table.cleat()).isEqualTo(Length.inches(93));
        assertThat(table.legs()).isEqualTo(6);
        assertThat(table.bearers()).isZero();
        assertThat(table.innerLegs()).isZero();
    }

    @Test
    @DisplayName(
            "A board of the floor may reach 1.155 m under 9 1/4 in of wet soil: 974.7 N/m on E I of 7 039 N m2, a 180th of the span [simple beam]")
    void theSpanOfTheTables() {
        double span = TableStudy.span(table(new Form.Rectangular(), 1).frame().orElseThrow());
        assertThat(span).isCloseTo(1.155, offset(0.001));
        assertThat(2 * 5 * 974.7 * Math.pow(span, 4) / (384 * 7038.6)).isCloseTo(span / 180, offset(0.00001));
    }

    @Test
    @DisplayName("Twice as deep a board reaches 0.917 m: one row of bearers, on three legs")
    void deeperSoilWantsBearers() {
        TableStudy table = of(table(new Form.Rectangular(), 2));
        assertThat(table.bearers()).isEqualTo(1);
        assertThat(table.bearer()).isEqualTo(Length.inches(93));
        assertThat(table.innerLegs()).isEqualTo(3);
    }

    @Test
    @DisplayName(
            "The floor of an octagon covers its inside: boards, each as long as its longer side, and gaps together are its area and 6 % at most")
    void theFloorOfAnOctagon() {
        BedRevision bed = table(new Form.Octagon(Length.feet(1)), 1);
        double covered = of(bed).floor().entrySet().stream()
                        .mapToDouble(e -> e.getKey().metres() * e.getValue())
                        .sum()
                * 93
                * 0.0254
                / 10;
        double inside = 93 * 45 * 0.0254 * 0.0254 - 2 * Math.pow(0.3048 - 0.0381 * (2 - Math.sqrt(2)), 2);
        assertThat(covered).isBetween(inside, inside * 1.06);
    }

    @Test
    @DisplayName(
            "By hand: of 18 1/2 in an inch stays free, 1 1/2 in are floor boards and 1 1/2 in the cleats: 14 1/2 in on 93 x 45 in")
    void theFloorTakesOfTheDepth() {
        FillTakeoff fill = FillTakeoff.of(table(new Form.Rectangular(), 2));
        assertThat(fill.depth()).isEqualTo(Length.inches(14.5));
        assertThat(fill.volume().litres()).isCloseTo(93 * 45 * 14.5 * 0.016387064, offset(0.1));
    }

    @Test
    void legsTakeThePlaceOfCornerPosts() {
        Hardware hardware = HardwareStudy.of(table(new Form.Rectangular(), 2)).orElseThrow();
        assertThat(hardware.timber())
                .extracting(Timber::use)
                .doesNotContain(Use.CORNER_POST, Use.STAKE)
                .contains(Use.FLOOR, Use.CLEAT, Use.BEARER);
        assertThat(hardware.timber())
                .filteredOn(piece -> piece.use() == Use.LEG)
                .extracting(Timber::length, Timber::count)
                .containsExactly(tuple(Length.inches(42.5), 6), tuple(Length.inches(24), 3));
    }
}
