package fairacre.reach;

import java.util.List;

/**
 * How the beds of a season are reached.
 *
 * @param beds as they stand, in the plan's order
 */
public record Reached(List<BedReach> beds) {

    public Reached {
        beds = List.copyOf(beds);
    }
}
