package fairacre.rotation;

import fairacre.crop.Planting;
import fairacre.harvest.Want;
import fairacre.plan.Change;
import java.util.List;
import java.util.UUID;

/**
 * What could grow where over some years.
 *
 * @param solved whether it was solved as a whole; else the best was taken one after the other
 * @param plantings that are new or stay as they were planned
 * @param removed plantings that give way
 * @param wishes how each is met, year by year
 * @param cost what is not met, and what else speaks against it, in points: less is better
 * @param bound no plan costs less, as far as is known
 * @param unmet what has to grow and can't, in words: the smallest set of wishes that clash
 * @param edit that plants it
 */
public record YearsPlan(
        boolean solved,
        List<Planting> plantings,
        List<UUID> removed,
        List<WishMet> wishes,
        long cost,
        long bound,
        List<String> unmet,
        Change edit) {

    public YearsPlan {
        plantings = List.copyOf(plantings);
        removed = List.copyOf(removed);
        wishes = List.copyOf(wishes);
        unmet = List.copyOf(unmet);
    }

    /**
     * @param wanted kilograms in a season
     * @param got kilograms, as is usual
     */
    public record WishMet(String crop, String name, Want want, int season, double wanted, double got) {}
}
