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
        Map<String, JournalEntry.Done> tasks = new LinkedHashMap<>();
        done.stream()
                .filter(each -> each.hours().isPresent())
                .forEach(each -> tasks.merge(each.task(), each, LearnedRate::together));
        Map<String, List<JournalEntry.Done>> timed = new TreeMap<>();
        tasks.values()
                .forEach(each -> timed.computeIfAbsent(each.rate(), unknown -> new ArrayList<>())
                        .add(each));
        return timed.entrySet().stream()
                .map(each -> of(each.getKey(), each.getValue()))
                .toList();
    }

    private static JournalEntry.Done together(JournalEntry.Done one, JournalEntry.Done other) {
        return new JournalEntry.Done(
                other.task(),
                other.rate(),
                other.quantity(),
                Optional.of(one.hours().orElseThrow() + other.hours().orElseThrow()));
    }

    private static LearnedRate of(String rate, List<JournalEntry.Done> timed) {
        double minutes = timed.stream().mapToDouble(LearnedRate::minutes).sum();
        double quantity =
                timed.stream().mapToDouble(JournalEntry.Done::quantity).sum();
        double[] each = timed.stream()
                .mapToDouble(done -> minutes(done) / done.quantity())
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

    private static double minutes(JournalEntry.Done done) {
        return done.hours().orElseThrow() * MINUTES;
    }
}
