package fairacre.water;

import java.util.Optional;

/**
 * A zone as it runs when something is not as it should be.
 *
 * @param other the zone that is open too, by its number; empty of the other kinds
 * @param zone as it runs then; with another zone its beds come after its own
 * @param enough whether nothing is wrong with it even then
 */
public record BadDay(Kind kind, Optional<Integer> other, Zone zone, boolean enough) {

    static BadDay of(Kind kind, Optional<Integer> other, Zone zone) {
        return new BadDay(kind, other, zone, zone.runsWell());
    }

    /** What is not as it should be. */
    public enum Kind {
        ANOTHER_ZONE_OPEN,
        /** It loses three times as much. */
        FILTER_CLOGGED,
        /** The tap has the pressure that it has in the evening. */
        EVENING
    }
}
