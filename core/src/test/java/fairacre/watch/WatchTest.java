package fairacre.watch;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.drier;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import fairacre.water.Climate;
import fairacre.water.WaterKinds;
import fairacre.water.WaterStudy;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WatchTest {

    private static final Climate DRY = drier(climate("Weather", "Harbour"), 0.3);
    private static final Plan PLAN = with(
            plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1)),
            Put.of(tap("Tap", 1, 3, 20)),
            Put.of(DRY),
            Put.of(dripline("Beans", "Tap")),
            dripline("Kale", "Tap").valved());

    private static WaterStudy.Water water(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).water();
    }

    private static List<WatchedRun> watched(SeasonWatch.FaultAt... faults) {
        return SeasonWatch.of(PLAN, SEASON, water(PLAN), 1, List.of(faults));
    }

    @Test
    void whereAllIsWellNothingIsToldAllSeason() {
        List<WatchedRun> runs = watched();
        assertThat(runs).hasSizeGreaterThan(30).allMatch(run -> run.alarm().isEmpty());
        assertThat(runs).extracting(WatchedRun::zone).contains(1, 2);
        assertThat(runs.get(0).date()).isAfterOrEqualTo(LocalDate.of(SEASON, 4, 1));
        assertThat(runs.get(runs.size() - 1).date()).isBeforeOrEqualTo(LocalDate.of(SEASON, 10, 31));
    }

    @Test
    @DisplayName("What the meter counts is the solved flow times the minutes [by hand]")
    void theMeterCountsWhatRuns() {
        double flow = water(PLAN).zones().get(0).flow().litresAnHour();
        assertThat(watched())
                .filteredOn(run -> run.zone() == 1 && !run.leftOut())
                .allSatisfy(run ->
                        assertThat(run.counted().orElseThrow()).isCloseTo(run.minutes() * flow / 60, within(1e-6)));
    }

    @Test
    @DisplayName("After 5 mm on the day before nothing runs, after 4.99 mm it does")
    void afterRainNothingRuns() {
        WaterStudy.Water water = water(PLAN);
        for (double rain : new double[] {4.99, 5}) {
            SimulatedController valves = new SimulatedController(
                    Map.of(
                            water.zones().get(0).valve(),
                            1.0,
                            water.zones().get(1).valve(),
                            1.0),
                    Map.of());
            Watch watch = new Watch(water, water.zones().get(0).source(), date -> rain, valves, valves::pass);
            List<WatchedRun> week = watch.days(LocalDate.of(SEASON, 7, 1), LocalDate.of(SEASON, 7, 14));
            assertThat(week).isNotEmpty().allMatch(run -> run.leftOut() == rain >= 5);
        }
        assertThat(watched()).anyMatch(WatchedRun::leftOut);
    }

    @ParameterizedTest
    @CsvSource({
        "LEAK, TOO_MUCH",
        "CLOGGED, TOO_LITTLE",
        "STUCK_SHUT, NOTHING",
        "SIGNAL_LOST, NO_SIGNAL",
    })
    void aFaultIsToldAtItsZoneAndNowhereElse(Fault fault, WatchedRun.Alarm alarm) {
        List<WatchedRun> runs = watched(new SeasonWatch.FaultAt(2, fault));
        assertThat(runs)
                .filteredOn(run -> run.zone() == 2 && !run.leftOut())
                .isNotEmpty()
                .allMatch(run -> run.alarm().equals(Optional.of(alarm)));
        assertThat(runs)
                .filteredOn(run -> run.zone() == 1)
                .allMatch(run -> run.alarm().isEmpty());
    }

    @Test
    void aValveThatStaysOpenIsToldAtTheNextRun() {
        List<WatchedRun> runs = watched(new SeasonWatch.FaultAt(1, Fault.STUCK_OPEN)).stream()
                .filter(run -> !run.leftOut())
                .dropWhile(run -> run.zone() != 1)
                .toList();
        assertThat(runs.get(0).alarm()).isEmpty();
        assertThat(runs.get(1).alarm()).contains(WatchedRun.Alarm.RAN_ON);
        assertThat(runs.subList(1, runs.size()))
                .as("a run that follows at once counts what both let through")
                .allMatch(run -> run.alarm()
                        .filter(alarm -> alarm == WatchedRun.Alarm.RAN_ON || alarm == WatchedRun.Alarm.TOO_MUCH)
                        .isPresent());
    }

    @ParameterizedTest
    @CsvSource({
        "115, ",
        "115.001, TOO_MUCH",
        "85, ",
        "84.999, TOO_LITTLE",
        "2, TOO_LITTLE",
        "1.999, NOTHING",
        "0, NOTHING",
        "100, "
    })
    void fifteenPerCentBesideTheSolvedFlowAreWellExactly(double counted, WatchedRun.Alarm told) {
        assertThat(Watch.alarm(100, Optional.of(counted))).isEqualTo(Optional.ofNullable(told));
    }

    @Test
    void withoutNormalsItNeverRains() {
        Plan unknown = with(PLAN, new Remove<>(WaterKinds.CLIMATES, DRY.id()));
        assertThat(SeasonWatch.of(unknown, SEASON, water(unknown), 1, List.of()))
                .isNotEmpty()
                .noneMatch(WatchedRun::leftOut);
    }

    @Test
    void aYearOrAZoneThatIsNotThereIsRefused() {
        assertThatThrownBy(() -> SeasonWatch.of(PLAN, SEASON, water(PLAN), 31, List.of()))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> watched(new SeasonWatch.FaultAt(3, Fault.LEAK)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no zone 3");
    }
}
