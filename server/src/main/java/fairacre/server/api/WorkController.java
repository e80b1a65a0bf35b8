package fairacre.server.api;

import fairacre.journal.JournalEntry;
import fairacre.journal.LearnedRate;
import fairacre.server.garden.JournalService;
import fairacre.server.garden.WorkService;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What there is to do. */
@RestController
@RequestMapping("/api/gardens/{garden}/tasks")
class WorkController {

    private final WorkService work;
    private final JournalService journal;

    WorkController(WorkService work, JournalService journal) {
        this.work = work;
        this.journal = journal;
    }

    /**
     * The work of a season, stage by stage.
     *
     * @param done entries of the journal that tick tasks off
     * @param learned how long work has taken so far
     */
    record WorkOfSeason(
            List<WorkStudy.StageTold> stages,
            List<PlannedTask> tasks,
            List<JournalEntry> done,
            List<LearnedRate> learned) {}

    /** The tasks that the plan makes in a season, in an order in which they can be done. */
    @GetMapping
    WorkOfSeason tasks(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        WorkStudy told = work.work(owner.id(), garden, season);
        return new WorkOfSeason(
                told.stages(),
                told.tasks(),
                journal.done(owner.id(), garden, season),
                journal.learned(owner.id(), garden));
    }
}
