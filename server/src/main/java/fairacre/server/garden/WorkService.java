package fairacre.server.garden;

import fairacre.cost.CostStudy;
import fairacre.drawing.DaySheet;
import fairacre.drawing.SheetDrawing;
import fairacre.format.WorkDays;
import fairacre.journal.Progress;
import fairacre.ledger.ToBuy;
import fairacre.plan.Plan;
import fairacre.schedule.CalendarStudy;
import fairacre.staging.StagedPlace;
import fairacre.staging.StagingStudy;
import fairacre.wear.Reminder;
import fairacre.wear.ReminderStudy;
import fairacre.wear.WearStudy;
import fairacre.work.Pace;
import fairacre.work.WorkStudy;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** The work of a season: what the plan makes, at the pace that the journal teaches, and when it is done. */
@Service
public class WorkService {

    private final GardenService gardens;
    private final JournalService journal;

    WorkService(GardenService gardens, JournalService journal) {
        this.gardens = gardens;
        this.journal = journal;
    }

    /**
     * The tasks of a season.
     *
     * @throws fairacre.limits.RefusedException if the plan doesn't show that season
     */
    public WorkStudy work(UUID owner, UUID garden, int season) {
        CostStudy costs = gardens.costs(owner, garden);
        Plan plan = costs.takeoff().plan();
        return WorkStudy.of(costs, plan.seasonInView(season), Pace.of(plan, journal.learned(owner, garden)));
    }

    /**
     * What lies ready where for the work of a season.
     *
     * @throws fairacre.limits.RefusedException if the plan doesn't show that season
     */
    public List<StagedPlace> staging(UUID owner, UUID garden, int season) {
        CostStudy costs = gardens.costs(owner, garden);
        return StagingStudy.of(costs, costs.takeoff().plan().seasonInView(season))
                .places();
    }

    /** @param today nothing is done before */
    public CalendarStudy calendar(UUID owner, UUID garden, int season, LocalDate today) {
        CostStudy costs = gardens.costs(owner, garden);
        return CalendarStudy.of(
                costs.takeoff().plan(),
                season,
                work(owner, garden, season).tasks(),
                done(owner, garden, season),
                ToBuy.of(costs.bill(), gardens.paid(owner, garden), season),
                today);
    }

    /**
     * What is to be thought of in a season besides its work, in order of days.
     *
     * @throws fairacre.limits.RefusedException if the plan doesn't show that season
     */
    public List<Reminder> reminders(UUID owner, UUID garden, int season) {
        CostStudy costs = gardens.costs(owner, garden);
        Plan plan = costs.takeoff().plan();
        return ReminderStudy.of(
                plan,
                season,
                WearStudy.of(costs, plan.seasonInView(season), Pace.of(List.of()))
                        .parts());
    }

    /**
     * The work of a day on paper.
     *
     * @param today nothing is done before
     * @throws fairacre.limits.RefusedException if the plan doesn't show that season
     */
    public List<SheetDrawing> daySheet(UUID owner, UUID garden, int season, LocalDate day, LocalDate today) {
        return DaySheet.of(
                gardens.plan(owner, garden),
                season,
                day,
                calendar(owner, garden, season, today).atOnce(),
                work(owner, garden, season).tasks(),
                staging(owner, garden, season));
    }

    /** The days of work of a season, as an iCalendar file made now. */
    public byte[] days(UUID owner, UUID garden, int season, Clock clock) {
        return WorkDays.of(
                gardens.plan(owner, garden),
                season,
                work(owner, garden, season).tasks(),
                calendar(owner, garden, season, LocalDate.now(clock)).atOnce(),
                reminders(owner, garden, season),
                clock.instant());
    }

    /** The days on which tasks of a season were done, by their keys; of what several did, the last one. */
    public Map<String, LocalDate> done(UUID owner, UUID garden, int season) {
        return Progress.of(LocalDate.MIN, journal.done(owner, garden, season)).done();
    }
}
