package fairacre.cost;

import fairacre.bill.WorkRate;
import java.util.List;

/**
 * What there is to do in a season to build what the bill buys.
 *
 * @param tasks in the order of the work
 * @param hours of all of them
 */
public record SeasonWork(int season, List<Task> tasks, double hours) {

    /** @param quantity in the rate's unit */
    public record Task(WorkRate rate, double quantity, double hours) {
        static Task of(WorkRate rate, double quantity) {
            return new Task(rate, quantity, rate.hours(quantity));
        }
    }

    public SeasonWork {
        tasks = List.copyOf(tasks);
    }

    static SeasonWork of(int season, List<Task> tasks) {
        return new SeasonWork(
                season, tasks, tasks.stream().mapToDouble(Task::hours).sum());
    }
}
