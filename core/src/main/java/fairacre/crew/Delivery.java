package fairacre.crew;

import fairacre.bill.Stage;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * Something that was ordered and has to be there before some of a season's work begins.
 *
 * @param name what comes, and from whom
 * @param day on which it comes, as far as is known; work may begin on that day
 * @param stages of the work that wait for it, each once, at least one
 */
public record Delivery(UUID id, String name, int season, LocalDate day, List<Stage> stages) {

    public Delivery {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.season(season, "season");
        Limits.present(day, "day");
        Limits.between(day.getYear(), season - 1, season + 2, "day");
        stages =
                stages == null ? List.of() : stages.stream().distinct().sorted().toList();
        if (stages.isEmpty()) {
            throw new RefusedException("stages", "no work waits for it", "choose at least one kind of work");
        }
    }

    /** The same on another day. */
    public Delivery comingOn(LocalDate other) {
        return new Delivery(id, name, season, other, stages);
    }
}
