package fairacre.fill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.parts.Parts;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.takeoff.Ahead;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * The compost that a bed takes every year after it was filled: what its crops want ({@link TopUpSource}), or an inch
 * over its soil until something is planted there, of the 1 to 2 in that are usual (common practice).
 */
public final class TopUp {

    public static final Length DEPTH = Length.inches(1);

    private TopUp() {}

    /** What is planned for the beds that stand in a season, all together. */
    public static Volume planned(Plan plan, int season) {
        Map<UUID, Length> depths = depths(plan, season);
        return plan.beds().stream()
                .filter(bed -> seasons(plan, bed).anyMatch(each -> each == season))
                .flatMap(bed ->
                        bed.in(season).map(revision -> of(revision, depths.getOrDefault(bed.id(), DEPTH))).stream())
                .reduce(Volume.ZERO, Volume::plus);
    }

    /** The seasons in which a bed is topped up. */
    static IntStream seasons(Plan plan, Bed bed) {
        return IntStream.rangeClosed(1, plan.supply().topUpYears()).map(year -> bed.firstSeason() + year);
    }

    /** The same and, where beds are topped up at all, in every season ahead. */
    static IntStream seasons(Plan plan, Bed bed, Ahead ahead) {
        int years = plan.supply().topUpYears();
        int planned = bed.firstSeason() + years;
        return years == 0
                ? IntStream.empty()
                : IntStream.concat(
                        seasons(plan, bed), IntStream.range(Math.max(planned + 1, ahead.from()), ahead.until()));
    }

    /** Of beds in which something is planted; of others it is {@link #DEPTH}. */
    static Map<UUID, Length> depths(Plan plan, int season) {
        Map<UUID, Length> depths = new HashMap<>();
        Parts.bringing(TopUpSource.class)
                .forEach(source ->
                        source.topUps(plan, season).forEach((bed, depth) -> depths.merge(bed, depth, Length::max)));
        return depths;
    }

    /** None for flat ground that nothing was brought to. */
    static Volume of(BedRevision bed, Length depth) {
        if (FillTakeoff.of(bed).volume().equals(Volume.ZERO)) {
            return Volume.ZERO;
        }
        return Volume.prism(Area.squareMetres(FillTakeoff.within(bed, bed.thickness())), depth);
    }
}
