package fairacre.schedule;

import fairacre.bill.Stage;
import fairacre.crew.CrewKinds;
import fairacre.crew.Delivery;
import fairacre.crew.Hire;
import fairacre.crew.Income;
import fairacre.crew.KeptDay;
import fairacre.crew.WorkSeason;
import fairacre.crew.Worker;
import fairacre.crop.PlantingKinds;
import fairacre.judging.Remedy;
import fairacre.judging.Wording;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.schedule.Flaws.Unkept;
import fairacre.schedule.WorkCalendar.Hired;
import fairacre.schedule.WorkCalendar.Placed;
import fairacre.schedule.WorkCalendar.Trouble;
import fairacre.schedule.WorkCalendar.Unplaced;
import fairacre.work.WorkStudy;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Changes after which a flaw of the calendar is gone, and no other is there that was not, or that is worse than before.
 * Where none is found the last that was tried stands.
 */
final class ScheduleRemedies {

    /** So many hours on each Saturday a helper is asked for at most. */
    private static final int MOST_HOURS = 8;
    /** So many weeks earlier the work may begin. */
    private static final int MOST_WEEKS = 26;

    private final Plan plan;
    private final int season;
    private final List<Flaw> before;
    private final Function<Plan, Flaws> judge;

    /**
     * @param before what is wrong with the plan's calendar
     * @param judge of other plans' calendars
     */
    ScheduleRemedies(Plan plan, int season, Flaws before, Function<Plan, Flaws> judge) {
        this.plan = plan;
        this.season = season;
        this.before = before.all();
        this.judge = judge;
    }

    List<Remedy> undone(Trouble why, Unplaced first, Stage stage) {
        Predicate<Flaw> it =
                flaw -> flaw.rule() == ScheduleRule.WORK_UNDONE && flaw.what().equals(why.name());
        return switch (why) {
            case NO_MACHINE -> curing(it, machines(stage));
            case NO_MONEY -> curing(it, Stream.of(withoutMoney()));
            default -> curing(it, Stream.concat(doingItToo(stage), helper(it)));
        };
    }

    List<Remedy> pastEnd(LocalDate finish) {
        Predicate<Flaw> it = flaw -> flaw.rule() == ScheduleRule.WORK_PAST_END;
        return curing(it, Stream.concat(helper(it), Stream.of(ending(finish))));
    }

    List<Remedy> late(List<Placed> late) {
        int most = late.get(0).late();
        Predicate<Flaw> it = flaw -> flaw.rule() == ScheduleRule.WORK_TOO_LATE;
        return curing(
                it,
                Stream.of(
                                earlierDeliveries(most),
                                helper(it),
                                work().flatMap(work -> beginning(work, most)).stream(),
                                planting(late))
                        .flatMap(each -> each));
    }

    List<Remedy> unkept(Unkept unkept) {
        KeptDay kept = unkept.kept();
        LocalDate first = unkept.placed().first();
        return curing(
                flaw -> flaw.rule() == ScheduleRule.SETTLED_TOO_EARLY
                        && flaw.what().equals(kept.task()),
                Stream.of(
                        new Remedy(
                                "Settle it for " + Wording.day(first),
                                Put.of(new KeptDay(kept.id(), kept.task(), first))),
                        new Remedy("Leave its day open", new Remove<>(CrewKinds.KEPT_DAYS, kept.id()))));
    }

    List<Remedy> idle(Hire hire, Hired hired) {
        List<LocalDate> left = hire.booked().stream()
                .filter(day -> !hired.idle().contains(day))
                .toList();
        return curing(
                flaw -> flaw.rule() == ScheduleRule.HIRE_IDLE
                        && flaw.what().equals(hire.id().toString()),
                Stream.of(new Remedy(
                        left.isEmpty() ? "Book it for no day" : "Book it only for the days with work",
                        Put.of(hire.bookedFor(left)))));
    }

    /** Fewer hours on hot days, or the least number of weeks earlier with which the heavy work is over before them. */
    List<Remedy> inHeat(Worker worker, LocalDate first) {
        Predicate<Flaw> it = flaw -> flaw.rule() == ScheduleRule.NO_REST_IN_HEAT
                && flaw.what().equals(worker.id().toString());
        Stream<Remedy> earlier = work().stream()
                .flatMap(work -> IntStream.rangeClosed(1, MOST_WEEKS)
                        .mapToObj(weeks -> beginning(work, weeks * DayOfWeek.values().length))
                        .flatMap(Optional::stream)
                        .filter(remedy -> cures(it, remedy))
                        .limit(1));
        return curing(it, Stream.concat(earlier, shorter(worker, first)));
    }

