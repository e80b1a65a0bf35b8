package fairacre.outline;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.util.List;
import java.util.Locale;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.valid.IsSimpleOp;

/** Lines that are drawn along places. */
public final class Lines {

    private static final double FEET_PER_METRE = 1 / 0.3048;

    private Lines() {}

    /**
     * Refuses places that make no line.
     *
     * @param most places
     * @param noun of what goes along them
     * @return the places, which nobody alters
     */
    public static List<Point> check(List<Point> places, int most, String noun) {
        Limits.atMost(most, places, "places");
        if (places.size() < 2) {
            throw new RefusedException(
                    "places", "a " + noun + " of one place leads nowhere", "give at least two places");
        }
        for (int i = 0; i < places.size(); i++) {
            Point.near(places.get(i), "places/" + i);
            if (i > 0 && places.get(i).equals(places.get(i - 1))) {
                throw new RefusedException(
                        "places/" + i, "the " + noun + " does not go on there", "give another place or leave it out");
            }
        }
        return List.copyOf(places);
    }

    /** Refuses a line that is too long or meets itself other than at its ends. */
    public static void checkSimple(List<Point> places, Length longest, String noun) {
        Geometry line = Polygons.line(places);
        if (line.getLength() > longest.metres()) {
            throw new RefusedException(
                    "places",
                    String.format(Locale.ROOT, "the %s is %.0f m long", noun, line.getLength()),
                    String.format(
                            Locale.ROOT,
                            "draw at most %,.0f m (%,.0f ft) as one %s, and check the units",
                            longest.metres(),
                            Math.floor(longest.metres() * FEET_PER_METRE),
                            noun));
        }
        IsSimpleOp simple = new IsSimpleOp(line);
        if (!simple.isSimple()) {
            throw new RefusedException(
                    "places",
                    String.format(
                            Locale.ROOT,
                            "the %s crosses or touches itself near x %.2f m, y %.2f m",
                            noun,
                            simple.getNonSimpleLocation().x,
                            simple.getNonSimpleLocation().y),
                    "end it where it meets itself, or draw a second " + noun);
        }
    }
}
