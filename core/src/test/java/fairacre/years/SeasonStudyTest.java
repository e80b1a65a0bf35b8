package fairacre.years;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.climate;
import static fairacre.testing.Gardens.dripline;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.planting;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.tap;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.BillPart;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.harvest.FoodPrices;
import fairacre.harvest.HarvestStudy;
import fairacre.journal.JournalEntry;
import fairacre.journal.LossCause;
import fairacre.ledger.Paid;
import fairacre.limits.RefusedException;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import fairacre.water.SeasonWater;
import fairacre.water.WaterStudy;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SeasonStudyTest {

    /** A framed bed of tomatoes with lines, its boards 38 mm thick, and a bed of onions in the ground. */
    private static final Plan GARDEN = with(
            plot(
                    20,
                    20,
                    List.of(),
                    bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1))),
                    bed("Kale", 10, 10, 2, 1)),
            Put.of(tap("Tap", 2, 4, 20)),
            Put.of(dripline("Beans", "Tap")),
            Put.of(climate("climate", "Vale")),
            Put.of(planting("Tomatoes", "tomato", "Beans", "2027-05-20", "2027-10-01")),
            Put.of(planting("Onions", "onion", "Kale", "2027-04-01", "2027-08-01")));

    private static final CurrencyUnit CURRENCY = GARDEN.currency();
    private static final double SOIL = (2 - 0.076) * (1 - 0.076);

    private final List<JournalEntry> entries = new ArrayList<>();

    private JournalEntry entry(
            String day,
            UUID place,
            JournalEntry.Done done,
            JournalEntry.Harvest harvest,
            JournalEntry.Loss loss,
            String note) {
        JournalEntry entry = new JournalEntry(
                id("entry " + entries.size()),
                LocalDate.parse(day),
                false,
                Optional.ofNullable(place),
                Optional.ofNullable(done),
                Optional.ofNullable(harvest),
                Optional.ofNullable(loss),
                Optional.ofNullable(note),
                Optional.empty());
        entries.add(entry);
        return entry;
    }

    private void picked(String day, String bed, String crop, Double kilograms, Integer pieces) {
        entry(
                day,
                bed == null ? null : id(bed),
                null,
                new JournalEntry.Harvest(
                        crop,
                        Optional.empty(),
                        Optional.ofNullable(kilograms),
                        Optional.empty(),
                        Optional.ofNullable(pieces)),
                null,
                null);
    }

    private void lost(String day, String bed, String crop) {
        entry(day, id(bed), null, null, new JournalEntry.Loss(Optional.of(crop), LossCause.SLUGS), null);
    }

    private static List<PlannedTask> tasks() {
        return WorkStudy.of(CostStudy.of(GARDEN), SEASON, Pace.of(List.of())).tasks();
    }

    private static PlannedTask task(String bed) {
        return tasks().stream()
                .filter(task -> task.about().equals(id(bed)))
                .findFirst()
                .orElseThrow();
    }

    private static Plan priced(Plan plan, String crop, String amount) {
        return with(
                plan,
                new Change.SetPrice(new Price(
                        FoodPrices.item(crop, plan.units()),
                        Money.of(plan.currency(), new BigDecimal(amount)),
                        false)));
    }

    private SeasonFigures figures(Plan plan, List<Paid> paid) {
        return SeasonStudy.of(CostStudy.of(plan), SEASON, Pace.of(List.of()), entries, paid, Memo.none());
    }

    private SeasonFigures figures(Plan plan) {
        return figures(plan, List.of());
    }

    private static CropFigures crop(SeasonFigures told, String crop) {
        return told.crops().stream()
                .filter(each -> each.year().crop().equals(crop))
                .findFirst()
                .orElseThrow();
    }

    private static BedFigures figuresOf(SeasonFigures told, String bed) {
        return told.beds().stream()
                .filter(each -> each.bed().equals(id(bed)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName("what was planned is what the plan's own studies say")
    void asPlanned() {
        SeasonFigures told = figures(GARDEN);
        assertThat(told.planned())
                .isCloseTo(
                        HarvestStudy.of(GARDEN, SEASON).foods().stream()
                                .mapToDouble(food -> food.harvest().usual())
                                .sum(),
                        within(1e-9))
                .isPositive();
        assertThat(told.beds().stream().mapToDouble(BedFigures::planned).sum()).isCloseTo(told.planned(), within(1e-6));
        assertThat(told.plannedHours())
                .isCloseTo(tasks().stream().mapToDouble(PlannedTask::hours).sum(), within(1e-9));
        assertThat(told.bill()).isEqualTo(CostStudy.of(GARDEN).bill().total(SEASON));
        assertThat(told.water())
                .isEqualTo(WaterStudy.of(GARDEN, SEASON, GARDEN.standing(SEASON), Memo.none()).water().season().stream()
                        .map(SeasonWater::volume)
                        .findFirst()
                        .orElseThrow());
        assertThat(told.soil().squareMetres()).isCloseTo(SOIL + 2, within(1e-4));
    }

    @Test
    @DisplayName("nothing was picked, worked or paid: no ratio is told, and no division by nothing")
    void nothingHappened() {
        SeasonFigures told = figures(GARDEN);
        assertThat(told.picked().kilograms()).isZero();
        assertThat(told.value()).isEqualTo(Money.zero(CURRENCY));
        assertThat(told.unvalued()).isZero();
        assertThat(told.weightPer()).isEqualTo(new Ratios(Optional.of(0.0), Optional.empty()));
        assertThat(told.paidForOne()).isEmpty();
        assertThat(told.valueOfPaid()).isEmpty();
        assertThat(figures(plot(10, 8, List.of())).weightPer())
                .isEqualTo(new Ratios(Optional.empty(), Optional.empty()));
    }

    @Test
    @DisplayName("harvest, hours, money and losses of a season, and of each bed [by hand]")
    void asItWent() {
        picked("2027-07-04", "Beans", "tomato", 2.5, 30);
        picked("2027-07-11", "Tomatoes", "tomato", 1.25, null);
        picked("2027-08-01", "Kale", "onion", null, 12);
        picked("2027-08-02", null, "onion", 0.75, null);
        lost("2027-06-01", "Kale", "onion");
        PlannedTask frame = task("Beans");
        entry(
                "2027-03-02",
                null,
                new JournalEntry.Done(frame.key(), frame.rate().key(), 1, Optional.of(1.5)),
                null,
                null,
                null);
        entry(
                "2027-03-03",
                null,
                new JournalEntry.Done("2027/OTHER/own/gone", "own/x", 1, Optional.of(0.5)),
                null,
                null,
                null);
        Plan plan = priced(GARDEN, "tomato", "3.99");
        SeasonFigures told = figures(
                plan,
                List.of(
                        paid(SEASON, false, "12.00"),
                        paid(SEASON, false, "-2.00"),
                        paid(SEASON, true, "99.00"),
                        paid(SEASON + 1, false, "50.00")));
        assertThat(told.picked().kilograms()).isCloseTo(4.5, within(1e-9));
        assertThat(told.picked().pieces()).isEqualTo(42);
        // 3.75 kg at 3.99 are 14.9625.
        assertThat(told.value()).isEqualTo(money("14.96"));
        assertThat(told.unvalued()).isEqualTo(1);
        assertThat(told.hours()).isCloseTo(2, within(1e-9));
        assertThat(told.paid()).isEqualTo(money("10.00"));
        assertThat(told.losses()).isEqualTo(1);
        assertThat(told.weightPer().perHour().orElseThrow()).isCloseTo(2.25, within(1e-9));
        // 10.00 for 4.5 kg are 2.2222 a kilogram.
        assertThat(told.paidForOne()).contains(money("2.22"));
        assertThat(told.weightPer().perSquareMetre().orElseThrow()).isCloseTo(4.5 / (SOIL + 2), within(1e-3));
        assertThat(told.valueOfPaid().orElseThrow()).isCloseTo(1.496, within(1e-9));

        assertThat(crop(told, "tomato").value()).contains(money("14.96"));
        assertThat(crop(told, "onion").value()).isEmpty();
        assertThat(crop(told, "onion").losses()).isEqualTo(1);

        BedFigures beans = figuresOf(told, "Beans");
        assertThat(beans.picked().kilograms()).isCloseTo(3.75, within(1e-9));
        assertThat(beans.picked().pieces()).isEqualTo(30);
        assertThat(beans.hours()).isCloseTo(1.5, within(1e-9));
        assertThat(beans.losses()).isZero();
        assertThat(beans.perSquareMetre().orElseThrow()).isCloseTo(3.75 / SOIL, within(1e-3));
        assertThat(figuresOf(told, "Kale").losses()).isEqualTo(1);
    }

    @Test
    @DisplayName("weeks count from the season's first day: its seventh day is in the first, its eighth in the second")
    void weeks() {
        picked("2027-01-01", null, "tomato", 1.0, null);
        picked("2027-01-07", null, "tomato", 2.0, null);
        picked("2027-01-08", null, "tomato", 4.0, null);
        picked("2027-12-31", null, "tomato", 8.0, null);
        List<Double> weeks = figures(GARDEN).weeks();
        assertThat(weeks).hasSize(53);
        assertThat(weeks.subList(0, 3)).containsExactly(3.0, 7.0, 7.0);
        assertThat(weeks.get(51)).isEqualTo(7);
        assertThat(weeks.get(52)).isEqualTo(15);
    }

    @Test
    @DisplayName("a pound is 0.45359237 kg [NIST Handbook 44]: a garden in feet is priced by the pound")
    void byThePound() {
        Plan feet = with(GARDEN, new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES));
        assertThat(FoodPrices.item("tomato", Units.FEET_AND_INCHES).key()).isEqualTo("food/tomato/lb");
        picked("2027-07-04", "Beans", "tomato", 4.5359237, null);
        SeasonFigures told = figures(priced(feet, "tomato", "2.00"), List.of(paid(SEASON, false, "5.00")));
        assertThat(told.value()).isEqualTo(money("20.00"));
        assertThat(told.paidForOne()).contains(money("0.50"));
    }

    @Test
    void whatIsSoldAsFoodIsKnownByItsKey() {
        assertThat(PriceItem.of("food/tomato/kg").label()).isEqualTo("Tomato, a kilogram");
        assertThat(PriceItem.of("food/" + id("Oca") + "/lb").label()).isEqualTo("A crop of your own, a pound");
        for (String wrong : List.of("food/triffid/kg", "food/tomato/stone", "food/kg", "food/tomato", "food//kg")) {
            assertThatThrownBy(() -> PriceItem.of(wrong)).isInstanceOf(RefusedException.class);
        }
        assertThat(PriceItem.all().map(PriceItem::key)).noneMatch(key -> key.startsWith("food/"));
    }

    @Test
    @DisplayName("a bed's story: built, raised, what grew, what was picked, lost and noted, season by season [by hand]")
    void storyOfABed() {
        Plan plan = with(
                GARDEN,
                Put.of(planting("Peas", "shelling-pea", "Beans", "2028-03-20", "2028-07-10")),
                Put.of(planting("Garlic", "garlic", "Beans", "2027-10-10", "2028-03-01")));
        picked("2027-07-04", "Beans", "tomato", 2.5, null);
        picked("2027-07-05", "Kale", "onion", 1.0, null);
        picked("2028-06-20", "Peas", "shelling-pea", 0.5, null);
        lost("2028-05-01", "Beans", "shelling-pea");
        entry("2028-04-01", id("Beans"), null, null, null, "Mice");
        BedStory story = BedStoryStudy.of(CostStudy.of(plan), id("Beans"), entries);
        assertThat(story.name()).isEqualTo("Beans");
        assertThat(story.chapters()).extracting(BedStory.Chapter::season).containsExactly(SEASON, SEASON + 1);
        BedStory.Chapter first = story.chapters().get(0);
        assertThat(first.built()).isTrue();
        assertThat(first.grown()).extracting(BedStory.GrownThere::name).containsExactly("Tomatoes", "Garlic");
        assertThat(first.picked().kilograms()).isEqualTo(2.5);
        assertThat(first.perSquareMetre().orElseThrow()).isCloseTo(2.5 / SOIL, within(1e-3));
        assertThat(first.told()).isEmpty();
        BedStory.Chapter second = story.chapters().get(1);
        assertThat(second.built()).isFalse();
        assertThat(second.grown()).extracting(BedStory.GrownThere::name).containsExactly("Garlic", "Peas");
        assertThat(second.picked().kilograms()).isEqualTo(0.5);
        assertThat(second.told())
                .extracting(JournalEntry::day)
                .extracting(LocalDate::getMonthValue)
                .containsExactly(4, 5);
        assertThatThrownBy(() -> BedStoryStudy.of(CostStudy.of(plan), id("Nowhere"), entries))
                .isInstanceOf(RefusedException.class);
    }

    private static Paid paid(int season, boolean ordered, String amount) {
        return new Paid(Optional.empty(), BillPart.OTHER, season, ordered, BigDecimal.ONE, money(amount));
    }

    private static Money money(String amount) {
        return Money.of(CURRENCY, new BigDecimal(amount));
    }
}
