package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.LINE;
import static fairacre.drawing.Pages.MARGIN;
import static fairacre.drawing.Pages.SMALL;
import static fairacre.drawing.Pages.WIDTH;

import fairacre.crew.CrewKinds;
import fairacre.crew.Worker;
import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.judging.Wording;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.schedule.WorkCalendar;
import fairacre.schedule.WorkCalendar.Stint;
import fairacre.staging.Lift;
import fairacre.staging.StagedGood;
import fairacre.staging.StagedPlace;
import fairacre.work.PlannedTask;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The work of one day on A4 pages to take along: who does what, in order, with a box to tick, what to bring, what to
 * mind, and where it is. A day without work has a page that says so.
 */
public final class DaySheet {

    private static final double CLOCK = 7;
    private static final double TASK = 34;
    private static final int LETTERS = 88;
    private static final double NAME = 2.2;
    private static final double RULE = 0.2;
    private static final double THICK = 0.6;
    /** Of the small plan, millimetres. */
    private static final double PLAN_WIDTH = 80;

    private static final double PLAN_HEIGHT = 70;

    private final Plan plan;
    private final int season;
    private final Map<String, PlannedTask> tasks;
    private final List<StagedPlace> staged;
    private final Wording wording;
    private final Pages pages;

    private DaySheet(Plan plan, int season, String title, List<PlannedTask> tasks, List<StagedPlace> staged) {
        this.plan = plan;
        this.season = season;
        this.tasks = tasks.stream().collect(Collectors.toMap(PlannedTask::key, Function.identity()));
        this.staged = staged;
        this.wording = new Wording(plan.units());
        this.pages = new Pages(title);
    }

    /**
     * @param tasks of the season
     * @param staged what lies ready where for the season's work
     */
    public static List<SheetDrawing> of(
            Plan plan,
            int season,
            LocalDate day,
            WorkCalendar calendar,
            List<PlannedTask> tasks,
            List<StagedPlace> staged) {
        String title = plan.name() + ", " + day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH) + " "
                + Wording.day(day);
        DaySheet sheet = new DaySheet(plan, season, title, tasks, staged);
        sheet.pages.line(LARGE, title);
        List<Stint> stints = calendar.stints().stream()
                .filter(stint -> stint.day().equals(day))
                .toList();
        calendar.days().stream().filter(each -> each.day().equals(day)).forEach(sheet::toTakeAndMind);
        if (stints.isEmpty()) {
            sheet.pages.line(SMALL, "Nothing is planned for this day.");
        }
        stints.stream().map(Stint::workers).distinct().forEach(who -> sheet.team(who, stints));
        sheet.where(stints);
        return sheet.pages.end();
    }

    private void toTakeAndMind(WorkCalendar.Day day) {
        if (!day.tools().isEmpty()) {
            pages.paragraph("Take along: " + String.join("; ", day.tools()) + ".");
        }
        if (!day.cautions().isEmpty()) {
            pages.heading("Mind");
            day.cautions().forEach(pages::paragraph);
            pages.paragraph("What your local rules and the makers of tools and goods say comes first.");
        }
    }

    private void team(List<UUID> who, List<Stint> stints) {
        Map<UUID, String> names =
                plan.list(CrewKinds.WORKERS).stream().collect(Collectors.toMap(Worker::id, Worker::name));
        pages.heading(who.stream().map(names::get).collect(Collectors.joining(", ")));
        stints.stream().filter(stint -> stint.workers().equals(who)).forEach(this::task);
    }

    private void task(Stint stint) {
        PlannedTask task = tasks.get(stint.task());
        List<String> lines = Stream.of(
                        Stream.of(task.words()),
                        goods(task),
                        task
                                .lift()
                                .filter(Lift::byTwo)
                                .map(lift -> "Lift with two: " + lift.what() + ", " + wording.mass(lift.kilograms()))
                                .stream())
                .flatMap(each -> each)
                .flatMap(line -> Pages.wrapped(line, LETTERS).stream())
                .toList();
        pages.makeRoom(lines.size() * LINE);
        pages.box();
        pages.write(MARGIN + CLOCK, SMALL, stint.span());
        for (String line : lines) {
            pages.write(MARGIN + TASK, SMALL, line);
            pages.down(LINE);
        }
        pages.down(LINE / 3);
    }

    /** What lies ready for a task at its place. */
    private Stream<String> goods(PlannedTask task) {
        String goods = staged.stream()
                .filter(place -> place.place().equals(task.place()))
                .flatMap(place -> place.goods().stream())
                .filter(good -> good.stages().contains(task.stage()))
                .map(this::words)
                .collect(Collectors.joining("; "));
        return goods.isEmpty() ? Stream.of() : Stream.of("Bring: " + goods);
    }

    private String words(StagedGood good) {
        boolean loose = good.kind() == StagedGood.Kind.BULK || good.kind() == StagedGood.Kind.ON_HAND;
        String many = loose
                ? wording.loose(Volume.litres(good.quantity()))
                : String.format(Locale.ROOT, "%.2f", good.quantity()).replaceAll("\\.?0+$", "") + " ×";
        return Stream.of(
                        Optional.of(many + " " + good.label()),
                        good.mark().map(mark -> "marked " + mark),
                        good.length().map(wording::length))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(", "));
    }

    /** A small plan with the places of the day drawn thick and filled. */
    private void where(List<Stint> stints) {
        Set<UUID> places =
                stints.stream().map(stint -> tasks.get(stint.task()).place()).collect(Collectors.toSet());
        List<StandingBed> beds = plan.standing(season);
        if (places.isEmpty()) {
            return;
        }
        pages.heading("Where");
        pages.makeRoom(PLAN_HEIGHT);
        List<Point> all = plan.site().pieces().stream().flatMap(List::stream).toList();
        double left = all.stream().mapToDouble(p -> p.x().metres()).min().orElseThrow();
        double top = all.stream().mapToDouble(p -> p.y().metres()).max().orElseThrow();
        double wide = all.stream().mapToDouble(p -> p.x().metres()).max().orElseThrow() - left;
        double deep = top - all.stream().mapToDouble(p -> p.y().metres()).min().orElseThrow();
        double scale = Math.min((WIDTH - 2 * MARGIN) / wide, PLAN_HEIGHT / deep);
        scale = Math.min(scale, PLAN_WIDTH / Math.min(wide, deep));
        Function<Point, Spot> spot = spots(left, top, scale, pages.y());
        plan.site().pieces().forEach(piece -> pages.draw(outline(piece, spot, RULE, false)));
        for (StandingBed bed : beds) {
            boolean lit = places.contains(bed.id());
            pages.draw(outline(bed.corners(), spot, lit ? THICK : RULE, lit));
            if (lit) {
                pages.draw(new Mark.Words(spot.apply(bed.revision().outline().centre()), bed.name(), NAME, true, 0));
            }
        }
        plan.standingThings(season).stream()
                .filter(thing -> places.contains(thing.id()))
                .forEach(thing ->
                        pages.draw(new Stroke(thing.places().stream().map(spot).toList(), false, THICK, false)));
        pages.down(deep * scale + LINE);
    }

    private static Function<Point, Spot> spots(double left, double top, double scale, double y) {
        return point -> new Spot(
                MARGIN + (point.x().metres() - left) * scale,
                y + (top - point.y().metres()) * scale);
    }

    private static Stroke outline(List<Point> corners, Function<Point, Spot> spot, double pen, boolean filled) {
        return new Stroke(corners.stream().map(spot).toList(), true, pen, filled);
    }
}
