package fairacre.bill;

/**
 * How long a piece of work takes somebody who does it for the first time: a first guess.
 *
 * @param key stable name: {@code frame/piece}
 * @param label what is done
 * @param minutes for one, more than 0
 * @param unit what one is: {@code piece}, {@code square metre}
 * @param source where the figure comes from
 */
public record WorkRate(String key, String label, double minutes, String unit, String source) {

    private static final double MINUTES_PER_HOUR = 60;

    public double hours(double count) {
        return count * minutes / MINUTES_PER_HOUR;
    }
}
