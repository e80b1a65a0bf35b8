package fairacre.staging;

import java.util.Comparator;

/**
 * The heaviest that is lifted as a whole.
 *
 * @param what of which it is one
 * @param kilograms when it is heaviest: wet
 * @param byTwo whether it is too heavy for one
 */
public record Lift(String what, double kilograms, boolean byTwo) {

    /** What weighs more is lifted by two, kilograms (common practice). */
    static final double ALONE = 25;

    static final Comparator<Lift> HEAVIEST = Comparator.comparingDouble(Lift::kilograms);

    Lift(String what, double kilograms) {
        this(what, kilograms, kilograms > ALONE);
    }
}
