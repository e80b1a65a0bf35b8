package fairacre.crew;

import fairacre.limits.Limits;
import java.util.Optional;
import java.util.UUID;

/**
 * What somebody can do, besides the stages of the work that they leave to others.
 *
 * @param lifts kilograms that they lift alone at most, 1 to 100; two lift twice as much. Empty for no limit
 * @param saws whether they saw
 * @param reach the gardener with whose reach they work from their seat: they sow, plant, mulch and lay lines only in
 *     beds in which that gardener reaches everything. Empty for somebody who steps where they like
 */
public record Ability(Optional<Double> lifts, boolean saws, Optional<UUID> reach) {

    static final Ability ALL = new Ability(Optional.empty(), true, Optional.empty());

    private static final double LEAST = 1;
    private static final double MOST = 100;

    public Ability {
        lifts = lifts == null ? Optional.empty() : lifts;
        lifts.ifPresent(most -> Limits.between(most, LEAST, MOST, "lifts"));
        reach = reach == null ? Optional.empty() : reach;
    }
}
