package fairacre.hoop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.over.Fabric;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.OffsetCurve;

class GluedBowTest {

    private static final Plan GARDEN =
            plot(20, 20, List.of(), bed("Beans", 10, 10, 2.4, 1.2, 0, Optional.of(cedar(Board.M38X150, 1))));

    private static HoopSet set(HoopPipe pipe, double rise) {
        return Gardens.hoops("Arcs", pipe, Optional.of(Length.metres(rise)), Optional.empty(), Fabric.NONE, "Beans");
    }

    private static HoopTold told(HoopSet set) {
        Plan plan = with(GARDEN, Put.of(set));
        return HoopStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
    }

    @ParameterizedTest
    @EnumSource(BowForm.class)
    @DisplayName("each layer is as long as JTS's offset curve of the middle line at its place")
    void layersLieBesideEachOther(BowForm form) {
        Bow bow = Bow.rising(form, Length.metres(1.6), Length.metres(0.7));
        GluedBow glued = GluedBow.of(GARDEN, HoopPipe.STRIPS_22, bow, Length.ZERO);
        Coordinate[] middle = form.line(0.8, 0.7).places(4000).toArray(Coordinate[]::new);
        for (int i = 0; i < glued.strips(); i++) {
            double out = (i + 0.5) * 0.022 / glued.strips() - 0.011;
            double curve = OffsetCurve.getCurve(new GeometryFactory().createLineString(middle), out)
                    .getLength();
            assertThat(glued.layers().get(i).metres()).isCloseTo(curve, within(5e-4));
        }
        assertThat(glued.layers()).isSorted();
    }

    @ParameterizedTest
    @DisplayName("a strip bends to 125 times its thickness: four of 5.5 mm to 687.5 mm inside; at it, a hair under")
    @CsvSource({"698500, 4", "698499, 5", "698400, 5", "2000000, 2", "2761000, 1", "2760000, 2"})
    void asFewAsBend(long micrometres, int strips) {
        assertThat(Strips.count(HoopPipe.STRIPS_22.diameter(), new Length(micrometres)))
                .isEqualTo(strips);
    }

    @Test
    @DisplayName("seven strips of 3.14 mm bend to 393 mm inside, 404 mm in the middle: no bow is bent tighter")
    void theThinnestStripsLimitTheBow() {
        Length tightest = HoopPipe.STRIPS_22.tightest();
        assertThat(tightest.metres()).isCloseTo(0.125 * 22 / 7 + 0.011, within(1e-6));
        assertThat(Strips.count(HoopPipe.STRIPS_22.diameter(), tightest)).isEqualTo(7);
        assertThat(HoopPipe.STRIPS_45.tightest().metres()).isCloseTo(0.3975, within(1e-6));
    }

    @Test
    @DisplayName("a board of 150 mm gives 17 strips of 5.5 mm with a saw cut of 3.2 mm: 17 x 8.675 = 147.475 mm")
    void stripsComeOffTheWidthOfABoard() {
        Length kerf = GARDEN.workshop().kerf();
        assertThat(kerf).isEqualTo(Length.inches(0.125));
        assertThat(Strips.toABoard(Board.M22X150, Length.millimetres(5.5), kerf))
                .isEqualTo(17);
        // So much left that the last cut falls off the edge.
        assertThat(Strips.toABoard(Board.M22X150, Length.millimetres(150), kerf))
                .isEqualTo(1);
        assertThat(Strips.toABoard(Board.M22X150, Length.millimetres(73.41), kerf))
                .isEqualTo(2);
        assertThat(Strips.toABoard(Board.M22X150, Length.millimetres(73.42), kerf))
                .isEqualTo(1);
    }

    @Test
    void stripsThatAreNearlyAsLongComeOffOneBoard() {
        List<Length> strips = List.of(Length.metres(1.2), Length.metres(3), Length.metres(2), Length.metres(2.9));
        assertThat(Strips.pieces(strips, 2, Board.M22X150, Units.METRIC))
                .containsExactly(Length.metres(3), Length.metres(2));
        Length long5 = Board.M22X150.longest().plus(Length.metres(1));
        assertThat(Strips.pieces(List.of(long5), 2, Board.M22X150, Units.METRIC))
                .hasSize(2);
    }

    @Test
    @DisplayName("four bows over a bed of 1.2 x 2.4 m, counted on paper")
    void onTheBill() {
        HoopSet set = set(HoopPipe.STRIPS_22, 0.551);
        HoopTold told = told(set);
        GluedBow glued = told.glued().orElseThrow();
        // 1.2 m less two boards of 38 mm and 22 mm: half a circle of 551 mm; 540 inside bend strips of 4.32 mm: six.
        assertThat(glued.strips()).isEqualTo(6);
        assertThat(told.bows()).isEqualTo(3);
        double foot = 2 * set.depth().metres();
        double outer = Math.PI * (0.551 + 0.011 - 0.022 / 12) + foot;
        assertThat(glued.layers().get(5).metres()).isCloseTo(outer, within(1e-5));
        assertThat(glued.glue()).isCloseTo(0.25 * 5 * 0.022 * outer, within(1e-6));
        assertThat(glued.clamps()).isEqualTo((int) Math.ceil(outer / 0.1524) + 1);
        // 18 strips of 3.67 mm, 22 to a board: one piece.
        assertThat(glued.toABoard()).isEqualTo(22);
        assertThat(glued.boards(told.bows(), Units.METRIC))
                .containsExactly(Length.millimetres(Math.ceil(outer * 1000)));
        Plan plan = with(GARDEN, Put.of(set));
        assertThat(count(plan, "hoop/glue")).isEqualTo(1);
        assertThat(count(plan, "hoop/clamp")).isEqualTo(glued.clamps());
        assertThat(count(plan, "hoop/strips")).isZero();
        assertThat(told.cautions()).contains(GluedBow.CAUTION);
    }

    private static double count(Plan plan, String item) {
        return Takeoff.of(plan, Memo.none()).sold().stream()
                .filter(sold -> sold.line().part() == BillPart.STRUCTURES
                        && sold.line().item().key().startsWith(item))
                .mapToDouble(sold -> sold.units(plan.units()))
                .sum();
    }

    @Test
    @DisplayName("too short for one bed but not for one an inch narrower: made for that one, and on the bill as glued")
    void tooShortForTheWidest() {
        Plan garden = plot(20, 20, List.of(), bed("Beans", 5, 10, 2.4, 1.2), bed("Kale", 10, 10, 2.4, 1.176));
        // 1.178 m and 1.154 m between the middles of the feet, and 1.165 m of strips between them.
        HoopSet arcs = Gardens.hoops(
                "Arcs",
                HoopPipe.STRIPS_22,
                Optional.empty(),
                Optional.of(Length.metres(1.165)
                        .plus(set(HoopPipe.STRIPS_22, 0.5).depth().times(2))),
                Fabric.NONE,
                "Beans",
                "Kale");
        Plan plan = with(garden, Put.of(arcs));
        HoopTold told = HoopStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
        assertThat(told.over())
                .extracting(HoopsOverBed::misfit)
                .containsExactlyInAnyOrder(Optional.of(HoopMisfit.TOO_SHORT), Optional.empty());
        assertThat(told.glued()).isPresent();
        assertThat(count(plan, "hoop/glue")).isPositive();
        assertThat(count(plan, "hoop/strips")).isZero();
    }

    @Test
    void pipeIsNotGlued() {
        assertThat(told(set(HoopPipe.PE_20, 0.5)).glued()).isEmpty();
    }
}
