package fairacre.fence;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * How the beds of a season are kept from a pest.
 *
 * @param needs what a fence has to be; empty for what flies
 * @param net the widest mesh of a net over the bed that keeps it off; empty for what comes on foot
 * @param open the beds that it gets to, in order of id
 * @param stoppedBy what holds against it round the other beds
 * @param holes where it gets through or by, to beds that would be closed in without them
 */
public record PestRow(
        UUID pest,
        Optional<Needs> needs,
        Optional<Length> net,
        List<UUID> open,
        List<UUID> stoppedBy,
        List<Hole> holes) {

    public PestRow {
        open = List.copyOf(open);
        stoppedBy = List.copyOf(stoppedBy);
        holes = List.copyOf(holes);
    }

    /**
     * A place at which a pest gets in.
     *
     * @param thing the fence, gate, wall or other feature
     * @param place on it
     */
    public record Hole(UUID thing, String name, Point place, List<FenceFlaw> flaws) {
        public Hole {
            flaws = List.copyOf(flaws);
        }
    }
}
