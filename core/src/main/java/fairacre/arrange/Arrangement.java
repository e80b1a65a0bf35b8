package fairacre.arrange;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import java.util.List;
import org.joda.money.Money;

/**
 * A complete layout that has been judged: nothing that was asked of it is missing.
 *
 * @param beds corners of each bed
 * @param growing soil of its beds
 * @param walks ground of the rectangle that is left free
 * @param edge length of all edges of its beds
 * @param cost of frames and fill
 * @param detour longest way round a bed, from the middle of one long side to the middle of the other
 * @param unpriced lines of its bill without a price
 * @param sun hours of direct sun a day in the growing months on the ground of its beds, the mean over it, to a tenth
 * @param change takes the layout over
 */
public record Arrangement(
        LayoutKind manner,
        List<List<Point>> beds,
        Area growing,
        Area walks,
        Length edge,
        Money cost,
        int unpriced,
        Length detour,
        double sun,
        Change change) {

    public Arrangement {
        beds = List.copyOf(beds);
    }

    /**
     * Whether nobody would tell them apart by their figures: as many beds of one manner, all else within a fiftieth.
     */
    boolean isNearlyTheSame(Arrangement other) {
        return manner == other.manner
                && beds.size() == other.beds.size()
                && isNear(growing.squareMetres(), other.growing.squareMetres())
                && isNear(edge.metres(), other.edge.metres())
                && isNear(detour.metres(), other.detour.metres())
                && isNear(sun, other.sun)
                && isNear(cost.getAmount().doubleValue(), other.cost.getAmount().doubleValue());
    }

    private static boolean isNear(double one, double other) {
        return Math.abs(one - other) <= Math.max(Math.abs(one), Math.abs(other)) / 50;
    }

    /** Whether this one is at least as good in every figure and better in one. */
    boolean dominates(Arrangement other) {
        boolean noWorse = growing.compareTo(other.growing) >= 0
                && edge.compareTo(other.edge) <= 0
                && cost.compareTo(other.cost) <= 0
                && detour.compareTo(other.detour) <= 0
                && sun >= other.sun;
        boolean better = growing.compareTo(other.growing) > 0
                || edge.compareTo(other.edge) < 0
                || cost.compareTo(other.cost) < 0
                || detour.compareTo(other.detour) < 0
                || sun > other.sun;
        return noWorse && better;
    }
}
