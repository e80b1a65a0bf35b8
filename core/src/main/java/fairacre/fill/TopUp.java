package fairacre.fill;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.plan.BedRevision;

/**
 * The compost that a bed takes every year after it was filled: an inch over its soil, of the 1 to 2 in that are usual
 * (common practice).
 */
public final class TopUp {

    public static final Length DEPTH = Length.inches(1);

    private TopUp() {}

    /** None for flat ground that nothing was brought to. */
    public static Volume of(BedRevision bed) {
        if (FillTakeoff.of(bed).volume().equals(Volume.ZERO)) {
            return Volume.ZERO;
        }
        return Volume.prism(Area.squareMetres(FillTakeoff.within(bed, bed.thickness())), DEPTH);
    }
}
