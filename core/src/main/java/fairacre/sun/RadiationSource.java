package fairacre.sun;

import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.util.List;

/** Knows how much the sun sends where the garden is, clouds counted. */
public interface RadiationSource extends Part {

    /** January to December; none where it is not known. */
    List<MonthRadiation> radiation(Plan plan);

    /**
     * On a mean day of a month.
     *
     * @param reaching level ground in the open, megajoules a square metre and day
     * @param aboveTheAir what would reach it without air, megajoules a square metre and day
     * @param daylight hours from sunrise to sunset
     */
    record MonthRadiation(double reaching, double aboveTheAir, double daylight) {}
}
