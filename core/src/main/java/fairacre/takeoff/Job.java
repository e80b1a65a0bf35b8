package fairacre.takeoff;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;

/**
 * Something to be done.
 *
 * @param stage when in the course of the work; mostly that of its rate
 * @param quantity in the rate's unit, more than 0
 * @param served what it is done for
 * @param about the thing that makes the work: what it is done for, or something that is in it
 * @param day on which it is wanted; empty where only the season is known
 */
public record Job(
        int season, Stage stage, WorkRate rate, double quantity, Served served, UUID about, Optional<LocalDate> day) {

    /** At the stage of its rate, about what it is done for, on no day. */
    static Job of(int season, WorkRate rate, double quantity, Served served) {
        return new Job(season, rate.stage(), rate, quantity, served, served.id(), Optional.empty());
    }

    /** How much is to be done at each rate, by season, and in it in the order in which it was put down. */
    public static SortedMap<Integer, Map<WorkRate, Double>> bySeason(List<Job> jobs) {
        SortedMap<Integer, Map<WorkRate, Double>> work = new TreeMap<>();
        jobs.forEach(job -> work.computeIfAbsent(job.season(), unknown -> new LinkedHashMap<>())
                .merge(job.rate(), job.quantity(), Double::sum));
        return work;
    }

    /** Carrying something at a stage. */
    public static Job carrying(int season, Stage stage, WorkRate rate, double trips, Served served) {
        return new Job(season, stage, rate, trips, served, served.id(), Optional.empty());
    }
}
