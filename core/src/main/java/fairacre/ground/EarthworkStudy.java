package fairacre.ground;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Rectangle;
import fairacre.plan.SqueezeTest;
import java.util.Optional;
import java.util.function.DoubleBinaryOperator;

/**
 * Cut and fill by the grid (borrow-pit) method of surveying handbooks: the mean of the depths at a cell's corners times
 * the cell's area; a cell in which cut meets fill is parted along the line where neither is. For that each cell is
 * taken as four triangles about its middle, whose depth is the mean of the corners: where the whole cell is cut this is
 * the mean of the corners times the area, exactly.
 */
public final class EarthworkStudy {

    /** Cells along each side. */
    private static final int CELLS = 24;

    private static final int HALVINGS = 50;

    private final DoubleBinaryOperator ground;
    private final Rectangle area;

    private EarthworkStudy(DoubleBinaryOperator ground, Rectangle area) {
        this.ground = ground;
        this.area = area;
    }

    public static EarthworkStudy of(Levels levels, Rectangle area) {
        return new EarthworkStudy(levels::at, area);
    }

    /**
     * @param level to which the ground is brought; empty for the level at which the cut fills the hollows
     * @param beds room for loose soil in beds
     */
    public Earthwork to(Optional<Length> level, SqueezeTest soil, Volume beds) {
        double target = level.map(Length::metres).orElseGet(this::balanced);
        double[] volumes = volumes(target);
        double swell = Earthwork.swell(soil);
        double loose = volumes[0] * (1 + swell);
        double forHollows = inTheBank(volumes[1]) * (1 + swell);
        double spare = Math.max(0, loose - forHollows);
        double intoBeds = Math.min(spare, beds.millilitres() / 1e6);
        return new Earthwork(
                Length.metres(target),
                cubicMetres(volumes[0]),
                cubicMetres(volumes[1]),
                cubicMetres(loose),
                cubicMetres(spare),
                cubicMetres(Math.max(0, forHollows - loose)),
                cubicMetres(intoBeds),
                cubicMetres(spare - intoBeds),
                swell);
    }

    /**
     * The level at which what is cut, packed, fills the hollows, by halving between the lowest and the highest ground.
     */
    private double balanced() {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= CELLS; i++) {
            for (int j = 0; j <= CELLS; j++) {
                low = Math.min(low, height(i, j));
                high = Math.max(high, height(i, j));
            }
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            double[] volumes = volumes(middle);
            if (volumes[0] > inTheBank(volumes[1])) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** How much soil in the bank fills a hollow once it is packed: packed soil takes less room. */
    private static double inTheBank(double hollow) {
        return hollow / (1 - Earthwork.SHRINK);
    }

    /** Cut and fill, cubic metres. */
    private double[] volumes(double target) {
        double cell = area.length().metres() / CELLS * (area.width().metres() / CELLS);
        double[] sum = new double[2];
        for (int i = 0; i < CELLS; i++) {
            for (int j = 0; j < CELLS; j++) {
                double[] corners = {
                    height(i, j) - target,
                    height(i + 1, j) - target,
                    height(i + 1, j + 1) - target,
                    height(i, j + 1) - target
                };
                addCell(corners, cell, sum);
            }
        }
        return sum;
    }

    /** Adds cut and fill of one cell from the depths at its corners, going round. */
    static void addCell(double[] corners, double cell, double[] sum) {
        double middle = (corners[0] + corners[1] + corners[2] + corners[3]) / 4;
        for (int side = 0; side < 4; side++) {
            double whole = cell / 4 * (middle + corners[side] + corners[(side + 1) % 4]) / 3;
            double cut = cut(middle, corners[side], corners[(side + 1) % 4]) * cell / 4;
            sum[0] += cut;
            sum[1] += cut - whole;
        }
    }

    /** Mean depth over a triangle of what lies above zero, of depths at its corners. */
    private static double cut(double a, double b, double c) {
        int above = (a > 0 ? 1 : 0) + (b > 0 ? 1 : 0) + (c > 0 ? 1 : 0);
        double mean = (a + b + c) / 3;
        if (above == 3 || above == 0) {
            return Math.max(0, mean);
        }
        boolean oneAbove = above == 1;
        double peak = alone(a, b, c, oneAbove);
        double first = peak == a ? b : a;
        double second = peak == c ? b : c;
        // A tip that is alone on its side of zero is a pyramid over the share of the triangle that the zero line cuts
        // off.
        double tip = peak / (peak - first) * (peak / (peak - second)) * peak / 3;
        return oneAbove ? tip : mean - tip;
    }

    private static double alone(double a, double b, double c, boolean above) {
        if (a > 0 == above && b > 0 != above && c > 0 != above) {
            return a;
        }
        return b > 0 == above && a > 0 != above ? b : c;
    }

    private double height(int i, int j) {
        double along = area.length().metres() * ((double) i / CELLS - 0.5);
        double across = area.width().metres() * ((double) j / CELLS - 0.5);
        return ground.applyAsDouble(
                area.at(along, across).x().metres(), area.at(along, across).y().metres());
    }

    private static Volume cubicMetres(double cubicMetres) {
        return Volume.prism(Area.squareMetres(1), Length.metres(cubicMetres));
    }
}
