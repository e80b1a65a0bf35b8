package fairacre.bill;

/**
 * How long a piece of work takes somebody who does it for the first time: a first guess.
 *
 * @param key stable name: {@code frame/piece}
 * @param label what is done
 * @param minutes for one, more than 0; of all who work on it together
 * @param unit what one is: {@code piece}, {@code square metre}
 * @param source where the figure comes from
 * @param stage when in the course of the work it is done
 * @param people who have to be there at once, at least 1
 */
public record WorkRate(String key, String label, double minutes, String unit, String source, Stage stage, int people) {

    private static final double MINUTES_PER_HOUR = 60;

    /** What one can do alone. */
    public WorkRate(String key, String label, double minutes, String unit, String source, Stage stage) {
        this(key, label, minutes, unit, source, stage, 1);
    }

    /** The same at another pace. */
    public WorkRate taking(double otherMinutes) {
        return new WorkRate(key, label, otherMinutes, unit, source, stage, people);
    }

    /** The same, which takes two. */
    public WorkRate byTwo() {
        return new WorkRate(key, label, minutes, unit, source, stage, 2);
    }

    public double hours(double count) {
        return count * minutes / MINUTES_PER_HOUR;
    }
}
