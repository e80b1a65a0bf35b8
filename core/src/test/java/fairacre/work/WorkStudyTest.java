package fairacre.work;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.mulch;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.renamed;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.cost.SeasonWork;
import fairacre.crew.OwnTask;
import fairacre.feeding.MulchKind;
import fairacre.fence.FenceKind;
import fairacre.journal.LearnedRate;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import fairacre.work.Precedence.Scope;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultDirectedGraph;
import org.jgrapht.graph.DefaultEdge;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WorkStudyTest {

    /** A framed bed with lines, tomatoes and straw, a bed in the ground, and a fence on posts in concrete. */
    private static final Plan GARDEN = with(
            plot(
                    20,
                    20,
                    List.of(),
                    bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1))),
                    bed("Kale", 10, 10, 2, 1)),
            Put.of(tap("Tap", 2, 4, 20)),
            Put.of(dripline("Beans", "Tap")),
            Put.of(planting("Tomatoes", "tomato", "Beans", "2027-05-20", "2027-10-01")),
            Put.of(planting("Onions", "onion", "Kale", "2027-04-01", "2027-08-01")),
            Put.of(mulch("Straw", MulchKind.STRAW, SEASON, 1, "Beans")),
            Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)));

    private static List<PlannedTask> tasks(Plan plan) {
        return WorkStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of())).tasks();
    }

    private static PlannedTask task(Plan plan, String rate) {
        return tasks(plan).stream()
                .filter(task -> task.rate().key().equals(rate))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPlanThatMakesNoWorkHasNoTasks() {
        assertThat(tasks(plot(10, 8, List.of(), bed("Ground", 3, 3, 2, 1)))).isEmpty();
        assertThat(WorkStudy.of(CostStudy.of(GARDEN), SEASON + 1, Pace.of(List.of()))
                        .tasks())
                .isEmpty();
    }

    @Test
    @DisplayName("what the gardener says counts before what was timed, and that before the rate [by hand]")
    void ownRates() {
        LearnedRate timed = new LearnedRate("frame/piece", 3, 30, Optional.empty());
        PlannedTask asUsual = task(GARDEN, "frame/piece");
        Plan plan = with(GARDEN, Put.of(Gardens.ownRate("frame/piece", 24)));
        assertThat(hours(plan, Pace.of(plan, List.of(timed)))).isCloseTo(2 * asUsual.hours(), within(1e-9));
        assertThat(hours(GARDEN, Pace.of(GARDEN, List.of(timed)))).isCloseTo(2.5 * asUsual.hours(), within(1e-9));
        assertThat(hours(GARDEN, Pace.of(GARDEN, List.of()))).isEqualTo(asUsual.hours());
        assertThatThrownBy(() -> Gardens.ownRate("frame/nonsense", 24)).hasMessageContaining("frame/nonsense");
        assertThat(Gardens.ownRate("frame/piece", 0.01).minutes()).isEqualTo(0.01);
        assertThat(Gardens.ownRate("frame/piece", 6000).minutes()).isEqualTo(6000);
        assertThatThrownBy(() -> Gardens.ownRate("frame/piece", 0.009)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Gardens.ownRate("frame/piece", 6000.1)).isInstanceOf(RefusedException.class);
    }

    /** Of sawing the boards; 12 minutes a piece as a rule. */
    private static double hours(Plan plan, Pace pace) {
        return WorkStudy.of(CostStudy.of(plan), SEASON, pace).tasks().stream()
                .filter(task -> task.rate().key().equals("frame/piece"))
                .mapToDouble(PlannedTask::hours)
                .sum();
    }

    @Test
    @DisplayName("the tasks of a season take as many hours as the season's work, rate by rate")
    void asManyHoursAsTheSeason() {
        for (Plan plan : List.of(GARDEN, Gardens.everything())) {
            for (SeasonWork season : CostStudy.of(plan).work()) {
                Map<WorkRate, Double> quantities = new HashMap<>();
                WorkStudy study = WorkStudy.of(CostStudy.of(plan), season.season(), Pace.of(List.of()));
                study.tasks().forEach(task -> quantities.merge(task.rate(), task.quantity(), Double::sum));
                assertThat(season.tasks())
                        .hasSameSizeAs(quantities.keySet())
                        .allSatisfy(
                                all -> assertThat(quantities.get(all.rate())).isCloseTo(all.quantity(), within(1e-6)));
                assertThat(study.stages().stream()
                                .mapToDouble(WorkStudy.StageTold::hours)
                                .sum())
                        .isCloseTo(season.hours(), within(1e-6));
            }
        }
    }

    @Test
    @DisplayName("a task of one's own comes with the others at its stage, in the purse's hours and on the bill")
    void ownTasks() {
        OwnTask paint = new OwnTask(
                id("Paint"),
                "Paint the boards",
                Optional.of(SEASON),
                Stage.FILL,
                2.5,
                2,
                Optional.of(LocalDate.parse("2027-04-10")),
                Optional.of(id("Beans")),
                Optional.of(Money.of(CurrencyUnit.EUR, 12)));
        Plan plan = with(
                GARDEN,
                Put.of(paint),
                Put.of(Gardens.ownTask("Sweep", SEASON, Stage.MULCH, 1)),
                Put.of(new OwnTask(id("Pond"), "Dig a pond", null, Stage.DIGGING, 20, 1, null, null, null)));
        PlannedTask task = task(plan, "own/" + paint.id());
        assertThat(task.rate().label()).isEqualTo("Paint the boards");
        assertThat(task.name()).contains("Beans");
        assertThat(task.hours()).isCloseTo(2.5, within(1e-9));
        assertThat(task.rate().people()).isEqualTo(2);
        assertThat(task.day()).contains(LocalDate.parse("2027-04-10"));
        // It waits for the frame of its bed, as filling does; what is for the whole garden has no place.
        assertThat(task.waits()).extracting(wait -> wait.by().before()).contains(Stage.FRAMES);
        assertThat(task(plan, "own/" + id("Sweep")).name()).isEmpty();
        assertThat(tasks(plan)).extracting(each -> each.rate().label()).doesNotContain("Dig a pond");
        double more = hours(plan) - hours(GARDEN);
        assertThat(more).isCloseTo(3.5, within(1e-9));
        assertThat(CostStudy.of(plan).bill().lines())
                .anySatisfy(line -> assertThat(line.toString()).contains("Paint the boards"));
        assertThatThrownBy(() -> new OwnTask(
                        id("x"), "x", null, Stage.FILL, 1, 1, Optional.of(LocalDate.parse("2027-04-10")), null, null))
                .hasMessageContaining("a task for later has no day");
        assertThatThrownBy(() -> Gardens.ownTask("x", SEASON, Stage.FILL, 0.09)).isInstanceOf(RefusedException.class);
        assertThat(Gardens.ownTask("x", SEASON, Stage.FILL, 0.1).hours()).isEqualTo(0.1);
        assertThat(Gardens.ownTask("x", SEASON, Stage.FILL, 1000).hours()).isEqualTo(1000);
        assertThatThrownBy(() -> Gardens.ownTask("x", SEASON, Stage.FILL, 1000.1))
                .isInstanceOf(RefusedException.class);
        assertThat(byPeople(4).people()).isEqualTo(4);
        assertThatThrownBy(() -> byPeople(5)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> byPeople(0)).isInstanceOf(RefusedException.class);
    }

    private static OwnTask byPeople(int people) {
        return new OwnTask(id("x"), "x", null, Stage.FILL, 1, people, null, null, null);
    }

    private static double hours(Plan plan) {
        return CostStudy.of(plan).work().stream()
                .filter(season -> season.season() == SEASON)
                .mapToDouble(SeasonWork::hours)
                .sum();
    }

    @Test
    @DisplayName("what was timed takes as long as it took: twelve minutes a piece by the rate, 30 learned [by hand]")
    void pace() {
        LearnedRate slow = new LearnedRate("frame/piece", 3, 30, Optional.of(4.0));
        PlannedTask guessed = task(GARDEN, "frame/piece");
        PlannedTask timed = WorkStudy.of(CostStudy.of(GARDEN), SEASON, Pace.of(List.of(slow))).tasks().stream()
                .filter(task -> task.key().equals(guessed.key()))
                .findFirst()
                .orElseThrow();
        assertThat(guessed.hours()).isCloseTo(guessed.quantity() / 5, within(1e-9));
        assertThat(timed.hours()).isCloseTo(guessed.quantity() / 2, within(1e-9));
        assertThat(timed.rate()).isEqualTo(guessed.rate());
    }

    /** By the order of the list, so that whoever works it off from the top never has to wait but for what cures. */
    @Test
    void nothingComesBeforeWhatItWaitsFor() {
        for (Plan plan : List.of(GARDEN, Gardens.everything())) {
            for (SeasonWork season : CostStudy.of(plan).work()) {
                List<PlannedTask> tasks = WorkStudy.of(CostStudy.of(plan), season.season(), Pace.of(List.of()))
                        .tasks();
                List<String> keys = tasks.stream().map(PlannedTask::key).toList();
                assertThat(keys).doesNotHaveDuplicates();
                for (int i = 0; i < tasks.size(); i++) {
                    int at = i;
                    assertThat(tasks.get(i).waits())
                            .flatExtracting(PlannedTask.Wait::tasks)
                            .allSatisfy(
                                    before -> assertThat(keys.indexOf(before)).isBetween(0, at - 1));
                }
            }
        }
    }

    @Test
    @DisplayName("stages and what comes before what make no circle (JGraphT), and no stage stands out of order")
    void noCircle() {
        DefaultDirectedGraph<Stage, DefaultEdge> order = new DefaultDirectedGraph<>(DefaultEdge.class);
        for (Precedence each : Precedence.ALL) {
            assertThat(each.before()).isLessThan(each.after());
            order.addVertex(each.before());
            order.addVertex(each.after());
            assertThat(order.addEdge(each.before(), each.after()))
                    .as("said once")
                    .isNotNull();
        }
        assertThat(new CycleDetector<>(order).detectCycles()).isFalse();
        assertThat(WorkRates.all()).extracting(WorkRate::people).allMatch(people -> people == 1 || people == 2);
    }

    @Test
    void whatIsDoneInABedWaitsForThatBedOnly() {
        PlannedTask tomatoes = task(GARDEN, "crop/plant");
        assertThat(tomatoes.name()).contains("Onions");
        assertThat(tomatoes.bed()).contains("Kale");
        assertThat(tomatoes.waits()).as("nothing is built in the ground").isEmpty();
        PlannedTask straw = task(GARDEN, "mulch/laying");
        assertThat(straw.name()).contains("Beans");
        assertThat(straw.bed()).isEmpty();
        assertThat(straw.waits())
                .singleElement()
                .satisfies(wait ->
                        assertThat(wait.tasks()).singleElement().asString().contains("crop/plant"));
    }

    @Test
    @DisplayName(
            "mesh waits for its posts and four days for their concrete (common practice), and until beds are filled")
    void meshWaits() {
        PlannedTask mesh = task(GARDEN, "fence/mesh");
        assertThat(mesh.rate().people()).isEqualTo(2);
        assertThat(mesh.waits()).extracting(wait -> wait.by().before()).containsExactly(Stage.POSTS, Stage.FILL);
        assertThat(mesh.waits().get(0).cure()).map(Cure::days).contains(4);
        assertThat(mesh.waits().get(1).cure()).isEmpty();
        assertThat(mesh.waits().get(1).by().scope()).isEqualTo(Scope.GARDEN);
    }

    @Test
    void aTaskKeepsItsKeyWhileItsThingIsEdited() {
        Change later = Put.of(planting("Tomatoes", "tomato", "Kale", "2027-06-01", "2027-10-01"));
        assertThat(tasks(GARDEN))
                .extracting(PlannedTask::key)
                .containsAll(tasks(with(GARDEN, later)).stream()
                        .map(PlannedTask::key)
                        .filter(key -> key.contains("crop/"))
                        .toList());
        Plan edited = with(
                GARDEN,
                Put.of(renamed(planting("Tomatoes", "tomato", "Beans", "2027-05-25", "2027-10-01"), "Red ones")));
        assertThat(tasks(edited))
                .filteredOn(task -> task.about().equals(id("Tomatoes")))
                .singleElement()
                .satisfies(task -> {
                    assertThat(task.name()).contains("Red ones");
                    assertThat(task.day()).contains(LocalDate.of(2027, 5, 25));
                });
    }

    @Test
    @DisplayName("every rate that a helper needs no showing for is one")
    void easyRatesAreRates() {
        assertThat(WorkStudy.EASY).isSubsetOf(WorkRates.all().map(WorkRate::key).toList());
    }
}
