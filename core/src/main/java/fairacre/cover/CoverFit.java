package fairacre.cover;

import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.BedRevision;
import java.util.Optional;

/** On which beds a cover stands: each of its sides on the wall of the bed, or on the ground along a bed without one. */
final class CoverFit {

    /** So much larger or smaller than a bed without walls it may be (a rough guess): 2 in. */
    private static final Length ON_THE_GROUND = Length.inches(2);
    /** Rounding to micrometres: sizes that differ by less are the same. */
    private static final Length HAIR = new Length(5);

    private CoverFit() {}

    static Optional<CoverMisfit> misfit(BedCover cover, BedRevision bed) {
        if (!bed.shape().plain()) {
            return Optional.of(CoverMisfit.SHAPE);
        }
        Rectangle outside = bed.outline();
        Length tolerance = tolerance(bed);
        boolean fits = cover.length().minus(outside.longerSide()).abs().compareTo(tolerance) <= 0
                && cover.width().minus(outside.shorterSide()).abs().compareTo(tolerance) <= 0;
        return fits ? Optional.empty() : Optional.of(CoverMisfit.SIZE);
    }

    /** By so much sizes may differ: in the middle of the bed each side still stands on half of the wall. */
    static Length tolerance(BedRevision bed) {
        return (bed.thickness().isPositive() ? bed.thickness() : ON_THE_GROUND).plus(HAIR);
    }
}
