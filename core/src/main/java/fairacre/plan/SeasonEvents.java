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
        plan.walks().stream()
                .filter(walk -> walk.build().made())
                .forEach(walk -> count(counts, plan.season(walk), "walk"));
        plan.features().forEach(feature -> feature.laid().ifPresent(season -> count(counts, season, "drain")));
        for (WayIn way : plan.waysIn()) {
            way.from()
                    .filter(season -> season >= plan.firstSeason())
                    .ifPresent(season -> count(counts, season, "way in opens"));
            way.until()
                    .filter(season -> season >= plan.firstSeason())
                    .ifPresent(season -> count(counts, season, "way in closes"));
        }
        // What is paid for besides shows in the season's sum.
        plan.sundries().forEach(sundry -> counts.computeIfAbsent(sundry.season(), season -> new LinkedHashMap<>()));
        return counts.entrySet().stream()
                .map(season -> new SeasonEvents(season.getKey(), words(season.getValue())))
                .toList();
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
        return switch (what) {
            case "walk", "drain" -> what + "s";
            case "way in opens" -> "ways in open";
            case "way in closes" -> "ways in close";
            default -> what;
        };
    }
}
