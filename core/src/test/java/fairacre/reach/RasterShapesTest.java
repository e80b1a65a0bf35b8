package fairacre.reach;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.comb;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.keyhole;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.shaped;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.measure.Length;
import fairacre.outline.Form;
import fairacre.outline.Point;
import fairacre.outline.Shape;
import fairacre.plan.Bed;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.testing.Gardens;
import fairacre.testing.Raster;
import fairacre.walk.CarrierStudy;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Reach and carriers' ground against a flood fill over a fine grid, on seeded random plots with a gate, a shed and beds
 * of all shapes, some with crops that lean out over the walk. The grid is asked twice, for somebody a little slimmer
 * with more reach and for somebody a little wider with less; the geometry has to lie between. Towards more, the grid
 * lets an arm reach over anything in front of the edge; towards less, only where the straight line stays over the bed's
 * own soil.
 */
class RasterShapesTest {

    private static final int PLOTS = 60;
    private static final double LENGTH = 6;
    private static final double WIDTH = 5;
    private static final double DOUBT = 0.03;
    private static final double AREA_DOUBT = 0.03;

    static List<Long> seeds() {
        return new Random(20270611).longs(PLOTS).boxed().toList();
    }

    @ParameterizedTest(name = "random plot {0} [raster flood fill]")
    @MethodSource("seeds")
    void reachLiesBetweenTheGridsBounds(long seed) {
        Random random = new Random(seed);
        double reach = 0.3 + random.nextDouble() * 0.3;
        double passing = 0.4 + random.nextDouble() * 0.4;
        Plan plan = garden(random, reach, passing);
        List<StandingBed> standing = plan.standing(SEASON);
        ReachStudy study = ReachStudy.of(WalkStudy.of(plan.setting(SEASON), standing), plan.gardeners());
        Raster lenient = raster(plan, passing - 2 * DOUBT);
        Raster strict = raster(plan, passing + 2 * DOUBT);
        for (StandingBed bed : standing) {
            double unreached = study.reach(bed).byNobody().area().squareMetres();
            assertThat(unreached)
                    .as(bed.name())
                    .isBetween(
                            unreached(bed, lenient, reach + DOUBT, false) - AREA_DOUBT,
                            unreached(bed, strict, reach - DOUBT, true) + AREA_DOUBT);
        }
    }

    @ParameterizedTest(name = "random plot {0} [raster flood fill]")
    @MethodSource("seeds")
    void theGroundOfACarrierLiesBetweenTheGridsBounds(long seed) {
        Random random = new Random(seed);
        Plan plan = garden(random, 0.5, 0.5);
        double width = 0.4 + random.nextDouble() * 0.6;
        List<StandingBed> standing = plan.standing(SEASON);
        double area = CarrierStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing)
                .judge(carrier("Cart", width, true, 0))
                .area()
                .squareMetres();
        double slimmer = raster(plan, width - 2 * DOUBT).covered();
        double wider = raster(plan, width + 2 * DOUBT).covered();
        assertThat(area).isBetween(Math.min(wider, slimmer) - 0.6, slimmer + 0.6);
    }

    private static Plan garden(Random random, double reach, double passing) {
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            double lean = random.nextInt(3) == 0 ? random.nextDouble() * 0.2 : 0;
            double turn = random.nextBoolean() ? random.nextInt(4) * 90 : random.nextDouble() * 360;
            beds.add(shaped(
                    "Bed " + i,
                    rectangle(
                            1 + random.nextDouble() * 4,
                            1 + random.nextDouble() * 3,
                            1 + random.nextDouble(),
                            0.9 + random.nextDouble() * 0.7,
                            turn),
                    shape(i, random),
                    Gardens.leaning(lean)));
        }
        double x = random.nextDouble() * 4;
        return with(
                plot(LENGTH, WIDTH, List.of(seated("Somebody", reach, passing)), beds.toArray(Bed[]::new)),
                Put.of(feature("Shed", FeatureKind.SHED, 0, 0, x, 4, x + 1, 4, x + 1, 5, x, 5)),
                Put.of(gate("Gate", 3, 0, 1.2)));
    }

    private static Shape shape(int kind, Random random) {
        return switch (kind) {
            case 0 -> new Shape(new Form.Ell(Length.metres(0.4), Length.metres(0.3), random.nextBoolean()), List.of());
            case 1 -> comb(2, 0.3, 0.2);
            case 2 -> new Shape(new Form.Octagon(Length.metres(0.25)), List.of());
            default -> new Shape(Form.RECTANGLE, List.of(keyhole(0, 0.5, 0.3 + random.nextDouble() * 0.2, 0.4)));
        };
    }

    private static Raster raster(Plan plan, double width) {
        List<List<Point>> obstacles = new ArrayList<>();
        plan.standing(SEASON).forEach(bed -> obstacles.add(bed.corners()));
        double[] leans = Arrays.copyOf(
                plan.standing(SEASON).stream()
                        .mapToDouble(RasterShapesTest::lean)
                        .toArray(),
                obstacles.size() + plan.features().size());
        plan.features().forEach(feature -> obstacles.add(feature.places()));
        return new Raster(plan.site().corners(), obstacles, leans, width, LENGTH, WIDTH, new double[][] {{3, 0, 1.2}});
    }

    private static double lean(StandingBed bed) {
        return bed.revision().leansOut().metres();
    }

    private static double unreached(StandingBed bed, Raster raster, double reach, boolean overOwnSoil) {
        List<Point> corners = bed.corners();
        List<double[]> stood = raster.stoodAt(corners, lean(bed));
        int unreached = 0;
        for (double x = Raster.CELL / 2; x < LENGTH; x += Raster.CELL) {
            for (double y = Raster.CELL / 2; y < WIDTH; y += Raster.CELL) {
                if (Raster.inside(corners, x, y) && !isReached(corners, stood, x, y, reach, overOwnSoil)) {
                    unreached++;
                }
            }
        }
        return unreached * Raster.CELL * Raster.CELL;
    }

    private static boolean isReached(
            List<Point> bed, List<double[]> stood, double x, double y, double reach, boolean overOwnSoil) {
        for (double[] place : stood) {
            double dx = x - place[0];
            double dy = y - place[1];
            boolean inFront = dx * place[2] + dy * place[3] <= DOUBT;
            if (Math.hypot(dx, dy) <= reach && inFront && (!overOwnSoil || seen(bed, place, dx, dy))) {
                return true;
            }
        }
        return false;
    }

    private static boolean seen(List<Point> bed, double[] from, double dx, double dy) {
        for (double share = 0.02; share < 1; share += 0.02) {
            double x = from[0] - from[2] * 1e-4 + dx * share;
            double y = from[1] - from[3] * 1e-4 + dy * share;
            if (!Raster.inside(bed, x, y)) {
                return false;
            }
        }
        return true;
    }
}
