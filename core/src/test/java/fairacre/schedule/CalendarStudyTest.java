package fairacre.schedule;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.delivery;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.hire;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.income;
import static fairacre.testing.Gardens.kept;
import static fairacre.testing.Gardens.mulch;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rain;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.weekends;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static fairacre.testing.Gardens.worker;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Bill;
import fairacre.bill.BillPart;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.crew.Ability;
import fairacre.crew.Aim;
import fairacre.crew.Hire;
import fairacre.crew.KeptDay;
import fairacre.crew.WorkSeason;
import fairacre.crew.Worker;
import fairacre.feeding.MulchKind;
import fairacre.fence.FenceKind;
import fairacre.ledger.Paid;
import fairacre.ledger.ToBuy;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.schedule.WorkCalendar.Cause;
import fairacre.schedule.WorkCalendar.Moved;
import fairacre.schedule.WorkCalendar.Placed;
import fairacre.schedule.WorkCalendar.Stint;
import fairacre.schedule.WorkCalendar.Trouble;
import fairacre.work.Caution;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.Tool;
import fairacre.work.WorkStudy;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.e175.klaus.solarpositioning.SPA;
import net.e175.klaus.solarpositioning.SunriseResult;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalendarStudyTest {

    private static final LocalDate LONG_AGO = LocalDate.parse("2026-01-01");
    /** A Saturday. */
    private static final String BEGINS = "2027-03-06";

    /** A framed bed with lines, tomatoes and straw, and a fence on posts in concrete. */
    private static final Plan GARDEN = with(
            plot(20, 20, List.of(), bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
            Put.of(tap("Tap", 2, 4, 20)),
            Put.of(dripline("Beans", "Tap")),
            Put.of(planting("Tomatoes", "tomato", "Beans", "2027-05-20", "2027-10-01")),
            Put.of(mulch("Straw", MulchKind.STRAW, SEASON, 1, "Beans")),
            Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)),
            Put.of(workFrom(BEGINS)));

    private static final double PLENTY = 100_000;

    private static final Plan BY_TWO = with(GARDEN, Put.of(weekends("Ada", 6)), Put.of(weekends("Bo", 6)));

    private static List<PlannedTask> tasks(Plan plan) {
        return WorkStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of())).tasks();
    }

    private static CalendarStudy study(Plan plan, Map<String, LocalDate> done, LocalDate today) {
        return CalendarStudy.of(plan, SEASON, tasks(plan), done, toBuy(plan), today);
    }

    private static double of(Money money) {
        return money.getAmount().doubleValue();
    }

    private static ToBuy toBuy(Plan plan) {
        return ToBuy.of(CostStudy.of(plan).bill(), List.of(), SEASON);
    }

    private static WorkCalendar calendar(Plan plan, Change... changes) {
        Plan changed = with(plan, changes);
        return study(changed, Map.of(), LONG_AGO).atOnce();
    }

    private static Placed placed(WorkCalendar calendar, String rate) {
        return calendar.tasks().stream()
                .filter(task -> task.task().contains("/" + rate + "/"))
                .findFirst()
                .orElseThrow();
    }

    private static String key(String rate) {
        return tasks(GARDEN).stream()
                .map(PlannedTask::key)
                .filter(task -> task.contains("/" + rate + "/"))
                .findFirst()
                .orElseThrow();
    }

    private static LocalDate day(String text) {
        return LocalDate.parse(text);
    }

    @Test
    void whereNobodyIsPutDownNothingIsDone() {
        WorkCalendar calendar = calendar(GARDEN);
        assertThat(calendar.stints()).isEmpty();
        assertThat(calendar.finish()).isEmpty();
        assertThat(calendar.unplaced())
                .hasSameSizeAs(tasks(GARDEN))
                .allSatisfy(task -> assertThat(task.why()).isEqualTo(Trouble.NOBODY));
        assertThat(study(plot(10, 8, List.of()), Map.of(), LONG_AGO)
                        .better(() -> {})
                        .noSooner())
                .isEmpty();
    }

    @Test
    @DisplayName("every task takes the hours of the list, on weekends only, at most six hours of anybody")
    void hours() {
        WorkCalendar calendar = calendar(BY_TWO);
        assertThat(calendar.unplaced()).isEmpty();
        for (PlannedTask task : tasks(BY_TWO)) {
            double minutes = calendar.stints().stream()
                    .filter(stint -> stint.task().equals(task.key()))
                    .mapToDouble(stint -> stint.minutes() * stint.workers().size())
                    .sum();
            assertThat(minutes).as(task.key()).isCloseTo(Math.max(1, task.hours() * 60), within(2.0));
        }
        assertThat(calendar.stints()).allSatisfy(stint -> {
            assertThat(stint.day().getDayOfWeek()).isIn(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
            assertThat(stint.from() + stint.minutes()).isLessThanOrEqualTo(6 * 60);
        });
        assertThat(calendar.busiest()).isLessThanOrEqualTo(12);
    }

    @Test
    @DisplayName("mesh waits until concrete has cured for four days [common practice], and says so")
    void cure() {
        WorkCalendar calendar = calendar(
                with(GARDEN, Put.of(fairacre.testing.Gardens.worker("Ada", 8, 8, 8, 8, 8, 8, 8))),
                Put.of(fairacre.testing.Gardens.worker("Bo", 8, 8, 8, 8, 8, 8, 8)));
        Placed mesh = placed(calendar, "fence/mesh");
        Placed posts = placed(calendar, "fence/concrete");
        assertThat(mesh.first()).isEqualTo(posts.last().plusDays(4));
        assertThat(mesh.held().cause()).isEqualTo(Cause.CURE);
        assertThat(mesh.held().task()).contains(posts.task());
        assertThat(mesh.held().until()).isEqualTo(mesh.first());
        assertThat(placed(calendar, "crop/plant").first()).isEqualTo(day("2027-05-20"));
        assertThat(placed(calendar, "crop/plant").held().cause()).isEqualTo(Cause.WANTED);
        // The plants come last, and straw after them: nothing else is critical.
        assertThat(placed(calendar, "mulch/laying").slack()).isZero();
        assertThat(posts.slack()).isPositive();
    }

    @Test
    @DisplayName("plants that go in a week after the day on which they are wanted are late, six days after it not")
    void late() {
        Map<String, Integer> late = Map.of("2027-02-26", 8, "2027-02-27", 7, "2027-02-28", 0, "2027-05-20", 0);
        late.forEach((wanted, days) -> {
            Plan plan = with(BY_TWO, Put.of(planting("Tomatoes", "tomato", "Beans", wanted, "2027-10-01")));
            Placed plants = placed(calendar(plan), "crop/plant");
            assertThat(plants.first()).isEqualTo(day(wanted.startsWith("2027-02") ? BEGINS : "2027-05-22"));
            assertThat(plants.late()).isEqualTo(days);
        });
        assertThat(placed(calendar(BY_TWO), "fence/concrete").late()).isZero();
    }

    @Test
    @DisplayName("what is done is not planned; posts set on Saturday let mesh be hung on Wednesday [by hand]")
    void done() {
        Plan daily = with(
                GARDEN,
                Put.of(fairacre.testing.Gardens.worker("Ada", 8, 8, 8, 8, 8, 8, 8)),
                Put.of(fairacre.testing.Gardens.worker("Bo", 8, 8, 8, 8, 8, 8, 8)));
        Map<String, LocalDate> done = tasks(GARDEN).stream()
                .filter(task -> task.stage() != Stage.MESH)
                .collect(java.util.stream.Collectors.toMap(PlannedTask::key, task -> day("2027-03-13")));
        WorkCalendar calendar = study(daily, done, day("2027-03-14")).atOnce();
        assertThat(calendar.begins()).isEqualTo(day("2027-03-14"));
        assertThat(placed(calendar, "fence/mesh").first()).isEqualTo(day("2027-03-17"));
        assertThat(calendar.tasks()).extracting(Placed::task).doesNotContainAnyElementsOf(done.keySet());
        // Three days later than it would have been allowed, nothing is waited for.
        assertThat(placed(study(daily, done, day("2027-03-20")).atOnce(), "fence/mesh")
                        .first())
                .isEqualTo(day("2027-03-20"));
    }

    @Test
    @DisplayName("what to mind on a day is told once: concrete where posts are set, a saw where boards are cut")
    void cautions() {
        WorkCalendar calendar = calendar(BY_TWO);
        for (WorkCalendar.Day day : calendar.days()) {
            List<String> tasks = calendar.stints().stream()
                    .filter(stint -> stint.day().equals(day.day()))
                    .map(Stint::task)
                    .toList();
            assertThat(tasks).isNotEmpty();
            assertThat(day.cautions()).doesNotHaveDuplicates();
            assertThat(day.cautions().contains(Caution.CONCRETE.text()))
                    .isEqualTo(tasks.stream().anyMatch(task -> task.contains("fence/concrete")));
            assertThat(day.cautions().contains(Caution.SAW.text()))
                    .isEqualTo(tasks.stream().anyMatch(task -> task.contains("frame/piece")));
        }
        assertThat(calendar.days())
                .flatExtracting(WorkCalendar.Day::cautions)
                .contains(Caution.CONCRETE.text(), Caution.SAW.text(), Caution.WIRE.text());
        // Every rate that a caution names is one.
        assertThat(Arrays.stream(Caution.values()).flatMap(caution -> caution.rates().stream()))
                .isSubsetOf(WorkRates.all().map(WorkRate::key).toList());
    }

    @Test
    @DisplayName("on a day that is usually as warm as 27 degrees the heat is to be minded, at a hair less it is not")
    void heat() {
        // Afternoons of March are 5 degrees warmer than its mean.
        assertThat(minded(22)).contains(Caution.HEAT.text());
        assertThat(minded(21.99)).isNotEmpty().doesNotContain(Caution.HEAT.text());
        assertThat(calendar(BY_TWO).days())
                .flatExtracting(WorkCalendar.Day::cautions)
                .doesNotContain(Caution.HEAT.text());
    }

    private static List<String> minded(double march) {
        return calendar(BY_TWO, Put.of(climate(march, 0))).days().get(0).cautions();
    }

    @Test
    @DisplayName("tools are told once a day: a saw where frames are built, a strainer where mesh is hung")
    void tools() {
        WorkCalendar calendar = calendar(BY_TWO);
        assertThat(calendar.days()).allSatisfy(day -> {
            List<String> tasks = calendar.stints().stream()
                    .filter(stint -> stint.day().equals(day.day()))
                    .map(Stint::task)
                    .toList();
            assertThat(day.tools()).isNotEmpty().doesNotHaveDuplicates();
            assertThat(day.tools().contains(Tool.SQUARE.label()))
                    .isEqualTo(tasks.stream().anyMatch(task -> task.contains("/FRAMES/") || task.contains("/GATES/")));
            assertThat(day.tools().contains(Tool.STRAINER.label()))
                    .isEqualTo(tasks.stream().anyMatch(task -> task.contains("/MESH/")));
        });
        for (Stage stage : Stage.values()) {
            PlannedTask any = tasks(BY_TWO).get(0);
            assertThat(Tool.of(List.of(new PlannedTask(
                            "key",
                            stage,
                            any.rate(),
                            any.about(),
                            any.place(),
                            any.name(),
                            any.bed(),
                            1,
                            1,
                            Optional.empty(),
                            Optional.empty(),
                            false,
                            List.of()))))
                    .as("no work without a tool: %s", stage)
                    .isNotEmpty();
        }
        assertThat(Tool.of(List.of())).isEmpty();
    }

    @Test
    void whatTakesTwoIsNotDoneByOne() {
        WorkCalendar calendar = calendar(GARDEN, Put.of(weekends("Ada", 6)));
        assertThat(calendar.unplaced()).anySatisfy(task -> {
            assertThat(task.task()).isEqualTo(key("fence/mesh"));
            assertThat(task.why()).isEqualTo(Trouble.TOO_FEW);
            assertThat(task.needed()).isEqualTo(2);
            assertThat(task.people()).isEqualTo(1);
        });
        assertThat(calendar.finish()).isPresent();
    }

    @Test
    void stagesLeftToOthersAreDoneByOthers() {
        Worker bo = weekends("Bo", 6);
        Worker careful = new Worker(bo.id(), "Bo", bo.hours(), List.of(), List.of(), 1, List.of(Stage.POSTS));
        WorkCalendar calendar = calendar(BY_TWO, Put.of(careful));
        assertThat(calendar.stints())
                .filteredOn(stint -> stint.task().contains("/POSTS/"))
                .isNotEmpty()
                .allSatisfy(stint -> assertThat(stint.workers()).containsExactly(id("Ada")));
        assertThat(calendar.stints()).flatExtracting(Stint::workers).contains(id("Bo"));
    }

    @Test
    @DisplayName("rain on the first Saturday moves what was to be done then, and only shows it")
    void rainMoves() {
        CalendarStudy study = study(BY_TWO, Map.of(), LONG_AGO);
        WorkCalendar dry = study.atOnce();
        WorkCalendar wet = study.inRain(day(BEGINS));
        assertThat(dry.stints().get(0).day()).isEqualTo(day(BEGINS));
        assertThat(wet.stints()).extracting(Stint::day).doesNotContain(day(BEGINS));
        List<Moved> moved = wet.movedSince(dry);
        assertThat(moved)
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.to().orElseThrow())
                        .isNotEqualTo(each.from().orElseThrow()));
        assertThat(wet.movedSince(wet)).isEmpty();
        assertThat(calendar(BY_TWO, Put.of(rain(BEGINS)))).isEqualTo(wet);
        assertThat(study.inRain(day("2027-03-08"))).isEqualTo(dry);
    }

    @Test
    @DisplayName("a settled day is the day on which a task begins, rain elsewhere or not; one that is too early waits")
    void settled() {
        String posts = key("fence/concrete");
        for (String sunday : List.of("2027-03-21", "2027-04-18", "2027-06-06")) {
            WorkCalendar calendar = calendar(BY_TWO, Put.of(kept(posts, sunday)));
            Placed placed = placed(calendar, "fence/concrete");
            assertThat(placed.first()).isEqualTo(day(sunday));
            assertThat(placed.kept()).isTrue();
            assertThat(placed.slack()).isZero();
            assertThat(placed.held().cause()).isEqualTo(Cause.KEPT);
            assertThat(placed(calendar(BY_TWO, Put.of(kept(posts, sunday)), Put.of(rain(BEGINS))), "fence/concrete")
                            .first())
                    .isEqualTo(day(sunday));
        }
        // A day on which nobody comes: the next one. A day that has gone by settles nothing.
        assertThat(placed(calendar(BY_TWO, Put.of(kept(posts, "2027-03-17"))), "fence/concrete")
                        .first())
                .isEqualTo(day("2027-03-20"));
        assertThat(placed(calendar(BY_TWO, Put.of(kept(posts, "2027-03-05"))), "fence/concrete")
                        .kept())
                .isFalse();
        // Mesh before its posts have cured is hung when they have.
        Placed mesh = placed(calendar(BY_TWO, Put.of(kept(key("fence/mesh"), BEGINS))), "fence/mesh");
        assertThat(mesh.first()).isAfter(day(BEGINS));
    }

    @Test
    @DisplayName("spread over all weeks up to the wished day: no week has more than is needed; a day too early says so")
    void spread() {
        double all = tasks(BY_TWO).stream().mapToDouble(PlannedTask::hours).sum();
        WorkCalendar early = calendar(BY_TWO);
        LocalDate ends = day("2027-05-30");
        WorkCalendar even = calendar(BY_TWO, Put.of(until(ends)));
        assertThat(even.wished()).contains(true);
        assertThat(even.finish().orElseThrow()).isBeforeOrEqualTo(ends);
        assertThat(even.busiest()).isLessThan(early.busiest());
        // Two people and 13 weekends: no less than an even share.
        assertThat(even.busiest()).isGreaterThanOrEqualTo(all / 2 / 13);
        WorkCalendar tooSoon = calendar(BY_TWO, Put.of(until(day("2027-03-07"))));
        assertThat(tooSoon.wished()).contains(false);
        assertThat(tooSoon.stints()).isEqualTo(early.stints());
    }

    private static WorkSeason until(LocalDate ends) {
        return new WorkSeason(id("Work of 2027"), SEASON, Optional.of(day(BEGINS)), Optional.of(ends), List.of());
    }

    @Test
    void aBetterOrderIsNeverWorseAndStaysWhenItIsKept() {
        CalendarStudy.BetterCalendar found = study(BY_TWO, Map.of(), LONG_AGO).better(() -> {});
        LocalDate atOnce = calendar(BY_TWO).finish().orElseThrow();
        assertThat(found.calendar().finish().orElseThrow()).isBeforeOrEqualTo(atOnce);
        assertThat(found.noSooner().orElseThrow()).isBeforeOrEqualTo(atOnce);
        WorkSeason keeping =
                new WorkSeason(id("Work of 2027"), SEASON, Optional.of(day(BEGINS)), Optional.empty(), found.order());
        assertThat(calendar(BY_TWO, Put.of(keeping)).finish())
                .isEqualTo(found.calendar().finish());
    }

    @Test
    @DisplayName("no post is set in March where its days and nights are below zero on the average; at zero they are")
    void frozen() {
        Placed cold = placed(calendar(BY_TWO, Put.of(climate(-0.01, 0))), "fence/concrete");
        assertThat(cold.first()).isEqualTo(day("2027-04-03"));
        assertThat(cold.held().cause()).isEqualTo(Cause.FROZEN);
        assertThat(placed(calendar(BY_TWO, Put.of(climate(0, 0))), "fence/concrete")
                        .first())
                .isBefore(day("2027-04-01"));
    }

    @Test
    @DisplayName("as much rain as usual costs that share of the hours: with none nothing, with every day wet all")
    void usualRain() {
        assertThat(calendar(BY_TWO).inUsualRain()).isEmpty();
        assertThat(calendar(BY_TWO, Put.of(climate(9, 0))).inUsualRain())
                .isEqualTo(calendar(BY_TWO).finish());
        Plan wet = with(BY_TWO, Put.of(climate(9, 15)));
        WorkCalendar half = calendar(wet);
        assertThat(half.inUsualRain().orElseThrow())
                .isAfterOrEqualTo(half.finish().orElseThrow());
        assertThat(calendar(BY_TWO, Put.of(climate(9, 31))).inUsualRain()).isEmpty();
    }

    @Test
    @DisplayName("as long as it is light, within 25 minutes, which the air bends it longer [SPA of Reda and Andreas]")
    void daylight() {
        Plan plan = with(
                plot(10, 8, List.of()),
                Put.of(new Worker(id("Owl"), "Owl", Collections.nCopies(7, 12.0), null, null, 1, List.of())));
        double latitude = plan.site().latitude();
        WorkingDays days = WorkingDays.of(plan, day("2027-01-01"), Optional.empty());
        for (int day = 0; day < 365; day += 13) {
            ZonedDateTime noon = days.date(day).atTime(12, 0).atZone(ZoneOffset.UTC);
            SunriseResult sun = SPA.calculateSunriseTransitSet(noon, latitude, 0, 69);
            double light = sun instanceof SunriseResult.RegularDay regular
                    ? ChronoUnit.MINUTES.between(regular.sunrise(), regular.sunset())
                    : 0;
            assertThat((double) days.room(0, day)).isCloseTo(Math.min(720, light), within(25.0));
        }
    }

    @ParameterizedTest
    @DisplayName("work waits for what was ordered until the day on which it comes, and not longer")
    @CsvSource({
        "2027-03-05, 2027-03-06, BEGINNING",
        "2027-03-06, 2027-03-06, BEGINNING",
        "2027-03-07, 2027-03-07, DELIVERY",
        "2027-03-13, 2027-03-13, DELIVERY",
        // Nobody works on a Monday.
        "2027-03-15, 2027-03-20, PEOPLE"
    })
    void deliveries(String comes, String begins, Cause cause) {
        Placed frame = placed(calendar(BY_TWO, Put.of(delivery("Boards", SEASON, comes, Stage.FRAMES))), "frame/piece");
        assertThat(frame.first()).isEqualTo(day(begins));
        assertThat(frame.held().cause()).isEqualTo(cause);
        assertThat(frame.held().delivery())
                .isEqualTo(cause == Cause.DELIVERY ? Optional.of("Boards") : Optional.empty());
    }

    @Test
    void ofTwoDeliveriesTheLaterOneIsWaitedForAndOfAnotherSeasonNone() {
        Placed frame = placed(
                calendar(
                        BY_TWO,
                        Put.of(delivery("Boards", SEASON, "2027-03-20", Stage.FRAMES, Stage.STRUCTURES)),
                        Put.of(delivery("Screws", SEASON, "2027-03-13", Stage.FRAMES)),
                        Put.of(delivery("More", SEASON + 1, "2027-12-20", Stage.FRAMES))),
                "frame/piece");
        assertThat(frame.held().delivery()).contains("Boards");
        assertThat(frame.first()).isEqualTo(day("2027-03-20"));
    }

    @Test
    @DisplayName("a settled day gives way to a delivery that comes later")
    void settledAndLate() {
        Placed frame = placed(
                calendar(
                        BY_TWO,
                        Put.of(new KeptDay(id("kept"), key("frame/piece"), day("2027-03-13"))),
                        Put.of(delivery("Boards", SEASON, "2027-03-20", Stage.FRAMES))),
                "frame/piece");
        assertThat(frame.first()).isEqualTo(day("2027-03-20"));
        assertThat(frame.held().cause()).isEqualTo(Cause.DELIVERY);
    }

    @Test
    @DisplayName("nothing is begun before its money is there: exactly enough, a cent too little, and never [by hand]")
    void money() {
        ToBuy toBuy = toBuy(BY_TWO);
        Money cent = Money.ofMinor(BY_TWO.currency(), 1);
        // Frames are bought before what stands at the end of the work.
        Money enough = toBuy.parts().get(BillPart.FRAMES);
        assertThat(toBuy.parts())
                .containsKey(BillPart.FENCE)
                .doesNotContainKeys(BillPart.TOOLS, BillPart.GROUND, BillPart.WATER, BillPart.WALKS);
        WorkCalendar exactly =
                calendar(BY_TWO, Put.of(income("2027-02-01", of(enough))), Put.of(income("2027-03-13", PLENTY)));
        assertThat(placed(exactly, "frame/piece").first()).isEqualTo(day(BEGINS));
        Placed posts = placed(exactly, "fence/concrete");
        assertThat(posts.first()).isEqualTo(day("2027-03-13"));
        assertThat(posts.held().cause()).isEqualTo(Cause.MONEY);

        WorkCalendar short1 = calendar(
                BY_TWO, Put.of(income("2027-02-01", of(enough.minus(cent)))), Put.of(income("2027-03-13", PLENTY)));
        assertThat(placed(short1, "frame/piece").first()).isEqualTo(day("2027-03-13"));
        assertThat(placed(short1, "frame/piece").held().cause()).isEqualTo(Cause.MONEY);

        WorkCalendar never = calendar(BY_TWO, Put.of(income("2027-02-01", of(enough.minus(cent)))));
        assertThat(never.unplaced())
                .filteredOn(task -> task.task().contains("/frame/piece/"))
                .singleElement()
                .satisfies(task -> assertThat(task.why()).isEqualTo(Trouble.NO_MONEY));
        assertThat(calendar(BY_TWO, Put.of(income("2026-12-31", of(cent)))).unplaced())
                .as("money of another season says nothing of this one")
                .isEmpty();
    }

    @Test
    @DisplayName("what is bought already needs no more money, what was spent is gone [by hand]")
    void bought() {
        Bill bill = CostStudy.of(BY_TWO).bill();
        List<Paid> paid = bill.lines().stream()
                .filter(line -> line.part() == BillPart.FRAMES)
                .map(line -> new Paid(
                        Optional.of(line.item().key()),
                        BillPart.FRAMES,
                        SEASON,
                        false,
                        line.quantity(),
                        line.amount().orElseThrow()))
                .toList();
        ToBuy toBuy = ToBuy.of(bill, paid, SEASON);
        assertThat(toBuy.parts()).doesNotContainKey(BillPart.FRAMES).containsKey(BillPart.FENCE);
        assertThat(toBuy.spent()).isEqualTo(toBuy(BY_TWO).parts().get(BillPart.FRAMES));
        Plan plan = with(BY_TWO, Put.of(income("2027-02-01", of(toBuy.spent()))));
        WorkCalendar calendar = CalendarStudy.of(plan, SEASON, tasks(plan), Map.of(), toBuy, LONG_AGO)
                .atOnce();
        assertThat(placed(calendar, "frame/piece").first()).isEqualTo(day(BEGINS));
        assertThat(calendar.unplaced()).extracting(WorkCalendar.Unplaced::why).contains(Trouble.NO_MONEY);
    }

    private static Worker able(String name, double hours, Ability ability) {
        Worker worker = weekends(name, hours);
        return new Worker(worker.id(), name, worker.hours(), List.of(), List.of(), 1, List.of(), Optional.of(ability));
    }

    private static Ability lifting(double kilograms) {
        return new Ability(Optional.of(kilograms), true, Optional.empty());
    }

    private static List<String> whoDoes(WorkCalendar calendar, String rate) {
        return calendar.stints().stream()
                .filter(stint -> stint.task().contains("/" + rate + "/"))
                .map(stint -> stint.workers().stream()
                        .map(worker -> worker.equals(id("Ada")) ? "Ada" : "Bo")
                        .sorted()
                        .collect(Collectors.joining("+")))
                .distinct()
                .toList();
    }

    @Test
    @DisplayName(
            "a bag of 20 kg of post mix: lifted alone at 20 kg, by two at 10 kg each, and by nobody below [by hand]")
    void lifts() {
        Change ada = Put.of(able("Ada", 6, lifting(20)));
        assertThat(whoDoes(calendar(GARDEN, ada, Put.of(able("Bo", 6, lifting(19.99)))), "fence/concrete"))
                .containsExactly("Ada");
        assertThat(whoDoes(
                        calendar(GARDEN, Put.of(able("Ada", 6, lifting(10))), Put.of(able("Bo", 6, lifting(10)))),
                        "fence/concrete"))
                .containsExactly("Ada+Bo");
        WorkCalendar weak = calendar(GARDEN, Put.of(able("Ada", 6, lifting(10))), Put.of(able("Bo", 6, lifting(9.99))));
        assertThat(weak.unplaced())
                .filteredOn(task -> task.task().contains("/fence/concrete/"))
                .singleElement()
                .satisfies(task -> {
                    assertThat(task.why()).isEqualTo(Trouble.TOO_HEAVY);
                    assertThat(task.lift().orElseThrow().kilograms()).isEqualTo(20);
                    assertThat(task.people()).isEqualTo(2);
                });
        assertThat(placed(weak, "frame/piece").first())
                .as("what is light is done")
                .isNotNull();
    }

    @Test
    void whoDoesNotSawLeavesSawingToOthers() {
        Ability noSaw = new Ability(Optional.empty(), false, Optional.empty());
        WorkCalendar calendar = calendar(GARDEN, Put.of(weekends("Ada", 2)), Put.of(able("Bo", 6, noSaw)));
        assertThat(whoDoes(calendar, "frame/piece")).containsExactly("Ada");
        assertThat(whoDoes(calendar, "fence/concrete")).contains("Bo");
    }

    @ParameterizedTest
    @DisplayName(
            "from a seat, a bed 1 m wide with free ground all round is planted by whom half a metre is within reach")
    @CsvSource({"0.5, true", "0.499, false"})
    void fromASeat(double reach, boolean plants) {
        Plan garden = with(
                plot(20, 20, List.of(seated("Ines", reach, 0.9)), bed("Kale", 10, 10, 2, 1)),
                Put.of(planting("Onions", "onion", "Kale", "2027-04-01", "2027-08-01")),
                Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)),
                Put.of(workFrom(BEGINS)),
                Put.of(able("Ada", 6, new Ability(Optional.empty(), true, Optional.of(id("Ines"))))));
        WorkCalendar calendar = calendar(garden);
        assertThat(calendar.unplaced().stream().anyMatch(task -> task.task().contains("/PLANTING/")))
                .isEqualTo(!plants);
        assertThat(placed(calendar, "fence/concrete"))
                .as("posts are set from outside of beds")
                .isNotNull();
    }

    private static final List<String> WEEKEND = List.of("2027-03-20", "2027-03-21");

    @Test
    void whatIsDoneWithAMachineIsDoneOnTheDaysForWhichItIsBooked() {
        Change auger = Put.of(hire("Auger", 60, Optional.of(90.0), WEEKEND, Stage.POSTS));
        WorkCalendar calendar = calendar(BY_TWO, auger);
        Placed posts = placed(calendar, "fence/concrete");
        assertThat(posts.first()).isEqualTo(day("2027-03-20"));
        assertThat(posts.last()).isEqualTo(day("2027-03-20"));
        assertThat(posts.held().cause()).isEqualTo(Cause.MACHINE);
        assertThat(posts.held().delivery()).contains("Auger");
        assertThat(calendar.hires()).singleElement().satisfies(hired -> {
            assertThat(hired.days()).containsExactly(day("2027-03-20"));
            assertThat(hired.idle()).containsExactly(day("2027-03-21"));
            assertThat(of(hired.cost())).isEqualTo(90);
        });
        WorkCalendar never =
                calendar(BY_TWO, Put.of(hire("Auger", 60, Optional.empty(), List.of("2027-03-16"), Stage.POSTS)));
        assertThat(never.unplaced())
                .filteredOn(task -> task.task().contains("/fence/concrete/"))
                .singleElement()
                .satisfies(task -> {
                    assertThat(task.why()).isEqualTo(Trouble.NO_MACHINE);
                    assertThat(task.machine()).contains("Auger");
                });
    }

    @Test
    void forTwoMachinesWorkIsDoneWhereBothAreThere() {
        WorkCalendar calendar = calendar(
                BY_TWO,
                Put.of(hire("Auger", 60, Optional.empty(), List.of("2027-03-13", "2027-03-20"), Stage.POSTS)),
                Put.of(hire("Mixer", 40, Optional.empty(), List.of("2027-03-20", "2027-03-27"), Stage.POSTS)));
        assertThat(placed(calendar, "fence/concrete").first()).isEqualTo(day("2027-03-20"));
    }

    /** Frames, and what is laid on three beds, at one and a half hours a day. */
    private static Plan slowly(Aim aim, Change... changes) {
        return with(
                with(
                        plot(
                                20,
                                20,
                                List.of(),
                                bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1))),
                                bed("Herbs", 6, 14, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
                        Put.of(hire("Digger", 60, Optional.of(90.0), List.of(), Stage.FILL)),
                        Put.of(new WorkSeason(
                                id("Work of 2027"),
                                SEASON,
                                Optional.of(day(BEGINS)),
                                Optional.empty(),
                                List.of(),
                                Optional.of(aim)))),
                changes);
    }

    /** On which Ada or Bo has time. */
    private static final Set<DayOfWeek> OPEN =
            EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.FRIDAY, DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);

    private static List<LocalDate> hireDays(WorkCalendar calendar) {
        return calendar.hires().get(0).days();
    }

    @Test
    @DisplayName("on the fewest days: no first day of the work with a machine needs fewer [tried day by day]")
    void fewestHireDays() {
        for (double hours : List.of(0.75, 1.0, 1.5, 2.0, 3.0)) {
            Change ada = Put.of(weekends("Ada", hours));
            Change bo = Put.of(worker("Bo", 0, 1, 0, 0, hours, 0, 0));
            WorkCalendar early = calendar(slowly(Aim.EARLIEST, ada, bo));
            WorkCalendar few = calendar(slowly(Aim.FEWEST_HIRE_DAYS, ada, bo));
            assertThat(few.unplaced()).isEmpty();
            assertThat(hireDays(few).size()).isLessThanOrEqualTo(hireDays(early).size());
            int fewer = hireDays(few).size() - 1;
            List<String> open = IntStream.range(0, 56)
                    .mapToObj(day(BEGINS)::plusDays)
                    .filter(day -> OPEN.contains(day.getDayOfWeek()))
                    .map(LocalDate::toString)
                    .toList();
            for (int first = 0; fewer > 0 && first + fewer <= open.size(); first++) {
                List<String> booked = open.subList(first, first + fewer);
                Change digger = Put.of(hire("Digger", 60, Optional.empty(), booked, Stage.FILL));
                assertThat(calendar(slowly(Aim.EARLIEST, ada, bo, digger)).unplaced())
                        .as("%s hours, %s", hours, booked)
                        .isNotEmpty();
            }
        }
    }

    @Test
    @DisplayName("work that is bundled is told with its days, and costs what these days cost")
    void bundled() {
        Change ada = Put.of(weekends("Ada", 2));
        WorkCalendar early = calendar(slowly(Aim.EARLIEST, ada));
        WorkCalendar few = calendar(slowly(Aim.FEWEST_HIRE_DAYS, ada));
        assertThat(hireDays(few)).hasSizeLessThan(hireDays(early).size());
        Hire digger = hire("Digger", 60, Optional.of(90.0), List.of(), Stage.FILL);
        assertThat(few.hires().get(0).cost()).isEqualTo(digger.cost(hireDays(few)));
        assertThat(few.hires().get(0).idle()).isEmpty();
        assertThat(few.stints().stream().map(Stint::task).distinct().toList())
                .hasSameSizeAs(
                        early.stints().stream().map(Stint::task).distinct().toList());
    }

    @Test
    void whatCanNotBeOrderedSoIsRefused() {
        assertThatThrownBy(() -> delivery("Boards", SEASON, "2027-03-06")).hasMessageContaining("no work waits");
        assertThat(delivery("Boards", SEASON, "2026-01-01", Stage.FILL, Stage.FILL)
                        .stages())
                .containsExactly(Stage.FILL);
        assertThat(delivery("Boards", SEASON, "2029-12-31", Stage.FILL).day()).isEqualTo(day("2029-12-31"));
        assertThatThrownBy(() -> delivery("Boards", SEASON, "2025-12-31", Stage.FILL))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> delivery("Boards", SEASON, "2030-01-01", Stage.FILL))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new WorkSeason(
                        id("work"), SEASON, Optional.of(day("2027-04-02")), Optional.of(day("2027-04-01")), List.of()))
                .hasMessageContaining("before the work begins");
        assertThat(new WorkSeason(
                                id("work"),
                                SEASON,
                                Optional.of(day("2027-04-01")),
                                Optional.of(day("2027-04-01")),
                                List.of())
                        .ends())
                .contains(day("2027-04-01"));
    }
}
