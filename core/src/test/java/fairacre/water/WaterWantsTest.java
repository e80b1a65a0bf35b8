package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.manifold;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.cost.CostStudy;
import fairacre.goods.Surfacing;
import fairacre.goods.WalkGrade;
import fairacre.limits.RefusedException;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaterWantsTest {

    private static final Lifetime LAID = Lifetime.from(SEASON + 1);
    private static final Plan DRY =
            plot(12, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 9, 5, 2, 1));

    private static WaterRun laid(WaterRun run) {
        return new WaterRun(
                run.id(), run.name(), run.from(), run.places(), run.pipe(), run.valve(), run.handle(), LAID);
    }

    private static Dripline laid(Dripline line) {
        return new Dripline(
                line.id(),
                line.bed(),
                line.from(),
                line.valve(),
                line.emitters(),
                line.lines(),
                line.flow(),
                line.compensating(),
                line.pushedIn(),
                LAID);
    }

    private static Map<String, Double> wanted(Plan plan, int season) {
        return CostStudy.of(plan).bill().lines().stream()
                .filter(line -> line.part() == BillPart.WATER && line.season() == season)
                .collect(Collectors.toMap(
                        line -> line.item().key(),
                        line -> line.used().orElseThrow().doubleValue()));
    }

    /** The pipe goes 4 m up and 9 m right, 3 m below the middle of the beds; a walk of 1.2 m lies across it. */
    @Test
    @DisplayName("a run of 13 m with one bend through a walk of 1.20 m, and a bed on it [counted by hand]")
    void whatARunAndABedTake() {
        Walk walk = new Walk(
                id("Walk"),
                "Walk",
                WalkGrade.MAIN,
                Surfacing.GRASS,
                List.of(Point.metres(6, 0), Point.metres(7.2, 0), Point.metres(7.2, 10), Point.metres(6, 10)));
        Plan plan = with(
                DRY,
                Put.of(walk),
                Put.of(tap("Tap", 1, 0, 20)),
                Put.of(laid(run("Trunk", "Tap", 1, 0, 1, 4, 10, 4)).withValve(Length.ZERO)),
                Put.of(laid(dripline("Beans", "Trunk"))));
        Map<String, Double> wanted = wanted(plan, SEASON + 1);
        // 13 m and the pipe to the bed: its first line lies 0.625 m above the run.
        assertThat(wanted.get("water/tube-13/metre")).isCloseTo(13.625, within(0.01));
        assertThat(wanted.get("water/sleeve/metre")).isCloseTo(1.2 + 0.2, within(1e-3));
        // 4 lines of 1.91 m, from 0.04 m to the seventh dripper at 1.95 m, and a feed of 3 times 0.25 m.
        assertThat(wanted.get("water/dripline/metre")).isCloseTo(4 * 1.91 + 0.75, within(1e-3));
        assertThat(wanted)
                .containsEntry("water/elbow", 1.0)
                .containsEntry("water/valve", 1.0)
                .containsEntry("water/branch", 1.0 + 3)
                .containsEntry("water/end", 1.0 + 4)
                .containsEntry("water/adapter", 1.0)
                .containsEntry("water/preventer", 1.0)
                .containsEntry("water/filter", 1.0)
                .containsEntry("water/reducer", 1.0)
                .doesNotContainKey("water/timer");
        assertThat(wanted(plan, SEASON)).isEmpty();
    }

    /** Hose thread, pipe thread and G are three standards: ASME B1.20.7, ASME B1.20.1, ISO 228-1. */
    @ParameterizedTest
    @CsvSource({
        "G_19, ''",
        "G_13, water/adapter/g-13/g-19",
        "HOSE_19, water/adapter/hose-19/g-19",
        "NPT_19, water/adapter/npt-19/g-19"
    })
    void aThreadThatDoesNotFitTakesAnAdapter(OutletThread thread, String adapter) {
        Tap tap = tap("Tap", 1, 0, 20);
        Plan plan = with(
                DRY,
                Put.of(tap.withGear(
                        new Gear(false, false, false, false, false, Optional.empty(), Optional.of(thread)))),
                Put.of(laid(run("Trunk", "Tap", 1, 0, 10, 0))));
        assertThat(wanted(plan, SEASON + 1).keySet().stream()
                        .filter(key -> key.startsWith("water/adapter/"))
                        .toList())
                .isEqualTo(adapter.isEmpty() ? List.of() : List.of(adapter));
    }

    @Test
    void wherePipesOfTwoSortsMeetThereIsAnAdapter() {
        Plan plan = with(
                DRY,
                Put.of(tap("Tap", 1, 0, 20)),
                Put.of(laid(run("Trunk", "Tap", 1, 0, 10, 0)).of(PipeKind.PVC_19)),
                Put.of(laid(run("Branch", "Trunk", 5, 0, 5, 9)).of(PipeKind.HOSE_19)),
                Put.of(laid(dripline("Beans", "Trunk"))),
                Put.of(laid(dripline("Kale", "Branch"))));
        // Trunk to branch; the pipe to Beans is PVC and the one to Kale hose, both meet dripline.
        assertThat(wanted(plan, SEASON + 1))
                .containsEntry("water/adapter/hose/stiff", 1.0)
                .containsEntry("water/adapter/tube/stiff", 1.0)
                .containsEntry("water/adapter/tube/hose", 1.0);
    }

    /**
     * Soil of 2 x 1 m, rows 0.6 m apart at most, so two; plants 0.5 m apart, the first 0.25 m from the end: four in
     * each.
     */
    @Test
    @DisplayName("eight drippers in two rows of plain tube, and no dripline [counted by hand]")
    void drippersAtPlantsAreTubeAndDrippers() {
        Plan dry = with(DRY, Put.of(tap("Tap", 1, 0, 20)), Put.of(run("Trunk", "Tap", 1, 0, 10, 0)));
        Change laid = new NewWater(dry, SEASON + 1, () -> id("Drippers"))
                .lines(List.of(id("Beans")), NewWater.Way.PLANT_DRIPPERS);
        Map<String, Double> wanted = wanted(with(dry, laid), SEASON + 1);
        // Two rows from 0.05 m to the fourth plant at 1.75 m, and a feed of 0.5 m.
        assertThat(wanted)
                .containsEntry("water/dripper", 8.0)
                .containsEntry("water/end", 2.0)
                .doesNotContainKey("water/dripline/metre");
        assertThat(wanted.get("water/tube-16/metre")).isCloseTo(2 * 1.7 + 0.5, within(0.02));
    }

    @ParameterizedTest
    @CsvSource({"false, 1, true", "false, 1.001, false", "true, 2, true", "true, 2.001, false", "true, 0.0999, false"})
    void plantsMayBeTwiceAsFarApartAsEmitters(boolean pushedIn, double apart, boolean taken) {
        ThrowingCallable made = () -> new Dripline(
                id("Lines"),
                id("Beans"),
                id("Tap"),
                false,
                Length.metres(apart),
                Length.metres(0.5),
                Flow.litresAnHour(4),
                true,
                pushedIn,
                LAID);
        if (taken) {
            assertThatCode(made).doesNotThrowAnyException();
        } else {
            assertThatThrownBy(made).isInstanceOf(RefusedException.class);
        }
    }

    @Test
    void whatWasThereBeforeCostsNothing() {
        Plan plan = with(
                DRY,
                Put.of(tap("Tap", 1, 0, 20)),
                Put.of(run("Trunk", "Tap", 1, 0, 10, 0)),
                Put.of(soaker("Beans", "Trunk", 0.2)));
        assertThat(wanted(plan, SEASON)).isEmpty();
    }

    @Test
    void gearIsBoughtWhenTheFirstPipeHangsOnIt() {
        Plan plan = with(
                DRY,
                Put.of(tap("Tap", 1, 0, 20)),
                Put.of(run("Trunk", "Tap", 1, 0, 10, 0)),
                Put.of(laid(dripline("Beans", "Trunk"))));
        assertThat(wanted(plan, SEASON + 1))
                .doesNotContainKey("water/preventer")
                .containsKey("water/dripline/metre");
    }

    @Test
    @DisplayName(
            "a manifold of two valves is one piece, its beds buy none; six sprinklers on 3 x 1 m of tube [by hand]")
    void manifoldsAndSprinklersAreCounted() {
        Manifold cocks = manifold("Cocks", "Tap", 1, 0);
        Plan plan = with(
                DRY,
                Put.of(tap("Tap", 1, 0, 20)),
                Put.of(new Manifold(cocks.id(), "Cocks", cocks.from(), cocks.place(), 2, cocks.height(), LAID)),
                Put.of(laid((Dripline) dripline("Kale", "Cocks").valved().thing())),
                Put.of(new Sprinklers(
                        id("Heads"), id("Beans"), id("Cocks"), true, Length.metres(1), Flow.litresAnHour(60), LAID)));
        Map<String, Double> wanted = wanted(plan, SEASON + 1);
        assertThat(wanted)
                .containsEntry("water/manifold-2", 1.0)
                .containsEntry("water/sprinkler", 6.0)
                .doesNotContainKeys("water/valve");
        double stub = Math.hypot(1, 4.5);
        assertThat(wanted.get("water/tube-13/metre")).isCloseTo(5 + stub + Math.hypot(7.04, 4.63), within(0.3));
    }
}
