package fairacre.rotation;

import fairacre.harvest.HarvestKinds;
import fairacre.harvest.Want;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * Which years are to be planned.
 *
 * @param first season
 * @param years 1 to 6
 * @param beds whose plantings may be chosen anew; none for all
 * @param cover whether green manure is sown where the soil would lie bare
 */
public record YearsAsked(int first, int years, List<UUID> beds, boolean cover) {

    private static final int MOST = 6;
    /** Parts of beds by years by crops: twenty beds for four years and 25 crops are 6,000 at most. */
    private static final int MOST_PLACES = 8_000;

    public YearsAsked {
        Limits.season(first, "first");
        Limits.between(years, 1, MOST, "years");
        beds = beds == null ? List.of() : List.copyOf(beds);
    }

    public int last() {
        return first + years - 1;
    }

    /** @throws RefusedException if nothing is wished for, no bed is there, or it is too much */
    public void check(Plan plan) {
        long wished = HarvestKinds.wishes(plan).stream()
                .filter(wish -> wish.want() != Want.NEVER)
                .count();
        if (wished == 0) {
            throw new RefusedException(
                    "wishes", "nothing is wished for", "say under \"What we eat\" which crops have to grow");
        }
        if (beds(plan).isEmpty()) {
            throw new RefusedException("beds", "no bed is there in these years", "choose other years or beds");
        }
        if (Ground.of(beds(plan)).size() * wished * years > MOST_PLACES) {
            throw new RefusedException(
                    "beds", "this is too much to plan at once", "choose fewer beds or years, or wish for fewer crops");
        }
    }

    /** Those that are there in some of the years, as they are then first. */
    List<StandingBed> beds(Plan plan) {
        Map<UUID, StandingBed> there = new LinkedHashMap<>();
        IntStream.rangeClosed(first, last())
                .forEach(season -> plan.standing(season).stream()
                        .filter(bed -> beds.isEmpty() || beds.contains(bed.id()))
                        .forEach(bed -> there.putIfAbsent(bed.id(), bed)));
        return List.copyOf(there.values());
    }

    boolean isOf(int season) {
        return season >= first && season <= last();
    }
}
