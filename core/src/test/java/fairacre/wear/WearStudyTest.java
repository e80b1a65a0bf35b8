package fairacre.wear;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.bill.Bill;
import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Frame;
import fairacre.build.Joint;
import fairacre.build.Kit;
import fairacre.build.Masonry;
import fairacre.build.Material;
import fairacre.build.Wall;
import fairacre.cost.CostStudy;
import fairacre.fence.FenceKind;
import fairacre.goods.BulkGood;
import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.goods.Supply;
import fairacre.goods.WalkBuild;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.PurseChange.PutSupply;
import fairacre.plan.Put;
import fairacre.plan.Walk;
import fairacre.takeoff.Ahead;
import fairacre.takeoff.Lasts;
import fairacre.takeoff.Loose;
import fairacre.testing.Gardens;
import fairacre.wear.Worn.State;
import fairacre.work.Pace;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WearStudyTest {

    private static final Rectangle PLACE = rectangle(5, 5, 2, 1, 0);

    private static BedRevision framed(int from, Material material, int courses) {
        return new BedRevision(from, PLACE, Optional.of(new Frame(material, Board.M38X150, courses, Joint.SIDES_PAST)));
    }

    private static Plan withBed(Optional<Integer> retired, BedRevision... revisions) {
        return plot(12, 12, List.of(), new Bed(id("Beans"), "Beans", List.of(revisions), retired));
    }

    private static final Plan SOFTWOOD = withBed(Optional.empty(), framed(SEASON, Material.SOFTWOOD, 2));

    private static WearStudy study(Plan plan, int season) {
        return WearStudy.of(CostStudy.of(plan), season, Pace.of(List.of()));
    }

    private static Worn only(Plan plan, int season) {
        assertThat(study(plan, season).parts()).hasSize(1);
        return study(plan, season).parts().get(0);
    }

    /** The frame alone, as the bill of a garden that has nothing else has it. */
    private static Money frames(Plan plan) {
        return CostStudy.of(plan).bill().total(BillPart.FRAMES);
    }

    @ParameterizedTest(name = "{0} seasons old: {2}, due {1} seasons after it was made")
    @DisplayName("Untreated pine lasts 1 to 5 seasons (common practice), so 3 in the middle; beyond that it is due now")
    @CsvSource({"0, 3, GOOD", "1, 3, LOOK", "2, 3, LOOK", "3, 3, DUE", "4, 4, DUE", "7, 7, DUE"})
    void softwood(int age, int due, State state) {
        Worn frame = only(SOFTWOOD, SEASON + age);
        assertThat(frame)
                .isEqualTo(new Worn(
                        id("Beans"),
                        "Beans",
                        "Frame",
                        SEASON,
                        age,
                        1,
                        5,
                        Optional.of(SEASON + due),
                        Optional.of(frames(SOFTWOOD)),
                        state));
    }

    @Test
    @DisplayName("Each time it is due the whole frame is bought again, sawn and put together")
    void yearsAhead() {
        List<YearAhead> years = study(SOFTWOOD, SEASON).years();
        Bill bill = CostStudy.of(SOFTWOOD).bill();
        double hours = CostStudy.of(SOFTWOOD).work().get(0).tasks().stream()
                .filter(task -> task.rate().key().startsWith("frame/"))
                .mapToDouble(task -> task.hours())
                .sum();
        assertThat(hours).isPositive();
        Money nothing = Money.zero(bill.currency());
        assertThat(years).extracting(YearAhead::season).containsExactly(2027, 2028, 2029, 2030, 2031);
        assertThat(years)
                .extracting(YearAhead::planned)
                .containsExactly(bill.total(), nothing, nothing, nothing, nothing);
        assertThat(years)
                .extracting(YearAhead::renewals)
                .containsExactly(nothing, nothing, nothing, frames(SOFTWOOD), nothing);
        assertThat(years.get(3).renewalHours()).isCloseTo(hours, within(1e-9));
        assertThat(study(SOFTWOOD, SEASON + 2).years())
                .extracting(YearAhead::renewals)
                .containsExactly(nothing, frames(SOFTWOOD), nothing, nothing, frames(SOFTWOOD));
    }

    @Test
    @DisplayName("Metal kits last 20 years and more, walls and boards as long as their kinds say")
    void whatHoldsTheSoil() {
        Rectangle boxed = rectangle(5, 5, 2.4, 1.2, 0);
        Build inKit = new Build(Optional.of(Kit.M120X240), Optional.empty(), Length.ZERO, Length.ZERO, Length.ZERO);
        Plan kit = plot(12, 12, List.of(), Gardens.built("Beans", boxed, inKit));
        assertThat(only(kit, SEASON).least()).isEqualTo(20);
        Plan wall = plot(
                12, 12, List.of(), Gardens.built("Beans", boxed, Build.PLAIN.withWall(new Wall(Masonry.BLOCK, 2))));
        assertThat(only(wall, SEASON).least()).isEqualTo(Masonry.BLOCK.leastYears());
        assertThat(only(wall, SEASON).cost()).isEmpty();
        assertThat(only(wall, SEASON).due())
                .contains(SEASON + (Masonry.BLOCK.leastYears() + Masonry.BLOCK.mostYears() + 1) / 2);
        assertThat(study(plot(12, 12, List.of(), Gardens.bed("Kale", 5, 5, 2, 1)), SEASON)
                        .parts())
                .isEmpty();
    }

    @Test
    @DisplayName("A course on top is as old as its frame; a frame of another wood begins anew")
    void rebuilt() {
        Plan higher = withBed(
                Optional.empty(), framed(SEASON, Material.SOFTWOOD, 1), framed(SEASON + 2, Material.SOFTWOOD, 2));
        Worn frame = only(higher, SEASON + 2);
        assertThat(frame.made()).isEqualTo(SEASON);
        assertThat(frame.due()).contains(SEASON + 3);
        assertThat(frame.cost()).contains(frames(SOFTWOOD));
        Plan cedar =
                withBed(Optional.empty(), framed(SEASON, Material.SOFTWOOD, 1), framed(SEASON + 2, Material.CEDAR, 1));
        assertThat(only(cedar, SEASON + 1).due()).isEmpty();
        assertThat(only(cedar, SEASON + 2).made()).isEqualTo(SEASON + 2);
        assertThat(only(cedar, SEASON + 2).due()).contains(SEASON + 2 + 11);
    }

    @ParameterizedTest(name = "taken out {0} seasons after it was built")
    @CsvSource({"2, false", "3, false", "4, true"})
    void whatGoesIsNotRenewed(int seasons, boolean renewed) {
        Plan plan = withBed(Optional.of(SEASON + seasons), framed(SEASON, Material.SOFTWOOD, 2));
        assertThat(only(plan, SEASON).due().isPresent()).isEqualTo(renewed);
    }

    @Test
    @DisplayName("Of what stood before nobody knows how old it is")
    void existing() {
        Plan plan =
                withBed(Optional.empty(), framed(SEASON, Material.SOFTWOOD, 2).withExisting(true));
        assertThat(study(plan, SEASON).parts()).isEmpty();
    }

    @Test
    @DisplayName("What the bill renews already, since it is wanted until a season, does not come to it once more")
    void onTheBill() {
        Plan plan = with(
                plot(20, 20, List.of()),
                Put.of(fence("Fence", FenceKind.DEER_NET, 2, 2, 2, 12, 2)
                        .during(new Lifetime(Optional.of(SEASON), Optional.of(SEASON + 40)))));
        Bill bill = CostStudy.of(plan).bill();
        assertThat(CostStudy.of(plan).renewing(new Ahead(SEASON, SEASON + 5)).bill())
                .isEqualTo(bill);
        int years = FenceKind.DEER_NET.years();
        Worn mesh = study(plan, SEASON + years - 1).parts().stream()
                .filter(worn -> worn.part().equals(FenceKind.DEER_NET.label()))
                .findFirst()
                .orElseThrow();
        assertThat(mesh.due()).contains(SEASON + years);
        assertThat(mesh.cost()).contains(bill.total(SEASON + years));
    }

    @Test
    @DisplayName("4 in of wood chip rot in 2 to 3 years to half their depth: 20 m2 take 1 m3 again (common practice)")
    void woodChip() {
        assertThat(chip(Length.inches(4)).get(0)).isEqualTo("2030 1016 l");
        assertThat(chip(Length.millimetres(152.4))).isEmpty();
        assertThat(chip(Length.millimetres(152.3))).hasSize(1);
    }

    /** What comes on top of a walk of 20 square metres in the five seasons from the one in which it is made. */
    private static List<String> chip(Length depth) {
        Walk bare = Gardens.walk("Walk", 2, 2, 10, 2);
        Walk walk = new Walk(
                bare.id(),
                bare.name(),
                bare.grade(),
                bare.surface(),
                bare.corners(),
                new WalkBuild(List.of(new Layer(LayerKind.CHIP, depth)), false, false),
                Lifetime.from(SEASON));
        Plan plan = with(plot(20, 20, List.of()), Put.of(walk));
        return CostStudy.of(plan).renewing(new Ahead(SEASON, SEASON + 5)).takeoff().loose().stream()
                .filter(loose -> loose.season() > SEASON && loose.good() == BulkGood.CHIP)
                .map(loose -> loose.season() + " " + Math.round(loose.volume().litres()) + " l")
                .toList();
    }

    @Test
    @DisplayName("Where beds are topped up at all, the compost goes on after the years that are planned")
    void topUp() {
        Plan plan = with(SOFTWOOD, new PutSupply(new Supply(true, false, 2, List.of())));
        // Inside boards of 38 mm.
        double inch = (2 - 2 * 0.038) * (1 - 2 * 0.038) * 25.4;
        assertThat(topUps(plan, SEASON + 1)).containsExactly(2028, 2029, 2030, 2031, 2032);
        assertThat(topUps(plan, SEASON + 6)).containsExactly(2028, 2029, 2033, 2034, 2035, 2036, 2037);
        assertThat(topUps(SOFTWOOD, SEASON + 1)).isEmpty();
        assertThat(renewing(plan, SEASON + 1).takeoff().loose().stream()
                        .filter(loose -> loose.season() == 2031)
                        .mapToDouble(loose -> loose.volume().litres())
                        .sum())
                .isCloseTo(inch, within(0.5));
        assertThat(only(plan, SEASON + 3).cost()).contains(frames(SOFTWOOD));
    }

    private static CostStudy renewing(Plan plan, int season) {
        return CostStudy.of(plan).renewing(new Ahead(season, season + 5));
    }

    private static List<Integer> topUps(Plan plan, int season) {
        return renewing(plan, season).takeoff().loose().stream()
                .filter(loose -> loose.good() == BulkGood.COMPOST && loose.season() > SEASON)
                .map(Loose::season)
                .toList();
    }

    @Test
    @DisplayName("Everything that wears out is told: boards, sheets, mesh, lines, wood chip")
    void everything() {
        Plan plan = Gardens.everything();
        Set<String> parts = IntStream.range(SEASON, SEASON + 10)
                .boxed()
                .flatMap(season -> study(plan, season).parts().stream())
                .map(Worn::part)
                .collect(Collectors.toSet());
        assertThat(parts).contains("Frame", "Boards", "Posts", "Panel", "Bows", "Sheet", "Panes", "Drilled hose");
        assertThat(study(plan, SEASON + 3).parts())
                .isNotEmpty()
                .allMatch(worn -> worn.age() >= 0
                        && worn.least() <= worn.most()
                        && !worn.name().isEmpty());
    }

    @Test
    @DisplayName("A middling figure stands for a quarter less and more")
    void about() {
        assertThat(Lasts.about(15)).isEqualTo(new Lasts(11, 15, 19));
        assertThat(Lasts.about(1)).isEqualTo(new Lasts(1, 1, 2));
        assertThat(Lasts.about(8)).isEqualTo(new Lasts(6, 8, 10));
        assertThat(Lasts.between(7, 15)).isEqualTo(new Lasts(7, 11, 15));
        assertThat(Lasts.between(2, 3)).isEqualTo(new Lasts(2, 3, 3));
    }
}
