package fairacre.server.api;

import fairacre.arrange.Arrangement;
import fairacre.arrange.ArrangementStudy;
import fairacre.arrange.Wish;
import fairacre.cost.BestCutting;
import fairacre.cost.CutSheets;
import fairacre.plan.Plan;
import fairacre.server.garden.GardenService;
import fairacre.server.job.ArrangementSolve;
import fairacre.server.job.ChosenBeds;
import fairacre.server.job.CuttingSolve;
import fairacre.server.job.Jobs;
import fairacre.server.job.SheetSolve;
import fairacre.server.job.SunMapSolve;
import fairacre.server.job.Told;
import fairacre.server.store.Role;
import fairacre.sun.SunMap;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Work that takes long: it is asked for, looked after again and again, and can be stopped. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class SolveController {

    private final GardenService gardens;
    private final Jobs jobs;
    private final ArrangementSolve arranging;
    private final CuttingSolve cutting;
    private final SheetSolve sheets;
    private final SunMapSolve mapping;

    SolveController(
            GardenService gardens,
            Jobs jobs,
            ArrangementSolve arranging,
            CuttingSolve cutting,
            SheetSolve sheets,
            SunMapSolve mapping) {
        this.gardens = gardens;
        this.jobs = jobs;
        this.arranging = arranging;
        this.cutting = cutting;
        this.sheets = sheets;
        this.mapping = mapping;
    }

    /** Asks for layouts of a part of the plot. */
    @PostMapping("/arrangements")
    @Needs(Role.READER)
    Told<Arrangement> arrange(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestBody Wish wish) {
        Plan plan = gardens.get(owner.id(), garden).plan();
        plan.seasonInView(season);
        // What can't be asked for is said at once.
        ArrangementStudy.of(plan, season, wish, UUID::randomUUID);
        return jobs.ask(owner.account(), owner.id(), garden, arranging, new ArrangementSolve.Asked(season, wish));
    }

    @GetMapping("/arrangements/{job}")
    Told<Arrangement> arranged(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        return jobs.told(owner.account(), garden, arranging, job);
    }

    /** Asks for the cheapest layouts of the boards that the bill buys, or of those of some beds alone. */
    @PostMapping("/cutting/best")
    @Needs(Role.READER)
    Told<BestCutting> cut(Owner owner, @PathVariable UUID garden, @RequestParam(defaultValue = "") Set<UUID> beds) {
        return jobs.ask(owner.account(), owner.id(), garden, cutting, new ChosenBeds(List.copyOf(beds)));
    }

    @GetMapping("/cutting/best/{job}")
    Told<BestCutting> beingCut(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        return jobs.told(owner.account(), garden, cutting, job);
    }

    /** Asks for the cheapest cuttings of the sheets that the bill buys, or of those of some things alone. */
    @PostMapping("/cutting/sheets/best")
    @Needs(Role.READER)
    Told<CutSheets> cutSheets(Owner owner, @PathVariable UUID garden, @RequestParam(defaultValue = "") Set<UUID> beds) {
        return jobs.ask(owner.account(), owner.id(), garden, sheets, new ChosenBeds(List.copyOf(beds)));
    }

    @GetMapping("/cutting/sheets/best/{job}")
    Told<CutSheets> sheetsBeingCut(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        return jobs.told(owner.account(), garden, sheets, job);
    }

    /**
     * Asks for the sun on open ground as a fine grid.
     *
     * @param day left out for the mean of the growing months
     */
    @PostMapping("/sun/maps")
    @Needs(Role.READER)
    Told<SunMap> map(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> day) {
        gardens.get(owner.id(), garden).plan().seasonInView(season);
        return jobs.ask(owner.account(), owner.id(), garden, mapping, new SunMapSolve.Asked(season, day));
    }

    @GetMapping("/sun/maps/{job}")
    Told<SunMap> mapped(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        return jobs.told(owner.account(), garden, mapping, job);
    }

    /** Stops a job of one's own. */
    @DeleteMapping("/jobs/{job}")
    @Needs(Role.READER)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        jobs.stop(owner.account(), garden, job);
    }
}
