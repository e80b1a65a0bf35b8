package fairacre.feeding;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.List;
import java.util.UUID;

/**
 * A mulch that is laid on beds, anew in each of its seasons.
 *
 * @param depth 10 to 200 mm
 * @param first season in which it is laid
 * @param seasons so many one after the other, 1 to 10
 * @param beds on which it lies, at most 1000; none: on all
 */
public record Mulch(UUID id, String name, MulchKind kind, Length depth, int first, int seasons, List<UUID> beds) {

    private static final Length THINNEST = Length.millimetres(10);
    private static final Length THICKEST = Length.millimetres(200);
    private static final int MOST_SEASONS = 10;

    public Mulch {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(kind, "kind");
        Limits.between(Limits.present(depth, "depth"), THINNEST, THICKEST, "depth");
        Limits.season(first, "first");
        Limits.between(seasons, 1, MOST_SEASONS, "seasons");
        beds = beds == null ? List.of() : beds.stream().distinct().sorted().toList();
        Limits.atMost(Limits.MOST_BEDS, beds, "beds");
    }

    boolean isOn(UUID bed, int season) {
        return season >= first && season < first + seasons && (beds.isEmpty() || beds.contains(bed));
    }
}
