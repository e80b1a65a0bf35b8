package fairacre.sun;

import fairacre.outline.Point;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * The shadows of a day.
 *
 * @param moments from sunrise to sunset
 */
public record DaySun(LocalDate day, List<Moment> moments) {

    public DaySun {
        moments = List.copyOf(moments);
    }

    /**
     * A moment.
     *
     * @param minute of the sun's own time since midnight
     * @param clock minute since midnight by the garden's clock; empty if its zone or its longitude is not known
     * @param altitude of the sun above the horizon, degrees
     * @param azimuth of the sun clockwise from true north, degrees
     * @param hidden whether hills or houses far off hide it, so that nothing throws a shadow
     */
    public record Moment(
            int minute,
            Optional<Integer> clock,
            double altitude,
            double azimuth,
            boolean hidden,
            List<Shadow> shadows) {
        public Moment {
            shadows = List.copyOf(shadows);
        }
    }

    /**
     * A shadow on level ground.
     *
     * @param shade share of the light that it takes, 0 to 1
     */
    public record Shadow(List<Point> outline, double shade) {
        public Shadow {
            outline = List.copyOf(outline);
        }
    }
}
