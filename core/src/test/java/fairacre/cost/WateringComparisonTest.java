package fairacre.cost;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.price;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.PriceItem;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import fairacre.water.Dripline;
import fairacre.water.Manifold;
import fairacre.water.NewWater;
import fairacre.water.WaterKinds;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WateringComparisonTest {

    private static final Plan DRY = with(
            plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1), bed("Kale", 7, 5, 2, 1)),
            Put.of(tap("Tap", 1, 3, 20)));

    private static List<WateringChoice> compared(Plan plan) {
        return WateringComparison.of(plan, SEASON, List.of(id("Beans")), UUID::randomUUID);
    }

    private static Plan withFreeParts(Plan plan) {
        return with(
                plan,
                PriceItem.all()
                        .filter(item -> item.key().startsWith("water/"))
                        .map(item -> price(item.key(), "0"))
                        .toArray(Change[]::new));
    }

    @Test
    @DisplayName(
            "Dripline of a bed of 2 x 1 m: four lines of 1.91 m and a feed of 0.75 m, 9 whole metres at EUR 2, over 8 years [by hand]")
    void theCostIsThatOfTheParts() {
        WateringChoice drip = compared(with(withFreeParts(DRY), price("water/dripline/metre", "2")))
                .get(0);
        assertThat(drip.way()).isEqualTo(NewWater.Way.DRIPLINE);
        double cost = drip.cost().orElseThrow().getAmount().doubleValue();
        assertThat(cost).isEqualTo(2 * Math.ceil(4 * 1.91 + 0.75));
        assertThat(drip.perYear().orElseThrow().getAmount().doubleValue()).isCloseTo(cost / 8, within(0.005));
    }

    @Test
    void everyWayIsToldWithHowItWaters() {
        List<WateringChoice> choices = compared(with(DRY, Put.of(climate("Weather", "Harbour"))));
        assertThat(choices).extracting(WateringChoice::way).containsExactly(NewWater.Way.values());
        assertThat(choices).allSatisfy(choice -> {
            assertThat(choice.hours()).isPositive();
            assertThat(choice.figures().orElseThrow().season()).isPresent();
        });
        double drip = litres(choices, NewWater.Way.DRIPLINE);
        assertThat(litres(choices, NewWater.Way.PLANT_DRIPPERS)).isCloseTo(drip, within(1e-9));
        // Of drilled hose 0.8 comes to the roots, of dripline 0.9: for the same need the hose takes 9/8 of the water.
        assertThat(litres(choices, NewWater.Way.DRILLED_HOSE) / drip).isCloseTo(0.9 / 0.8, within(1e-3));
        // Of what sprinklers throw 0.7 comes to the roots (common practice: 0.65 to 0.75).
        assertThat(litres(choices, NewWater.Way.SPRINKLERS) / drip).isCloseTo(0.9 / 0.7, within(1e-3));
    }

    private static double litres(List<WateringChoice> choices, NewWater.Way way) {
        return choices.stream()
                .filter(choice -> choice.way() == way)
                .findFirst()
                .orElseThrow()
                .figures()
                .orElseThrow()
                .season()
                .orElseThrow()
                .litres();
    }

    @Test
    void whatLiesInABedAlreadyIsNotReckonedIn() {
        Plan watered = with(DRY, Put.of(dripline("Beans", "Tap")));
        assertThat(compared(watered).get(2).hours())
                .isCloseTo(compared(DRY).get(2).hours(), within(1e-9));
        assertThat(compared(watered).get(2).cost())
                .isEqualTo(compared(DRY).get(2).cost());
    }

    /** A manifold that stands there anyway is no reason to tell no cost. */
    @Test
    void whatIsBoughtAnywayNeedsNoPrice() {
        Manifold cocks = Gardens.manifold("Cocks", "Tap", 5, 3);
        Plan fixed = with(
                withFreeParts(DRY),
                Put.of(new Manifold(
                        cocks.id(), "Cocks", cocks.from(), cocks.place(), 2, cocks.height(), Lifetime.from(SEASON))));
        assertThat(compared(fixed).get(0).cost()).isPresent();
        Plan unpriced = with(fixed, new Change.ClearPrice(PriceItem.of("water/manifold-2")));
        assertThat(compared(unpriced).get(0).cost()).isPresent();
    }

    /** What is laid in another season stays. */
    @Test
    void onlyLinesOfTheSeasonGiveWay() {
        Dripline later = (Dripline) dripline("Beans", "Tap");
        Plan plan = with(
                DRY,
                Put.of(new Dripline(
                        id("Later"),
                        later.bed(),
                        later.from(),
                        false,
                        later.emitters(),
                        later.lines(),
                        later.flow(),
                        false,
                        false,
                        Lifetime.from(SEASON + 2))));
        compared(plan)
                .forEach(choice -> assertThat(
                                plan.apply(choice.change()).orThrow().list(WaterKinds.DRIPLINES))
                        .anyMatch(line -> line.id().equals(id("Later"))));
    }

    @Test
    void eachChoiceIsAnEditThatThePlanTakes() {
        compared(DRY)
                .forEach(choice ->
                        assertThat(DRY.apply(choice.change()).orThrow()).isNotEqualTo(DRY));
    }

    @Test
    void withoutASourceOrABedItIsRefused() {
        Plan none = plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 5, 2, 1));
        assertThatThrownBy(() -> compared(none)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> WateringComparison.of(DRY, SEASON, List.of(), UUID::randomUUID))
                .isInstanceOf(RefusedException.class);
    }
}
