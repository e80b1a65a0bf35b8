package fairacre.catalogue;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.own;
import static fairacre.testing.Gardens.ownCrop;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.variety;
import static fairacre.testing.Gardens.wish;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.crop.CropRule;
import fairacre.crop.NewPlantings;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingStudy;
import fairacre.crop.SeedOrder;
import fairacre.crop.SeedOrder.SeedLine;
import fairacre.format.GardenFile;
import fairacre.harvest.CropWish;
import fairacre.harvest.HarvestStudy;
import fairacre.harvest.HarvestTold.Food;
import fairacre.harvest.Want;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.testing.Gardens;
import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class VarietyTest {

    private static final Plan GARDEN =
            plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1.2), bed("Kale", 10, 14, 4, 1.2));
    private static final Planting CARROTS = planting("Carrots", "carrot", "Beans", "2027-04-10", "2027-08-10");

    private static SeedOnHand seed(int seeds, int year, double comesUp, boolean noMore) {
        return new SeedOnHand(seeds, year, Optional.of(comesUp), noMore);
    }

    @Test
    @DisplayName("a quick variety is ripe as many days after sowing as its packet says, by java.time")
    void ownFiguresCount() {
        Variety quick = variety("Quick", "carrot", seed(100, SEASON, 0.8, false), own(CropColumn.FROM_SOWING, "58"));
        Planting planted = Gardens.of(quick, CARROTS);
        Plan plan = with(GARDEN, Put.of(quick), Put.of(planted));
        assertThat(planted.ripe(plan)).isEqualTo(LocalDate.of(2027, 4, 10).plusDays(58));
        assertThat(planted.grown(plan).name()).isEqualTo("Quick");
        assertThat(planted.grown(plan).family()).isEqualTo(Family.CARROT);
        Plan forgotten = with(plan, new Remove<>(Varieties.VARIETIES, quick.id()));
        assertThat(planted.grown(forgotten)).isEqualTo(Crops.of("carrot").orElseThrow());
    }

    @ParameterizedTest
    @EnumSource(CropColumn.class)
    @DisplayName("every figure of the catalogue may stand in its column")
    void theCatalogueKeepsToItsColumns(CropColumn column) {
        assertThat(Crops.rows().stream().filter(row -> row.has(column)))
                .isNotEmpty()
                .allSatisfy(row -> {
                    String figure = row.figures().get(column);
                    assertThat(column.takes().read(figure, "figure")).isEqualTo(figure);
                });
    }

    @ParameterizedTest
    @CsvSource({
        "IN_ROW, 0, 1 to 500",
        "IN_ROW, 0.99, 1 to 500",
        "IN_ROW, 500.1, 1 to 500",
        "IN_ROW, 50 (60-70), can't be read",
        "IN_ROW, 50 (0-70), 1 to 500",
        "IN_ROW, wide, can't be read",
        "HEIGHT, NaN, can't be read",
        "SUN, 4.5, can't be read",
        "SUN, 17, 0 to 16",
        "FAMILY, CACTUS, none of its words",
        "NET, perhaps, none of its words"
    })
    void brokenFiguresAreRefused(CropColumn column, String figure, String words) {
        assertThatThrownBy(() -> own(column, figure))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(words);
    }

    @ParameterizedTest
    @CsvSource({"IN_ROW, 1", "IN_ROW, 500", "SUN, 16", "NET, YES", "FAMILY, gourd"})
    void figuresAtTheLimitAreTaken(CropColumn column, String figure) {
        assertThat(ownCrop("Own", "carrot", own(column, figure)).row().figures().get(column))
                .isEqualToIgnoringCase(figure);
    }

    @Test
    void whatTheCropHasNotItsVarietiesHaveNotEither() {
        assertThatThrownBy(() -> ownCrop("Set", "potato", own(CropColumn.INDOORS, "6")))
                .hasMessageContaining("Potato is not grown so");
        assertThatThrownBy(() -> ownCrop("Seed", "potato", own(CropColumn.STOCK, "SEED")))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> variety("Seed", "potato", seed(3, SEASON, 0.5, false)))
                .hasMessageContaining("not grown from seed");
        assertThatThrownBy(() -> ownCrop("Twice", "carrot", own(CropColumn.SUN, "5"), own(CropColumn.SUN, "6")))
                .hasMessageContaining("more than once");
        assertThatThrownBy(() -> ownCrop("Nothing", "dragon-fruit")).hasMessageContaining("no such crop");
        assertThatThrownBy(() -> new Variety(
                        id("F1"),
                        "F1",
                        "carrot",
                        false,
                        List.of(),
                        Optional.of(Breeding.HYBRID),
                        List.of(WhyChosen.KEEPS_TRUE),
                        Optional.empty(),
                        Optional.empty()))
                .hasMessageContaining("seed of a hybrid does not come true");
    }

    @Test
    void aFigureAsTheCropHasItIsNoneOfItsOwn() {
        String usual = Crops.row("carrot").orElseThrow().figures().get(CropColumn.SUN);
        assertThat(ownCrop("Own", "carrot", own(CropColumn.SUN, usual)).figures())
                .isEmpty();
    }

    static List<Crop> crops() {
        return Crops.all();
    }

    @ParameterizedTest
    @MethodSource("crops")
    @DisplayName("a variety of any crop can be planted as it is usually grown, and lies in the file as it was")
    void everyCropHasVarieties(Crop crop) throws Exception {
        Variety own = ownCrop("Own", crop.key());
        Plan plan = with(GARDEN, Put.of(own));
        Plan planted = with(
                plan,
                NewPlantings.of(plan, SEASON, crop.key(), Optional.of(own.id()), List.of(id("Beans")), () -> id("It")));
        Planting it = planted.list(PlantingKinds.PLANTINGS).get(0);
        assertThat(it.name()).isEqualTo("Own");
        assertThat(it.grown(planted).kind()).isEqualTo(own.id().toString());
        assertThat(GardenFile.read(new ByteArrayInputStream(GardenFile.write(planted))))
                .isEqualTo(planted);
    }

    @Test
    void whatIsNotNotedCantBePlanted() {
        assertThatThrownBy(() -> NewPlantings.of(
                        with(GARDEN, Put.of(ownCrop("Own", "kale"))),
                        SEASON,
                        "carrot",
                        Optional.of(id("Own")),
                        List.of(id("Beans")),
                        UUID::randomUUID))
                .hasMessageContaining("Carrot has no such variety here");
    }

    private static SeedLine line(Plan plan, int season) {
        return SeedOrder.of(plan, season).get(0);
    }

    @Test
    @DisplayName("seed on hand: plants = seeds x what comes up / 1.1, rounded down; the rest is bought, by hand")
    void seedOnHandIsSownFirst() {
        int plants = plants();
        Variety vale = variety("Vale", "carrot", seed(55, SEASON, 0.8, false));
        Plan plan = with(GARDEN, Put.of(vale), Put.of(Gardens.of(vale, CARROTS)));
        SeedLine line = line(plan, SEASON);
        Crop.Seed usual = Crops.of("carrot").orElseThrow().seed().orElseThrow();
        int rest = plants - 40;
        int bought = (int) Math.ceil(rest * 1.1 / usual.germination() - 1e-9);
        assertThat(line.own()).isEqualTo(55);
        assertThat(line.packs()).isEqualTo((bought + usual.packet() - 1) / usual.packet());
        assertThat(line.missing()).isZero();
    }

    private static int plants() {
        return PlantingStudy.count(GARDEN, GARDEN.bed(id("Beans")).revisions().get(0), CARROTS);
    }

    /** So many seeds of which 8 in 10 come up. */
    private static int seeds(int plants) {
        return (int) Math.ceil(plants * 1.1 / 0.8 - 1e-9);
    }

    private static Plan scarce(int seeds, int year) {
        Variety vale = variety("Vale", "carrot", seed(seeds, year, 0.8, true));
        return with(GARDEN, Put.of(vale), Put.of(Gardens.of(vale, CARROTS)));
    }

    private static List<Snag> lacking(Plan plan, int season) {
        return Appraisal.of(plan, season).snags().stream()
                .filter(snag -> snag.rule() == CropRule.SEED_SHORT)
                .toList();
    }

    @Test
    @DisplayName("just enough seed is enough; one seed fewer is not, and one plant is missing")
    void tooLittleSeedIsTold() {
        int enough = seeds(plants());
        Plan exactly = scarce(enough, SEASON);
        assertThat(lacking(exactly, SEASON)).isEmpty();
        assertThat(line(exactly, SEASON).packs()).isZero();
        Plan fewer = scarce(enough - 1, SEASON);
        assertThat(lacking(fewer, SEASON))
                .singleElement()
                .satisfies(snag -> assertThat(snag.words())
                        .isEqualTo("Seed of Carrots is enough for " + (plants() - 1) + " of " + plants()
                                + " plants in 2027, and no more of it can be bought."));
        assertThat(line(fewer, SEASON).missing()).isEqualTo(1);
    }

    @Test
    @DisplayName(
            "after the years that it keeps half of it comes up no more: three for carrots [Knott's Handbook, memory]")
    void oldSeed() {
        int enough = seeds(plants());
        assertThat(lacking(scarce(enough, SEASON - 3), SEASON)).isEmpty();
        assertThat(lacking(scarce(enough, SEASON - 4), SEASON)).hasSize(1);
        assertThat(lacking(scarce(2 * enough, SEASON - 4), SEASON)).isEmpty();
        SeedOnHand old = seed(100, SEASON - 5, 0.8, false);
        assertThat(old.comesUp(new Crop.Seed(0.7, 500, 3), SEASON)).isCloseTo(0.2, within(1e-12));
    }

    @Test
    @DisplayName("in a garden in feet a variety's own figures stay as they were typed, those of its crop are rounded")
    void typedFiguresStay() {
        Variety wide = variety("Wide", "carrot", seed(100, SEASON, 0.8, false), own(CropColumn.IN_ROW, "6.2"));
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1)),
                new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES),
                Put.of(wide));
        Crop grown = Varieties.grown(plan, "carrot", Optional.of(wide.id()));
        assertThat(grown.spacing().inRow().usual()).isCloseTo(0.062, within(1e-9));
        assertThat(grown.spacing().between().usual()).isCloseTo(10 * 0.0254, within(1e-9));
    }

    @Test
    @DisplayName("what is told of seed on hand goes by the variety's own figures, as the order does")
    void whatIsLeftOfSeed() {
        Variety vale = new Variety(
                id("Vale"),
                "Vale",
                "carrot",
                false,
                List.of(own(CropColumn.COMES_UP, "50")),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.of(new SeedOnHand(100_000, SEASON, Optional.empty(), true)));
        Plan plan = with(GARDEN, Put.of(vale), Put.of(Gardens.of(vale, CARROTS)));
        assertThat(SeedOrder.left(plan, SEASON)).singleElement().satisfies(left -> {
            assertThat(left.comesUp()).isEqualTo(0.5);
            assertThat(left.sown()).isEqualTo(line(plan, SEASON).own());
            assertThat(left.left()).isEqualTo(100_000 - left.sown());
        });
    }

    @Test
    @DisplayName("seed of a year to come is not there yet; what the first season sows the second one lacks")
    void seedIsUsedUp() {
        int enough = seeds(plants());
        Variety vale = variety("Vale", "carrot", seed(enough, SEASON, 0.8, true));
        Planting again = Gardens.of(vale, planting("Again", "carrot", "Kale", "2028-04-10", "2028-08-10"));
        Plan both = with(GARDEN, Put.of(vale), Put.of(Gardens.of(vale, CARROTS)), Put.of(again));
        assertThat(line(both, SEASON).own()).isEqualTo(enough);
        assertThat(lacking(both, SEASON)).isEmpty();
        assertThat(lacking(both, SEASON + 1)).hasSize(1);
        assertThat(line(scarce(enough, SEASON + 1), SEASON).own()).isZero();
    }

    @Test
    @DisplayName("how long seed keeps, years [Maynard and Hochmuth, Knott's Handbook, relative longevity; from memory]")
    void seedKeeps() {
        Map.of(
                        "seed-onion",
                        1,
                        "parsnip",
                        1,
                        "sweet-corn",
                        2,
                        "leek",
                        2,
                        "bush-bean",
                        3,
                        "carrot",
                        3,
                        "tomato",
                        4,
                        "cabbage",
                        4,
                        "cucumber",
                        5,
                        "lettuce",
                        6)
                .forEach((crop, years) -> assertThat(Crops.of(crop)
                                .orElseThrow()
                                .seed()
                                .orElseThrow()
                                .keeps())
                        .as(crop)
                        .isEqualTo(years));
    }

    @Test
    @DisplayName("a variety is harvested with its crop, a crop of one's own apart")
    void whatIsEaten() {
        Variety vale = variety("Vale", "carrot", seed(9, SEASON, 0.8, false));
        Variety oca = ownCrop("Oca", "potato", own(CropColumn.FAMILY, "BUCKWHEAT"), own(CropColumn.EATEN, "7"));
        Plan plan = with(
                GARDEN,
                Put.of(vale),
                Put.of(oca),
                Put.of(wish("carrot", Want.MAY)),
                Put.of(new CropWish(id("Eats oca"), "potato", Optional.of(oca.id()), Want.MUST, Optional.empty())),
                Put.of(Gardens.of(vale, CARROTS)),
                Put.of(Gardens.of(oca, planting("Oca", "potato", "Kale", "2027-04-20", "2027-09-10"))));
        List<Food> foods = HarvestStudy.of(plan, SEASON).foods();
        assertThat(foods).extracting(Food::name).containsExactly("Oca", "Carrot");
        assertThat(foods.get(0).wanted()).isEqualTo(14);
        assertThat(foods).allSatisfy(food -> assertThat(food.harvest().usual()).isPositive());
    }
}
