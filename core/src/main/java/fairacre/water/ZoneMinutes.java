package fairacre.water;

import java.util.List;
import java.util.UUID;

/**
 * How long a zone is to run in a week, minutes: as long as the bed needs that comes off worst.
 *
 * @param valve that opens it
 * @param ruleOfThumb for 25 mm a week
 * @param months January to December; empty without normals of the weather
 */
public record ZoneMinutes(UUID valve, double ruleOfThumb, List<Weekly> months) {

    public ZoneMinutes {
        months = List.copyOf(months);
    }

    /**
     * In a month.
     *
     * @param minutes in a week
     * @param waterings so many times in a week, so that the soil doesn't run dry between; 0 if rain is enough
     */
    public record Weekly(double minutes, int waterings) {}
}
