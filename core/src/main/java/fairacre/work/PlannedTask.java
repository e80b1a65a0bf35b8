package fairacre.work;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.staging.Lift;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Something to be done.
 *
 * @param key stays the same while the thing that makes the work is edited
 * @param about the thing that makes the work
 * @param place the bed, walk, fence or structure for which it is done; mostly what it is about
 * @param name of what it is about
 * @param bed in or at which it is done, where it is about something else in it
 * @param quantity in the rate's unit
 * @param hours of work, of all who do it together
 * @param day on which it is wanted; empty where only the season is known
 * @param lift the heaviest that is lifted as a whole; empty where nothing of a known weight is
 * @param easy whether a helper can do it without being shown how
 * @param waits for what
 */
public record PlannedTask(
        String key,
        Stage stage,
        WorkRate rate,
        UUID about,
        UUID place,
        Optional<String> name,
        Optional<String> bed,
        double quantity,
        double hours,
        Optional<LocalDate> day,
        Optional<Lift> lift,
        boolean easy,
        List<Wait> waits) {

    public PlannedTask {
        waits = List.copyOf(waits);
    }

    /** What is done, and to what: "Planting out, Tomatoes, Beans". */
    public String words() {
        return Stream.of(Optional.of(rate.label()), name, bed)
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }

    /**
     * What comes before.
     *
     * @param tasks keys of what comes before it
     * @param days that pass after it before this one may begin, and why; none where it may begin at once
     */
    public record Wait(Precedence by, List<String> tasks, Optional<Cure> cure) {
        public Wait {
            tasks = List.copyOf(tasks);
        }
    }
}
