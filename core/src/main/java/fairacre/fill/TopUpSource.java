package fairacre.fill;

import fairacre.measure.Length;
import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.util.Map;
import java.util.UUID;

/** Knows how much compost what grows in the beds takes in a season. */
public interface TopUpSource extends Part {

    /** How deep it is spread over the soil of each bed in which something is planted. */
    Map<UUID, Length> topUps(Plan plan, int season);
}
