package fairacre.fill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.parts.Parts;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import java.util.stream.IntStream;

/**
 * The compost that a bed takes every year after it was filled: what its crops want ({@link TopUpSource}), or an inch
 * over its soil until something is planted there, of the 1 to 2 in that are usual (common practice).
 */
public final class TopUp {

    public static final Length DEPTH = Length.inches(1);

    private TopUp() {}

    /** What is planned for a bed in a season. */
    public static Volume planned(Plan plan, Bed bed, int season) {
        return seasons(plan, bed).anyMatch(each -> each == season)
                ? bed.in(season)
                        .map(revision -> of(revision, depth(plan, bed, season)))
                        .orElse(Volume.ZERO)
                : Volume.ZERO;
    }

    /** The seasons in which a bed is topped up. */
    static IntStream seasons(Plan plan, Bed bed) {
        return IntStream.rangeClosed(1, plan.supply().topUpYears()).map(year -> bed.firstSeason() + year);
    }

    static Length depth(Plan plan, Bed bed, int season) {
        return Parts.bringing(TopUpSource.class).stream()
                .flatMap(source -> source.topUp(plan, bed, season).stream())
                .findFirst()
                .orElse(DEPTH);
    }

    /** None for flat ground that nothing was brought to. */
    static Volume of(BedRevision bed, Length depth) {
        if (FillTakeoff.of(bed).volume().equals(Volume.ZERO)) {
            return Volume.ZERO;
        }
        return Volume.prism(Area.squareMetres(FillTakeoff.within(bed, bed.thickness())), depth);
    }
}
