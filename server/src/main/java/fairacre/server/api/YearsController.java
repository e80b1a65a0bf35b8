package fairacre.server.api;

import fairacre.plan.Plan;
import fairacre.rotation.YearsAsked;
import fairacre.rotation.YearsPlan;
import fairacre.server.garden.GardenService;
import fairacre.server.job.Jobs;
import fairacre.server.job.Told;
import fairacre.server.job.YearsSolve;
import fairacre.server.store.Role;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What grows where over some years. */
@RestController
@RequestMapping("/api/gardens/{garden}/years")
class YearsController {

    private final GardenService gardens;
    private final Jobs jobs;
    private final YearsSolve solve;

    YearsController(GardenService gardens, Jobs jobs, YearsSolve solve) {
        this.gardens = gardens;
        this.jobs = jobs;
        this.solve = solve;
    }

    /** Asks for a plan of the years. */
    @PostMapping
    @Needs(Role.READER)
    Told<YearsPlan> plan(Owner owner, @PathVariable UUID garden, @RequestBody YearsAsked asked) {
        Plan plan = gardens.plan(owner.id(), garden);
        plan.seasonInView(asked.first());
        plan.seasonInView(asked.last());
        // What can't be asked for is said at once.
        asked.check(plan);
        return jobs.ask(owner.account(), owner.id(), garden, solve, asked);
    }

    @GetMapping("/{job}")
    Told<YearsPlan> planned(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        return jobs.told(owner.account(), garden, solve, job);
    }
}
