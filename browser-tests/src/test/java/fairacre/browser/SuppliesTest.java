package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.bill.StartingPrices;
import fairacre.build.Board;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What is brought in by the load: fill for beds and layers of walks. */
class SuppliesTest {

    private static final double FT = 0.3048;

    @Test
    void fourLongBedsAreFilledByTwoRecipesTippedAndUpASteepDriveInBags() throws Exception {
        try (Garden garden = Garden.with(fourLongBeds())) {
            garden.season(2027);
            garden.step("Fill");
            Page page = garden.page();
            // Four times 33 x 213 in, 17 1/2 in deep: 284.7 cu ft.
            assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Together")))
                    .containsText("10.55 cu yd");
            garden.field("Recipe").selectOption("60 % topsoil, 40 % compost, for deep beds");
            garden.kept();
            assertThat(line(page, "Topsoil, bulk, a cubic yard")).containsText("6.5 ×");
            assertThat(line(page, "Compost, bulk, a cubic yard")).containsText("4.5 ×");
            assertThat(line(page, "Delivery of a bulk load")).containsText("2 ×");
            page.getByLabel("A lorry can tip near by").click();
            garden.kept();
            assertThat(line(page, "Topsoil, bag of 1.5 cu ft")).containsText("114 ×");
            assertThat(line(page, "Compost, bag of 1.5 cu ft")).containsText("76 ×");
            garden.field("Recipe").selectOption("Equal thirds: coir, compost, vermiculite");
            garden.kept();
            assertThat(line(page, "Vermiculite or perlite, bag of 1.5 cu ft")).containsText("64 ×");
            assertThat(line(page, "Topsoil")).hasCount(0);
            page.getByLabel("There is also").selectOption("Compost");
            garden.kept();
            garden.type("bulk", "2 cu yd");
            garden.kept();
            // A third of 284.7 less 54 cu ft.
            assertThat(line(page, "Compost, bag of 1.5 cu ft")).containsText("28 ×");
            garden.type("bulk", "a heap");
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("out of range");
            page.reload();
            garden.season(2027);
            garden.step("Fill");
            assertThat(line(page, "Compost, bag of 1.5 cu ft")).containsText("28 ×");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void fourLongBedsInFenceBoardsAgainstTwoCoursesOfTwoByTen() throws Exception {
        try (Garden garden = Garden.with(fourLongBeds())) {
            garden.season(2027);
            garden.step("Frames");
            Page page = garden.page();
            page.getByText("Two kinds of frame, side by side").click();
            garden.field("One: made of").selectOption("cedar");
            garden.field("One: board").selectOption("fence 5/8x6");
            garden.field("One: courses").selectOption("1");
            garden.field("Other: board").selectOption("2x10");
            garden.field("Other: courses").selectOption("2");
            Locator choices = page.getByTestId("frame-choices");
            Locator boards = choices.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("boards"));
            // Seven to a bed.
            assertThat(boards).containsText("boards, blocks28");
            assertThat(choices).containsText("5 1/2″1′ 6 1/2″");
            assertThat(choices).containsText("2034 to 2042");
            garden.button("Build the beds as the one").click();
            garden.kept();
            assertThat(line(page, "Cedar or larch, fence 5/8x6")).containsText("28 ×");
            garden.field("One: board").selectOption("4x4");
            assertThat(boards).not().containsText("boards, blocks28");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void theCuttingSheetIsPrintedAndTheFrameFittedOut() throws Exception {
        try (Garden garden = Garden.with(plot(
                10,
                8,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 4, 2.4, 1, 0, Optional.of(cedar(Board.M38X150, 2)))))) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.step("Frames");
            Page page = garden.page();
            // Two courses of planks have posts: four of 30 cm; both ends of every board take three screws, 2 x 4 x 2 x
            // 3, and a stake six.
            assertThat(page.getByTestId("hardware")).containsText("4 × corner post, 0.30 m of 50x50 mm");
            assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Frame of Beans in 2 courses")))
                    .isVisible();
            garden.field("Against bowing").selectOption("RODS");
            garden.kept();
            assertThat(page.getByTestId("hardware")).containsText("48 × Deck screws 75 mm (3 in)");
            assertThat(page.getByTestId("hardware")).containsText("of ties across");
            assertThat(line(page, "Threaded rod with nuts, a metre").last()).isVisible();
            garden.field("Beneath it").selectOption("CLOTH");
            garden.kept();
            // 2.4 m2 and 6.8 m of 6 in turned up are 3.44 m2: 4 are bought.
            assertThat(line(page, "Hardware cloth, a square metre").last()).containsText("4 ×");
            page.getByText("How the boards are cut").click();
            Locator link = page.getByRole(
                    AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Cutting sheet 2027")));
            Download sheet = page.waitForDownload(link::click);
            try (PDDocument document = Loader.loadPDF(sheet.path().toFile())) {
                String text = new PDFTextStripper().getText(document);
                assertThat(text)
                        .contains("cutting for 2027")
                        .contains("Frame of Beans")
                        .contains("A  2.40 m  × 4: Beans");
            }
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aBedIsWalledWithBlocksAndTheirThicknessTakesReach() throws Exception {
        try (Garden garden = Garden.with(plot(
                10,
                8,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 4, 2.4, 1.2, 0, Optional.of(cedar(Board.M38X150, 1)))))) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.step("Frames");
            garden.field("Made of").selectOption("Concrete blocks (a wall)");
            garden.kept();
            // 6.425 m along the middle, two courses of 8 in are 2.61 m2: 33.2 blocks with their waste, 2.6 bags of
            // mortar.
            assertThat(line(garden.page(), "Concrete blocks, one").last()).containsText("34 ×");
            assertThat(line(garden.page(), "Mortar mix, bag of 36 kg (80 lb)").last())
                    .containsText("3 ×");
            assertThat(garden.page().getByText("twice as wide as the wall")).isVisible();
            garden.field("Made of").selectOption("cedar");
            garden.kept();
            assertThat(line(garden.page(), "Concrete blocks, one")).hasCount(0);
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void theShoppingListIsTickedOnAPhoneWithoutASignalAndLosesNothing() throws Exception {
        try (Garden garden = Garden.with(fourLongBeds())) {
            garden.season(2027);
            garden.step("Purse");
            Page page = garden.page();
            page.setViewportSize(390, 780);
            garden.step("Purse");
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions()
                                    .setName("Shopping list 2027")
                                    .setExact(true))
                    .click();
            Locator bags = page.getByLabel(Pattern.compile("Garden mix, bulk, a cubic yard"));
            assertThat(page.getByTestId("done")).hasText("0 of 7");
            page.waitForResponse("**/ticks", bags::click);
            assertThat(bags).isChecked();
            garden.context().setOffline(true);
            page.getByText("Delivery of a bulk load").click();
            assertThat(page.getByTestId("done")).hasText("2 of 7");
            assertThat(page.getByText("1 waits for a signal to be sent")).isVisible();
            page.waitForResponse("**/ticks", () -> garden.context().setOffline(false));
            assertThat(page.getByText("waits for a signal")).hasCount(0);
            page.reload();
            assertThat(page.getByTestId("done")).hasText("2 of 7");
            assertThat(page.locator("html")).hasJSProperty("scrollWidth", 390);
        }
    }

    @Test
    void woodInAShallowBedIsToldAndPutRight() throws Exception {
        Plan shallow = plot(
                10,
                8,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 4, 2, 1, 0, Optional.of(cedar(Board.B2X10, 1))));
        try (Garden garden = Garden.with(shallow)) {
            garden.season(2027);
            garden.step("Fill");
            garden.field("Recipe").selectOption("Wood below, soil and compost above");
            garden.kept();
            assertThat(garden.snags())
                    .containsText("Beans is filled only 0.21 m deep: above the wood 0.126 m of soil are left");
            garden.snags().getByText("above the wood").click();
            garden.snags().getByText("Fill Beans without wood").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("above the wood");
            assertThat(garden.field("Below it")).hasValue("nothing");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aWalkOfChippingsIsPricedAndDugOutBeforeItBuriesTheBedBesideIt() throws Exception {
        Plan low = plot(
                10,
                8,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3.45, 4, 2, 1, 0, Optional.of(cedar(Board.B2X6, 1))));
        try (Garden garden = Garden.with(low)) {
            garden.season(2027);
            garden.step("Walks");
            garden.button("Main walk up the middle").click();
            garden.kept();
            Page page = garden.page();
            page.locator("[data-thing^='Main walk']").click();
            Locator walk =
                    page.locator("details[open]", new Page.LocatorOptions().setHas(page.getByTestId("walk-takeoff")));
            // 1.0668 x 8 m of wood chip 4 in deep.
            assertThat(walk).containsText("order 867 L");
            walk.getByLabel("Surface").selectOption("LOOSE_GRAVEL");
            garden.kept();
            assertThat(walk).containsText("order 1.08 m³: 25 % more than lies there");
            assertThat(garden.snags())
                    .containsText(
                            "Main walk 1 will lie 0.152 m above the ground: of the 0.14 m of Beans nothing is left above it");
            garden.snags().getByText("Main walk 1 will lie").click();
            garden.snags().getByText("Dig out Main walk 1 by 0.152 m first").click();
            garden.kept();
            assertThat(walk).containsText("Dug out: 1.63 m³ loose, 20 barrows");
            assertThat(garden.snags()).not().containsText("will lie");
            garden.step("Purse");
            assertThat(line(page, "Crushed base").first()).containsText("€");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    private static Plan fourLongBeds() {
        Bed[] beds = new Bed[4];
        for (int i = 0; i < beds.length; i++) {
            beds[i] = bed(
                    "Bed " + (i + 1),
                    12 * FT,
                    (4 + 6 * i) * FT,
                    18 * FT,
                    3 * FT,
                    0,
                    Optional.of(cedar(Board.B2X10, 2)));
        }
        Plan plan = Gardens.with(
                plot(24 * FT, 26 * FT, List.of(gardener("Ada", 0.6, 0.6)), beds),
                new Change.DescribeGarden("Long beds", Units.FEET_AND_INCHES));
        return Gardens.with(
                plan,
                StartingPrices.in(plan.currency()).stream()
                        .map(Change.SetPrice::new)
                        .toArray(Change[]::new));
    }

    private static Locator line(Page page, String item) {
        return page.getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(item))));
    }
}
