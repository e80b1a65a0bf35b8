package fairacre.surface;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.shape.Memo;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class SurfaceStudyTest {

    private static final Layer CHIP = new Layer(LayerKind.CHIP, Length.inches(4));
    private static final Layer CARDBOARD = new Layer(LayerKind.CARDBOARD, Length.ZERO);

    @Test
    @DisplayName("A cubic yard covers 324 sq ft at 1 in, a cubic metre 40 m2 at 25 mm [common practice, derived]")
    void coverage() {
        assertThat(Volume.prism(Area.squareMetres(324 * 0.09290304), Length.inches(1))
                        .cubicYards())
                .isCloseTo(1, within(1e-4));
        assertThat(Volume.prism(Area.squareMetres(40), Length.millimetres(25)).cubicMetres())
                .isCloseTo(1, within(1e-9));
    }

    @Test
    @DisplayName(
            "10 x 1.2 m of walk less a bed that takes 2 x 0.5 m of it: 11 m2, 1.118 m3 of chip at 4 in, 14.08 m2 of cardboard [long hand]")
    void whatABedTakesOfAWalkIsNotCovered() {
        WalkTakeoff walk = only(
                with(plot(10, 10, List.of(), bed("Beans", 5, 3.5, 2, 1)), put("Main", 0, 2, 10, 3.2, CARDBOARD, CHIP)));
        // The bed reaches from y 3 to 4, so 0.2 m of its width lie over the walk: 2 x 0.2 = 0.4.
        assertThat(walk.area().squareMetres()).isCloseTo(12 - 0.4, within(1e-4));
        WalkTakeoff deeper = only(
                with(plot(10, 10, List.of(), bed("Beans", 5, 3.2, 2, 1)), put("Main", 0, 2, 10, 3.2, CARDBOARD, CHIP)));
        assertThat(deeper.area().squareMetres()).isCloseTo(11, within(1e-4));
        assertThat(deeper.layers().get(1).volume().cubicMetres()).isCloseTo(11 * 0.1016, within(1e-4));
        assertThat(deeper.layers().get(0).covered().squareMetres()).isCloseTo(11 * 1.28, within(1e-3));
        assertThat(deeper.thickness()).isEqualTo(Length.inches(4));
    }

    @Test
    @DisplayName("A compacted base takes 1.2 to 1.3 times its finished volume [common practice]")
    void aBaseIsOrderedForItsCompaction() {
        WalkTakeoff walk = only(with(
                plot(10, 10, List.of()), put("Main", 0, 2, 10, 3, new Layer(LayerKind.BASE, Length.millimetres(100)))));
        assertThat(walk.layers().get(0).volume().cubicMetres()).isBetween(1.2, 1.3);
    }

    @Test
    @DisplayName(
            "Mulched ground, 10 m2: 2 in of manure are 0.508 m3, cardboard with its laps 12.8 m2, 4 in of chip 1.016 m3 [long hand]")
    void groundIsMulchedOverManure() {
        WalkTakeoff walk = only(with(
                plot(10, 10, List.of()),
                put("Main", 0, 2, 10, 3, new Layer(LayerKind.MANURE, Length.inches(2)), CARDBOARD, CHIP)));
        assertThat(walk.layers().get(0).volume().cubicMetres()).isCloseTo(0.508, within(1e-6));
        assertThat(walk.layers().get(1).covered().squareMetres()).isCloseTo(12.8, within(1e-6));
        assertThat(walk.layers().get(2).volume().cubicMetres()).isCloseTo(1.016, within(1e-6));
        assertThat(walk.rises()).isEqualTo(Length.inches(6));
    }

    @Test
    void groundThatTwoWalksShareCountsForTheMainOne() {
        Plan plan = with(
                plot(10, 10, List.of()),
                put("Main", 0, 4, 10, 5, CHIP),
                Put.of(new Walk(
                        id("Work"), "Work", WalkGrade.WORK, Surfacing.WOOD_CHIP, area(4, 0, 5, 10), made(CHIP))));
        List<WalkTakeoff> walks = SurfaceStudy.of(plan);
        assertThat(walks).extracting(walk -> walk.area().squareMetres()).containsExactly(10.0, 9.0);
    }

    @Test
    void neitherASlabNorWhatLiesOffThePlotIsCovered() {
        Plan plan = with(
                plot(10, 10, List.of()),
                put("Main", -1, 2, 10, 3, CHIP),
                Put.of(feature("Slab", FeatureKind.SLAB, 0, 0, 2, 2, 4, 2, 4, 3, 2, 3)));
        assertThat(only(plan).area().squareMetres()).isCloseTo(8, within(1e-4));
    }

    @Test
    void aWalkThatIsWhollyCoveredTakesNothing() {
        WalkTakeoff walk =
                only(with(plot(10, 10, List.of(), bed("Beans", 5, 5, 3, 1)), put("Main", 4, 4.8, 6, 5.2, CHIP)));
        assertThat(walk.area()).isEqualTo(Area.ZERO);
        assertThat(walk.layers().get(0).volume()).isEqualTo(Volume.ZERO);
    }

    @Test
    void noLayerIsLaidWhereABedWillStandLaterAndWhereOneIsGoneItIs() {
        Bed later = Bed.of(
                id("Later"),
                "Later",
                bed("Later", 5, 2.5, 2, 1).revisions().get(0).startingIn(SEASON + 2));
        WalkTakeoff walk = only(with(plot(10, 10, List.of(), later), put("Main", 0, 2, 10, 3, CHIP)));
        assertThat(walk.area().squareMetres()).isCloseTo(8, within(1e-4));
        Bed gone = new Bed(id("Gone"), "Gone", bed("Gone", 5, 2.5, 2, 1).revisions(), Optional.of(SEASON + 1));
        WalkBuild next = made(CHIP);
        Plan plan = with(
                plot(10, 10, List.of(), gone),
                Put.of(new Walk(
                        id("Main"),
                        "Main",
                        WalkGrade.MAIN,
                        Surfacing.WOOD_CHIP,
                        area(0, 2, 10, 3),
                        next,
                        Lifetime.from(SEASON + 1))));
        assertThat(only(plan).area().squareMetres()).isCloseTo(10, within(1e-4));
    }

    @Test
    @DisplayName(
            "Edging of a walk across the plot: both long sides, less 2 m beside a bed and the ends at the plot's edge [long hand]")
    void edgingIsOnlyWantedAtOpenGround() {
        WalkBuild edged = new WalkBuild(List.of(CHIP), false, true);
        Plan plan = with(
                plot(10, 10, List.of(), bed("Beans", 5, 3.5, 2, 1)),
                Put.of(new Walk(id("Main"), "Main", WalkGrade.MAIN, Surfacing.WOOD_CHIP, area(0, 2, 10, 3), edged)));
        // Each end of what touches loses up to 2 cm beyond the corner: 4 at the plot's edge, 2 beside the bed.
        assertThat(only(plan).edging().metres()).isCloseTo(18, within(6 * 0.02 + 1e-6));
    }

    @Test
    @DisplayName(
            "Dug in by 6 in, 10 m2 give 1.524 m3 in the bank and a quarter more loose [earthmoving tables: common earth]")
    void whatIsDugOutSwells() {
        WalkBuild dug = new WalkBuild(BuildUps.usual(Surfacing.LOOSE_GRAVEL), true, false);
        Plan plan = with(
                plot(10, 10, List.of()),
                Put.of(new Walk(id("Main"), "Main", WalkGrade.MAIN, Surfacing.LOOSE_GRAVEL, area(0, 2, 10, 3), dug)));
        WalkTakeoff walk = only(plan);
        assertThat(walk.spoil().cubicMetres()).isCloseTo(1.524 * 1.25, within(1e-3));
        assertThat(walk.rises()).isEqualTo(Length.ZERO);
        // 85 L to a barrow: 22.4.
        assertThat(walk.away().barrows()).isEqualTo(23);
    }

    @ParameterizedTest
    @EnumSource(Surfacing.class)
    void everySurfaceHasABuildUpAWalkTakesAndSaysItsUpkeep(Surfacing surface) {
        WalkBuild build = new WalkBuild(BuildUps.usual(surface), false, false);
        Plan plan = with(
                plot(10, 10, List.of()),
                Put.of(new Walk(id("Main"), "Main", WalkGrade.MAIN, surface, area(0, 2, 10, 3), build)));
        assertThat(only(plan).layers()).hasSameSizeAs(build.layers());
        assertThat(build.made()).isEqualTo(surface != Surfacing.BARE_SOIL);
        assertThat(BuildUps.upkeep(surface)).endsWith(".");
    }

    @Test
    @DisplayName("Chippings on their base raise the ground by 6 in [common practice]")
    void chippingsRaiseTheGround() {
        assertThat(new WalkBuild(BuildUps.usual(Surfacing.LOOSE_GRAVEL), false, false).rises())
                .isEqualTo(Length.inches(6));
    }

    static LongStream seeds() {
        return new Random(11).longs(20);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("The ground of two walks among turned beds is what a raster of 2 cm finds")
    void groundAgainstARaster(long seed) {
        Random random = new Random(seed);
        Bed[] beds = new Bed[6];
        for (int i = 0; i < beds.length; i++) {
            beds[i] = bed(
                    "B" + i,
                    1 + 8 * random.nextDouble(),
                    1 + 8 * random.nextDouble(),
                    0.5 + 2 * random.nextDouble(),
                    0.5 + random.nextDouble(),
                    random.nextDouble() * 90,
                    Optional.empty());
        }
        Plan plan = with(
                plot(10, 10, List.of(), beds),
                put("Main", 0, 3, 10, 4.5, CHIP),
                Put.of(new Walk(
                        id("Work"), "Work", WalkGrade.WORK, Surfacing.WOOD_CHIP, area(4, -1, 5, 11), made(CHIP))));
        int[] cells = new int[2];
        double cell = 0.02;
        for (double x = cell / 2; x < 10; x += cell) {
            for (double y = cell / 2; y < 10; y += cell) {
                boolean main = y > 3 && y < 4.5;
                boolean work = x > 4 && x < 5 && !main;
                if ((main || work) && !covered(x, y, beds)) {
                    cells[main ? 0 : 1]++;
                }
            }
        }
        List<WalkTakeoff> walks = SurfaceStudy.of(plan);
        for (int i = 0; i < 2; i++) {
            // Each bed's edge of up to 7.5 m cuts through cells; half of each on the average is off, the errors largely
            // cancel.
            assertThat(walks.get(i).area().squareMetres()).isCloseTo(cells[i] * cell * cell, within(0.15));
        }
        assertThat(SurfaceStudy.of(plan, new Memo(Memo.USUAL))).isEqualTo(walks);
    }

    private static boolean covered(double x, double y, Bed[] beds) {
        for (Bed bed : beds) {
            var outline = bed.revisions().get(0).outline();
            double turn = Math.toRadians(outline.turn());
            double dx = x - outline.centre().x().metres();
            double dy = y - outline.centre().y().metres();
            // Turns are clockwise.
            double along = dx * Math.cos(turn) - dy * Math.sin(turn);
            double across = dx * Math.sin(turn) + dy * Math.cos(turn);
            if (Math.abs(along) <= outline.length().metres() / 2
                    && Math.abs(across) <= outline.width().metres() / 2) {
                return true;
            }
        }
        return false;
    }

    @Test
    void impossibleLayersAreRefusedAtTheirField() {
        assertThatThrownBy(() -> new Layer(LayerKind.CHIP, Length.ZERO))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("depth");
        assertThatThrownBy(() -> new Layer(LayerKind.BASE, Length.metres(0.7))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Layer(LayerKind.PAVERS, Length.inches(2)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("by area");
        assertThatThrownBy(() -> made(CHIP, CHIP, CHIP, CHIP, CHIP, CHIP, CHIP, CHIP, CHIP))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> with(
                        plot(10, 10, List.of()),
                        Put.of(new Walk(
                                id("Main"),
                                "Main",
                                WalkGrade.MAIN,
                                Surfacing.WOOD_CHIP,
                                area(0, 2, 10, 3),
                                made(CHIP),
                                Lifetime.from(SEASON - 1)))))
                .hasMessageContaining("before the garden begins");
    }

    private static Put<Walk> put(String name, double left, double bottom, double right, double top, Layer... layers) {
        return Put.of(new Walk(
                id(name), name, WalkGrade.MAIN, Surfacing.WOOD_CHIP, area(left, bottom, right, top), made(layers)));
    }

    private static WalkBuild made(Layer... layers) {
        return new WalkBuild(List.of(layers), false, false);
    }

    private static List<Point> area(double left, double bottom, double right, double top) {
        return List.of(
                Point.metres(left, bottom),
                Point.metres(right, bottom),
                Point.metres(right, top),
                Point.metres(left, top));
    }

    private static WalkTakeoff only(Plan plan) {
        List<WalkTakeoff> walks = SurfaceStudy.of(plan);
        assertThat(walks).hasSize(1);
        return walks.get(0);
    }

    @Test
    @DisplayName(
            "10 m of drain, 0.3 x 0.5 m, round a pipe of 4 in: 1.42 m3 of stone and 5 % more, 16 m2 of fabric and 10 % more [long hand]")
    void aDrainIsStoneRoundAPipeWrappedInFabric() {
        Feature drain = Feature.drain(
                id("Drain"),
                "Drain",
                List.of(Point.metres(0, 0), Point.metres(6, 0), Point.metres(6, 4)),
                Length.metres(0.3),
                Length.metres(0.5),
                Lifetime.from(SEASON));
        DrainTakeoff takeoff =
                DrainTakeoff.of(with(plot(10, 10, List.of()), Put.of(drain))).get(0);
        assertThat(takeoff.pipe()).isEqualTo(Length.metres(10));
        // 0.15 m2 less a circle of 101.6 mm, 0.00811 m2, over 10 m.
        assertThat(takeoff.stone().cubicMetres()).isCloseTo(1.4189 * 1.05, within(1e-3));
        assertThat(takeoff.fabric().squareMetres()).isCloseTo(16 * 1.1, within(1e-6));
    }

    @Test
    void aDrainThatIsThereTakesNothingAndOneWithoutADepthTheUsual() {
        Plan there = with(plot(10, 10, List.of()), Put.of(feature("Drain", FeatureKind.DRAIN, 0.3, 0, 0, 0, 10, 0)));
        assertThat(DrainTakeoff.of(there)).isEmpty();
        Feature drain = there.features().get(0);
        Feature laid =
                Feature.drain(drain.id(), "Drain", drain.places(), drain.breadth(), Length.ZERO, Lifetime.from(SEASON));
        DrainTakeoff takeoff = DrainTakeoff.of(with(there, Put.of(laid))).get(0);
        assertThat(takeoff.stone().cubicMetres()).isCloseTo((0.3 * 0.4572 - 0.00811) * 10 * 1.05, within(1e-3));
    }

    @Test
    void aWalkThatIsGoneTakesNoGroundFromALaterOne() {
        for (int until = 1; until <= 3; until++) {
            Walk old = put("Old", 0, 2, 10, 3, CHIP).thing().withLifetime(Lifetime.until(SEASON + until));
            Walk later = put("Work", 0, 2, 10, 4, CHIP)
                    .thing()
                    .withGrade(WalkGrade.WORK)
                    .withLifetime(Lifetime.from(SEASON + 2));
            WalkTakeoff takeoff = SurfaceStudy.of(with(plot(10, 10, List.of()), Put.of(old), Put.of(later)))
                    .get(1);
            assertThat(takeoff.area().squareMetres()).isCloseTo(until <= 2 ? 20 : 10, within(1e-4));
        }
    }

    @Test
    void aWalkThatIsGoneBeforeABedStandsIsLaidUnderIt() {
        Bed bed = new Bed(
                id("Later"),
                "Later",
                List.of(bed("Later", 5, 2.5, 2, 1).revisions().get(0).startingIn(SEASON + 2)),
                Optional.empty());
        for (int until = 1; until <= 3; until++) {
            Walk walk = put("Main", 0, 2, 10, 3, CHIP).thing().withLifetime(Lifetime.until(SEASON + until));
            WalkTakeoff takeoff = only(with(plot(10, 10, List.of(), bed), Put.of(walk)));
            assertThat(takeoff.area().squareMetres()).isCloseTo(until <= 2 ? 10 : 8, within(1e-4));
        }
    }
}
