package fairacre.water;

import java.util.List;
import java.util.UUID;

/**
 * How long a zone is to run, and when: as long as the bed needs that comes off worst.
 *
 * @param valve that opens it
 * @param ruleOfThumb for 25 mm a week
 * @param months January to December; empty without normals of the weather
 * @param year litres in the growing months; 0 without normals
 */
public record ZoneMinutes(UUID valve, Weekly ruleOfThumb, List<Weekly> months, double year) {

    public ZoneMinutes {
        months = List.copyOf(months);
    }

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
