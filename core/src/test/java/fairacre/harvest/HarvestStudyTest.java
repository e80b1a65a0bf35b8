package fairacre.harvest;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.household;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.wish;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Crops;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingStudy;
import fairacre.harvest.HarvestTold.Food;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HarvestStudyTest {

    private static final double HAIR = 1e-6;

    private static Plan garden(Change... changes) {
        Plan plan = plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2), bed("Kale", 10, 14, 4, 1.2));
        return with(plan, Stream.of(changes).toArray(Change[]::new));
    }

    private static Food food(Plan plan, int season, String crop) {
        return HarvestStudy.of(plan, season).foods().stream()
                .filter(food -> food.crop().equals(crop))
                .findFirst()
                .orElseThrow();
    }

    private static double sum(List<Double> months) {
        return months.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** What a planting's bed gives in full, by the table's kilograms and its area. */
    private static double full(Plan plan, int season) {
        return PlantingStudy.of(plan, season, plan.standing(season))
                .told(LocalDate.of(season, 7, 1))
                .get(0)
                .yield();
    }

    @Test
    @DisplayName("a yield is shared out over the days from the first harvest to the clearing, by hand with java.time")
    void aYieldIsSpreadOverItsMonths() {
        Plan plan = garden(Put.of(planting("Carrots", "carrot", "Beans", "2027-04-10", "2027-08-10")));
        LocalDate ripe = plan.list(PlantingKinds.PLANTINGS).get(0).ripe(plan);
        LocalDate cleared = LocalDate.of(2027, 8, 10);
        Food food = food(plan, SEASON, "carrot");
        double full = full(plan, SEASON);
        assertThat(ripe.getMonthValue()).isEqualTo(6);
        double daily = full / ChronoUnit.DAYS.between(ripe, cleared);
        assertThat(food.picked().get(5))
                .isCloseTo(daily * ChronoUnit.DAYS.between(ripe, LocalDate.of(2027, 7, 1)), within(HAIR));
        assertThat(food.picked().get(6)).isCloseTo(daily * 31, within(HAIR));
        assertThat(food.picked().get(7)).isCloseTo(daily * 9, within(HAIR));
        assertThat(sum(food.picked())).isCloseTo(full, within(HAIR));
        assertThat(food.harvest().usual()).isCloseTo(full, within(HAIR));
        assertThat(food.want()).isEmpty();
        assertThat(food.eaten()).isZero();
        // Told for the next season too if it lies in store; nobody eats it, so that nothing is told.
        assertThat(HarvestStudy.of(plan, SEASON + 1).foods()).isEmpty();
    }

    @Test
    void whatIsClearedBeforeItIsRipeGivesNothing() {
        Plan plan = garden(
                Put.of(planting("Carrots", "carrot", "Beans", "2027-04-10", "2027-05-10")),
                Put.of(wish("carrot", Want.MUST)));
        Food food = food(plan, SEASON, "carrot");
        assertThat(food.harvest().usual()).isZero();
        assertThat(food.enough()).isEqualTo(Enough.NONE);
        assertThat(food.wanted()).isEqualTo(2 * Crops.of("carrot").orElseThrow().eaten());
    }

    @ParameterizedTest
    @CsvSource({
        "1, ENOUGH",
        "1.0001, IN_A_GOOD_YEAR",
        "0.6667, ENOUGH",
        "0.6666, PLENTY",
        "1.33, IN_A_GOOD_YEAR",
        "1.7, SHORT"
    })
    @DisplayName(
            "as much as is eaten is enough; a hair less is enough in a good year, a hair more than half again is plenty")
    void enoughIsToldAtItsLimits(double share, Enough enough) {
        Plan plan = garden(Put.of(planting("Carrots", "carrot", "Beans", "2027-04-10", "2027-08-10")));
        Food grown = food(plan, SEASON, "carrot");
        Plan wished =
                with(plan, Put.of(wish("carrot", Want.MUST, grown.harvest().usual() * share)));
        assertThat(food(wished, SEASON, "carrot").enough()).isEqualTo(enough);
    }

    @Test
    @DisplayName("what keeps is eaten out of store until it keeps no longer, also in the season after")
    void whatKeepsIsStored() {
        Crop potato = Crops.of("potato").orElseThrow();
        Plan plan = garden(
                Put.of(planting("Potatoes", "potato", "Beans", "2027-04-20", "2027-08-29")),
                Put.of(wish("potato", Want.MUST, 5)));
        double full = full(plan, SEASON);
        assertThat(full).isGreaterThan(10);
        Food food = food(plan, SEASON, "potato");
        // From the first harvest to New Year there are some every day: all that is wished for is eaten.
        assertThat(food.eaten()).isCloseTo(5, within(HAIR));
        LocalDate ripe = plan.list(PlantingKinds.PLANTINGS).get(0).ripe(plan);
        double daily = 5.0 / ChronoUnit.DAYS.between(ripe, LocalDate.of(2028, 1, 1));
        assertThat(food.eatenByMonth().get(9)).isCloseTo(31 * daily, within(HAIR));
        // Most lies in store when the last ones have lain a week.
        LocalDate fullest = food.storedOn().orElseThrow();
        assertThat(fullest).isEqualTo(LocalDate.of(2027, 8, 28).plusDays(7));
        assertThat(food.stored()).isCloseTo(full - daily * (ChronoUnit.DAYS.between(ripe, fullest) + 1), within(HAIR));
        Food after = food(plan, SEASON + 1, "potato");
        LocalDate last = LocalDate.of(2027, 8, 28).plusWeeks(potato.keeps());
        assertThat(after.harvest().usual()).isZero();
        assertThat(after.eatenByMonth().get(last.getMonthValue())).isZero();
        assertThat(after.eatenByMonth().get(last.getMonthValue() - 1)).isPositive();
        assertThat(after.eaten()).isCloseTo(5, within(HAIR));
    }

    @Test
    void whatDoesNotKeepIsMissingInWinter() {
        Plan plan = garden(
                Put.of(planting("Salad", "lettuce", "Beans", "2027-05-01", "2027-08-15")),
                Put.of(wish("lettuce", Want.MAY, 100)));
        Food food = food(plan, SEASON, "lettuce");
        assertThat(food.eaten()).isCloseTo(food.harvest().usual(), within(HAIR));
        assertThat(food.eatenByMonth().get(0)).isZero();
        assertThat(food.eatenByMonth().get(11)).isZero();
        assertThat(food.enough()).isEqualTo(Enough.SHORT);
    }

    @Test
    @DisplayName("a perennial is picked thirty days a year from its first bearing year on")
    void perennialsBearYearAfterYear() {
        Plan plan = garden(Put.of(planting("Berries", "strawberry", "Beans", "2027-04-10", "2031-04-10")));
        assertThat(HarvestStudy.of(plan, 2027).foods()).isEmpty();
        double full = full(plan, 2028);
        for (int season = 2028; season <= 2030; season++) {
            assertThat(food(plan, season, "strawberry").harvest().usual()).isCloseTo(full, within(HAIR));
        }
        assertThat(HarvestStudy.of(plan, 2031).foods()).isEmpty();
    }

    @Test
    @DisplayName("a yield that crosses New Year is shared out between both seasons")
    void aHarvestCrossesSeasons() {
        Plan plan = garden(
                Put.of(planting("Kale", "kale", "Beans", "2027-07-10", "2028-03-10")),
                Put.of(planting("Kale too", "kale", "Kale", "2027-07-10", "2028-03-10")));
        double both = food(plan, 2027, "kale").harvest().usual()
                + food(plan, 2028, "kale").harvest().usual();
        assertThat(both).isCloseTo(2 * full(plan, 2027), within(HAIR));
        assertThat(food(plan, 2027, "kale").plants())
                .isEqualTo(food(plan, 2028, "kale").plants())
                .isPositive();
        assertThat(food(plan, 2027, "kale").area()).isCloseTo(2 * 4 * 1.2, within(1.2));
    }

    @Test
    void peopleEatByNumberUnlessTheySayOtherwise() {
        Plan plan = garden(Put.of(household(3)), Put.of(wish("carrot", Want.MUST)), Put.of(wish("kale", Want.NEVER)));
        assertThat(HarvestStudy.of(plan, SEASON).foods()).extracting(Food::crop).containsExactly("carrot");
        assertThat(food(plan, SEASON, "carrot").wanted())
                .isEqualTo(3 * Crops.of("carrot").orElseThrow().eaten());
        assertThat(HarvestStudy.of(plan, SEASON).months().get(0)).isEqualTo(LocalDate.of(SEASON, 1, 1));
    }

    @ParameterizedTest
    @CsvSource({
        "potato, 25",
        "tomato, 9.1",
        "onion, 9.3",
        "lettuce, 5.7",
        "leaf-lettuce, 5.4",
        "carrot, 5",
        "cucumber, 3.6",
        "sweet-corn, 4",
        "broccoli, 2.7",
        "cabbage, 2.7",
        "strawberry, 3.6",
        "sweet-pepper, 5"
    })
    @DisplayName("what people eat is within a factor of three of fresh produce per head (USDA ERS, food availability;"
            + " from memory), since who grows it eats more of it")
    void whatPeopleEat(String crop, double perHead) {
        assertThat(Crops.of(crop).orElseThrow().eaten()).isBetween(perHead / 3, perHead * 3);
    }

    @Test
    void badWishesAreRefused() {
        UUID id = new UUID(0, 1);
        assertThatThrownBy(() -> new CropWish(id, "dragon-fruit", Optional.empty(), Want.MAY, Optional.empty()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no such crop");
        assertThatThrownBy(() -> new CropWish(id, "phacelia", Optional.empty(), Want.MAY, Optional.empty()))
                .hasMessageContaining("is not eaten");
        assertThatThrownBy(() -> new CropWish(id, "kale", Optional.empty(), Want.MAY, Optional.of(0.0)))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new CropWish(id, "kale", Optional.empty(), Want.MAY, Optional.of(Double.NaN)))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Household(id, 0)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Household(id, 51)).isInstanceOf(RefusedException.class);
    }
}
