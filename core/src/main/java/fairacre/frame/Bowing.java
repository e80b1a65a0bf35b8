package fairacre.frame;

import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * Whether the boards of a frame bow under wet soil, judged at the lowest course, on which most soil presses.
 *
 * @param kilopascals sideways pressure of the soil at the middle of that course
 * @param newtonsPerMetre what a metre of that board has to hold
 * @param span the furthest that two supports of the board may be apart
 * @param sides each length of side once, longest first
 */
public record Bowing(double kilopascals, double newtonsPerMetre, Length span, List<Side> sides) {

    /**
     * @param length between the corners that hold it
     * @param times how many sides of the bed are so long
     * @param ties across the bed, or stakes beside the side, that it needs
     * @param spacing of the supports with them
     * @param stakes that hold it where stakes are the support; empty where none is needed
     * @param untied how far it would bow without, after years; empty if so far that the beam theory does not hold any
     *     more
     */
    public record Side(
            Length length, int times, int ties, Length spacing, Optional<Stakes> stakes, Optional<Length> untied) {}

    public Bowing {
        sides = List.copyOf(sides);
    }
}
