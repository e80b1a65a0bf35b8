package fairacre.water;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.barrel;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.run;
import static fairacre.testing.Gardens.soaker;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.GroundChange;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import fairacre.walk.WalkStudy;
import java.math.BigDecimal;
import java.time.YearMonth;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Beds of 2 m by 1 m without boards, so that 7 drippers by 4 lines lie in each. */
class WaterStudyTest {

    private static final Plan DRY =
            plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1));
    private static final WaterRun TRUNK = run("Trunk", "Tap", 1, 3, 9, 3);

    private static Plan watered(Change... more) {
        return with(with(DRY, Put.of(tap("Tap", 1, 3, 20)), Put.of(TRUNK)), more);
    }

    private static Plan both() {
        return watered(Put.of(dripline("Beans", "Trunk")), Put.of(dripline("Kale", "Trunk")));
    }

    private static List<Zone> zones(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).zones();
    }

    private static List<Snag> snags(Plan plan, WaterRule rule) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .filter(snag -> snag.rule() == rule)
                .toList();
    }

    @Test
    @DisplayName("10 L in 30 s are 20 L/min; by 120 of 300 kPa at 45 s a tap gives 13.33 / sqrt(0.6) = 17.21 [derived]")
    void aTapIsABucketAWatchAndAParabola() {
        Tap bucket = new Tap(
                id("Tap"),
                "Tap",
                Point.metres(0, 0),
                Length.ZERO,
                Volume.litres(10),
                30,
                Optional.of(Pressure.kilopascals(300)),
                Optional.empty(),
                Optional.empty(),
                Gear.NONE,
                Lifetime.ALWAYS);
        assertThat(bucket.measured().litresAMinute()).isCloseTo(20, within(1e-9));
        double closed = bucket.curve().closed();
        assertThat(bucket.curve().flowAt(0) * 60_000).isCloseTo(20, within(1e-6));
        assertThat(bucket.curve().flowAt(closed * 0.75) * 60_000).isCloseTo(10, within(1e-6));
        assertThat(bucket.curve().flowAt(closed)).isZero();
        assertThat(bucket.curve().flowAt(closed + 1e-9)).isZero();
        Tap gauged = new Tap(
                id("Tap"),
                "Tap",
                Point.metres(0, 0),
                Length.ZERO,
                Volume.litres(10),
                30,
                Optional.of(Pressure.kilopascals(300)),
                Optional.of(new Tap.TapReading(45, Pressure.kilopascals(120))),
                Optional.empty(),
                Gear.NONE,
                Lifetime.ALWAYS);
        assertThat(gauged.curve().flowAt(0) * 60_000).isCloseTo(17.213, within(1e-3));
    }

    @ParameterizedTest
    @CsvSource({"30, 299, false", "30, 297, true", "29.99, 120, false", "3600, 0, true"})
    void aSecondReadingIsSlowerThanWideOpenAndBelowThePressureClosed(double seconds, double pressure, boolean taken) {
        Tap tap = tap("Tap", 0, 0, 20);
        Supplier<Tap> gauged = () -> new Tap(
                tap.id(),
                tap.name(),
                tap.place(),
                tap.height(),
                Volume.litres(10),
                30,
                Optional.of(Pressure.kilopascals(300)),
                Optional.of(new Tap.TapReading(seconds, Pressure.kilopascals(pressure))),
                Optional.empty(),
                Gear.NONE,
                Lifetime.ALWAYS);
        if (taken) {
            assertThat(gauged.get().curve().flowAt(0)).isPositive();
        } else {
            assertThatThrownBy(gauged::get).isInstanceOf(RefusedException.class);
        }
    }

    /** A zone of one bed with figures at the limits: 85 % wanted, 1.5 m/s, 10 kPa needed. */
    @ParameterizedTest
    @CsvSource({
        "0.85, 1.5, 10, true",
        "0.849, 1.5, 10, false",
        "0.85, 1.501, 10, false",
        "0.85, 1.5, 9.999, false",
        "0.851, 1.499, 10.001, true"
    })
    void aZoneRunsWellExactlyAtItsLimits(double evenness, double velocity, double least, boolean well) {
        BedWater bed = new BedWater(
                id("Lines"),
                id("Beans"),
                List.of(),
                Length.ZERO,
                List.of(),
                List.of(Point.metres(0, 0)),
                Flow.litresAnHour(2),
                Pressure.kilopascals(least),
                Pressure.kilopascals(20),
                Pressure.kilopascals(10),
                0,
                1,
                List.of());
        Zone zone = new Zone(
                id("Tap"),
                1,
                "Beans",
                id("Tap"),
                List.of(bed),
                Flow.litresAnHour(75),
                Optional.of(Flow.litresAnHour(100)),
                Flow.litresAnHour(75),
                evenness,
                0.85,
                velocity,
                Optional.empty(),
                List.of());
        assertThat(zone.runsWell()).isEqualTo(well);
    }

    @Test
    @DisplayName("1 bar is 100 kPa, 14.50 psi and 10.22 m of water at 20 degrees [IAPWS: 998.2 kg/m3]")
    void pressuresInTheirUnits() {
        Pressure bar = Pressure.kilopascals(100);
        assertThat(bar.psi()).isCloseTo(14.504, within(1e-3));
        assertThat(bar.headMetres()).isCloseTo(10.216, within(1e-3));
        assertThat(Pressure.head(10.216).kilopascals()).isCloseTo(100, within(0.01));
    }

    /** Nothing else loses head: n drippers of q = k sqrt(p) at a tap of p = p0 (1 - (q / q0)^2). */
    @Test
    @DisplayName("28 drippers 0.6 m below a tap settle at (p0 + 5.87 kPa) / (1 + n² k² p0 / q0²) [derived]")
    void drippersAtATapSettleWhereBothCurvesMeet() {
        Plan plan = with(DRY, Put.of(tap("Tap", 2, 4.5, 2).withGear(Gear.NONE)), Put.of(dripline("Beans", "Tap")));
        Zone zone = zones(plan).get(0);
        double p0 = Tap.USUAL_PRESSURE.kilopascals();
        double all = 28 * 2 / Math.sqrt(100);
        double expected = (p0 + 0.6 * 9.79) / (1 + all * all * p0 / (120.0 * 120));
        BedWater beans = zone.beds().get(0);
        assertThat(beans.outlets()).hasSize(28);
        assertThat(beans.most().kilopascals()).isCloseTo(expected, within(0.001 * expected));
        assertThat(zone.flow().litresAnHour())
                .isCloseTo(all * Math.sqrt(beans.most().kilopascals()), within(1.0));
        assertThat(zone.wants().litresAnHour()).isCloseTo(56, within(1e-6));
    }

    @Test
    void aReducerHoldsWhatIsSetAndTheTapGivesNoMore() {
        BedWater beans = zones(both()).get(0).beds().get(0);
        // 25 psi behind the reducer; the soil lies 0.6 m below it.
        assertThat(beans.most().kilopascals()).isBetween(172.0, 172.4 + 5.9);
    }

    @Test
    @DisplayName("a barrel 2 m up presses with 2 m of water, 19.6 kPa, less what is lost on the way [derived]")
    void aBarrelPressesWithItsHeight() {
        Plan plan = with(DRY, Put.of(barrel("Tap", 1, 3, 2)), Put.of(TRUNK), Put.of(dripline("Beans", "Trunk")));
        BedWater beans = zones(plan).get(0).beds().get(0);
        assertThat(beans.most().kilopascals()).isBetween(18.0, 19.6);
        assertThat(zones(plan).get(0).gives()).isEmpty();
    }

    @Test
    @DisplayName("a bed 1 m higher has 9.8 kPa less [derived]")
    void heightCounts() {
        Plan sloping =
                with(both(), new GroundChange.SetLevels(List.of(height(3, 5, 0), height(7, 5, 1), height(5, 9, 0.5))));
        List<BedWater> beds = zones(sloping).get(0).beds();
        double beans = middle(beds.get(0));
        double kale = middle(beds.get(1));
        assertThat(Math.abs(beans - kale)).isCloseTo(9.79, within(0.6));
    }

    private static double middle(BedWater bed) {
        return (bed.least().kilopascals() + bed.most().kilopascals()) / 2;
    }

    @Test
    @DisplayName(
            "the lowest quarter of 1, 1, 2, 2, 2, 2, 3, 3 over their mean is 1 / 2 [by hand; low-quarter uniformity of ASABE EP458]")
    void evennessIsTheLowestQuarterOverTheMean() {
        assertThat(Evenness.of(new double[] {3, 2, 1, 2, 2, 1, 2, 3})).isCloseTo(0.5, within(1e-12));
        assertThat(Evenness.of(new double[] {2})).isEqualTo(1);
        assertThat(Evenness.of(new double[] {0, 0})).isZero();
    }

    @Test
    void aValvePartsAZoneAndTheBedsAboveItStayTogether() {
        WaterRun branch = run("Branch", "Trunk", 6, 3, 6, 4.4);
        Plan plan = watered(
                Put.of(branch.withValve(Length.ZERO)),
                Put.of(dripline("Beans", "Trunk")),
                Put.of(dripline("Kale", "Branch")));
        assertThat(zones(plan)).extracting(Zone::name).containsExactlyInAnyOrder("Beans", "Kale");
        assertThat(zones(plan)).extracting(Zone::valve).containsExactlyInAnyOrder(id("Tap"), id("Branch"));
        Plan joined = with(plan, Put.of(branch));
        assertThat(zones(joined)).hasSize(1);
    }

    @Test
    void aBedThatIsMovedKeepsItsWater() {
        Plan before = both();
        Plan after = with(before, new Change.MoveBed(id("Kale"), SEASON, Point.metres(8, 7), 40));
        assertThat(zones(after).get(0).beds()).hasSize(2);
        assertThat(snags(after, WaterRule.PIPE_UNFED)).isEmpty();
        assertThat(stub(after, "Kale")).isGreaterThan(stub(before, "Kale") + 1);
    }

    private static double stub(Plan plan, String bed) {
        List<Point> stub = zones(plan).get(0).beds().stream()
                .filter(each -> each.bed().equals(id(bed)))
                .findFirst()
                .orElseThrow()
                .stub();
        return stub.get(0).distance(stub.get(1)).metres();
    }

    @Test
    void runsThatFeedEachOtherAreFedByNothing() {
        Plan plan = watered(
                Put.of(run("There", "Back", 1, 1, 2, 2)),
                Put.of(run("Back", "There", 2, 2, 1, 1)),
                Put.of(dripline("Beans", "There")));
        assertThat(zones(plan)).isEmpty();
        assertThat(snags(plan, WaterRule.PIPE_UNFED)).hasSize(3);
    }

    @Test
    void withoutItsTapNothingIsFedAndTheRestIsJudgedAsUsual() {
        Plan plan = with(both(), new Remove<>(WaterKinds.TAPS, id("Tap")));
        assertThat(zones(plan)).isEmpty();
        assertThat(snags(plan, WaterRule.PIPE_UNFED)).hasSize(3);
    }

    @Test
    void aTapThatComesLaterFeedsNothingBefore() {
        Tap tap = tap("Tap", 1, 3, 20);
        Plan plan = with(
                both(),
                Put.of(new Tap(
                        tap.id(),
                        tap.name(),
                        tap.place(),
                        tap.height(),
                        tap.bucket(),
                        tap.seconds(),
                        tap.closed(),
                        tap.flowing(),
                        tap.evening(),
                        tap.gear(),
                        Lifetime.from(SEASON + 1))));
        assertThat(snags(plan, WaterRule.PIPE_UNFED)).isNotEmpty();
        assertThat(WaterStudy.of(plan, SEASON + 1, plan.standing(SEASON + 1), Memo.none())
                        .zones())
                .hasSize(1);
    }

    /** What the tap gives grows with what is measured, and what the zone needs does not. */
    @ParameterizedTest
    @CsvSource({"1.001, 0", "1, 0", "0.999, 1"})
    void threeQuartersOfWhatTheTapGivesAreAllowedExactly(double share, int told) {
        Zone zone = zones(both()).get(0);
        double enough = 20
                * (zone.wants().cubicMetresASecond() / Zone.SHARE)
                / zone.gives().orElseThrow().cubicMetresASecond();
        Plan tight = with(both(), Put.of(measured(enough * share)));
        assertThat(snags(tight, WaterRule.SOURCE_TOO_SMALL)).hasSize(told);
    }

    /** By seconds, which are not rounded as litres are. */
    private static Tap measured(double litresAMinute) {
        Tap tap = tap("Tap", 1, 3, 10);
        return new Tap(
                tap.id(),
                tap.name(),
                tap.place(),
                tap.height(),
                tap.bucket(),
                600 / litresAMinute,
                tap.closed(),
                tap.flowing(),
                tap.evening(),
                tap.gear(),
                tap.lifetime());
    }

    @ParameterizedTest
    @ValueSource(strings = {"OUTLET_WEAK", "WATER_UNEVEN", "SOURCE_TOO_SMALL"})
    void aHoseThatTakesAllIsToldAndEveryRemedyCuresWithoutANewFlaw(WaterRule rule) {
        Plan plan = with(
                watered(Put.of(dripline("Beans", "Trunk")), Put.of(soaker("Kale", "Trunk", 0.2))), Put.of(measured(9)));
        List<Snag> told = snags(plan, rule);
        assertThat(told).hasSize(1);
        for (var remedy : told.get(0).remedies()) {
            Plan after = with(plan, remedy.change());
            assertThat(snags(after, rule)).as(remedy.words()).isEmpty();
            assertThat(Appraisal.of(after, SEASON).snags())
                    .as(remedy.words())
                    .extracting(Snag::rule)
                    .isSubsetOf(Appraisal.of(plan, SEASON).snags().stream()
                            .map(Snag::rule)
                            .toList());
        }
    }

    @Test
    @DisplayName(
            "What is lost on the way and what is left at the weakest outlet are the 275 kPa of the closed tap [Bernoulli]")
    void lossesAddUpToThePressureOfTheSource() {
        for (Plan plan : List.of(
                both(),
                watered(Put.of(dripline("Beans", "Trunk")), Put.of(soaker("Kale", "Trunk", 0.2))),
                watered(Put.of(soaker("Kale", "Tap", 0.2))))) {
            Zone zone = zones(plan).get(0);
            double lost = zone.losses().stream()
                    .mapToDouble(PressureLoss::kilopascals)
                    .sum();
            double least = zone.beds().stream()
                    .mapToDouble(bed -> bed.least().kilopascals())
                    .min()
                    .orElseThrow();
            assertThat(lost + least).isCloseTo(Tap.USUAL_PRESSURE.kilopascals(), within(0.6));
        }
        assertThat(zones(both()).get(0).losses())
                .filteredOn(loss -> loss.part() == PressureLoss.Part.RUN)
                .extracting(loss -> loss.run().orElseThrow())
                .containsExactly(id("Trunk"));
    }

    private static List<BadDay> badDays(Plan plan, int zone) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).badDays(zone);
    }

    @Test
    @DisplayName(
            "In the evening a tap of 275 kPa has 140: its curve is as flat as that, and gives sqrt(140 / 275) of the flow")
    void onABadDayLessComes() {
        Tap tap = tap("Tap", 1, 3, 20);
        Tap evening = new Tap(
                tap.id(),
                tap.name(),
                tap.place(),
                tap.height(),
                tap.bucket(),
                tap.seconds(),
                tap.closed(),
                tap.flowing(),
                Optional.of(Pressure.kilopascals(140)),
                tap.gear(),
                tap.lifetime());
        assertThat(evening.eveningCurve().orElseThrow().flowAt(0) * 60_000)
                .isCloseTo(20 * Math.sqrt(140 / 275.0), within(1e-6));
        Plan plan = with(both(), Put.of(evening), dripline("Kale", "Trunk").valved());
        List<BadDay> days = badDays(plan, 1);
        assertThat(days)
                .extracting(BadDay::kind)
                .containsExactly(BadDay.Kind.ANOTHER_ZONE_OPEN, BadDay.Kind.FILTER_CLOGGED, BadDay.Kind.EVENING);
        Zone usual = zones(plan).get(0);
        assertThat(least(days.get(0).zone())).isLessThan(least(usual));
        assertThat(least(days.get(1).zone()))
                .as("behind a reducer that holds its pressure a filter is not felt")
                .isLessThanOrEqualTo(least(usual));
        assertThat(least(days.get(2).zone())).isLessThan(least(usual));
        Plan unreduced = with(
                plan,
                Put.of(tap.withGear(new Gear(true, true, false, false, false, Optional.empty(), Optional.empty()))));
        assertThat(least(badDays(unreduced, 1).get(1).zone()))
                .isLessThan(least(zones(unreduced).get(0)));
        assertThat(days.get(0).zone().beds()).hasSize(2);
        assertThat(days.get(0).other()).contains(2);
    }

    private static double least(Zone zone) {
        return zone.beds().get(0).least().kilopascals();
    }

    @Test
    @DisplayName(
            "A pump of 300 kPa that gives 1 200 L/h at 150 kPa gives 1 200 / sqrt(1 - 150 / 300) = 1 697 L/h open [derived]")
    void aPumpIsAParabola() {
        Pump pump = new Pump(Pressure.kilopascals(300), Flow.litresAnHour(1200), Pressure.kilopascals(150));
        assertThat(pump.curve().flowAt(0) * 3.6e6).isCloseTo(1697.06, within(0.01));
        assertThat(pump.curve().flowAt(Pressure.kilopascals(150).headMetres()) * 3.6e6)
                .isCloseTo(1200, within(0.01));
        assertThat(pump.curve().flowAt(Pressure.kilopascals(301).headMetres())).isZero();
        assertThatThrownBy(
                        () -> new Pump(Pressure.kilopascals(300), Flow.litresAnHour(1200), Pressure.kilopascals(298)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("at");
        Barrel low = barrel("Tap", 1, 3, 0.2);
        Barrel pumped = new Barrel(
                low.id(),
                low.name(),
                low.place(),
                low.height(),
                low.holds(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(pump),
                low.gear(),
                low.lifetime());
        assertThat(snags(with(both(), new Remove<>(WaterKinds.TAPS, id("Tap")), Put.of(low)), WaterRule.OUTLET_WEAK))
                .isNotEmpty();
        Plan plan = with(both(), new Remove<>(WaterKinds.TAPS, id("Tap")), Put.of(pumped));
        assertThat(snags(plan, WaterRule.OUTLET_WEAK)).isEmpty();
        assertThat(zones(plan).get(0).gives()).isPresent();
    }

    @Test
    @DisplayName(
            "What the programme lets through in the year, by the meter: litres by hand, EUR 2 and 3 a cubic metre; or in"
                    + " trips of 300 L at EUR 4.50, the last one not full")
    void aSeasonsWaterHasItsPrice() {
        Plan plan = with(
                both(),
                Put.of(Gardens.drier(Gardens.climate("Weather", "Harbour"), 0.3)),
                Gardens.price("water/meter/m3", "2"),
                Gardens.price("water/drain/m3", "3"));
        WaterStudy.Water water = water(plan);
        double litres = IntStream.range(0, 12)
                .mapToDouble(
                        i -> water.programme().zones().get(0).months().get(i).minutes()
                                / 60
                                * water.zones().get(0).flow().litresAnHour()
                                * (i == 1 ? 28.25 : YearMonth.of(2001, i + 1).lengthOfMonth())
                                / 7)
                .sum();
        SeasonWater season = water.season().get(0);
        assertThat(season.volume().litres()).isCloseTo(litres, within(0.01));
        assertThat(season.price().orElseThrow().getAmount().doubleValue())
                .isCloseTo(litres / 1000 * 5, within(0.005001));
        Barrel butt = barrel("Tap", 1, 3, 3);
        Plan hauled = with(
                plan,
                new Remove<>(WaterKinds.TAPS, id("Tap")),
                Put.of(new Barrel(
                        butt.id(),
                        butt.name(),
                        butt.place(),
                        butt.height(),
                        butt.holds(),
                        Optional.empty(),
                        Optional.of(new Haul(Volume.litres(300), Money.of(CurrencyUnit.EUR, new BigDecimal("4.50")))),
                        Optional.empty(),
                        butt.gear(),
                        butt.lifetime())));
        SeasonWater trips = water(hauled).season().get(0);
        int count = (int) Math.ceil(trips.volume().litres() / 300);
        assertThat(trips.trips()).contains(count);
        assertThat(trips.price())
                .contains(Money.of(CurrencyUnit.EUR, new BigDecimal("4.50").multiply(new BigDecimal(count))));
        assertThat(water(both()).season()).isEmpty();
    }

    private static WaterStudy.Water water(Plan plan) {
        return WaterStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).water();
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "-0.1, 1"})
    void pipesFreezeWhereTheUsualNightIsBelowZero(double lowest, int told) {
        Climate climate = new Climate(
                id("Weather"), "Even", Length.ZERO, 4, 10, Collections.nCopies(12, MonthNormals.of(lowest, 15, 50)));
        Plan plan = with(both(), Put.of(climate));
        assertThat(snags(plan, WaterRule.PIPES_FREEZE)).hasSize(told);
        Tap drained = tap("Tap", 1, 3, 20);
        assertThat(snags(with(plan, Put.of(drained.withGear(drained.gear().withDrain()))), WaterRule.PIPES_FREEZE))
                .isEmpty();
    }

    @Test
    void whatCantHappenIsNotTold() {
        Plan plain = with(both(), Put.of(tap("Tap", 1, 3, 20).withGear(Gear.NONE)));
        assertThat(badDays(plain, 1)).isEmpty();
        assertThatThrownBy(() -> badDays(plain, 2)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> badDays(plain, 0)).isInstanceOf(RefusedException.class);
    }

    @Test
    @DisplayName(
            "1.3 m² at 25 mm are 40.6 L: 3 times 20 L over 12 m there and back in 1.2 min, filled at 20 L/min in 2 min,"
                    + " poured in 4.1 min; by hose 1.5 + 0.2 + 40.6 / 15 min [by hand]")
    void byHandOneWalks() {
        HandWatering.ByHand week = HandWatering.of(id("Beans"), Length.metres(12), 25, 1.3, 1, 20);
        assertThat(week.litres().litres()).isCloseTo(40.6, within(0.1));
        assertThat(week.byCan()).isCloseTo(1.2 + 2.03 + 4.06, within(0.01));
        assertThat(week.byHose()).isCloseTo(1.5 + 0.2 + 2.71, within(0.01));
        HandWatering.ByHand rain = HandWatering.of(id("Beans"), Length.metres(12), 0, 1.3, 0, 20);
        assertThat(rain.byCan()).isZero();
    }

    @Test
    void handWateringGoesByTheWaysOnFoot() {
        Plan plan = both();
        HandWatering week = HandWatering.of(
                plan, SEASON, WalkStudy.of(plan.setting(SEASON), plan.standing(SEASON)), Optional.empty());
        assertThat(week.beds()).extracting(HandWatering.ByHand::bed).containsExactly(id("Beans"), id("Kale"));
        assertThat(week.beds().get(0).way()).isLessThan(week.beds().get(1).way());
        assertThat(week.shutOut()).isEmpty();
    }

    @Test
    void nobodyIsNaggedWhoWatersByHand() {
        assertThat(Appraisal.of(DRY, SEASON).snags()).noneMatch(snag -> snag.rule() instanceof WaterRule);
        assertThat(Appraisal.of(with(DRY, Put.of(tap("Tap", 1, 3, 20).withGear(Gear.NONE))), SEASON)
                        .snags())
                .noneMatch(snag -> snag.rule() instanceof WaterRule);
    }

    @Test
    void linesOfABedThatIsNotThereYetAreTold() {
        Plan plan = with(both(), new Change.RemoveBed(id("Kale")));
        assertThat(snags(plan, WaterRule.LINES_NOWHERE)).hasSize(1);
        assertThat(zones(plan).get(0).beds()).hasSize(1);
    }

    @Test
    void newWaterIsFedByWhatIsNearest() {
        NewWater later = new NewWater(watered(), SEASON, UUID::randomUUID);
        Plan plan = with(watered(), later.lines(List.of(id("Beans"), id("Kale")), NewWater.Way.DRIPLINE));
        assertThat(plan.list(WaterKinds.DRIPLINES))
                .hasSize(2)
                .allSatisfy(line -> assertThat(line.from()).isEqualTo(id("Trunk")));
        Plan changed = with(
                plan,
                new NewWater(plan, SEASON, UUID::randomUUID).lines(List.of(id("Kale")), NewWater.Way.DRILLED_HOSE));
        assertThat(changed.list(WaterKinds.DRIPLINES)).hasSize(1);
        assertThat(changed.list(WaterKinds.SOAKERS)).hasSize(1);
        assertThat(later.run(List.of(Point.metres(0.9, 3), Point.metres(0.9, 8)))
                        .thing()
                        .from())
                .isEqualTo(id("Tap"));
    }
}
