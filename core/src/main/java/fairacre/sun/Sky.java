package fairacre.sun;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What there is to see of the sky from the garden, and by which clock.
 *
 * @param horizon how high hills and houses far off stand, at most 72 directions in their order; between two of them the
 *     skyline runs straight; empty where the horizon is flat
 * @param zone of the clock, as the IANA time zone database names it: "Europe/Berlin"; empty for the sun's own time
 */
public record Sky(UUID id, List<Skyline> horizon, Optional<String> zone) {

    /** A flat horizon, and the sun's own time. */
    static final Sky OPEN = new Sky(new UUID(0, 0), List.of(), Optional.empty());

    private static final int MOST = 72;

    /**
     * A place on the skyline.
     *
     * @param direction degrees clockwise from true north, 0 to 360
     * @param height degrees above the level, 0 to 80
     */
    public record Skyline(double direction, double height) {

        private static final double HIGHEST = 80;

        public Skyline {
            Limits.between(direction, 0, 360, "direction");
            Limits.between(height, 0, HIGHEST, "height");
        }
    }

    public Sky {
        Limits.present(id, "id");
        horizon = horizon == null ? List.of() : horizon;
        Limits.atMost(MOST, horizon, "horizon");
        horizon = horizon.stream()
                .sorted(Comparator.comparingDouble(Skyline::direction))
                .toList();
        for (int i = 1; i < horizon.size(); i++) {
            if (horizon.get(i).direction() == horizon.get(i - 1).direction()) {
                throw new RefusedException(
                        "horizon",
                        "two heights are told for " + horizon.get(i).direction() + " degrees",
                        "keep one of them");
            }
        }
        zone = zone == null ? Optional.empty() : zone;
        zone.filter(name -> !ZoneId.getAvailableZoneIds().contains(name)).ifPresent(name -> {
            throw new RefusedException(
                    "zone", "there is no time zone \"" + name + "\"", "choose one, such as Europe/Berlin");
        });
    }

    /** How high the skyline stands in a direction, radians; the direction clockwise from true north, radians. */
    double horizonAt(double azimuth) {
        if (horizon.isEmpty()) {
            return 0;
        }
        double degrees = (Math.toDegrees(azimuth) % 360 + 360) % 360;
        Skyline before = horizon.get(horizon.size() - 1);
        for (Skyline after : horizon) {
            if (degrees < after.direction()) {
                return Math.toRadians(between(before, after, degrees));
            }
            before = after;
        }
        return Math.toRadians(between(before, horizon.get(0), degrees));
    }

    private static double between(Skyline before, Skyline after, double degrees) {
        double turn = (after.direction() - before.direction() + 360) % 360;
        if (turn == 0) {
            return before.height();
        }
        double share = (degrees - before.direction() + 360) % 360 / turn;
        return before.height() + share * (after.height() - before.height());
    }
}
