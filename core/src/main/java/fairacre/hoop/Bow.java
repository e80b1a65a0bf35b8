package fairacre.hoop;

import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.locationtech.jts.geom.Coordinate;

/**
 * A bow seen from its end, by its middle line. {@link #rising} makes one that is so high, {@link #ofLength} bends a
 * pipe. All lengths come out to the micrometre.
 *
 * @param form of its curve
 * @param span between the middles of its feet
 * @param rise of its middle above its feet
 */
public record Bow(BowForm form, Length span, Length rise) {

    private static final int STEPS = 48;
    private static final int FINE = 2000;
    private static final int MOST_TRIES = 200;
    /** Metres. */
    private static final double EXACT = 1e-9;
    /** Metres: lower is no bow. */
    private static final double FLAT = 1e-4;

    public Bow {
        if (!span.isPositive() || !rise.isPositive()) {
            throw new IllegalArgumentException("a bow has a span and a rise");
        }
    }

    public static Bow rising(BowForm form, Length span, Length rise) {
        return new Bow(form, span, rise);
    }

    /** The bow that a pipe makes over a span; empty if the pipe is no longer than the span. */
    public static Optional<Bow> ofLength(BowForm form, Length span, Length length) {
        double half = span.metres() / 2;
        double wanted = length.metres();
        if (form.line(half, FLAT).length() >= wanted) {
            return Optional.empty();
        }
        // A bow is longer than twice its rise.
        double rise = new BrentSolver(EXACT)
                .solve(MOST_TRIES, high -> form.line(half, high).length() - wanted, FLAT, wanted);
        return Optional.of(new Bow(form, span, Length.metres(rise)));
    }

    /** Of the pipe from foot to foot. */
    public Length length() {
        return Length.metres(line().length());
    }

    /** The least radius to which the pipe is bent, of its middle line. */
    public Length tightest() {
        return Length.metres(line().tightest());
    }

    /** Through how much of an angle it turns from foot to foot, radians. */
    double turn() {
        return line().turn();
    }

    /** How high the straight legs are; zero without legs. */
    public Length legs() {
        return Length.metres(line().legs());
    }

    /**
     * How high its middle line is above the feet.
     *
     * @param aside from the middle of its span; nothing at a foot without a straight leg, and beyond
     */
    public Length heightAt(Length aside) {
        double off = aside.abs().metres();
        return off > span.metres() / 2 ? Length.ZERO : Length.metres(line().heightAt(off));
    }

    /**
     * Length of the pipe from a foot up to a height above it, by {@link #FINE} chords to a curve; half of the pipe
     * where it rises no higher.
     */
    public Length lengthUpTo(Length height) {
        if (height.compareTo(rise) >= 0) {
            return length().half();
        }
        List<Coordinate> places = line().places(FINE);
        double wanted = height.metres();
        double length = 0;
        for (int i = 1; places.get(i - 1).y < wanted; i++) {
            Coordinate from = places.get(i - 1);
            Coordinate to = places.get(i);
            double share = Math.min(1, (wanted - from.y) / (to.y - from.y));
            length += share * from.distance(to);
        }
        return Length.metres(length);
    }

    /** From the left foot to the right one; the middle of the span at x = 0, feet at y = 0. */
    public List<Point> places() {
        return line().places(STEPS).stream()
                .map(place -> Point.metres(place.x, place.y))
                .toList();
    }

    private BowLine line() {
        return form.line(span.metres() / 2, rise.metres());
    }
}
