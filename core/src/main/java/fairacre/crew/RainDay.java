package fairacre.crew;

import fairacre.limits.Limits;
import java.time.LocalDate;
import java.util.UUID;

/** A day on which nobody works, for rain or for what else came between. */
public record RainDay(UUID id, LocalDate day) {

    public RainDay {
        Limits.present(id, "id");
        Limits.present(day, "day");
        Limits.season(day.getYear(), "day");
    }
}
