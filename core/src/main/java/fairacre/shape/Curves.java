package fairacre.shape;

/** How finely a circle has to be cut so that its chords stay near it. */
public final class Curves {

    private Curves() {}

    /**
     * Chords to a quarter circle so that none is further than {@code tolerance} from a circle of this radius: the rise
     * of a chord over angle a is r (1 - cos(a / 2)). At least one; both arguments in the same unit.
     */
    public static int quadrantSegments(double radius, double tolerance) {
        if (radius <= tolerance) {
            return 1;
        }
        double chord = 2 * Math.acos(1 - tolerance / radius);
        return (int) Math.ceil(Math.PI / 2 / chord);
    }
}
