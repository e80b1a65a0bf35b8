package fairacre.water;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * When pipes may water: from an hour to an hour, on some days of the week. Whoever says nothing waters from midnight to
 * eight in the morning on every day, while little dries off and nobody showers (common practice).
 *
 * @param opens minutes after midnight, 0 to 1439
 * @param closes minutes after midnight, 1 to 1440; before {@code opens} where the time goes past midnight
 * @param days on which it is allowed, 1 for Monday to 7 for Sunday, in their order; one at least
 */
public record WateringWindow(UUID id, int opens, int closes, List<Integer> days) {

    private static final int HOUR = 60;
    static final int DAY = 24 * HOUR;
    static final int WEEK = 7;

    public static final WateringWindow USUAL = new WateringWindow(
            UUID.nameUUIDFromBytes("watering hours".getBytes(StandardCharsets.UTF_8)),
            0,
            8 * HOUR,
            IntStream.rangeClosed(1, WEEK).boxed().toList());

    public WateringWindow {
        Limits.present(id, "id");
        Limits.between(opens, 0, DAY - 1, "opens");
        Limits.between(closes, 1, DAY, "closes");
        if (opens == closes) {
            throw new RefusedException("closes", "it is the time at which it opens", "give a later or an earlier one");
        }
        Limits.atMost(WEEK, days, "days");
        days.forEach(day -> Limits.between(Limits.present(day, "days"), 1, WEEK, "days"));
        if (days.isEmpty()) {
            throw new RefusedException("days", "no day is left", "allow one day of the week at least");
        }
        days = List.copyOf(new TreeSet<>(days));
    }

    String name() {
        return "watering hours";
    }

    /** Of one day. */
    record Stretch(int from, int until) {}

    /** What of a day may be used, in its order. */
    List<Stretch> stretches() {
        return opens < closes
                ? List.of(new Stretch(opens, closes))
                : List.of(new Stretch(0, closes), new Stretch(opens, DAY));
    }

    /** Minutes of a day. */
    int length() {
        return stretches().stream().mapToInt(part -> part.until() - part.from()).sum();
    }

    /** "4:30". */
    static String clock(int minutes) {
        return minutes / HOUR + ":" + String.format(Locale.ROOT, "%02d", minutes % HOUR);
    }

    /** "Monday". */
    static String day(int day) {
        return DayOfWeek.of(day).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    WateringWindow with(List<Integer> moreDays) {
        return new WateringWindow(id, opens, closes, moreDays);
    }

    WateringWindow lasting(int newCloses) {
        return new WateringWindow(id, opens, newCloses, days);
    }
}
