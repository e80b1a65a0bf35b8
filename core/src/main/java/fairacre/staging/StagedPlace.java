package fairacre.staging;

import java.util.List;
import java.util.UUID;

/**
 * What lies ready at a bed, a walk, a fence or a structure.
 *
 * @param goods in the order of their kinds, and of one kind by their labels, boards by their marks
 */
public record StagedPlace(UUID place, String name, List<StagedGood> goods) {

    public StagedPlace {
        goods = List.copyOf(goods);
    }
}
