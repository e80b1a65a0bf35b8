package fairacre.server.garden;

import fairacre.cost.CostStudy;
import fairacre.drawing.SheetDrawing;
import fairacre.drawing.YearBook;
import fairacre.lookback.Lesson;
import fairacre.lookback.LookBackStudy;
import fairacre.plan.Plan;
import fairacre.wear.WearStudy;
import fairacre.wear.Worn;
import fairacre.wear.YearAhead;
import fairacre.work.Pace;
import fairacre.years.BedStory;
import fairacre.years.BedStoryStudy;
import fairacre.years.SeasonFigures;
import fairacre.years.SeasonStudy;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Seasons and beds as they were planned and as they went. Throws {@link NoSuchGardenException} as the others do. */
@Service
public class SeasonsService {

    private final GardenService gardens;
    private final JournalService journal;

    SeasonsService(GardenService gardens, JournalService journal) {
        this.gardens = gardens;
        this.journal = journal;
    }

    /** @throws fairacre.limits.RefusedException if the plan doesn't show that season */
    public SeasonFigures figures(UUID owner, UUID garden, int season) {
        CostStudy costs = gardens.costs(owner, garden);
        Plan plan = costs.takeoff().plan();
        return SeasonStudy.of(
                costs,
                plan.seasonInView(season),
                Pace.of(plan, journal.learned(owner, garden)),
                journal.counting(owner, garden, plan, season),
                gardens.paid(owner, garden),
                gardens.memo(owner, garden));
    }

    /**
     * A season as a book to print, with its newest photos.
     *
     * @throws fairacre.limits.RefusedException if the plan doesn't show that season
     */
    public List<SheetDrawing> yearBook(UUID owner, UUID garden, int season) {
        Plan plan = gardens.plan(owner, garden);
        return YearBook.of(
                plan,
                figures(owner, garden, season),
                journal.counting(owner, garden, plan, season),
                journal.photos(owner, garden, plan, season, YearBook.MOST_PHOTOS));
    }

    /**
     * What went otherwise in a season than it should have, with edits for the coming one.
     *
     * @throws fairacre.limits.RefusedException if the plan doesn't show that season
     */
    public List<Lesson> lookBack(UUID owner, UUID garden, int season) {
        CostStudy costs = gardens.costs(owner, garden);
        Plan plan = costs.takeoff().plan();
        return LookBackStudy.of(costs, plan.seasonInView(season), journal.counting(owner, garden, plan, season));
    }

    /**
     * What wears out in a season, and what the seasons from it on cost.
     *
     * @param parts what there is and wears out, what is due first comes first
     */
    public record WearTold(List<Worn> parts, List<YearAhead> years) {}

    /** @throws fairacre.limits.RefusedException if the plan doesn't show that season */
    public WearTold wear(UUID owner, UUID garden, int season) {
        CostStudy costs = gardens.costs(owner, garden);
        Plan plan = costs.takeoff().plan();
        WearStudy study = WearStudy.of(costs, plan.seasonInView(season), Pace.of(plan, journal.learned(owner, garden)));
        return new WearTold(study.parts(), study.years());
    }

    /** @throws fairacre.limits.RefusedException if there is no such bed */
    public BedStory story(UUID owner, UUID garden, UUID bed) {
        CostStudy costs = gardens.costs(owner, garden);
        return BedStoryStudy.of(costs, bed, journal.countingAt(owner, garden, BedStoryStudy.places(costs, bed)));
    }
}
