package fairacre.harvest;

import fairacre.limits.Limits;
import java.util.UUID;

/**
 * Who eats what the garden gives.
 *
 * @param eaters 0.5 to 50; a child counts as half of one
 */
public record Household(UUID id, double eaters) {

    private static final double FEWEST = 0.5;
    private static final double MOST = 50;

    public Household {
        Limits.present(id, "id");
        Limits.between(eaters, FEWEST, MOST, "eaters");
    }
}
