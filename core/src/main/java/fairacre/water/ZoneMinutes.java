package fairacre.water;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * How long a zone is to run, and when: as long as the bed needs that comes off worst.
 *
 * @param valve that opens it
 * @param ruleOfThumb for 25 mm a week
 * @param months January to December; empty without normals of the weather
 * @param year litres in the growing months; 0 without normals
 * @param tooMuch the bed that gets most more than it wants, in the month in which the zone runs longest; empty if all
 *     want much the same, or without normals
 */
public record ZoneMinutes(UUID valve, Weekly ruleOfThumb, List<Weekly> months, double year, Optional<TooMuch> tooMuch) {

    /** Beds of which one gets less than so many times what it wants are of like need (a rough guess). */
    static final double LIKE = 1.5;

    public ZoneMinutes {
        months = List.copyOf(months);
    }

    /**
     * A bed that gets more than it wants, since it is watered together with a thirstier one.
     *
     * @param month 1 to 12
     * @param times what it wants, 1.5 or more
     */
    public record TooMuch(UUID bed, int month, double times) {}

    /**
     * A week.
     *
     * @param minutes in the week; 0 if rain is enough
     * @param litres in the week
     * @param lasts so many days the soil holds out from one watering to the next; 0 if rain is enough
     * @param setting how the timer is set
     */
    public record Weekly(double minutes, double litres, int lasts, Timetable.Setting setting) {}
}
