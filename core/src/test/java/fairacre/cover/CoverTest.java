package fairacre.cover;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.cover;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.cost.CutSheets;
import fairacre.cost.KnownCuts;
import fairacre.cost.MarkedPiece;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.over.BedPlace;
import fairacre.over.Fabric;
import fairacre.over.OverRule;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Site;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import fairacre.sun.SunStudy;
import fairacre.testing.Gardens;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Covers on beds. What they are cut from is checked by triangles whose sides are whole numbers. */
class CoverTest {

    private static final double KERF = Length.inches(0.125).metres();

    private static Plan garden(BedCover... covers) {
        return with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                Stream.of(covers).map(Put::of).toArray(Put[]::new));
    }

    private static List<Snag> snags(Plan plan, CoverRule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    private static CoverTold told(Plan plan) {
        return CoverStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
    }

    private static BedCover sized(CoverKind kind, double length, double width, double low, double high, int sections) {
        return new BedCover(
                id("Lights"),
                "Lights",
                kind,
                Length.metres(length),
                Length.metres(width),
                sections,
                Length.metres(low),
                Length.metres(high),
                SheetGood.PLYWOOD_18,
                SheetGood.TWIN_WALL_6,
                Fabric.INSECT_NET,
                List.of(new BedPlace(id("Beans"), Lifetime.ALWAYS)),
                Lifetime.from(SEASON));
    }

    private static CoverParts parts(BedCover cover) {
        return new CoverParts(garden(cover), cover);
    }

    private static List<String> sizes(List<SheetPart> parts) {
        return parts.stream()
                .map(part -> part.count() + " × "
                        + Math.round(part.length().millimetres()) + " × "
                        + Math.round(part.width().millimetres()))
                .toList();
    }

    @Test
    @DisplayName("a lid over 1.2 m that rises by 0.5 m is 1.3 m long and an inch that drips: 5-12-13")
    void coldFrame() {
        CoverParts parts = parts(sized(CoverKind.COLD_FRAME, 2, 1.2, 0.25, 0.75, 2));
        assertThat(parts.slope().metres()).isCloseTo(1.3 + 0.0254, within(2e-6));
        assertThat(parts.tilt()).isCloseTo(Math.toDegrees(Math.asin(5.0 / 13)), within(1e-6));
        assertThat(sizes(parts.walls()))
                .containsExactly("2 × 1000 × 250", "2 × 1000 × 750", "2 × 1164 × " + Math.round(1003.6 + 0.0));
        assertThat(sizes(parts.panes())).containsExactly("2 × 1326 × 1000");
        // An equilateral triangle opens by 60 degrees; the chord of 30 is 2 sin 15.
        assertThat(parts.prop().metres()).isCloseTo(1.3254 * 0.517638, within(1e-3));
    }

    @Test
    @DisplayName("both sides of a cold frame come out of their rectangle: trapezoids of the low and the high edge")
    void twoSidesOutOfOne() {
        BedCover cover = sized(CoverKind.COLD_FRAME, 2, 1.2, 0.25, 0.75, 1);
        SheetPart sides = parts(cover).walls().get(2);
        double deep = 1.2 - 2 * 0.018;
        double area = 2 * (0.25 + 0.75) / 2 * deep;
        List<Length> ends = parts(cover).sideEnds();
        // The line from front to back, a wall's thickness in from either.
        assertThat(ends.get(0).metres()).isCloseTo(0.25 + 0.5 * 0.018 / 1.2, within(1e-6));
        assertThat((ends.get(0).metres() + ends.get(1).metres()) / 2 * deep * 2).isCloseTo(area, within(1e-6));
        assertThat(sides.length().metres() * (sides.width().metres() - KERF)).isCloseTo(area, within(2e-3));
    }

    @Test
    @DisplayName("panes of a cloche 1.2 m wide and 0.8 m high are 1 m long: 3-4-5")
    void cloche() {
        CoverParts parts = parts(sized(CoverKind.CLOCHE, 2, 1.2, 0.1, 0.8, 2));
        assertThat(parts.slope().metres()).isCloseTo(1, within(1e-6));
        assertThat(sizes(parts.panes())).containsExactly("4 × 1000 × 1000", "1 × 1804 × 800");
        assertThat(parts.walls()).isEmpty();
        assertThat(parts.prop()).isEqualTo(Length.ZERO);
        assertThat(parts.lidKilograms()).isZero();
    }

    @Test
    @DisplayName("a cage of 2 x 1 x 0.5 m has 5 square metres of net, and battens along its twelve edges and two posts")
    void cage() {
        CoverParts parts = parts(sized(CoverKind.NET_CAGE, 2, 1, 0.1, 0.5, 1));
        assertThat(parts.net().squareMetres()).isCloseTo(2 * 1 + 2 * (2 * 0.5 + 1 * 0.5), within(1e-4));
        assertThat(parts.battensByLength().values()).containsExactly(4, 4, 6);
        assertThat(parts.battensByLength().keySet())
                .extracting(Length::millimetres)
                .containsExactly(2000.0, 900.0, 400.0);
    }

    @Test
    @DisplayName("weights of plywood, panes and battens by hand: areas and lengths times their densities")
    void weights() {
        BedCover cover = sized(CoverKind.COLD_FRAME, 2, 1.2, 0.25, 0.75, 2);
        CoverParts parts = parts(cover);
        double slope = 1.3254;
        double batten = 0.05 * 0.05 * 450;
        double lid = slope * 1 * 1.3 + (2 * 1 + 2 * (slope - 0.1)) * batten;
        assertThat(parts.lidKilograms()).isCloseTo(lid, within(0.01));
        double walls = (1.0 * 0.25 + 1.0 * 0.75 + (0.25 + 0.75) * 1.164) * 10.8;
        double corners = (2 * 0.25 + 2 * 0.75) * batten;
        assertThat(parts.sectionKilograms()).isCloseTo(walls + corners + lid, within(0.02));
    }

    @ParameterizedTest
    @DisplayName("it stands on a bed whose outside differs by the thickness of its wall, and not by a hair more")
    @CsvSource({"0, 0", "0.0381, 0", "-0.0381, 0", "0.0382, 1", "-0.0382, 1"})
    void fits(double more, int misfits) {
        for (double turn : new double[] {0, 90, 33}) {
            for (Units units : Units.values()) {
                Plan plan = with(
                        plot(
                                20,
                                20,
                                List.of(),
                                bed("Beans", 10, 10, 2.4, 1.2, turn, Optional.of(cedar(Board.B2X10, 1)))),
                        Put.of(cover("Cage", CoverKind.NET_CAGE, 2.4, 1.2 + more, 2, "Beans")),
                        new Change.DescribeGarden("Garden", units));
                List<Snag> snags = snags(plan, CoverRule.COVER_DOESNT_FIT);
                assertThat(snags).hasSize(misfits);
                snags.forEach(snag -> assertThat(snag.remedies())
                        .hasSize(2)
                        .allSatisfy(remedy -> assertThat(
                                        snags(plan.apply(remedy.change()).orThrow(), CoverRule.COVER_DOESNT_FIT))
                                .isEmpty()));
            }
        }
    }

    @Test
    void onABedWithoutWallsItMayBeTwoInchesOff() {
        for (double off : new double[] {0.0507, -0.0507}) {
            assertThat(snags(
                            garden(cover("Cage", CoverKind.NET_CAGE, 2, 1 + off, 1, "Beans")),
                            CoverRule.COVER_DOESNT_FIT))
                    .isEmpty();
        }
        assertThat(snags(garden(cover("Cage", CoverKind.NET_CAGE, 2, 1.0509, 1, "Beans")), CoverRule.COVER_DOESNT_FIT))
                .hasSize(1);
    }

    @Test
    void otherBedsOfItsSizeAreTold() {
        Plan plan = with(
                plot(
                        20,
                        20,
                        List.of(),
                        bed("Beans", 5, 10, 2, 1),
                        bed("Kale", 10, 10, 1, 2),
                        bed("Leeks", 15, 10, 3, 1)),
                Put.of(cover("Cage", CoverKind.NET_CAGE, 2, 1, 1, "Beans")));
        assertThat(told(plan).fits()).containsExactly(id("Kale"));
    }

    @ParameterizedTest
    @DisplayName("the low side looks towards the sun at noon: a bed's turn, north on the drawing, either hemisphere")
    @CsvSource({
        "0, 0, 50, south, 0",
        "30, 0, 50, south-west, 30",
        "-60, 0, 50, south-east, 60",
        "90, 0, 50, '', 90",
        "0, 90, 50, '', 90",
        "30, 30, 50, south, 0",
        "0, 0, -40, north, 0",
        "180, 0, -40, north, 0",
        "20, 0, -40, north, 20"
    })
    void facing(double turn, double north, double latitude, String faces, double off) {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1, turn, Optional.empty())),
                Put.of(cover("Lights", CoverKind.COLD_FRAME, 2, 1, 2, "Beans")),
                new Change.SetSite(new Site(Site.rectangle(20, 20), north, latitude)));
        CoverOnBed on = told(plan).on().get(0);
        assertThat(on.off()).isCloseTo(off, within(1e-4));
        if (!faces.isEmpty()) {
            assertThat(on.faces()).contains(faces);
        }
        assertThat(snags(plan, CoverRule.COVER_TURNED_AWAY)).hasSize(off > 60 ? 1 : 0);
    }

    @Test
    @DisplayName("of a square bed the best of four sides is in front")
    void squareBed() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 1, 1, 80, Optional.empty())),
                Put.of(cover("Lights", CoverKind.COLD_FRAME, 1, 1, 1, "Beans")));
        assertThat(told(plan).on().get(0).off()).isCloseTo(10, within(1e-4));
    }

    @Test
    void sectionsMeetAcrossTheBed() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 1, 3)),
                Put.of(cover("Cage", CoverKind.NET_CAGE, 3, 1, 3, "Beans")));
        assertThat(told(plan).on().get(0).joints())
                .containsExactly(
                        List.of(Point.metres(9.5, 9.5), Point.metres(10.5, 9.5)),
                        List.of(Point.metres(9.5, 10.5), Point.metres(10.5, 10.5)));
    }

    @Test
    @DisplayName("one person lifts 23 kg (NIOSH); the fewest sections that weigh less are proposed")
    void heavy() {
        BedCover one = sized(CoverKind.COLD_FRAME, 2, 0.9, 0.2, 0.4, 1).of(SheetGood.PLYWOOD_18, SheetGood.ACRYLIC_3);
        double kilograms = parts(one).sectionKilograms();
        assertThat(kilograms).isGreaterThan(23);
        Plan plan = with(plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 0.9)), Put.of(one));
        Snag snag = snags(plan, CoverRule.COVER_HEAVY).get(0);
        assertThat(snag.words()).contains(Math.round(kilograms) + " kg");
        assertThat(snag.remedies().get(0).words()).startsWith("Build it in 2 sections, each 1.00 m long");
        assertThat(snags(plan.apply(snag.remedies().get(0).change()).orThrow(), CoverRule.COVER_HEAVY))
                .isEmpty();
        // The highest back that one person still lifts.
        double low = 0.1;
        double high = 0.5;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (CoverSections.light(plan, sized(CoverKind.COLD_FRAME, 2, 0.9, 0.1, middle, 1))) {
                low = middle;
            } else {
                high = middle;
            }
        }
        assertThat(parts(sized(CoverKind.COLD_FRAME, 2, 0.9, 0.1, low, 1)).sectionKilograms())
                .isCloseTo(CoverSections.LIFTED, within(0.05));
    }

    @Test
    @DisplayName("flutes run down the slope: a section as wide as a sheet is cut, a hair wider is not")
    void sheetsLargeEnough() {
        for (double more : new double[] {0, 0.002}) {
            BedCover wide = sized(CoverKind.CLOCHE, 1.05 + more, 0.8, 0.1, 0.4, 1);
            Plan plan = with(plot(20, 20, List.of(), bed("Beans", 10, 10, 1.05 + more, 0.8)), Put.of(wide));
            List<Snag> snags = snags(plan, CoverRule.COVER_NO_SHEET);
            assertThat(snags).hasSize(more > 0 ? 1 : 0);
            snags.forEach(snag -> assertThat(snag.remedies())
                    .isNotEmpty()
                    .allSatisfy(remedy -> assertThat(
                                    snags(plan.apply(remedy.change()).orThrow(), CoverRule.COVER_NO_SHEET))
                            .isEmpty()));
        }
    }

    @Test
    void aSheetOverHoopsLeavesNoRoomForACover() {
        Plan plan = with(
                garden(cover("Cage", CoverKind.NET_CAGE, 2, 1, 1, "Beans")),
                Put.of(Gardens.hoops("Tunnel", 0.4, "Beans")));
        List<Snag> snags = snags(plan, CoverRule.COVER_TWICE);
        assertThat(snags).extracting(Snag::words).containsExactly("Cage and Tunnel are both to go over Beans in 2027.");
        assertThat(snags.get(0).remedies())
                .hasSize(2)
                .allSatisfy(remedy -> assertThat(
                                snags(plan.apply(remedy.change()).orThrow(), CoverRule.COVER_TWICE))
                        .isEmpty());
        assertThat(snags(with(plan, Put.of(Gardens.hoops("Tunnel", 0.4))), CoverRule.COVER_TWICE))
                .isEmpty();
    }

    @Test
    void netsOfCagesAreJudgedAsThoseOfHoops() {
        Plan plan = with(
                garden(cover("Cage", CoverKind.NET_CAGE, 2, 1, 1, "Beans").under(Fabric.BIRD_NET)),
                Put.of(Gardens.pest("Whites", PestKind.CABBAGE_WHITE, Pest.Pressing.LOW)));
        assertThat(Appraisal.of(plan, SEASON).snags())
                .extracting(Snag::rule)
                .contains(OverRule.NET_CATCHES, OverRule.NET_TOO_WIDE);
        Plan framed = with(
                plan,
                Put.of(cover("Cage", CoverKind.COLD_FRAME, 2, 1, 2, "Beans").under(Fabric.BIRD_NET)));
        assertThat(Appraisal.of(framed, SEASON).snags())
                .extracting(Snag::rule)
                .doesNotContain(OverRule.NET_CATCHES, OverRule.NET_TOO_WIDE);
    }

    @ParameterizedTest
    @EnumSource(CoverKind.class)
    @DisplayName("a new cover is sound, in feet and in metres, on a bed of 4 x 8 ft and one of 1.2 x 2.4 m")
    void newCovers(CoverKind kind) {
        for (Units units : Units.values()) {
            boolean metric = units == Units.METRIC;
            Plan plan = with(
                    plot(20, 20, List.of(), bed("Beans", 10, 10, metric ? 2.4 : 2.4384, metric ? 1.2 : 1.2192)),
                    new Change.DescribeGarden("Garden", units));
            Plan covered = with(plan, NewCovers.on(plan, SEASON, kind, List.of(), id("new")));
            assertThat(Appraisal.of(covered, SEASON).snags())
                    .filteredOn(snag -> snag.rule() instanceof CoverRule || snag.rule() instanceof OverRule)
                    .isEmpty();
            assertThat(told(covered).on())
                    .allSatisfy(on -> assertThat(on.misfit()).isEmpty());
        }
    }

    @Test
    void aNewCoverNeedsABedThatItStandsOn() {
        Plan none = plot(10, 10, List.of());
        assertThatThrownBy(() -> NewCovers.on(none, SEASON, CoverKind.CLOCHE, List.of(), id("new")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("there is no bed for it");
        Plan wide = plot(20, 20, List.of(), bed("Field", 10, 10, 8, 4));
        assertThatThrownBy(() -> NewCovers.on(wide, SEASON, CoverKind.CLOCHE, List.of(id("Field")), id("new")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("0.3 to 3 m wide");
    }

    @Test
    void whatIsNoCoverIsRefused() {
        assertThatThrownBy(() -> sized(CoverKind.COLD_FRAME, 1, 2, 0.2, 0.4, 1))
                .hasMessageContaining("its width is the shorter side");
        assertThatThrownBy(() -> sized(CoverKind.COLD_FRAME, 2, 1, 0.5, 0.4, 1))
                .hasMessageContaining("water would stand on the lid");
        assertThat(sized(CoverKind.COLD_FRAME, 2, 1, 0.4, 0.4, 1).high()).isEqualTo(Length.metres(0.4));
        assertThatThrownBy(() -> sized(CoverKind.COLD_FRAME, 2, 1, 0.2, 0.4, 13))
                .hasMessageContaining("12");
        BedCover cover = sized(CoverKind.COLD_FRAME, 2, 1, 0.2, 0.4, 1);
        assertThatThrownBy(() -> cover.of(SheetGood.ACRYLIC_3, SheetGood.ACRYLIC_3))
                .hasMessageContaining("walls are cut from plywood");
        assertThatThrownBy(() -> cover.of(SheetGood.PLYWOOD_12, SheetGood.PLYWOOD_12))
                .hasMessageContaining("no light comes through it");
    }

    /** Two beds with cold frames over them: more parts than are cut exactly at once. */
    private static Plan twoCovered() {
        return with(
                plot(20, 20, List.of(), bed("Beans", 5, 10, 2, 0.9), bed("Kale", 12, 10, 2, 0.9)),
                Put.of(cover("Lights", CoverKind.COLD_FRAME, 2, 0.9, 3, "Beans")),
                Put.of(cover("Second", CoverKind.COLD_FRAME, 2, 0.9, 3, "Kale")));
    }

    @Test
    @DisplayName("while an edit is tried sheets are cut by the quick rule, until the best is known")
    void quickAndBest() {
        CostStudy study = CostStudy.of(twoCovered());
        KnownCuts known = study.cuts();
        assertThat(study.bill(known).quick()).isFalse();
        assertThat(study.bill(known).total()).isEqualTo(study.bill().total());
        assertThat(study.bill(KnownCuts.NONE).total().isLessThan(study.bill().total()))
                .isFalse();
        assertThat(known.id())
                .isNotEqualTo(KnownCuts.NONE.id())
                .isEqualTo(CostStudy.of(twoCovered()).cuts().id());
    }

    @Test
    @DisplayName("each good is told as soon as it is cut, and none costs more than by the quick rule")
    void oneGoodAfterTheOther() {
        CostStudy study = CostStudy.of(twoCovered());
        List<CutSheets> told = new ArrayList<>();
        study.sheetsOf(thing -> true, told::add);
        assertThat(told).hasSize(study.sheetGoods(thing -> true)).isEqualTo(study.sheetsOf(thing -> true));
        List<CutSheets> quick = study.sheetsOf(thing -> true, KnownCuts.NONE);
        for (int i = 0; i < told.size(); i++) {
            assertThat(told.get(i).pieces()).isEqualTo(quick.get(i).pieces());
            assertThat(told.get(i)
                            .cost()
                            .orElseThrow()
                            .isGreaterThan(quick.get(i).cost().orElseThrow()))
                    .isFalse();
        }
        assertThat(study.sheetGoods(id("Lights")::equals)).isEqualTo(2);
        assertThat(study.sheetGoods(thing -> false)).isZero();
    }

    @Test
    @DisplayName("sheets of all covers of a season are cut together, and the bill buys what the cutting plan shows")
    void onTheBill() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 5, 10, 2, 0.9), bed("Kale", 12, 10, 2, 0.9)),
                Put.of(cover("Lights", CoverKind.COLD_FRAME, 2, 0.9, 2, "Beans")),
                Put.of(cover("Second", CoverKind.COLD_FRAME, 2, 0.9, 2, "Kale")));
        CostStudy study = CostStudy.of(plan);
        List<BillLine> lines = study.bill().lines().stream()
                .filter(line -> line.item().key().startsWith("sheet/"))
                .toList();
        assertThat(lines).allSatisfy(line -> {
            assertThat(line.part()).isEqualTo(BillPart.STRUCTURES);
            assertThat(line.season()).isEqualTo(SEASON);
        });
        List<CutSheets> cutting = study.sheetsOf(thing -> true);
        assertThat(cutting).extracting(CutSheets::good).containsExactly(SheetGood.PLYWOOD_18, SheetGood.TWIN_WALL_6);
        assertThat(lines.stream().mapToInt(line -> line.quantity().intValue()).sum())
                .isEqualTo(cutting.stream()
                        .flatMap(cut -> cut.sheets().stream())
                        .mapToInt(CutSheets.SheetToCut::times)
                        .sum());
        // Boards of the season are marked first: no letter stands on two kinds of pieces.
        assertThat(Stream.concat(
                        study.cutting().stream()
                                .flatMap(cut -> cut.pieces().stream())
                                .map(MarkedPiece::mark),
                        cutting.stream().flatMap(cut -> cut.pieces().stream()).map(CutSheets.SheetPiece::mark)))
                .doesNotHaveDuplicates()
                .contains("A", "B");
        cutting.forEach(cut -> {
            double cutOut = cut.sheets().stream()
                    .mapToDouble(sheet -> sheet.times()
                            * sheet.cuts().stream()
                                    .mapToDouble(each -> each.along().metres()
                                            * each.across().metres())
                                    .sum())
                    .sum();
            double wanted = cut.pieces().stream()
                    .mapToDouble(piece -> piece.count()
                            * piece.length().metres()
                            * piece.width().metres())
                    .sum();
            assertThat(cutOut).isCloseTo(wanted, within(1e-6));
        });
        // Four sections: 4 panes 0.9434 m long and 1 m wide out of sheets 1.05 m wide.
        assertThat(cutting.get(1).pieces())
                .extracting(CutSheets.SheetPiece::count)
                .containsExactly(2, 2);
    }

    @Test
    void eachPartIsBoughtAgainWhenItIsWornOut() {
        BedCover lasting = new BedCover(
                id("Lights"),
                "Lights",
                CoverKind.COLD_FRAME,
                Length.metres(2),
                Length.metres(1),
                2,
                Length.metres(0.2),
                Length.metres(0.4),
                SheetGood.PLYWOOD_12,
                SheetGood.TWIN_WALL_6,
                Fabric.INSECT_NET,
                List.of(),
                new Lifetime(Optional.of(SEASON), Optional.of(SEASON + 13)));
        List<BillLine> lines = CostStudy.of(garden(lasting)).bill().lines();
        assertThat(lines.stream()
                        .filter(line -> line.item().key().startsWith("sheet/plywood-12"))
                        .map(BillLine::season)
                        .distinct())
                .containsExactly(SEASON, SEASON + 6, SEASON + 12);
        assertThat(lines.stream()
                        .filter(line -> line.item().key().startsWith("sheet/twin-wall-6"))
                        .map(BillLine::season)
                        .distinct())
                .containsExactly(SEASON, SEASON + 10);
    }

    @Test
    @DisplayName("a net takes its share of the sun of its bed; of a shed without one nothing is taken")
    void shade() {
        Plan open = garden();
        double before = SunStudy.of(open, SEASON).growing().beds().get(0).growing();
        Plan netted = garden(cover("Cage", CoverKind.NET_CAGE, 2, 1, 1, "Beans").under(Fabric.SHADE_CLOTH));
        assertThat(SunStudy.of(netted, SEASON).growing().beds().get(0).growing())
                .isCloseTo(before * 0.5, within(before * 0.03));
        Plan hooped = with(open, Put.of(Gardens.hoops("Tunnel", 0.5, "Beans")));
        assertThat(SunStudy.of(hooped, SEASON).growing().beds().get(0).growing())
                .isCloseTo(before * 0.85, within(before * 0.03));
        Plan framed = garden(cover("Lights", CoverKind.COLD_FRAME, 2, 1, 2, "Beans"));
        assertThat(SunStudy.of(framed, SEASON).growing().beds().get(0).growing())
                .isBetween(before * 0.4, before * 0.8);
    }
}
