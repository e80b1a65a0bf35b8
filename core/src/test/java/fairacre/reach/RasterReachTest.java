package fairacre.reach;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.testing.Gardens;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The geometric reach against a flood fill over a fine grid, on seeded random plots. A grid can't decide cases closer
 * than its cells, so it is asked twice: once for somebody a little slimmer with a little more reach, once for somebody
 * a little wider with a little less. The geometric answer has to lie between the two.
 */
class RasterReachTest {

    private static final int PLOTS = 120;

    static List<Long> seeds() {
        return new Random(20270401).longs(PLOTS).boxed().toList();
    }

    @ParameterizedTest(name = "random plot {0} [raster flood fill]")
    @MethodSource("seeds")
    void geometryLiesBetweenTheGridsBounds(long seed) {
        Random random = new Random(seed);
        List<Point> corners = corners(random);
        List<Bed> beds = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(5); i++) {
            double turn = random.nextBoolean() ? 0 : random.nextDouble() * 90;
            beds.add(bed(
                    "Bed " + i,
                    0.8 + random.nextDouble() * 4.4,
                    0.8 + random.nextDouble() * 3.4,
                    0.8 + random.nextDouble() * 1.6,
                    0.5 + random.nextDouble(),
                    turn,
                    Optional.empty()));
        }
        double reach = 0.3 + random.nextDouble() * 0.4;
        double passing = 0.45 + random.nextDouble() * 0.5;
        Gardener somebody = gardener("Somebody", reach, passing);
        Plan plan = Gardens.on(corners, List.of(somebody), beds.toArray(Bed[]::new));
        List<StandingBed> standing = plan.standing(SEASON);
        ReachStudy study = ReachStudy.of(WalkStudy.of(plan.site(), standing), plan.gardeners());
        Raster lenient = new Raster(corners, standing, passing - 2 * Raster.DOUBT, reach + Raster.DOUBT);
        Raster strict = new Raster(corners, standing, passing + 2 * Raster.DOUBT, reach - Raster.DOUBT);
        for (StandingBed bed : standing) {
            double unreached = study.reach(bed).byNobody().area().squareMetres();
            assertThat(unreached)
                    .as(bed.name())
                    .isBetween(lenient.unreached(bed) - Raster.AREA_DOUBT, strict.unreached(bed) + Raster.AREA_DOUBT);
        }
    }

    private static List<Point> corners(Random random) {
        double notch = 0.5 + random.nextDouble();
        return List.of(
                Point.metres(0, 0),
                Point.metres(6, 0),
                Point.metres(6, 5 - notch),
                Point.metres(5, 5 - notch),
                Point.metres(5, 5),
                Point.metres(random.nextDouble(), 5));
    }

    /** Everything by trying places on a grid; shares no code with the studies. */
    private static final class Raster {
        static final double CELL = 0.02;
        static final double DOUBT = 0.03;
        static final double AREA_DOUBT = 0.02;
        private static final int COLUMNS = (int) (6 / CELL);
        private static final int ROWS = (int) (5 / CELL);

        private final List<Point> corners;
        private final List<StandingBed> beds;
        private final double radius;
        private final double reach;
        private final boolean[] usable = new boolean[COLUMNS * ROWS];

        Raster(List<Point> corners, List<StandingBed> beds, double passing, double reach) {
            this.corners = corners;
            this.beds = beds;
            this.radius = passing / 2;
            this.reach = reach;
            flood();
        }

        private void flood() {
            boolean[] free = new boolean[usable.length];
            java.util.ArrayDeque<Integer> open = new java.util.ArrayDeque<>();
            for (int cell = 0; cell < free.length; cell++) {
                double x = x(cell);
                double y = y(cell);
                double edge = toEdge(x, y);
                free[cell] = inside(x, y) && edge >= radius && beds.stream().allMatch(b -> toBed(b, x, y) >= radius);
                if (free[cell] && edge <= radius + 2 * CELL) {
                    usable[cell] = true;
                    open.add(cell);
                }
            }
            while (!open.isEmpty()) {
                int cell = open.poll();
                for (int step : new int[] {-1, 1, -COLUMNS, COLUMNS}) {
                    int next = cell + step;
                    if (next >= 0 && next < free.length && free[next] && !usable[next]) {
                        usable[next] = true;
                        open.add(next);
                    }
                }
            }
        }

        double unreached(StandingBed bed) {
            List<double[]> stood = stoodAt(bed);
            double length = bed.outline().length().metres();
            double width = bed.outline().width().metres();
            int along = (int) (length / CELL);
            int across = (int) (width / CELL);
            int unreached = 0;
            for (int i = 0; i < along; i++) {
                for (int j = 0; j < across; j++) {
                    double u = -length / 2 + (i + 0.5) * length / along;
                    double v = -width / 2 + (j + 0.5) * width / across;
                    if (stood.stream().noneMatch(s -> Math.hypot(s[0] - u, s[1] - v) <= reach)) {
                        unreached++;
                    }
                }
            }
            return unreached * (length / along) * (width / across);
        }

        /**
         * Places on the outline, in the bed's own axes, at which the disk can stand: its middle is tried straight off
         * the edge, at a corner in many directions, and has to lie by a cell that the flood came to.
         */
        private List<double[]> stoodAt(StandingBed bed) {
            double l = bed.outline().length().metres() / 2;
            double w = bed.outline().width().metres() / 2;
            List<double[]> stood = new ArrayList<>();
            for (double s = -1; s <= 1; s += CELL / 2 / Math.max(l, w)) {
                tryAt(bed, s * l, -w, -Math.PI / 2, stood);
                tryAt(bed, s * l, w, Math.PI / 2, stood);
                tryAt(bed, -l, s * w, Math.PI, stood);
                tryAt(bed, l, s * w, 0, stood);
            }
            for (int corner = 0; corner < 4; corner++) {
                double u = corner == 0 || corner == 3 ? l : -l;
                double v = corner < 2 ? w : -w;
                for (double turn = 0; turn <= Math.PI / 2; turn += Math.PI / 180) {
                    tryAt(bed, u, v, corner * Math.PI / 2 + turn, stood);
                }
            }
            return stood;
        }

        private void tryAt(StandingBed bed, double u, double v, double direction, List<double[]> stood) {
            Point middle = bed.outline().at(u + radius * Math.cos(direction), v + radius * Math.sin(direction));
            double x = middle.x().metres();
            double y = middle.y().metres();
            boolean clear = inside(x, y)
                    && toEdge(x, y) >= radius
                    && beds.stream().allMatch(b -> b == bed || toBed(b, x, y) >= radius);
            if (clear && flooded(x, y)) {
                stood.add(new double[] {u, v});
            }
        }

        private boolean flooded(double x, double y) {
            int column = (int) (x / CELL);
            int row = (int) (y / CELL);
            for (int r = Math.max(0, row - 2); r <= Math.min(ROWS - 1, row + 2); r++) {
                for (int c = Math.max(0, column - 2); c <= Math.min(COLUMNS - 1, column + 2); c++) {
                    if (usable[r * COLUMNS + c]) {
                        return true;
                    }
                }
            }
            return false;
        }

        private static double x(int cell) {
            return (cell % COLUMNS + 0.5) * CELL;
        }

        private static double y(int cell) {
            return (cell / COLUMNS + 0.5) * CELL;
        }

        private boolean inside(double x, double y) {
            boolean inside = false;
            for (int i = 0; i < corners.size(); i++) {
                Point a = corners.get(i);
                Point b = corners.get((i + 1) % corners.size());
                boolean spans = a.y().metres() > y != b.y().metres() > y;
                if (spans
                        && x
                                < (b.x().metres() - a.x().metres())
                                                * (y - a.y().metres())
                                                / (b.y().metres() - a.y().metres())
                                        + a.x().metres()) {
                    inside = !inside;
                }
            }
            return inside;
        }

        private double toEdge(double x, double y) {
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < corners.size(); i++) {
                Point a = corners.get(i);
                Point b = corners.get((i + 1) % corners.size());
                double dx = b.x().metres() - a.x().metres();
                double dy = b.y().metres() - a.y().metres();
                double t = ((x - a.x().metres()) * dx + (y - a.y().metres()) * dy) / (dx * dx + dy * dy);
                double clamped = Math.max(0, Math.min(1, t));
                least = Math.min(
                        least, Math.hypot(a.x().metres() + clamped * dx - x, a.y().metres() + clamped * dy - y));
            }
            return least;
        }

        private static double toBed(StandingBed bed, double x, double y) {
            double angle = Math.toRadians(bed.outline().turn());
            double dx = x - bed.outline().centre().x().metres();
            double dy = y - bed.outline().centre().y().metres();
            double u = Math.abs(dx * Math.cos(angle) - dy * Math.sin(angle))
                    - bed.outline().length().metres() / 2;
            double v = Math.abs(dx * Math.sin(angle) + dy * Math.cos(angle))
                    - bed.outline().width().metres() / 2;
            return Math.hypot(Math.max(0, u), Math.max(0, v));
        }
    }
}
