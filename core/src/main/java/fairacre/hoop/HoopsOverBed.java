package fairacre.hoop;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * A set of hoops over one bed.
 *
 * @param misfit why it can't stand there; all figures but the bed's are empty or zero then
 * @param span between the middles of a bow's feet
 * @param rise of the bows above their feet
 * @param tightest radius that they are bent to
 * @param bows how many stand over the bed
 * @param apart from one to the next
 * @param side seen from its end: the middle line of a bow from foot to foot, the middle of the bed at x = 0
 * @param feet on the plot: of each bow where its two feet stand
 * @param sheet that goes over it; empty without a cover
 * @param ballast that holds the sheet down in the wind; empty without a cover
 */
public record HoopsOverBed(
        UUID bed,
        Optional<HoopMisfit> misfit,
        Length span,
        Length rise,
        Length tightest,
        int bows,
        Length apart,
        List<Point> side,
        List<HoopFeet> feet,
        Optional<HoopSheetSize> sheet,
        Optional<Ballast> ballast) {

    /** Where the two feet of a bow stand. */
    public record HoopFeet(Point left, Point right) {}

    /**
     * A sheet with what lies on the ground: 12 in at both sides, and at both ends the height of a bow and 12 in (common
     * practice).
     *
     * @param length along the bed
     * @param width over the bows
     */
    public record HoopSheetSize(Length length, Length width) {

        private static final Length ON_THE_GROUND = Length.inches(12);

        static HoopSheetSize over(Length bed, Bow bow) {
            return new HoopSheetSize(
                    bed.plus(bow.rise().plus(ON_THE_GROUND).times(2)),
                    bow.length().plus(ON_THE_GROUND.times(2)));
        }
    }

    /**
     * What lies on the edges of a sheet. Pushed into loose soil a bow holds next to nothing, so it is left out.
     *
     * @param lift of the wind on each metre of the bed, newtons
     * @param aMetre kilograms on each metre of either side
     * @param bags of 15 kg along both sides (common practice)
     */
    public record Ballast(double lift, double aMetre, int bags) {

        private static final double BAG = 15;

        static Ballast against(double lift, Length bed) {
            double aMetre = lift / WindLift.GRAVITY / 2;
            return new Ballast(lift, aMetre, 2 * (int) Math.ceil(aMetre * bed.metres() / BAG - 1e-9));
        }
    }

    /** Of bows that stand there. */
    boolean bentTighterThan(Length least) {
        return misfit.isEmpty() && tightest.compareTo(least) < 0;
    }

    static HoopsOverBed not(UUID bed, HoopMisfit misfit) {
        return new HoopsOverBed(
                bed,
                Optional.of(misfit),
                Length.ZERO,
                Length.ZERO,
                Length.ZERO,
                0,
                Length.ZERO,
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    /** Feet along the bed from one end to the other, in equal steps. */
    static List<HoopFeet> feet(Rectangle bed, Length run, Length span, int bows) {
        boolean lengthways = bed.length().compareTo(bed.width()) >= 0;
        double first = -run.metres() / 2;
        double aside = span.metres() / 2;
        return IntStream.range(0, bows)
                .mapToDouble(i -> first + run.metres() * i / (bows - 1))
                .mapToObj(along -> lengthways
                        ? new HoopFeet(bed.at(along, -aside), bed.at(along, aside))
                        : new HoopFeet(bed.at(-aside, along), bed.at(aside, along)))
                .toList();
    }
}
