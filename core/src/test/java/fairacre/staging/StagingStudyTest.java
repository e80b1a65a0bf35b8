package fairacre.staging;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.built;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.PriceItem;
import fairacre.bill.Stage;
import fairacre.bill.WorkRate;
import fairacre.bill.WorkRates;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Masonry;
import fairacre.build.Wall;
import fairacre.cost.CostStudy;
import fairacre.cost.CuttingPlan;
import fairacre.cost.LooseShare;
import fairacre.fence.FenceKind;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Supply;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange.PutSupply;
import fairacre.plan.Put;
import fairacre.staging.StagedGood.Kind;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class StagingStudyTest {

    private static final Supply IN_BAGS = new Supply(false, false, 0, List.of());

    /** Two framed beds of unequal size that are filled from bags, a bed in the ground, and a fence in concrete. */
    private static final Plan GARDEN = with(
            plot(
                    20,
                    20,
                    List.of(),
                    bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1))),
                    bed("Herbs", 6, 14, 1.3, 0.7, 0, Optional.of(cedar(Board.M38X150, 1))),
                    bed("Kale", 10, 10, 2, 1)),
            new PutSupply(IN_BAGS),
            Put.of(planting("Tomatoes", "tomato", "Beans", "2027-05-20", "2027-10-01")),
            Put.of(planting("Carrots", "carrot", "Kale", "2027-04-01", "2027-08-01")),
            Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)));

    private static final List<Plan> PLANS =
            List.of(GARDEN, Gardens.everything(), with(Gardens.everything(), new PutSupply(IN_BAGS)));

    private static StagingStudy study(Plan plan) {
        return StagingStudy.of(CostStudy.of(plan), SEASON);
    }

    private static List<StagedGood> at(Plan plan, String place) {
        return study(plan).places().stream()
                .filter(each -> each.place().equals(id(place)))
                .flatMap(each -> each.goods().stream())
                .toList();
    }

    @Test
    void aSeasonForWhichNothingIsBoughtHasNoPlaces() {
        assertThat(study(plot(10, 8, List.of(), bed("Ground", 3, 3, 2, 1))).places())
                .isEmpty();
        assertThat(StagingStudy.of(CostStudy.of(GARDEN), SEASON + 1).places()).isEmpty();
    }

    @Test
    @DisplayName("the bags at all places together are the bags that the bill buys")
    void bags() {
        for (Plan plan : PLANS) {
            Bill bill = CostStudy.of(plan).bill();
            Map<String, Double> bought = bill.lines().stream()
                    .filter(line -> line.season() == SEASON && line.item().key().contains("/bag/"))
                    .collect(Collectors.groupingBy(
                            line -> line.item().label(),
                            TreeMap::new,
                            Collectors.summingDouble(line -> line.quantity().doubleValue())));
            assertThat(staged(plan, Kind.BAGS)).isEqualTo(bought);
        }
        assertThat(at(GARDEN, "Beans"))
                .filteredOn(good -> good.kind() == Kind.BAGS)
                .isNotEmpty()
                .allSatisfy(good -> assertThat(good.quantity()).isPositive().isEqualTo(Math.rint(good.quantity())));
    }

    private static Map<String, Double> staged(Plan plan, Kind kind) {
        return study(plan).places().stream()
                .flatMap(place -> place.goods().stream())
                .filter(good -> good.kind() == kind)
                .collect(Collectors.groupingBy(
                        StagedGood::label, TreeMap::new, Collectors.summingDouble(StagedGood::quantity)));
    }

    @Test
    @DisplayName(
            "what is tipped, there already or in bags is at least what is wanted, and less than a bag more for each")
    void everythingLooseIsShared() {
        for (Plan plan : PLANS) {
            CostStudy costs = CostStudy.of(plan);
            double wanted = costs.takeoff().loose().stream()
                    .mapToDouble(loose -> loose.volume().litres())
                    .sum();
            double bag = GoodsPrices.bagLitres(plan.units());
            double shared = costs.looseShares().stream()
                    .mapToDouble(share -> share.origin() == LooseShare.Origin.BAGS ? share.much() * bag : share.much())
                    .sum();
            long bought = costs.looseShares().stream()
                    .map(share -> List.of(share.season(), share.use(), share.good()))
                    .distinct()
                    .count();
            assertThat(shared).isBetween(wanted - 0.01, wanted + bought * bag);
        }
    }

    @Test
    @DisplayName("boards at all places together are the pieces of the cutting plan, mark by mark")
    void boards() {
        for (Plan plan : PLANS) {
            Map<String, Integer> cut = CostStudy.of(plan).cutting().stream()
                    .filter(cutting -> cutting.season() == SEASON)
                    .map(CuttingPlan::pieces)
                    .flatMap(List::stream)
                    .collect(Collectors.toMap(
                            piece -> piece.mark() + " " + piece.length(), piece -> piece.count(), Integer::sum));
            Map<String, Integer> staged = study(plan).places().stream()
                    .flatMap(place -> place.goods().stream())
                    .filter(good -> good.kind() == Kind.BOARDS)
                    .collect(Collectors.toMap(
                            good -> good.mark().orElseThrow() + " "
                                    + good.length().orElseThrow(),
                            good -> (int) good.quantity(),
                            Integer::sum));
            assertThat(staged).isNotEmpty().isEqualTo(cut);
        }
    }

    @Test
    @DisplayName("all else at all places together is what the bill uses up of it")
    void pieces() {
        for (Plan plan : PLANS) {
            Map<String, Double> staged = staged(plan, Kind.PIECES);
            List<BillLine> lines = CostStudy.of(plan).bill().lines().stream()
                    .filter(line -> line.season() == SEASON
                            && staged.containsKey(line.item().label()))
                    .toList();
            assertThat(lines).isNotEmpty();
            Map<String, Double> used = lines.stream()
                    .collect(Collectors.groupingBy(
                            line -> line.item().label(),
                            TreeMap::new,
                            Collectors.summingDouble(
                                    line -> line.used().orElseThrow().doubleValue())));
            assertThat(used.keySet()).isEqualTo(staged.keySet());
            used.forEach((item, units) -> assertThat(staged.get(item)).as(item).isCloseTo(units, within(0.002)));
        }
    }

    @Test
    void youngPlantsAndSeedLieAtTheirBeds() {
        assertThat(at(GARDEN, "Beans"))
                .filteredOn(good -> good.kind() == Kind.YOUNG_PLANTS)
                .singleElement()
                .satisfies(good -> {
                    assertThat(good.label()).isEqualTo("Tomatoes");
                    assertThat(good.quantity()).isPositive();
                });
        assertThat(at(GARDEN, "Kale"))
                .singleElement()
                .satisfies(good -> assertThat(good.kind()).isEqualTo(Kind.SEED));
        List<String> rates = WorkRates.all().map(WorkRate::key).toList();
        assertThat(rates).contains("crop/sow", "crop/plant");
    }

    @Test
    @DisplayName(
            "what is lifted: a wet 50 L bag of garden mix 80 kg, 2 m of 38 x 150 mm wet cedar 7.4 kg, 20 kg of post"
                    + " mix [by hand, of the densities in BulkGood and Material]")
    void lifts() {
        StagingStudy study = study(GARDEN);
        assertThat(study.lift(Stage.FILL, id("Beans"))).hasValueSatisfying(lift -> {
            assertThat(lift.kilograms()).isCloseTo(0.05 * 1600, within(1e-9));
            assertThat(lift.byTwo()).isTrue();
        });
        assertThat(study.lift(Stage.FRAMES, id("Beans"))).hasValueSatisfying(lift -> {
            assertThat(lift.kilograms()).isCloseTo(0.038 * 0.15 * 2 * 650, within(0.5));
            assertThat(lift.byTwo()).isFalse();
        });
        assertThat(study.lift(Stage.POSTS, id("Fence")).orElseThrow().kilograms())
                .isEqualTo(20);
        assertThat(study.lift(Stage.MESH, id("Fence")))
                .as("posts are in their concrete when mesh is hung")
                .isEmpty();
        assertThat(study.lift(Stage.FILL, id("Kale"))).isEmpty();
        assertThat(new Lift("a bag", Lift.ALONE).byTwo()).isFalse();
        assertThat(new Lift("a bag", Math.nextUp(Lift.ALONE)).byTwo()).isTrue();
    }

    @Test
    @DisplayName("a block weighs 17 kg, and a bag of 80 lb is 36.29 kg [NIST Handbook 44: a pound is 0.45359237 kg]")
    void heavyItems() {
        Plan walled = with(plot(
                10,
                10,
                List.of(),
                built("Walled", rectangle(5, 5, 2, 1.2, 0), Build.PLAIN.withWall(new Wall(Masonry.BLOCK, 2)))));
        assertThat(study(walled).lift(Stage.FRAMES, id("Walled")).orElseThrow().kilograms())
                .as("the bag of mortar")
                .isEqualTo(36);
        assertThat(PriceItem.of("wall/block").kilograms()).contains(17.0);
        assertThat(PriceItem.of("fence/post-mix/80lb").kilograms().orElseThrow())
                .isCloseTo(36.287, within(0.001));
        assertThat(PriceItem.of("fence/post-mix/20kg").kilograms()).contains(20.0);
        assertThat(GoodsPrices.bag(BulkGood.COMPOST, Units.FEET_AND_INCHES)
                        .kilograms()
                        .orElseThrow())
                .as("1.5 cu ft of wet compost at 700 kg to the cubic metre")
                .isCloseTo(1.5 * 0.0283168 * 700, within(0.01));
        assertThat(PriceItem.of("fence/ties").kilograms()).isEmpty();
    }

    @Test
    void theHeaviestBoardSaysWhatIsLifted() {
        Plan plan = with(plot(
                20, 20, List.of(), bed("Long", 8, 10, 4, 1, 0, Optional.of(cedar(Board.SLEEPER_100X200, 1)))));
        List<StagedGood> boards = at(plan, "Long").stream()
                .filter(good -> good.kind() == Kind.BOARDS)
                .toList();
        Length longest = boards.stream()
                .flatMap(board -> board.length().stream())
                .max(Length::compareTo)
                .orElseThrow();
        assertThat(study(plan).lift(Stage.FRAMES, id("Long")).orElseThrow().kilograms())
                .isCloseTo(longest.metres() * 0.1 * 0.2 * 650, within(1e-9));
        assertThat(study(plan).lift(Stage.POSTS, id("Long"))).isEmpty();
    }
}
