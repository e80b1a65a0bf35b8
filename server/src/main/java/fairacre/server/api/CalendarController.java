package fairacre.server.api;

import fairacre.drawing.PdfSheet;
import fairacre.drawing.SheetDrawing;
import fairacre.schedule.CalendarStudy;
import fairacre.schedule.WorkCalendar;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.WorkService;
import fairacre.server.job.CalendarAsked;
import fairacre.server.job.CalendarSolve;
import fairacre.server.job.Jobs;
import fairacre.server.job.Told;
import fairacre.server.store.Role;
import fairacre.staging.StagedPlace;
import fairacre.wear.Reminder;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** On which day what is done, and by whom. */
@RestController
@RequestMapping("/api/gardens/{garden}/work-calendar")
class CalendarController {

    private final GardenService gardens;
    private final WorkService work;
    private final Jobs jobs;
    private final CalendarSolve solve;
    private final Clock clock;

    CalendarController(GardenService gardens, WorkService work, Jobs jobs, CalendarSolve solve, Clock clock) {
        this.gardens = gardens;
        this.work = work;
        this.jobs = jobs;
        this.solve = solve;
        this.clock = clock;
    }

    /**
     * The calendar of a season.
     *
     * @param moved what rain on the day that was asked for moves
     */
    record CalendarOfSeason(WorkCalendar calendar, List<WorkCalendar.Moved> moved) {}

    /**
     * The calendar of a season as it can be told at once.
     *
     * @param rain a day, to be told what moves if it rains then
     */
    @GetMapping
    CalendarOfSeason calendar(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam(required = false) LocalDate rain) {
        CalendarStudy study = work.calendar(owner.id(), garden, season, LocalDate.now(clock));
        WorkCalendar calendar = study.atOnce();
        return new CalendarOfSeason(
                calendar, rain == null ? List.of() : study.inRain(rain).movedSince(calendar));
    }

    /** What lies ready where for the work of a season. */
    @GetMapping("/staging")
    List<StagedPlace> staging(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return work.staging(owner.id(), garden, season);
    }

    /** What is to be thought of besides the work. */
    @GetMapping("/reminders")
    List<Reminder> reminders(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return work.reminders(owner.id(), garden, season);
    }

    /** The work of a day, to print and take along. */
    @GetMapping(path = "/day.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> day(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam LocalDate day) {
        List<SheetDrawing> pages = work.daySheet(owner.id(), garden, season, day, LocalDate.now(clock));
        return Downloads.download(
                PdfSheet.write(pages), MediaType.APPLICATION_PDF, pages.get(0).title() + ".pdf");
    }

    /** The days of work, for a calendar on a phone. */
    @GetMapping(path = "/calendar.ics", produces = Downloads.CALENDAR)
    ResponseEntity<byte[]> file(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return Downloads.download(
                work.days(owner.id(), garden, season, clock),
                MediaType.valueOf(Downloads.CALENDAR),
                gardens.plan(owner.id(), garden).name() + ", work " + season + ".ics");
    }

    /** Asks for a calendar that ends earlier. */
    @PostMapping("/better")
    @Needs(Role.READER)
    Told<CalendarStudy.BetterCalendar> better(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        // A season that the plan doesn't show is refused at once.
        work.work(owner.id(), garden, season);
        int done = work.done(owner.id(), garden, season).size();
        return jobs.ask(
                owner.account(), owner.id(), garden, solve, new CalendarAsked(season, LocalDate.now(clock), done));
    }

    @GetMapping("/better/{job}")
    Told<CalendarStudy.BetterCalendar> told(Owner owner, @PathVariable UUID garden, @PathVariable UUID job) {
        return jobs.told(owner.account(), garden, solve, job);
    }
}
