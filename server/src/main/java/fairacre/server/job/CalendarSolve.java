package fairacre.server.job;

import fairacre.schedule.CalendarStudy;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.WorkService;
import fairacre.shape.Memo;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A better order of the work of a season. */
@Component
public class CalendarSolve implements Solve<CalendarAsked, CalendarStudy.BetterCalendar> {

    private final GardenService gardens;
    private final WorkService work;

    CalendarSolve(GardenService gardens, WorkService work) {
        this.gardens = gardens;
        this.work = work;
    }

    @Override
    public String kind() {
        return "CALENDAR";
    }

    @Override
    public Class<CalendarAsked> question() {
        return CalendarAsked.class;
    }

    @Override
    public Class<CalendarStudy.BetterCalendar> answer() {
        return CalendarStudy.BetterCalendar.class;
    }

    @Override
    public void run(UUID owner, UUID garden, CalendarAsked asked, Progress<CalendarStudy.BetterCalendar> progress) {
        progress.begin(gardens.get(owner, garden).revision(), 1);
        CalendarStudy.BetterCalendar found = work.calendar(owner, garden, asked.season(), asked.today())
                .better(Memo.none().until(progress)::goOn);
        progress.found(1, List.of(found));
    }
}
