package fairacre.catalogue;

import fairacre.limits.Limits;
import java.util.Optional;

/**
 * Seed of a variety that the gardener has.
 *
 * @param seeds how many, 0 to 1 000 000
 * @param year in which they were harvested or packed
 * @param germination share of them that came up when it was tried, 0.01 to 1; empty if it was not
 * @param noMore whether no more can be bought of it
 */
public record SeedOnHand(int seeds, int year, Optional<Double> germination, boolean noMore) {

    private static final int MOST = 1_000_000;
    private static final double LEAST_GERMINATION = 0.01;
    /** In each year beyond those that it keeps, half of it comes up no more (a rough guess). */
    private static final double FADES = 0.5;

    public SeedOnHand {
        Limits.between(seeds, 0, MOST, "seeds");
        Limits.season(year, "year");
        germination = germination == null ? Optional.empty() : germination;
        germination.ifPresent(share -> Limits.between(share, LEAST_GERMINATION, 1, "germination"));
    }

    /**
     * Share of them that comes up in a year: what was tried, or what fresh seed of the crop has, for as many years as
     * it keeps; then half of that, and so on.
     */
    public double comesUp(Crop.Seed usual, int season) {
        int tooOld = Math.max(0, season - year - usual.keeps());
        return germination.orElse(usual.germination()) * Math.pow(FADES, tooOld);
    }
}
