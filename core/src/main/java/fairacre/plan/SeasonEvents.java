package fairacre.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * What of a plan happens in a season.
 *
 * @param words such as "6 built, 1 gone"; empty where nothing does but for what is paid
 */
public record SeasonEvents(int season, String words) {

    private static final String GONE = " gone";

    /** The garden's first season and all others in which something happens, in order. */
    static List<SeasonEvents> of(Plan plan) {
        Map<Integer, Map<String, Integer>> counts = new TreeMap<>();
        counts.put(plan.firstSeason(), new LinkedHashMap<>());
        for (Bed bed : plan.beds()) {
            for (int i = 0; i < bed.revisions().size(); i++) {
                count(counts, bed.revisions().get(i).from(), i == 0 ? "built" : "rebuilt");
            }
        }
        plan.beds().forEach(bed -> bed.retired().ifPresent(season -> count(counts, season, "gone")));
        Things.all().forEach(things -> count(counts, plan, things));
        // What is paid for besides shows in the season's sum.
        plan.paidBesides().forEach(sundry -> counts.computeIfAbsent(sundry.season(), season -> new LinkedHashMap<>()));
        return counts.entrySet().stream()
                .map(season -> new SeasonEvents(season.getKey(), words(season.getValue())))
                .toList();
    }

    private static <T> void count(Map<Integer, Map<String, Integer>> counts, Plan plan, Things<T> things) {
        for (T thing : plan.list(things)) {
            Lifetime lifetime = things.seasons().lifetime().apply(plan, thing);
            String noun = things.seasons().noun().apply(thing);
            lifetime.from()
                    .filter(season -> season >= plan.firstSeason())
                    .ifPresent(season -> count(counts, season, noun));
            lifetime.until()
                    .filter(season -> season >= plan.firstSeason())
                    .ifPresent(season -> count(counts, season, noun + GONE));
        }
    }

    private static void count(Map<Integer, Map<String, Integer>> counts, int season, String what) {
        counts.computeIfAbsent(season, s -> new LinkedHashMap<>()).merge(what, 1, Integer::sum);
    }

    private static String words(Map<String, Integer> counts) {
        List<String> words = new ArrayList<>();
        counts.forEach((what, count) -> words.add(count + " " + (count == 1 ? what : several(what))));
        return words.stream().collect(Collectors.joining(", "));
    }

    private static String several(String what) {
        if (what.endsWith(GONE)) {
            return several(what.substring(0, what.length() - GONE.length())) + GONE;
        }
        return switch (what) {
            case "built", "rebuilt", "gone", "steps" -> what;
            case "way in" -> "ways in";
            case "bench", "trellis" -> what + "es";
            default -> what + "s";
        };
    }
}
