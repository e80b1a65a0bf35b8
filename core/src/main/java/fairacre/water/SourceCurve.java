package fairacre.water;

import java.util.OptionalDouble;

/**
 * What a source gives, at its outlet.
 *
 * @param closed metres of head while nothing flows; 0 of a barrel that is nearly empty
 * @param open cubic metres a second at no pressure; empty where the pressure is the same whatever flows
 */
public record SourceCurve(double closed, OptionalDouble open) {

    /** Cubic metres a second that it gives while it holds a head; nothing above its own. */
    double flowAt(double head) {
        if (head > closed) {
            return 0;
        }
        return open.isPresent()
                ? open.getAsDouble() * Math.sqrt(1 - Math.max(0, head) / closed)
                : Double.POSITIVE_INFINITY;
    }
}
