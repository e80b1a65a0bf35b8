package fairacre.crew;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * How the work of a season is planned.
 *
 * @param begins the first day on which work is done; empty for the season's first day
 * @param ends the day on which it is to be done, which spreads the work as evenly as it can be; empty where it is to be
 *     done as early as can be
 * @param order keys of tasks in the order in which they are taken up, each once; those that it doesn't name follow
 * @param aim empty for the earliest end
 */
public record WorkSeason(
        UUID id,
        int season,
        Optional<LocalDate> begins,
        Optional<LocalDate> ends,
        List<String> order,
        Optional<Aim> aim) {

    private static final int MOST_TASKS = 2000;

    public WorkSeason {
        Limits.present(id, "id");
        Limits.season(season, "season");
        begins = begins == null ? Optional.empty() : begins;
        begins.ifPresent(day -> Limits.between(day.getYear(), season - 1, season + 1, "begins"));
        ends = ends == null ? Optional.empty() : ends;
        ends.ifPresent(day -> Limits.between(day.getYear(), season, season + 2, "ends"));
        if (begins.isPresent() && ends.isPresent() && ends.get().isBefore(begins.get())) {
            throw new RefusedException(
                    "ends",
                    ends.get() + " is before the work begins on " + begins.get(),
                    "give a later day, or leave it empty");
        }
        order = order == null ? List.of() : List.copyOf(order);
        Limits.atMost(MOST_TASKS, order, "order");
        order = order.stream()
                .map(key -> Limits.line(key, KeptDay.LONGEST_KEY, "key of a task", "order"))
                .distinct()
                .toList();
        aim = aim == null ? Optional.empty() : aim;
    }

    /** The same, begun on another day. */
    public WorkSeason beginning(LocalDate day) {
        return new WorkSeason(id, season, Optional.of(day), ends, order, aim);
    }

    /** The same, to be done by another day. */
    public WorkSeason ending(LocalDate day) {
        return new WorkSeason(id, season, begins, Optional.of(day), order, aim);
    }

    /** For the earliest end. */
    public WorkSeason(UUID id, int season, Optional<LocalDate> begins, Optional<LocalDate> ends, List<String> order) {
        this(id, season, begins, ends, order, Optional.empty());
    }
}
