package fairacre.journal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How long a kind of work takes this household, from the hours that were entered.
 *
 * @param rate its key
 * @param times how often it was timed
 * @param minutes for one: all minutes over all that was done
 * @param spread sample standard deviation of the minutes for one from time to time; empty if it was timed once
 */
public record LearnedRate(String rate, int times, double minutes, Optional<Double> spread) {

    private static final double MINUTES = 60;

    /** One for each kind of work that was timed, by its key. What several people wrote of a task is one time. */
    public static List<LearnedRate> of(Collection<JournalEntry.Done> done) {
        Map<String, Timed> tasks = new LinkedHashMap<>();
        done.forEach(each -> each.hours()
                .ifPresent(hours -> tasks.merge(
                        each.task(), new Timed(each.rate(), each.quantity(), hours * MINUTES), Timed::and)));
        Map<String, List<Timed>> byRate = new TreeMap<>();
        tasks.values()
                .forEach(each -> byRate.computeIfAbsent(each.rate(), unknown -> new ArrayList<>())
                        .add(each));
        return byRate.entrySet().stream()
                .map(each -> of(each.getKey(), each.getValue()))
                .toList();
    }

    /** A task with the minutes of all who wrote of it. */
    private record Timed(String rate, double quantity, double minutes) {

        Timed and(Timed later) {
            return new Timed(later.rate, later.quantity, minutes + later.minutes);
        }
    }

    private static LearnedRate of(String rate, List<Timed> timed) {
        double minutes = timed.stream().mapToDouble(Timed::minutes).sum();
        double quantity = timed.stream().mapToDouble(Timed::quantity).sum();
        double[] each = timed.stream()
                .mapToDouble(task -> task.minutes() / task.quantity())
                .toArray();
        double mean = Arrays.stream(each).average().orElseThrow();
        double squares =
                Arrays.stream(each).map(one -> (one - mean) * (one - mean)).sum();
        return new LearnedRate(
                rate,
                each.length,
                minutes / quantity,
                each.length < 2 ? Optional.empty() : Optional.of(Math.sqrt(squares / (each.length - 1))));
    }
}
