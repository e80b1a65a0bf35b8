package fairacre.trellis;

import fairacre.parts.Part;
import fairacre.plan.Plan;
import java.util.Map;
import java.util.UUID;

/** Knows what climbs in the beds. */
public interface ClimberSource extends Part {

    /** Kilograms of vines and fruit in full crop, of each bed in which something climbs in a season. */
    Map<UUID, Double> climbing(Plan plan, int season);
}
