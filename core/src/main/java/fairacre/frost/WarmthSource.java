package fairacre.frost;

import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.util.List;

/** Knows how warm the months are where the garden is. */
public interface WarmthSource extends Part {

    /** January to December; none where it is not known. */
    List<MonthWarmth> warmth(Plan plan);

    /**
     * @param lowest mean of the days' lowest temperatures of the air, degrees Celsius
     * @param highest mean of the days' highest
     */
    record MonthWarmth(double lowest, double highest) {

        double mean() {
            return (lowest + highest) / 2;
        }
    }
}
