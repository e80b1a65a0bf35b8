package fairacre.furniture;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.furniture;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.ofSheets;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bed.BedRule;
import fairacre.bill.BillLine;
import fairacre.build.Board;
import fairacre.build.Material;
import fairacre.cost.CostStudy;
import fairacre.cost.CutSheets;
import fairacre.cost.KnownCuts;
import fairacre.furniture.Furniture.BoardPart;
import fairacre.furniture.Furniture.SheetRow;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.sheet.SheetGood;
import fairacre.sun.SunStudy;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FurnitureTest {

    private static Plan garden(Furniture furniture) {
        return with(plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)), Put.of(furniture));
    }

    private static FurnitureTold told(Plan plan) {
        return FurnitureStudy.told(plan, SEASON).get(0);
    }

    private static FurnitureTold told(Furniture furniture) {
        return told(garden(furniture));
    }

    private static List<Snag> snags(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() instanceof FurnitureRule)
                .toList();
    }

    private static List<String> pieces(FurnitureTold told) {
        return told.boards().stream()
                .map(part -> part.count() + " × " + part.board().key() + " "
                        + Math.round(part.length().millimetres()))
                .toList();
    }

    @Test
    @DisplayName("a table of 1.5 x 0.75 x 0.74 m, counted on paper")
    void table() {
        // Legs below a top of 22 mm; rails of 1500 and 750 - 2 x 47; joists every 610 mm: two between the ends;
        // boards of 150 mm with gaps of 5: four make 615 mm and five 770.
        assertThat(pieces(told(furniture("Table", FurnitureKind.TABLE, 5, 5, 1.5, 0.75))))
                .containsExactly("4 × 47x100 mm 718", "2 × 47x100 mm 1500", "4 × 47x100 mm 656", "4 × 22x150 mm 1500");
    }

    @Test
    @DisplayName("in inches: a bench of 60 x 16 x 18 in of 2x4 and 5/4x6")
    void benchInInches() {
        Plan plan = with(plot(20, 20, List.of()), new Change.DescribeGarden("Garden", Units.FEET_AND_INCHES));
        Plan built = with(plan, NewFurniture.in(plan, SEASON, FurnitureKind.BENCH, id("Bench")));
        // Two boards of 5 1/2 in and a gap are 11.2 in, three 16.9; legs of 17 in below a top of 1 in.
        assertThat(told(built).boards())
                .containsExactly(
                        new BoardPart(Board.B2X4, Length.inches(17), 4),
                        new BoardPart(Board.B2X4, Length.inches(60), 2),
                        new BoardPart(Board.B2X4, Length.inches(13), 4),
                        new BoardPart(Board.B5_4X6, Length.inches(60), 2));
    }

    @Test
    @DisplayName("a potting bench has a shelf of the same boards and a board behind its top")
    void pottingBench() {
        List<String> pieces = pieces(told(furniture("Bench", FurnitureKind.POTTING_BENCH, 5, 5, 1.2, 0.6)));
        // Three boards on the top, three on the shelf and one behind; 2 x (2 rails and 1 joist) across.
        assertThat(pieces)
                .containsExactly("4 × 47x100 mm 878", "2 × 47x100 mm 1200", "6 × 47x100 mm 506", "7 × 22x150 mm 1200");
    }

    @Test
    @DisplayName("posts of a rack of 1.8 m stand in the middle and at both ends, 2 ft in the ground")
    void toolRack() {
        assertThat(pieces(told(furniture("Rack", FurnitureKind.TOOL_RACK, 5, 5, 1.8, 0.15))))
                .containsExactly("3 × 100x100 mm 2310", "2 × 22x150 mm 1800");
    }

    @Test
    @DisplayName("a leaf bin of 0.9 m holds pi/4 x 0.9 cubed")
    void leafBin() {
        FurnitureTold told = told(furniture("Leaves", FurnitureKind.LEAF_BIN, 5, 5, 0.9, 0.9));
        assertThat(told.holds().orElseThrow().litres()).isCloseTo(Math.PI / 4 * 729, within(0.1));
        assertThat(told.mesh().squareMetres()).isCloseTo(Math.PI * 0.81, within(1e-3));
        assertThat(told.boards()).isEmpty();
    }

    @Test
    @DisplayName("under a full barrel of 220 kg four feet of 10 cm press with over half of 1500 psf; slabs hold it")
    void barrelStand() {
        Furniture stand = furniture("Stand", FurnitureKind.BARREL_STAND, 5, 5, 0.7, 0.7);
        FurnitureTold told = told(stand);
        assertThat(told.barrels()).isEqualTo(1);
        double weight = (220 + told.kilograms()) * 9.81;
        assertThat(told.pressure().orElseThrow().kilopascals()).isCloseTo(weight / (4 * 0.01) / 1000, within(0.01));
        List<Snag> snags = snags(garden(stand));
        assertThat(snags).extracting(Snag::rule).containsExactly(FurnitureRule.STAND_SINKS);
        // 1500 psf are 71.82 kPa (NIST, Special Publication 811: 47.880 26 Pa to the psf).
        assertThat(FurnitureSnags.BORNE).isCloseTo(71_820 / 2.0, within(1.0));
        assertThat(snags.get(0).words()).contains("soft ground bears 0.36 bar");
        assertThat(snags.get(0).remedies().get(0).words()).isEqualTo("Lay a paving slab under each foot");
        assertThat(snags(garden(stand.onSlabs()))).isEmpty();
        assertThat(told(stand.onSlabs()).pressure().orElseThrow().kilopascals())
                .isCloseTo(weight / (4 * 0.09) / 1000, within(0.01));
    }

    @ParameterizedTest
    @DisplayName("a barrel of 24 in has room beside the next, to a hair")
    @CsvSource({"0.7, 0.7, 1", "1.2192, 0.7, 2", "1.2191, 0.7, 1", "0.3, 0.3, 1", "1.3, 1.3, 4"})
    void barrels(double length, double width, int count) {
        assertThat(told(furniture("Stand", FurnitureKind.BARREL_STAND, 5, 5, length, width))
                        .barrels())
                .isEqualTo(count);
    }

    @Test
    void weightIsThatOfItsBoards() {
        Furniture own = new Furniture(
                id("Own"),
                "Own",
                FurnitureKind.OWN,
                Gardens.rectangle(5, 5, 1, 1, 0),
                Length.metres(1),
                Material.SOFTWOOD,
                false,
                List.of(new BoardPart(Board.M100X100, Length.metres(1), 10)),
                List.of(new SheetRow(SheetGood.PLYWOOD_18, Length.metres(1), Length.metres(2), 1)),
                Lifetime.from(SEASON));
        double density = (Material.SOFTWOOD.leastDensity() + Material.SOFTWOOD.mostDensity()) / 2.0;
        assertThat(told(own).kilograms()).isCloseTo(10 * 0.01 * density + 2 * 10.8, within(1e-6));
    }

    @Test
    @DisplayName("of what is one's own every piece is bought; what no sheet holds is cut smaller by the remedy")
    void own() {
        Plan plan = garden(
                ofSheets("Roof", 5, 5, new SheetRow(SheetGood.PLYWOOD_18, Length.metres(3), Length.metres(1.3), 1)));
        assertThat(CostStudy.of(plan).bill().lines())
                .noneMatch(line -> line.item().key().startsWith("sheet/"));
        Snag snag = snags(plan).get(0);
        assertThat(snag.rule()).isEqualTo(FurnitureRule.PIECE_TOO_LARGE);
        Plan cut = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(snags(cut)).isEmpty();
        List<CutSheets> sheets = CostStudy.of(cut).sheetsOf(thing -> true);
        assertThat(sheets.get(0).pieces().stream()
                        .mapToDouble(piece -> piece.count()
                                * piece.length().metres()
                                * piece.width().metres())
                        .sum())
                .isCloseTo(3.9, within(1e-6));
    }

    @Test
    @DisplayName("a bill of sheets alone is quick while they might be cut more cheaply, until the best is known")
    void quickUntilTheBestIsKnown() {
        Plan few = garden(
                ofSheets("Shelf", 5, 5, new SheetRow(SheetGood.PLYWOOD_18, Length.metres(1), Length.metres(0.4), 4)));
        assertThat(CostStudy.of(few).bill(KnownCuts.NONE).quick()).isFalse();
        Plan many = garden(ofSheets(
                "Rack", 5, 5, new SheetRow(SheetGood.PLYWOOD_18, Length.metres(0.91), Length.metres(0.43), 19)));
        CostStudy study = CostStudy.of(many);
        assertThat(study.takeoff().boards()).isEmpty();
        assertThat(study.bill(KnownCuts.NONE).quick()).isTrue();
        assertThat(study.bill(study.cuts()).quick()).isFalse();
    }

    @Test
    void aPieceAsLargeAsTheLargestSheetIsCutAndAHairLargerIsNot() {
        for (double more : new double[] {0, 1e-5}) {
            Plan plan = garden(ofSheets(
                    "Top",
                    5,
                    5,
                    new SheetRow(SheetGood.PLYWOOD_18, Length.metres(2.5 + more), Length.metres(1.25), 1)));
            assertThat(snags(plan)).hasSize(more > 0 ? 1 : 0);
        }
        // Flutes run along the length: such a piece isn't turned.
        assertThat(snags(garden(ofSheets(
                        "Pane", 5, 5, new SheetRow(SheetGood.TWIN_WALL_6, Length.metres(1), Length.metres(2), 1)))))
                .hasSize(1);
    }

    @ParameterizedTest
    @EnumSource(FurnitureKind.class)
    @DisplayName("new furniture stands on free ground with room to pass, near the gate, without a flaw of its own")
    void newFurniture(FurnitureKind kind) {
        for (Units units : Units.values()) {
            Plan plan = with(
                    plot(8, 6, List.of(), bed("Beans", 4, 3, 4, 1.5)),
                    Put.of(gate("Gate", 0, 3, 1)),
                    new Change.DescribeGarden("Garden", units));
            Put<Furniture> put = NewFurniture.in(plan, SEASON, kind, id("new"));
            Plan built = with(plan, put);
            assertThat(snags(built)).isEmpty();
            assertThat(Polygons.of(put.thing().place().corners())
                            .distance(Polygons.of(plan.standing(SEASON).get(0).corners())))
                    .isGreaterThan(0.6);
            assertThat(told(built).boards().isEmpty()).isEqualTo(kind == FurnitureKind.LEAF_BIN);
        }
    }

    @Test
    void piecesOfATableCanBeTakenOverAsOnesOwn() {
        Plan plan = garden(furniture("Table", FurnitureKind.TABLE, 5, 5, 1.5, 0.75));
        Plan owned = with(plan, NewFurniture.owned(plan, id("Table")));
        assertThat(told(owned).boards()).isEqualTo(told(plan).boards());
        assertThat(owned.list(FurnitureKinds.FURNITURE).get(0).kind()).isEqualTo(FurnitureKind.OWN);
        assertThat(CostStudy.of(owned).bill().total())
                .isEqualTo(CostStudy.of(plan).bill().total());
        assertThatThrownBy(() -> NewFurniture.owned(plan, id("Nowhere"))).isInstanceOf(RefusedException.class);
    }

    @Test
    @DisplayName("boards are bought again when the wood has rotted, slabs are not")
    void renewed() {
        Furniture stand =
                furniture("Stand", FurnitureKind.BARREL_STAND, 5, 5, 0.7, 0.7).onSlabs();
        int years = Material.SOFTWOOD.leastYears();
        Furniture lasting = new Furniture(
                stand.id(),
                stand.name(),
                stand.kind(),
                stand.place(),
                stand.height(),
                stand.material(),
                true,
                List.of(),
                List.of(),
                new Lifetime(Optional.of(SEASON), Optional.of(SEASON + years + 1)));
        List<BillLine> lines = CostStudy.of(garden(lasting)).bill().lines();
        assertThat(lines.stream().map(BillLine::season).distinct()).containsExactly(SEASON, SEASON + years);
        assertThat(lines.stream().filter(line -> line.item().key().equals("furniture/slab")))
                .extracting(line -> line.quantity().intValue())
                .containsExactly(4);
    }

    @Test
    @DisplayName("no bed stands where it does, and what is closed shades the bed behind")
    void standsInTheWay() {
        Plan plan = with(
                plot(20, 20, List.of(Gardens.gardener("Ada", 0.6, 0.6)), bed("Beans", 10, 10, 2, 1)),
                Put.of(furniture("Table", FurnitureKind.TABLE, 10, 9.3, 2, 0.75)));
        assertThat(Appraisal.of(plan, SEASON).snags()).extracting(Snag::rule).contains(BedRule.BED_ON_FEATURE);
        Furniture wall = furniture("Wall", FurnitureKind.OWN, 10, 9.2, 3, 0.5);
        assertThat(sun(garden(wall))).isLessThan(sun(plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1))) - 0.2);
    }

    private static double sun(Plan plan) {
        StandingBed bed = plan.standing(SEASON).get(0);
        return SunStudy.of(plan, SEASON).growing().beds().stream()
                .filter(each -> each.bed().equals(bed.id()))
                .findFirst()
                .orElseThrow()
                .growing();
    }

    @Test
    void whatIsNoFurnitureIsRefused() {
        assertThatThrownBy(() -> furniture("Table", FurnitureKind.TABLE, 5, 5, 11, 1))
                .hasMessageContaining("10");
        assertThatThrownBy(() -> new BoardPart(Board.B2X4, Length.metres(13), 1))
                .hasMessageContaining("12");
        assertThatThrownBy(() -> new BoardPart(Board.B2X4, Length.metres(1), 0)).hasMessageContaining("1");
        assertThatThrownBy(() -> new SheetRow(SheetGood.PLYWOOD_12, Length.metres(1), Length.metres(1), 101))
                .hasMessageContaining("100");
    }
}
