package fairacre.schedule;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.delivery;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.hire;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.income;
import static fairacre.testing.Gardens.kept;
import static fairacre.testing.Gardens.ownTask;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.weekends;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static fairacre.testing.Gardens.worker;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.appraisal.Appraisal;
import fairacre.bill.Stage;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.crew.CrewKinds;
import fairacre.crew.WorkSeason;
import fairacre.crew.Worker;
import fairacre.fence.FenceKind;
import fairacre.journal.Progress;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.ledger.ToBuy;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScheduleSnagsTest {

    /** A framed bed with tomatoes, and a fence, whose posts take two. Work begins on a Saturday. */
    private static final Plan ALONE = with(
            plot(20, 20, List.of(), bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
            Put.of(planting("Tomatoes", "tomato", "Beans", "2027-05-22", "2027-10-01")),
            Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)),
            Put.of(workFrom("2027-03-06")),
            Put.of(weekends("Ada", 6)));

    private static final Plan BY_TWO = with(ALONE, Put.of(weekends("Bo", 6)));

    private static List<Snag> snags(Plan plan, Change... changes) {
        return ofTheWork(Appraisal.of(with(plan, changes), SEASON).snags());
    }

    private static List<Snag> ofTheWork(List<Snag> snags) {
        return snags.stream()
                .filter(snag -> snag.rule() instanceof ScheduleRule)
                .toList();
    }

    private static Snag only(ScheduleRule rule, Plan plan, Change... changes) {
        List<Snag> snags = snags(plan, changes);
        assertThat(snags).extracting(Snag::rule).containsExactly(rule);
        return snags.get(0);
    }

    private static void curedBy(String words, Snag snag, Plan plan) {
        assertThat(snag.remedies()).extracting(Remedy::words).contains(words);
        snag.remedies()
                .forEach(remedy -> assertThat(snags(plan, remedy.change()))
                        .as(remedy.words())
                        .isEmpty());
    }

    private static WorkCalendar calendar(Plan plan) {
        return CalendarStudy.of(
                        plan,
                        SEASON,
                        tasks(plan),
                        Map.of(),
                        ToBuy.of(CostStudy.of(plan).bill(), List.of(), SEASON),
                        LocalDate.MIN)
                .atOnce();
    }

    private static List<PlannedTask> tasks(Plan plan) {
        return WorkStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of())).tasks();
    }

    private static String key(String rate) {
        return tasks(ALONE).stream()
                .map(PlannedTask::key)
                .filter(task -> task.contains("/" + rate + "/"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatTwoPeopleDoInTimeIsNoSnag() {
        assertThat(snags(BY_TWO)).isEmpty();
    }

    @Test
    @DisplayName("Posts take two, and one works: the least help on Saturdays is asked for with which all can be done")
    void tooFew() {
        Snag snag = only(ScheduleRule.WORK_UNDONE, ALONE);
        assertThat(snag.words()).endsWith("can't be done: it takes 2 people, and one does such work.");
        assertThat(snag.remedies()).hasSize(1);
        Remedy helper = snag.remedies().get(0);
        assertThat(helper.words()).isEqualTo("Ask a helper for Saturdays, 1 hour each");
        curedBy(helper.words(), snag, ALONE);
    }

    @Test
    @DisplayName("Who leaves it to others is asked first")
    void doingItToo() {
        Worker bo = weekends("Bo", 6);
        Plan plan = with(
                ALONE, Put.of(new Worker(bo.id(), "Bo", bo.hours(), List.of(), List.of(), 1, List.of(Stage.MESH))));
        Snag snag = only(ScheduleRule.WORK_UNDONE, plan);
        assertThat(snag.remedies().get(0).words()).startsWith("Let Bo do it too");
        curedBy(snag.remedies().get(0).words(), snag, plan);
    }

    @Test
    @DisplayName("On the day on which it is to be over it is in time, a day before that it ends a day too late")
    void pastEnd() {
        LocalDate finish = calendar(BY_TWO).finish().orElseThrow();
        assertThat(snags(BY_TWO, Put.of(until(finish)))).isEmpty();
        Plan tight = with(BY_TWO, Put.of(until(finish.minusDays(1))));
        Snag snag = only(ScheduleRule.WORK_PAST_END, tight);
        assertThat(snag.words()).contains(", 1 day after the day");
        assertThat(snag.extent()).contains(1.0);
        assertThat(snag.remedies().get(snag.remedies().size() - 1).words())
                .isEqualTo("Let the work go on until " + finish.getDayOfMonth() + " May 2027");
        curedBy(snag.remedies().get(0).words(), snag, tight);
    }

    private static WorkSeason until(LocalDate ends) {
        return workFrom("2027-03-06").ending(ends);
    }

    @ParameterizedTest(name = "plants that come on {0} are planted {1} days late")
    @DisplayName("Planted up to six days late is in time, a week late is late; the order is to come earlier")
    @CsvSource({"2027-05-22, 0", "2027-05-28, 0", "2027-05-29, 7", "2027-05-30, 8", "2027-06-19, 28"})
    void late(String comes, int days) {
        Plan plan = with(
                BY_TWO,
                Put.of(worker("Ada", 1, 1, 1, 1, 1, 6, 6)),
                Put.of(delivery("Plants", SEASON, comes, Stage.PLANTING)));
        if (days == 0) {
            assertThat(snags(plan)).isEmpty();
        } else {
            Snag snag = only(ScheduleRule.WORK_TOO_LATE, plan);
            assertThat(snag.extent()).contains((double) days);
            assertThat(snag.words()).endsWith(" begins " + days + " days after its day.");
            curedBy("Have Plants brought by 22 May 2027", snag, plan);
        }
    }

    @Test
    @DisplayName(
            "Mesh that is settled for the first day waits for its posts: it is settled for the day on which it can be")
    void settled() {
        Plan plan = with(BY_TWO, Put.of(kept(key("fence/mesh"), "2027-03-06")));
        Snag snag = only(ScheduleRule.SETTLED_TOO_EARLY, plan);
        LocalDate first = calendar(plan).tasks().stream()
                .filter(task -> task.task().equals(key("fence/mesh")))
                .findFirst()
                .orElseThrow()
                .first();
        assertThat(snag.extent()).contains((double) ChronoUnit.DAYS.between(LocalDate.parse("2027-03-06"), first));
        assertThat(snag.remedies()).hasSize(2);
        curedBy("Leave its day open", snag, plan);
    }

    /** Ada digs for ten hours; the afternoons of the winter are five degrees warmer than its mean. */
    private static Plan digging(double hours, double winter) {
        return with(
                plot(20, 20, List.of()),
                Put.of(workFrom("2027-03-06")),
                Put.of(weekends("Ada", hours)),
                Put.of(ownTask("Pond", SEASON, Stage.DIGGING, 10)),
                Put.of(climate(winter, 0)));
    }

    @Test
    @DisplayName("Six hours of digging at 27 degrees: shorter days, or a beginning in December, which is cool")
    void heat() {
        Plan plan = digging(6, 22);
        Snag snag = only(ScheduleRule.NO_REST_IN_HEAT, plan);
        assertThat(snag.words())
                .isEqualTo(
                        "Ada digs, carries or shovels for up to 6 h on 1 day on which it is usually hot, first on 6 March 2027.");
        assertThat(snag.remedies())
                .extracting(Remedy::words)
                .containsExactly("Begin the work on 26 December 2026", "Let Ada work 4 hours on hot days");
        curedBy("Let Ada work 4 hours on hot days", snag, plan);
    }

    @ParameterizedTest
    @DisplayName(
            "Four hours are enough of it, a quarter of an hour more is too long; a hair under 27 degrees is not hot")
    @CsvSource({"4, 22, 0", "4.25, 22, 1", "6, 21.99, 0"})
    void heatAtItsLimits(double hours, double winter, int snags) {
        assertThat(snags(digging(hours, winter))).hasSize(snags);
    }

    @Test
    @DisplayName("A digger for posts is booked for a day on which no post is set")
    void idle() {
        Plan plan = with(
                BY_TWO, Put.of(hire("Auger", 60, Optional.empty(), List.of("2027-03-06", "2027-07-03"), Stage.POSTS)));
        assertThat(calendar(plan).hires().get(0).days()).containsExactly(LocalDate.parse("2027-03-06"));
        Snag snag = only(ScheduleRule.HIRE_IDLE, plan);
        assertThat(snag.words()).isEqualTo("Auger is booked for 3 July 2027, and there is no work for it then.");
        curedBy("Book it only for the days with work", snag, plan);
    }

    @Test
    void aMachineThatIsNotThereForLongEnoughIsLeftOpen() {
        Plan plan = with(BY_TWO, Put.of(hire("Auger", 60, Optional.empty(), List.of("2027-03-08"), Stage.POSTS)));
        List<Snag> snags = snags(plan);
        assertThat(snags).extracting(Snag::rule).containsExactly(ScheduleRule.WORK_UNDONE, ScheduleRule.HIRE_IDLE);
        assertThat(snags.get(0).words()).endsWith("Auger is not booked for long enough.");
        curedBy("Leave open for which days Auger is booked", snags.get(0), plan);
    }

    @Test
    void withoutMoneyNothingIsBuiltUntilItIsNotWaitedForAnyMore() {
        Plan plan = with(BY_TWO, Put.of(income("2027-02-01", 1)));
        Snag snag = only(ScheduleRule.WORK_UNDONE, plan);
        assertThat(snag.words()).endsWith("not enough money comes in for it in the season.");
        curedBy("Don't wait for money to come in", snag, plan);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    @DisplayName("Where nobody works, or nobody has planned the season's work, it is not judged whether it can be done")
    void notJudged(boolean withoutWorkers) {
        Change gone = withoutWorkers
                ? new Remove<>(CrewKinds.WORKERS, id("Ada"))
                : new Remove<>(CrewKinds.WORK_SEASONS, id("Work of 2027"));
        assertThat(snags(ALONE, gone)).isEmpty();
    }

    @Test
    @DisplayName("What is done already is no flaw any more, and what is left is not done before today")
    void progress() {
        Map<String, LocalDate> done = tasks(ALONE).stream()
                .filter(task -> task.stage() != Stage.PLANTING)
                .collect(Collectors.toMap(PlannedTask::key, task -> LocalDate.parse("2027-04-01")));
        assertThat(after(ALONE, new Progress(LocalDate.parse("2027-05-23"), done, List.of())))
                .isEmpty();
        assertThat(after(ALONE, new Progress(LocalDate.parse("2027-05-29"), done, List.of())))
                .extracting(Snag::rule)
                .containsExactly(ScheduleRule.WORK_TOO_LATE);
    }

    private static List<Snag> after(Plan plan, Progress progress) {
        return ofTheWork(Appraisal.of(plan, SEASON, Memo.none().remembering(), List.of(), progress)
                .snags());
    }
}
