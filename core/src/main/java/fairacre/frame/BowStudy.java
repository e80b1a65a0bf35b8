package fairacre.frame;

import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.frame.Bowing.Side;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How far the boards of a frame bow and how many ties hold them.
 *
 * <p>Wet soil presses sideways with K rho g z at a depth z; K = 1 - sin 30 deg = 0.5 for soil at rest (Jaky 1944), with
 * the soil up to the rim, and as deep as the lowest part-course below the frame. A board of height h and thickness t
 * between two supports is a simple beam under an even load w: it bends by 5 w L^4 / (384 E I) with I = h t^3 / 12 (any
 * beam table). The load stays on for years, so the figure is doubled for creep. A side may bow by a 180th of the span
 * or half an inch, whichever is less (common practice).
 */
public final class BowStudy {

    /** At-rest coefficient for a friction angle of 30 degrees. */
    static final double AT_REST = 1 - Math.sin(Math.toRadians(30));
    /** Wet garden soil, kg to the cubic metre: 1600 to 1900 (from memory); towards the heavier. */
    static final double WET_SOIL = 1800;

    static final double GRAVITY = 9.81;
    /** Wood under a load for years gives way twice as far (wood handbook, from memory). */
    static final double CREEP = 2;

    static final double GIGA = 1e9;
    private static final double SHARE_OF_SPAN = 1.0 / 180;
    private static final Length MOST = Length.inches(0.5);
    /** A beam that is bent by more than this share of its span is none that the formula knows. */
    private static final double BEYOND_THEORY = 0.05;

    private BowStudy() {}

    /** Empty for a bed without boards. */
    public static Optional<Bowing> of(BedRevision bed) {
        return bed.frame().map(frame -> of(bed, frame));
    }

    private static Bowing of(BedRevision bed, Frame frame) {
        double height = frame.board().width().metres();
        Length soil = soilHeight(bed, frame);
        double pressure = AT_REST * WET_SOIL * GRAVITY * (soil.metres() - height / 2);
        double load = pressure * height;
        double span = span(load, stiffness(frame));
        List<Side> sides = new ArrayList<>();
        lengths(bed).forEach((length, times) -> sides.add(side(frame, soil, length, times, span, load)));
        return new Bowing(pressure / 1000, load, Length.metres(span), sides);
    }

    /** From the rim to the foot of the lowest part-course. */
    static Length soilHeight(BedRevision bed, Frame frame) {
        return frame.height().plus(bed.madeUp().map(GroundFall::most).orElse(Length.ZERO));
    }

    private static Side side(Frame frame, Length soil, Length length, int times, double span, double load) {
        int ties = (int) Math.max(0, Math.ceil(length.metres() / span - 1e-9) - 1);
        double bow = bow(load, length.metres(), stiffness(frame));
        Optional<Stakes> stakes = ties == 0 ? Optional.empty() : Optional.of(StakeStudy.of(frame, soil, length, ties));
        Optional<Length> untied =
                bow > BEYOND_THEORY * length.metres() ? Optional.empty() : Optional.of(Length.metres(bow));
        return new Side(length, times, ties, Length.metres(length.metres() / (ties + 1)), stakes, untied);
    }

    /** Metres, creep included; load in N/m, span in metres, stiffness E I in N m2. */
    static double bow(double load, double span, double stiffness) {
        return CREEP * 5 * load * Math.pow(span, 4) / (384 * stiffness);
    }

    /**
     * The span at which the bow is just what may be: by the share of the span or by the half inch, whichever comes
     * first.
     */
    static double span(double load, double stiffness) {
        double each = CREEP * 5 * load / (384 * stiffness);
        return Math.min(Math.cbrt(SHARE_OF_SPAN / each), Math.pow(MOST.metres() / each, 0.25));
    }

    /** E I of a board on edge that is bent across its thickness, N m2. */
    private static double stiffness(Frame frame) {
        double thickness = frame.board().thickness().metres();
        return frame.material().stiffness() * GIGA * frame.board().width().metres() * Math.pow(thickness, 3) / 12;
    }

    /** Clear lengths of the sides between the corners, longest first, with how often each comes. */
    private static Map<Length, Integer> lengths(BedRevision bed) {
        Map<Length, Integer> lengths = new TreeMap<>(Comparator.reverseOrder());
        Length walls = bed.thickness().times(2);
        if (bed.shape().plain()) {
            lengths.merge(bed.outline().length().minus(walls), 2, Integer::sum);
            lengths.merge(bed.outline().width().minus(walls), 2, Integer::sum);
            return lengths;
        }
        Ring ring = Ring.of(bed.cornersUnplaced());
        for (int edge = 0; edge < ring.edges(); edge++) {
            lengths.merge(Length.millimetres((double) Math.round(ring.edgeLength(edge) * 1000)), 1, Integer::sum);
        }
        return lengths;
    }
}
