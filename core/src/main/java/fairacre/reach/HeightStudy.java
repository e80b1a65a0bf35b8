package fairacre.reach;

import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.reach.WorkingHeight.Ease;
import java.util.Optional;

/**
 * Whether the height of a bed suits who works it.
 *
 * <p>Seated: 2010 ADA Standards 308.2 and 308.3 for what arms reach, 306.3 for the room that knees need. Standing:
 * shares of the stature after Drillis and Contini, Body Segment Parameters (1966), quoted from memory: with arms
 * hanging the wrists are at 0.485 and the fingertips at 0.377 of it.
 */
public final class HeightStudy {

    /** Lowest that somebody seated reaches: 15 in, 2010 ADA Standards 308.2.1 and 308.3.1. */
    public static final Length LOWEST_SEATED = Length.inches(15);
    /** Highest that somebody seated reaches: 48 in, as before. */
    public static final Length HIGHEST_SEATED = Length.inches(48);
    /** Highest edge that somebody seated reaches over sideways: 34 in, 2010 ADA Standards 308.3.2. */
    public static final Length OVER_SEATED = Length.inches(34);
    /** Clear height for knees: 27 in, 2010 ADA Standards 306.3.1. */
    public static final Length KNEES_HIGH = Length.inches(27);
    /** Depth for knees and feet at 9 in above the ground: 11 in, 2010 ADA Standards 306.3.3. */
    public static final Length KNEES_DEEP = Length.inches(11);
    /** Width for knees: 30 in, 2010 ADA Standards 306.3.5. */
    public static final Length KNEES_WIDE = Length.inches(30);
    /** A leg at either end of a table bed: a post of 3 1/2 in (common practice). */
    public static final Length LEG = Length.inches(3.5);

    private static final double WRISTS = 0.485;
    private static final double FINGERTIPS = 0.377;
    /** Of a bench: 17 to 19 in, 2010 ADA Standards 903.5. */
    private static final Length SEAT_LOWEST = Length.inches(17);

    private static final Length SEAT_HIGHEST = Length.inches(19);
    /** A cap that one can sit on is as wide as a common board: 5 1/2 in (common practice). */
    private static final Length SEAT_DEEP = Length.inches(5.5);

    private HeightStudy() {}

    public static WorkingHeight of(BedRevision bed, Gardener gardener) {
        return gardener.posture() == Posture.SEATED ? seated(bed, gardener) : standing(bed, gardener);
    }

    /** Whether knees go under a table bed from its long side; never under a bed on the ground. */
    public static boolean kneesFit(BedRevision bed) {
        Length between = bed.outline().longerSide().minus(LEG.times(2));
        return bed.build().legs().compareTo(KNEES_HIGH) >= 0
                && between.compareTo(KNEES_WIDE) >= 0
                && bed.outline().shorterSide().compareTo(KNEES_DEEP) >= 0;
    }

    /** Whether the cap is as high as a bench and wide enough to sit on. */
    public static boolean canBeSatOn(BedRevision bed) {
        return bed.build()
                        .cap()
                        .filter(cap -> cap.width().compareTo(SEAT_DEEP) >= 0)
                        .isPresent()
                && bed.height().compareTo(SEAT_LOWEST) >= 0
                && bed.height().compareTo(SEAT_HIGHEST) <= 0;
    }

    private static WorkingHeight seated(BedRevision bed, Gardener gardener) {
        Length rim = bed.height();
        boolean kneesUnder = kneesFit(bed);
        Ease ease = kneesUnder ? Ease.KNEES_UNDER : Ease.SIDE_ON;
        if (rim.compareTo(LOWEST_SEATED) < 0) {
            ease = Ease.TOO_LOW;
        } else if (rim.compareTo(kneesUnder ? HIGHEST_SEATED : OVER_SEATED) > 0) {
            ease = Ease.TOO_HIGH;
        }
        return new WorkingHeight(gardener.id(), rim, Optional.empty(), ease);
    }

    private static WorkingHeight standing(BedRevision bed, Gardener gardener) {
        Length rim = bed.height();
        if (gardener.stature().isEmpty()) {
            return new WorkingHeight(gardener.id(), rim, Optional.empty(), Ease.UNKNOWN);
        }
        double tall = gardener.stature().get().metres();
        double stoop = Math.max(0, WRISTS * tall - rim.metres());
        Ease ease = stoop == 0 ? Ease.UPRIGHT : rim.metres() >= FINGERTIPS * tall ? Ease.BENT : Ease.KNEELING;
        return new WorkingHeight(gardener.id(), rim, Optional.of(Length.metres(stoop)), ease);
    }
}
