package fairacre.server.job;

import fairacre.limits.Limits;
import java.time.LocalDate;

/**
 * Which season's work is laid into days.
 *
 * @param today nothing is done before
 * @param done how many of its tasks are: once more are, the question is another one
 */
public record CalendarAsked(int season, LocalDate today, int done) {

    public CalendarAsked {
        Limits.season(season, "season");
        Limits.present(today, "today");
    }
}
