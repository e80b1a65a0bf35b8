package fairacre.cost;

import static fairacre.testing.Gardens.EUR;
import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.withFreeHardware;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Masonry;
import fairacre.build.Material;
import fairacre.build.Wall;
import fairacre.goods.GoodsPrices;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FrameComparisonTest {

    private static final double FT = 0.3048;
    private static final Frame FENCE = new Frame(Material.CEDAR, Board.FENCE_5_8X6, 1, Joint.SIDES_PAST);
    private static final Frame DEEP = new Frame(Material.TREATED, Board.B2X10, 2, Joint.SIDES_PAST);
    private static final List<UUID> FOUR = List.of(id("Bed 0"), id("Bed 1"), id("Bed 2"), id("Bed 3"));

    /** Four beds of 3 x 18 ft; a fence board at 4.20, treated 2x10 at 2 a foot, a bag of soil at 5. */
    private static Plan fourLongBeds() {
        Bed[] beds = new Bed[4];
        for (int i = 0; i < beds.length; i++) {
            beds[i] = bed("Bed " + i, 12 * FT, (4 + 6 * i) * FT, 18 * FT, 3 * FT);
        }
        Plan plan = with(
                plot(24 * FT, 26 * FT, List.of(), beds),
                price(BuildPrices.board(Material.CEDAR, Board.FENCE_5_8X6, Length.feet(6)), 4.20),
                price(GoodsPrices.SOIL_BAG_LITRES, 5),
                price(GoodsPrices.SOIL_DELIVERY, 5000));
        for (Length stock : Board.B2X10.stock()) {
            plan = with(plan, price(BuildPrices.board(Material.TREATED, Board.B2X10, stock), stock.inches() / 12 * 2));
        }
        return withFreeHardware(plan);
    }

    private static Change price(PriceItem item, double amount) {
        return new Change.SetPrice(new Price(item, Money.of(EUR, amount), false));
    }

    @Test
    @DisplayName(
            "A 3 x 18 ft bed takes exactly seven 6 ft fence boards [common practice]: four take 28, 117.60 at 4.20, lasting 7 to 15 years 10.69 a year")
    void fourBedsInFenceBoards() {
        FrameChoice fence =
                FrameComparison.of(fourLongBeds(), FOUR, SEASON, held(FENCE)).get(0);
        assertThat(fence.boards()).isEqualTo(28);
        assertThat(fence.cost()).contains(Money.of(EUR, 117.60));
        assertThat(fence.perYear()).contains(Money.of(EUR, 10.69));
        assertThat(fence.replacedFrom()).isEqualTo(SEASON + 7);
        assertThat(fence.replacedTo()).isEqualTo(SEASON + 15);
        assertThat(fence.height()).isEqualTo(Length.inches(5.5));
    }

    @Test
    @DisplayName(
            "Two courses of 2 x 10 stand 18 1/2 in [common practice]; each bed's 2 x 2 sides of 18 ft and 2 x 2 ends of 33 in are at least 83 ft of board")
    void fourBedsInTwoCoursesOfTwoByTen() {
        List<FrameChoice> both = FrameComparison.of(fourLongBeds(), FOUR, SEASON, held(FENCE, DEEP));
        FrameChoice deep = both.get(1);
        assertThat(deep.height()).isEqualTo(Length.inches(18.5));
        double feet = 4 * (4 * 18 + 4 * 33 / 12.0);
        assertThat(deep.cost().orElseThrow().getAmount().doubleValue()).isBetween(2 * feet, 2 * feet * 1.1);
        // Filled to 17 1/2 in against 4 1/2: 33 x 213 in each against 34 3/4 x 214 3/4.
        assertThat(deep.fill().orElseThrow()).isEqualTo(bags(4 * 33 * 213 * 17.5));
        assertThat(both.get(0).fill().orElseThrow()).isEqualTo(bags(4 * 34.75 * 214.75 * 4.5));
        assertThat(both.get(0).supports()).isGreaterThan(deep.supports());
    }

    private static List<BedEdge> held(Frame... frames) {
        return Stream.of(frames).map(BedEdge::of).toList();
    }

    private static Money bags(double cubicInches) {
        return Money.of(EUR, 5 * Math.ceil(cubicInches * 0.016387064 / 50));
    }

    @Test
    @DisplayName(
            "A 16 ft 2 x 10 holds 0.04366 m3: 24 kg dry and 46 kg wet at 550 and 1050 kg/m3 [PS 20 sizes; wood handbook, from memory]")
    void theHeaviestBoard() {
        FrameChoice deep =
                FrameComparison.of(fourLongBeds(), FOUR, SEASON, held(DEEP)).get(0);
        assertThat(deep.heaviest()).contains(Length.feet(16));
        assertThat(deep.leastKilograms()).isCloseTo(24.0, within(0.05));
        assertThat(deep.mostKilograms()).isCloseTo(45.8, within(0.05));
    }

    @Test
    @DisplayName(
            "An 8 x 4 ft bed in two courses of blocks by hand: 33.8, so 34 at 2.30 and 3 bags of mortar at 8.00 are 102.20, 2.27 a year of 45; filled with 15 in")
    void blocksBesideBoards() {
        Plan plan = with(
                plot(10, 10, List.of(), bed("A", 5, 5, 8 * 0.3048, 4 * 0.3048)),
                price(BuildPrices.masonry(Masonry.BLOCK), 2.3),
                price(BuildPrices.MORTAR, 8));
        FrameChoice blocks = FrameComparison.of(
                        plan, List.of(id("A")), SEASON, List.of(BedEdge.of(new Wall(Masonry.BLOCK, 2))))
                .get(0);
        assertThat(blocks.height()).isEqualTo(Length.inches(16));
        assertThat(blocks.boards()).isEqualTo(34);
        assertThat(blocks.cost()).contains(Money.of(EUR, 102.20));
        assertThat(blocks.perYear()).contains(Money.of(EUR, 2.27));
        assertThat(blocks.replacedFrom()).isEqualTo(SEASON + 30);
        assertThat(blocks.heaviest()).isEmpty();
        assertThat(blocks.hours()).isCloseTo(33.8 * 8 / 60, within(0.05));
        // Inside 80 3/4 x 32 3/4 in; 482.6 L of base under the wall are ten bags more.
        assertThat(blocks.fill().orElseThrow().getAmount().doubleValue())
                .isGreaterThan(bags(80.75 * 32.75 * 15).getAmount().doubleValue());
    }

    @Test
    void aChoiceIsEitherBoardsOrAWall() {
        assertThatThrownBy(() -> new BedEdge(Optional.empty(), Optional.empty()))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new BedEdge(Optional.of(DEEP), Optional.of(new Wall(Masonry.BRICK, 2))))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void withoutAPriceNoMoneyIsNamed() {
        Plan unknown = fourLongBeds();
        for (Length stock : Board.B2X6.stock()) {
            unknown = with(unknown, new Change.ClearPrice(BuildPrices.board(Material.HARDWOOD, Board.B2X6, stock)));
        }
        FrameChoice oak = FrameComparison.of(
                        unknown, FOUR, SEASON, held(new Frame(Material.HARDWOOD, Board.B2X6, 1, Joint.SIDES_PAST)))
                .get(0);
        assertThat(oak.cost()).isEmpty();
        assertThat(oak.perYear()).isEmpty();
        assertThat(oak.boards()).isPositive();
    }

    @Test
    void whatIsBuiltAlreadyMakesNoChoiceCheaper() {
        Plan built =
                with(fourLongBeds(), new Change.ReframeBed(id("Bed 0"), SEASON, Optional.of(cedar(Board.B2X10, 1))));
        assertThat(FrameComparison.of(built, FOUR, SEASON, held(DEEP)))
                .isEqualTo(FrameComparison.of(fourLongBeds(), FOUR, SEASON, held(DEEP)));
    }

    @Test
    void bedsThatDontStandAndBoardsThatLeaveNoSoilAreRefused() {
        assertThatThrownBy(() -> FrameComparison.of(fourLongBeds(), List.of(id("Nowhere")), SEASON, held(DEEP)))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("beds"));
        Plan slim = plot(10, 10, List.of(), bed("Slim", 5, 5, 2, 0.17));
        assertThatThrownBy(() -> FrameComparison.of(
                        slim,
                        List.of(id("Slim")),
                        SEASON,
                        held(new Frame(Material.CEDAR, Board.B4X4, 1, Joint.SIDES_PAST))))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusal().field()).isEqualTo("frame"));
        assertThatThrownBy(() -> FrameComparison.of(fourLongBeds(), FOUR, SEASON, held()))
                .isInstanceOf(RefusedException.class);
    }
}
