package fairacre.server.job;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;

/**
 * @param beds what is bought for them, or for covers and structures, in order of id; for everything if there are none
 */
public record ChosenBeds(List<UUID> beds) {

    public ChosenBeds {
        beds = beds.stream().distinct().sorted().toList();
    }

    Predicate<UUID> chosen() {
        Set<UUID> some = Set.copyOf(beds);
        return bed -> some.isEmpty() || some.contains(bed);
    }
}
