package fairacre.crew;

import fairacre.limits.Limits;
import java.time.LocalDate;
import java.util.UUID;

/**
 * A task that is settled for a day: it begins then and not before, and goes before all else of that day.
 *
 * @param task its key
 */
public record KeptDay(UUID id, String task, LocalDate day) {

    static final int LONGEST_KEY = 200;

    public KeptDay {
        Limits.present(id, "id");
        task = Limits.line(task, LONGEST_KEY, "key of a task", "task");
        Limits.present(day, "day");
        Limits.season(day.getYear(), "day");
    }
}
