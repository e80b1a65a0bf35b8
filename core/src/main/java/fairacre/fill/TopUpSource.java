package fairacre.fill;

import fairacre.measure.Length;
import fairacre.parts.Part;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import java.util.Optional;

/** Knows how much compost what grows in a bed takes in a season. */
public interface TopUpSource extends Part {

    /** How deep it is spread over the soil; empty where nothing is planted. */
    Optional<Length> topUp(Plan plan, Bed bed, int season);
}
