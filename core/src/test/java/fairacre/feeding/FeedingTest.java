package fairacre.feeding;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.soilTest;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.catalogue.Feeding;
import fairacre.compost.CompostKinds;
import fairacre.cost.CostStudy;
import fairacre.feeding.FeedingTold.BedFeeding;
import fairacre.feeding.FeedingTold.Bought;
import fairacre.feeding.FeedingTold.Dose;
import fairacre.fill.TopUp;
import fairacre.goods.Supply;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange.PutSupply;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FeedingTest {

    /** Beds of 4 and 4.8 square metres. */
    private static final Plan GARDEN = plot(20, 20, List.of(), bed("Beans", 10, 10, 4, 1), bed("Kale", 10, 14, 4, 1.2));

    private static BedFeeding of(Plan plan, int season, String bed) {
        return FeedingStudy.of(plan, season).beds().stream()
                .filter(each -> each.bed().equals(Gardens.id(bed)))
                .findFirst()
                .orElseThrow();
    }

    private static double dose(BedFeeding bed, Amendment amendment) {
        return bed.doses().stream()
                .filter(dose -> dose.amendment() == amendment)
                .mapToDouble(Dose::kilograms)
                .sum();
    }

    @ParameterizedTest
    @CsvSource({
        "5.0, SAND, 10",
        "5.0, CLAY, 14",
        "5.5, LOAM, 8",
        "6.0, SAND, 4",
        "6.0, CLAY, 6",
        "6.2, LOAM, 4",
        "6.5, LOAM, 0",
        "4.2, LOAM, 12",
        "5.75, LOAM, 6.5",
        "6.2, PEATY, 0"
    })
    @DisplayName("lime, tonnes a hectare [Defra, Fertiliser Manual RB209, 2010, lime for arable land; from memory]")
    void lime(double acidity, Texture texture, double tonnes) {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", acidity, texture)));
        double kilograms = tonnes * 1000 / 10_000 * 4;
        double spread = IntStream.range(0, 5)
                .mapToDouble(year -> dose(of(plan, SEASON + year, "Beans"), Amendment.LIME))
                .sum();
        assertThat(spread).isCloseTo(kilograms, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"6.1, 4, 0.45, 0, 0", "6.0, 4, 0.5, 0, 0", "5.96, 4, 0.5, 0.024, 0", "5.0, 4, 0.5, 0.5, 0.2"})
    @DisplayName(
            "of lime half a kilogram a square metre in a year at most, the rest after it [common practice]; by hand")
    void limeOverTheYears(double acidity, double area, double first, double second, double third) {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", acidity, Texture.LOAM)));
        double[] doses = {first, second, third, 0};
        IntStream.range(0, doses.length)
                .forEach(year -> assertThat(dose(of(plan, SEASON + year, "Beans"), Amendment.LIME))
                        .isCloseTo(area * doses[year], within(1e-9)));
        Plan newer = with(plan, Put.of(soilTest("Kit", "2028-03-01", 6.5, Texture.LOAM)));
        assertThat(dose(of(newer, SEASON + 1, "Beans"), Amendment.LIME)).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "6.5, LOAM, 0",
        "7.0, SAND, 100",
        "7.5, LOAM, 800",
        "7.5, CLAY, 1000",
        "8.0, SAND, 1200",
        "8.5, CLAY, 3000",
        "9.4, LOAM, 2500",
        "7.25, LOAM, 475"
    })
    @DisplayName("sulphur, pounds an acre [Western Fertilizer Handbook; from memory]")
    void sulphur(double acidity, Texture texture, double pounds) {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", acidity, texture)));
        // An acre is 4046.8564224 m2, a pound 0.45359237 kg.
        double kilograms = pounds * 0.45359237 / 4046.8564224 * 4;
        BedFeeding bed = of(plan, SEASON, "Beans");
        assertThat(dose(bed, Amendment.SULPHUR)).isCloseTo(kilograms, within(1e-9));
        assertThat(dose(bed, Amendment.LIME)).isZero();
    }

    @Test
    @DisplayName("150 kg of P2O5 and 200 kg of K2O a hectare [RB209, brassicas, indices 1 and 2; from memory], by hand")
    void phosphateAndPotash() {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", 6.5, Texture.LOAM)));
        BedFeeding bed = of(plan, SEASON, "Beans");
        assertThat(dose(bed, Amendment.BONE_MEAL)).isCloseTo(0.015 * 4 / 0.2, within(1e-9));
        assertThat(dose(bed, Amendment.POTASH_MAGNESIA)).isCloseTo(0.02 * 4 / 0.3, within(1e-9));
        assertThat(bed.doses()).hasSize(2);
        SoilTest mineral = new SoilTest(
                Gardens.id("Lab"),
                "Lab",
                LocalDate.of(2027, 2, 20),
                6.5,
                Texture.LOAM,
                Optional.of(Supplied.VERY_HIGH),
                Optional.of(Supplied.VERY_LOW),
                Amending.MINERAL,
                List.of());
        BedFeeding other = of(with(plan, Put.of(mineral)), SEASON, "Beans");
        assertThat(other.doses()).containsExactly(new Dose(Amendment.SULPHATE_OF_POTASH, 0.03 * 4 / 0.5));
    }

    @Test
    @DisplayName("phosphate and potash for four seasons, until there is a newer test")
    void aTestCountsForFourSeasons() {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", 5.5, Texture.LOAM)));
        Plan later = with(GARDEN, Put.of(soilTest("Lab", "2028-02-20", 5.5, Texture.LOAM)));
        assertThat(of(later, SEASON, "Beans").doses()).isEmpty();
        assertThat(of(plan, SEASON, "Beans").doses()).hasSize(3);
        assertThat(of(plan, SEASON + 1, "Beans").doses()).hasSize(3);
        assertThat(of(plan, SEASON + 3, "Beans").doses()).hasSize(2);
        assertThat(of(plan, SEASON + 4, "Beans").doses()).isEmpty();
        Plan newer = with(plan, Put.of(soilTest("Kit", "2028-03-01", 6.0, Texture.LOAM, "Beans")));
        assertThat(dose(of(newer, SEASON + 1, "Beans"), Amendment.LIME)).isCloseTo(0.5 * 4, within(1e-9));
        assertThat(dose(of(newer, SEASON + 1, "Kale"), Amendment.LIME)).isCloseTo(0.3 * 4.8, within(1e-9));
        assertThat(of(newer, SEASON + 1, "Kale").test()).contains(Gardens.id("Lab"));
    }

    @Test
    @DisplayName("where the year begins in July a test of March is one of the season before")
    void inTheSouth() {
        Plan south = with(
                with(GARDEN, new Change.DescribeGarden("South", Units.METRIC, MonthDay.of(7, 1))),
                Put.of(soilTest("Lab", "2028-03-01", 5.5, Texture.LOAM)));
        assertThat(dose(of(south, SEASON, "Beans"), Amendment.LIME)).isPositive();
        assertThat(dose(of(south, SEASON + 1, "Beans"), Amendment.LIME)).isCloseTo(0.3 * 4, within(1e-9));
        assertThat(dose(of(south, SEASON + 2, "Beans"), Amendment.LIME)).isZero();
    }

    @Test
    void blueberriesGetNoLime() {
        Plan plan = with(
                GARDEN,
                Put.of(soilTest("Lab", "2027-02-20", 5.0, Texture.LOAM)),
                Put.of(planting("Berries", "blueberry", "Beans", "2027-04-10", "2040-04-10")));
        BedFeeding bed = of(plan, SEASON, "Beans");
        assertThat(bed.sourOnPurpose()).isTrue();
        assertThat(dose(bed, Amendment.LIME)).isZero();
        assertThat(dose(of(plan, SEASON, "Kale"), Amendment.LIME)).isPositive();
    }

    @Test
    @DisplayName("compost for the hungriest crop: two inches, one, a half, none [common practice]; volumes by hand")
    void compostByCrop() {
        assertThat(FeedingStudy.depth(Feeding.HEAVY)).isEqualTo(Length.inches(2));
        assertThat(FeedingStudy.depth(Feeding.MIDDLE)).isEqualTo(TopUp.DEPTH);
        assertThat(FeedingStudy.depth(Feeding.LIGHT)).isEqualTo(Length.inches(0.5));
        assertThat(FeedingStudy.depth(Feeding.GIVER)).isEqualTo(Length.ZERO);
        Plan plan = with(
                GARDEN,
                Put.of(planting("Carrots", "carrot", "Beans", "2027-04-10", "2027-07-10")),
                Put.of(planting("Squash", "winter-squash", "Beans", "2027-07-12", "2027-10-10")));
        BedFeeding bed = of(plan, SEASON, "Beans");
        assertThat(bed.hungriest()).contains("Winter squash");
        assertThat(bed.compost().litres()).isCloseTo(4 * 0.0508 * 1000, within(0.01));
        assertThat(of(plan, SEASON, "Kale").compost().litres()).isCloseTo(4.8 * 0.0254 * 1000, within(0.01));
        assertThat(FeedingStudy.of(plan, SEASON).compost().litres()).isCloseTo(4 * 50.8 + 4.8 * 25.4, within(0.01));
    }

    @Test
    @DisplayName("the yearly top-up brings what the crops want, an inch where nothing is planted; volumes by hand")
    void theTopUpFollowsTheCrops() {
        Plan framed = with(
                plot(20, 20, List.of(), framed("Beans", 10, 1), framed("Kale", 14, 1.2)),
                new PutSupply(new Supply(false, false, 3, List.of())),
                Put.of(planting("Squash", "winter-squash", "Beans", "2028-05-20", "2028-09-30")),
                Put.of(planting("Peas", "snap-pea", "Kale", "2029-03-20", "2029-07-10")));
        assertThat(IntStream.range(0, 5).mapToObj(year -> topUp(framed, SEASON + year)))
                .usingElementComparator(Comparator.comparingLong(Math::round))
                .containsExactly(
                        0.0,
                        SOIL_OF_FIRST * 50.8 + SOIL_OF_SECOND * 25.4,
                        SOIL_OF_FIRST * 25.4,
                        (SOIL_OF_FIRST + SOIL_OF_SECOND) * 25.4,
                        0.0);
    }

    /** Inside boards of an inch and a half, square metres. */
    private static final double SOIL_OF_FIRST = (4 - 2 * 0.0381) * (1 - 2 * 0.0381);

    private static final double SOIL_OF_SECOND = (4 - 2 * 0.0381) * (1.2 - 2 * 0.0381);

    private static Bed framed(String name, double y, double width) {
        return bed(name, 10, y, 4, width, 0, Optional.of(Gardens.cedar(Board.B2X10, 2)));
    }

    /** On the page and on the bill, litres. */
    private static double topUp(Plan plan, int season) {
        double told = FeedingStudy.of(plan, season).topUp().litres();
        double billed = CostStudy.of(plan).soil().stream()
                .filter(soil -> soil.season() == season && soil.topUp())
                .mapToDouble(soil -> soil.supply().volume().litres())
                .sum();
        assertThat(billed).isCloseTo(told, within(0.01));
        return told;
    }

    @Test
    @DisplayName("bays give half of what they hold [common practice]")
    void ownCompost() {
        Plan plan = with(GARDEN, Put.of(Gardens.compost("Heaps", 3, 16, 0)));
        Volume holds = plan.list(CompostKinds.BAYS).get(0).capacity();
        assertThat(FeedingStudy.of(plan, SEASON).made().litres()).isCloseTo(holds.litres() / 2, within(0.01));
    }

    @Test
    void theBillHasAsManyBags() {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", 5.5, Texture.CLAY)));
        List<Bought> bought = FeedingStudy.of(plan, SEASON).bought();
        assertThat(bought).extracting(Bought::amendment).contains(Amendment.LIME);
        bought.forEach(each -> assertThat(CostStudy.of(plan).bill().lines().stream()
                        .filter(line -> line.part() == BillPart.FILL
                                && line.season() == SEASON
                                && line.item().equals(each.amendment().item()))
                        .mapToDouble(line -> line.quantity().doubleValue())
                        .sum())
                .as(each.amendment().label())
                .isEqualTo(each.bags()));
    }

    @Test
    @DisplayName("what is left of a bag serves the seasons after: by hand, 0.66 kg of bone meal a year out of 2.5 kg")
    void bagsLastForYears() {
        Plan plan = with(GARDEN, Put.of(soilTest("Lab", "2027-02-20", 6.5, Texture.LOAM)));
        assertThat(IntStream.range(0, 5).map(year -> boneMeal(plan, SEASON + year)))
                .containsExactly(1, 0, 0, 1, 0);
        assertThat(CostStudy.of(plan).bill().lines().stream()
                        .filter(line -> line.item().equals(Amendment.BONE_MEAL.item()))
                        .mapToDouble(line -> line.quantity().doubleValue())
                        .sum())
                .isEqualTo(2);
    }

    private static int boneMeal(Plan plan, int season) {
        return FeedingStudy.of(plan, season).bought().stream()
                .filter(each -> each.amendment() == Amendment.BONE_MEAL)
                .mapToInt(Bought::bags)
                .sum();
    }

    private static double billed(Plan plan, int season, String item) {
        return CostStudy.of(plan).bill().lines().stream()
                .filter(line -> line.season() == season && line.item().key().startsWith(item))
                .mapToDouble(line -> line.quantity().doubleValue())
                .sum();
    }

    @Test
    @DisplayName("straw 2 in deep: a bale covers 9 m2 [common practice]; 8.8 m2 take one, the next season another")
    void strawByTheBale() {
        Plan plan = with(GARDEN, Put.of(Gardens.mulch("Straw", MulchKind.STRAW, SEASON, 2)));
        assertThat(of(plan, SEASON, "Beans").mulch()).singleElement().satisfies(laid -> {
            assertThat(laid.kind()).isEqualTo(MulchKind.STRAW);
            assertThat(laid.volume().litres()).isCloseTo(4 * 50.8, within(0.01));
        });
        assertThat(IntStream.range(0, 3).mapToObj(year -> billed(plan, SEASON + year, "mulch/straw-bale")))
                .containsExactly(1.0, 1.0, 0.0);
        assertThat(of(plan, SEASON + 2, "Beans").mulch()).isEmpty();
        Plan more = with(
                plot(20, 20, List.of(), bed("Long", 10, 10, 9, 1)),
                Put.of(Gardens.mulch("Straw", MulchKind.STRAW, SEASON, 1)));
        // 9 m2 by 50.8 mm are 457 L; a bale has 450.
        assertThat(billed(more, SEASON, "mulch/straw-bale")).isEqualTo(2);
    }

    @Test
    @DisplayName("chips are bought as they are for walks, by the bag or the half cubic metre; 0.2032 m3 by hand")
    void chipsOnSomeBeds() {
        Plan plan = with(GARDEN, Put.of(Gardens.mulch("Chips", MulchKind.WOOD_CHIP, SEASON, 1, "Beans")));
        assertThat(of(plan, SEASON, "Kale").mulch()).isEmpty();
        // Bags of 50 L.
        assertThat(billed(plan, SEASON, "chip/bag")).isEqualTo(Math.ceil(4 * 0.0508 * 1000 / 50));
        assertThat(CostStudy.of(plan).soil()).isEmpty();
        Plan own = with(GARDEN, Put.of(Gardens.mulch("Leaves", MulchKind.LEAVES, SEASON, 1)));
        assertThat(CostStudy.of(own).bill().lines()).isEmpty();
    }

    @Test
    @DisplayName("two inches or 5 cm are usual, of grass half of it [common practice]")
    void howThickMulchUsuallyLies() {
        assertThat(MulchKind.STRAW.usual(Units.METRIC)).isEqualTo(Length.millimetres(50));
        assertThat(MulchKind.STRAW.usual(Units.FEET_AND_INCHES)).isEqualTo(Length.inches(2));
        assertThat(MulchKind.GRASS.usual(Units.FEET_AND_INCHES)).isEqualTo(Length.inches(1));
    }

    @ParameterizedTest
    @CsvSource({"9.9, 1", "200.1, 1", "50, 0", "50, 11"})
    void noMulchIsLaidSo(double millimetres, int seasons) {
        assertThatThrownBy(() -> new Mulch(
                        Gardens.id("Straw"),
                        "Straw",
                        MulchKind.STRAW,
                        Length.millimetres(millimetres),
                        SEASON,
                        seasons,
                        List.of()))
                .isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({"3.49", "9.51", "NaN"})
    void noSoilIsSo(double acidity) {
        assertThatThrownBy(() -> soilTest("Lab", "2027-02-20", acidity, Texture.LOAM))
                .isInstanceOf(RefusedException.class);
    }
}