    private Stream<Remedy> shorter(Worker worker, LocalDate first) {
        List<LocalDate> hot = new Heat(plan).longDays(first, worker);
        return worker.withHoursOn(hot, Heat.MOST_HOURS).stream()
                .map(shorter -> new Remedy(
                        "Let " + worker.name() + " work " + Heat.MOST_HOURS + " hours on hot days", Put.of(shorter)));
    }

    private List<Remedy> curing(Predicate<Flaw> flaw, Stream<Remedy> tried) {
        List<Remedy> all = tried.toList();
        List<Remedy> curing = all.stream().filter(remedy -> cures(flaw, remedy)).toList();
        return curing.isEmpty() ? all.subList(Math.max(0, all.size() - 1), all.size()) : curing;
    }

    private boolean cures(Predicate<Flaw> flaw, Remedy remedy) {
        List<Flaw> after = judge.apply(plan.apply(remedy.change()).orThrow()).all();
        return after.stream().noneMatch(flaw) && after.stream().allMatch(now -> now.isNoWorseThanIn(before));
    }

    /** The least of a helper's help that does; where none does the most. */
    private Stream<Remedy> helper(Predicate<Flaw> flaw) {
        return IntStream.rangeClosed(1, MOST_HOURS)
                .mapToObj(this::helper)
                .filter(remedy -> cures(flaw, remedy))
                .findFirst()
                .or(() -> Optional.of(helper(MOST_HOURS)))
                .stream();
    }

    private Remedy helper(int hours) {
        List<Double> week = new ArrayList<>(Collections.nCopies(DayOfWeek.values().length, 0.0));
        week.set(DayOfWeek.SATURDAY.ordinal(), (double) hours);
        return new Remedy(
                "Ask a helper for Saturdays, " + hours + (hours == 1 ? " hour" : " hours") + " each",
                Put.of(new Worker(plan.newId("helper"), "Helper", week, List.of(), List.of(), 1, List.of())));
    }

    /** Those who leave a stage to others don't any more, one by one. */
    private Stream<Remedy> doingItToo(Stage stage) {
        return plan.list(CrewKinds.WORKERS).stream()
                .filter(worker -> worker.leaves().contains(stage))
                .map(worker -> new Remedy(
                        "Let " + worker.name() + " do it too: " + stage.label(), Put.of(worker.notLeaving(stage))));
    }

    private Stream<Remedy> machines(Stage stage) {
        return plan.list(CrewKinds.HIRES).stream()
                .filter(hire -> hire.season() == season
                        && hire.stages().contains(stage)
                        && !hire.booked().isEmpty())
                .map(hire -> new Remedy(
                        "Leave open for which days " + hire.name() + " is booked", Put.of(hire.bookedFor(List.of()))));
    }

    private Remedy withoutMoney() {
        List<Change> gone = plan.list(CrewKinds.INCOMES).stream()
                .map(Income::id)
                .<Change>map(id -> new Remove<>(CrewKinds.INCOMES, id))
                .toList();
        return new Remedy("Don't wait for money to come in", new Change.Batch("No waiting for money", gone));
    }

    /** What is late is planted when it can be. */
    private Stream<Remedy> planting(List<Placed> late) {
        List<Change> moved = late.stream()
                .flatMap(placed -> plan.list(PlantingKinds.PLANTINGS).stream()
                        .filter(planting -> WorkStudy.about(placed.task())
                                .filter(planting.id()::equals)
                                .isPresent())
                        .<Change>map(planting -> Put.of(planting.shifted(placed.first()))))
                .toList();
        String words = "Plant what is late when it can be";
        return moved.isEmpty() ? Stream.of() : Stream.of(new Remedy(words, new Change.Batch(words, moved)));
    }

    private Optional<WorkSeason> work() {
        return CrewKinds.workOf(plan, season);
    }

    private Remedy ending(LocalDate finish) {
        return new Remedy(
                "Let the work go on until " + Wording.day(finish),
                Put.of(work().orElseThrow().ending(finish)));
    }

    /** Where the gardener has said when the work begins. */
    private Optional<Remedy> beginning(WorkSeason work, int earlier) {
        return work.begins()
                .map(day -> day.minusDays(earlier))
                .filter(day -> day.getYear() >= season - 1)
                .map(day -> new Remedy("Begin the work on " + Wording.day(day), Put.of(work.beginning(day))));
    }

    private Stream<Remedy> earlierDeliveries(int days) {
        return plan.list(CrewKinds.DELIVERIES).stream()
                .filter(delivery -> delivery.season() == season
                        && delivery.day().minusDays(days).getYear() >= season - 1)
                .map(delivery -> comingOn(delivery, delivery.day().minusDays(days)));
    }

    private static Remedy comingOn(Delivery delivery, LocalDate day) {
        return new Remedy(
                "Have " + delivery.name() + " brought by " + Wording.day(day), Put.of(delivery.comingOn(day)));
    }
}
