package fairacre.water;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * When the zones of a garden run in a week. Each runs on the fewest days that its soil allows, spread so that no day is
 * longer than it must be; behind one source one zone runs at a time. If they don't fit into the hours so, all of them
 * run on every day that is allowed, a shorter time each: what doesn't fit then doesn't fit at all, but for a remainder
 * of each stretch of a day in which no whole run has room.
 */
public final class Timetable {

    private static final int SUBSETS = 1 << WateringWindow.WEEK;

    private final WateringWindow window;
    private final List<Wish> wishes;

    private Timetable(WateringWindow window, List<Wish> wishes) {
        this.window = window;
        this.wishes = wishes;
    }

    /**
     * What a zone is to get.
     *
     * @param minutes in a week, 0 for none
     * @param lasts days from one watering to the next at most
     * @param longest minutes at a stretch, after which it has to pause
     */
    record Wish(UUID source, double minutes, int lasts, double longest) {}

    /**
     * How a timer is set for a zone.
     *
     * @param days on which it runs, 1 for Monday; none if rain is enough
     * @param starts on each of these days, minutes after midnight; none if there is no time left for it
     * @param each minutes from each start on
     * @param seldom whether the soil dries out between the days that are allowed
     * @param late whether it doesn't fit into the hours that are allowed
     */
    public record Setting(List<Integer> days, List<Integer> starts, int each, boolean seldom, boolean late) {

        static final Setting OFF = new Setting(List.of(), List.of(), 0, false, false);

        public Setting {
            days = List.copyOf(days);
            starts = List.copyOf(starts);
        }
    }

    /** A setting for each zone, in their order. */
    static List<Setting> of(List<Wish> wishes, WateringWindow window) {
        Timetable timetable = new Timetable(window, wishes);
        List<Setting> few = timetable.settings(timetable.fewestDays());
        return few.stream().noneMatch(Setting::late) ? few : timetable.settings(timetable.everyDay());
    }

    /** Days as a set of bits, Monday first. */
    private int allowed() {
        return window.days().stream().mapToInt(day -> 1 << (day - 1)).sum();
    }

    private int[] everyDay() {
        return wishes.stream()
                .mapToInt(wish -> wish.minutes() > 0 ? allowed() : 0)
                .toArray();
    }

    /** The longest first, so that short ones even the days out. */
    private int[] fewestDays() {
        int[] chosen = new int[wishes.size()];
        Map<UUID, int[]> loads = new HashMap<>();
        IntStream.range(0, wishes.size())
                .filter(i -> wishes.get(i).minutes() > 0)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -wishes.get(i).minutes()))
                .forEach(i -> {
                    Wish wish = wishes.get(i);
                    int[] load = loads.computeIfAbsent(wish.source(), unknown -> new int[WateringWindow.WEEK]);
                    chosen[i] = fewestDays(wish, load);
                    add(load, chosen[i], wish);
                });
        return chosen;
    }

    private int fewestDays(Wish wish, int[] load) {
        return IntStream.range(1, SUBSETS)
                .filter(days -> (days & allowed()) == days && widestGap(days) <= wish.lasts())
                .boxed()
                .min(Comparator.<Integer>comparingInt(Integer::bitCount)
                        .thenComparingInt(days -> -gaps(days).min().orElse(0))
                        .thenComparingInt(days -> longestDay(load, days, wish)))
                .orElse(allowed());
    }

    private static int longestDay(int[] load, int days, Wish wish) {
        int[] after = load.clone();
        add(after, days, wish);
        return Arrays.stream(after).max().orElse(0);
    }

    private static void add(int[] load, int days, Wish wish) {
        int minutes = minutes(wish, days);
        days(days).forEach(day -> load[day - 1] += minutes);
    }

    private static int minutes(Wish wish, int days) {
        return (int) Math.ceil(wish.minutes() / Integer.bitCount(days) - ROUNDING);
    }

    /** So that 30 minutes are not 31 by rounding. */
    private static final double ROUNDING = 1e-6;

    private static List<Integer> days(int bits) {
        return IntStream.rangeClosed(1, WateringWindow.WEEK)
                .filter(day -> (bits & 1 << (day - 1)) != 0)
                .boxed()
                .toList();
    }

    /** From each of the days to the next, in a week that comes again. */
    private static IntStream gaps(int bits) {
        List<Integer> days = days(bits);
        return IntStream.range(0, days.size())
                .map(i -> i + 1 < days.size()
                        ? days.get(i + 1) - days.get(i)
                        : days.get(0) + WateringWindow.WEEK - days.get(i));
    }

    private static int widestGap(int bits) {
        return gaps(bits).max().orElse(0);
    }

    /** What is taken already of a source. */
    private record Taken(int days, int from, int until) {}

    private List<Setting> settings(int[] days) {
        Map<UUID, List<Taken>> taken = new HashMap<>();
        List<Setting> settings = new ArrayList<>();
        for (int i = 0; i < days.length; i++) {
            Wish wish = wishes.get(i);
            settings.add(
                    days[i] == 0
                            ? Setting.OFF
                            : setting(
                                    wish, days[i], taken.computeIfAbsent(wish.source(), unknown -> new ArrayList<>())));
        }
        return settings;
    }

    private Setting setting(Wish wish, int days, List<Taken> taken) {
        int minutes = minutes(wish, days);
        int runs = (int) Math.max(1, Math.ceil(minutes / wish.longest()));
        int each = (int) Math.ceil((double) minutes / runs);
        List<Integer> starts = new ArrayList<>();
        int after = 0;
        for (int run = 0; run < runs; run++) {
            int start = soonest(after, each, days, taken);
            if (start < 0) {
                return new Setting(days(days), List.of(), each, widestGap(days) > wish.lasts(), true);
            }
            starts.add(start);
            taken.add(new Taken(days, start, start + each));
            after = start + each + RootSoil.pause();
        }
        return new Setting(days(days), starts, each, widestGap(days) > wish.lasts(), false);
    }

    /** Minutes after midnight at which nothing else runs for so long; -1 if there is none. */
    private int soonest(int after, int minutes, int days, List<Taken> taken) {
        for (WateringWindow.Stretch stretch : window.stretches()) {
            int start = Math.max(after, stretch.from());
            while (start + minutes <= stretch.until()) {
                int from = start;
                int free = taken.stream()
                        .filter(other ->
                                (other.days() & days) != 0 && other.from() < from + minutes && other.until() > from)
                        .mapToInt(Taken::until)
                        .max()
                        .orElse(from);
                if (free == from) {
                    return from;
                }
                start = free;
            }
        }
        return -1;
    }
}
