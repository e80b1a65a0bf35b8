package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import fairacre.plan.Plan;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Crops in two beds, as somebody new plants them. */
class CropsTest {

    private static Plan twoBeds() {
        return plot(12, 12, List.of(), bed("Beans", 4, 4, 4, 1), bed("Kale", 4, 8, 4, 1));
    }

    @Test
    void aBedIsPlantedCountedAndFollowedByAnotherCrop() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Crops");
            assertThat(page.getByText("Select one or more beds on the sheet first."))
                    .isVisible();
            garden.bed("Beans").click();
            page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)).selectOption("Carrot");
            garden.button("Plant Carrot in the selected bed").click();
            garden.kept();
            Locator carrot = page.getByTestId("planting");
            carrot.locator("summary").first().click();
            // Rows 25 cm apart, plants 5 cm: 4 x 80; at 70 % and a tenth more 503 seeds, 500 to a packet.
            assertThat(carrot.getByTestId("planting-figures"))
                    .containsText("320 plants; 503 seeds, a tenth spare: 2 packets.");
            assertThat(page.locator("[data-planting=Carrot] circle")).hasCount(320);
            garden.type("Length to %", "50");
            garden.kept();
            assertThat(carrot.getByTestId("planting-figures")).containsText("160 plants");
            assertThat(page.locator("[data-planting=Carrot] circle")).hasCount(160);
            // What is ripe too late for the day of clearing is told, and put right.
            garden.type("Cleared on", "2027-05-01");
            garden.kept();
            garden.snags().getByText("Carrot is cleared on 1 May 2027").click();
            garden.snags().getByText(Pattern.compile("^Clear it on ")).click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("Carrot is cleared");
            // Another crop in the same soil.
            garden.bed("Beans").click();
            page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)).selectOption("Radish");
            garden.button("Plant Radish in the selected bed").click();
            garden.kept();
            garden.snags()
                    .getByText(Pattern.compile("is planted on .* where"))
                    .first()
                    .click();
            garden.snags()
                    .getByText(Pattern.compile("^Sow .* between the plants of"))
                    .click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("grows until");
            // Seed stands on the bill.
            garden.step("Purse");
            page.getByText("Bill", new Page.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            assertThat(page.getByRole(AriaRole.CELL)
                            .filter(new Locator.FilterOptions().setHasText("A packet of seed"))
                            .first())
                    .isVisible();
        }
    }

    @Test
    void aYearIsPlannedByFrostAndOnItsChart() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Crops");
            // Frosts are guessed until they are noted; what is no day is said where it stands.
            garden.type("Last of spring, 5 of 10", "31 April");
            assertThat(page.getByText("Write a day like 1 May.")).isVisible();
            garden.type("Last of spring, 5 of 10", "28 April");
            garden.kept();
            assertThat(page.getByText("As you noted it: My own notes.")).isVisible();
            garden.type("Last of spring, 9 of 10", "20 April");
            assertThat(page.getByText(Pattern.compile("comes before the day that stands before it")))
                    .isVisible();
            // Tomatoes go out when frost has come in nine years of ten.
            page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)).selectOption("Tomato");
            assertThat(page.getByTestId("crop-about")).containsText("planted from 15 May to 13 Jul at the latest");
            garden.bed("Beans").click();
            garden.button("Plant Tomato in the selected bed").click();
            garden.kept();
            garden.bed("Kale").click();
            page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)).selectOption("Radish");
            garden.button("Plant Radish in the selected bed").click();
            garden.kept();
            assertThat(garden.snags()).containsText("Kale lies bare from");
            garden.button("Year of the beds as a page").click();
            // Dragged into April, tomatoes freeze.
            Locator tomatoes = page.locator("[data-band=Tomato]");
            BoundingBox band = tomatoes.boundingBox();
            page.mouse().move(band.x + 20, band.y + 8);
            page.mouse().down();
            page.mouse().move(band.x - 60, band.y + 8, new Mouse.MoveOptions().setSteps(5));
            assertThat(page.getByRole(AriaRole.STATUS)).containsText(Pattern.compile("Tomato: \\d+ Apr to"));
            page.mouse().up();
            garden.kept();
            tomatoes.click();
            assertThat(page.getByRole(AriaRole.COMPLEMENTARY)).containsText(Pattern.compile("\\d+ Apr to"));
            // Back by keys, a week at a time.
            for (int week = 0; week < 6; week++) {
                tomatoes.focus();
                page.keyboard().press("ArrowRight");
                garden.kept();
            }
            assertThat(tomatoes).hasAttribute("aria-label", Pattern.compile("Tomato, \\d+ (May|Jun) to"));
            // What still ripens in the gap.
            page.getByLabel(Pattern.compile("^Kale lies bare from")).click();
            page.getByRole(AriaRole.COMPLEMENTARY)
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Carrot ")))
                    .click();
            garden.kept();
            assertThat(page.getByLabel(Pattern.compile("^Kale lies bare from"))).hasCount(0);
            garden.button("Back to the sheet").click();
            garden.button("Sowing calendar as a page").click();
            assertThat(garden.paper("Sowing calendar")).containsText("Sow indoors");
            assertThat(garden.paper("Sowing calendar")).containsText("Carrot");
        }
    }

    @Test
    void aVarietyHasItsOwnFiguresAndItsSeedRunsOut() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Crops");
            page.getByText("Own crops and varieties").click();
            page.getByLabel("A variety of, or a crop like").selectOption("Carrot");
            garden.button("Add a variety of Carrot").click();
            assertThat(page.getByText("Give it a name first.")).isVisible();
            garden.type("What it is called", "Wicket Row");
            garden.button("Add a variety of Carrot").click();
            garden.kept();
            garden.type("Seeds", "200");
            garden.kept();
            page.getByLabel("No more of it can be bought").check();
            garden.kept();
            page.getByText("Figures of its own").click();
            garden.type("Days from sowing to harvest", "5");
            assertThat(page.getByText(Pattern.compile("5 is not from 10 to 1000")))
                    .isVisible();
            garden.type("Days from sowing to harvest", "58");
            garden.kept();
            garden.bed("Beans").click();
            page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)).selectOption("Carrot: Wicket Row");
            assertThat(page.getByTestId("crop-about")).containsText("First harvest after 58 days from sowing.");
            garden.button("Plant Wicket Row in the selected bed").click();
            garden.kept();
            // 200 seeds at 70 % and a tenth more are 127 plants; Beans carries 320.
            String wanted = "Seed of Wicket Row is enough for 127 of 320 plants";
            garden.snags().getByText(wanted).click();
            garden.snags().getByText("Buy seed of Carrot for Beans").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText(wanted);
            // Others come from a file; what is wrong in it is told row by row.
            page.getByText("Crops as a file").click();
            page.getByLabel("File of crops")
                    .setInputFiles(new FilePayload(
                            "crops.csv",
                            "text/csv",
                            "key,name,in row cm\nkale,Tall Kale,60\nkale,Wide Kale,0\n"
                                    .getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByTestId("crops-reading"))
                    .containsText("Row 3 (Wide Kale): in row cm: 0 is not from 1 to 500");
            garden.button("Take over 1 variety").click();
            garden.kept();
            assertThat(page.getByTestId("varieties")).containsText("Tall Kale variety of Kale");
        }
    }

    @Test
    void aSoilTestSaysHowMuchLimeTheBedsGet() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Crops");
            page.getByText("Soil tests and feeding").click();
            garden.button("Note a soil test").click();
            garden.kept();
            garden.type("pH", "12");
            assertThat(page.getByText("between 3.5 and 9.5")).isVisible();
            garden.type("pH", "5.5");
            garden.kept();
            page.getByLabel("Phosphorus (P)").selectOption("low");
            garden.kept();
            garden.button("What the soil wants as a page").click();
            // 5 of 8 t of lime and 150 kg of P2O5 to a hectare, bone meal holds a fifth; each bed has 4 m2.
            Locator row = garden.paper("What the soil wants")
                    .getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Beans")));
            assertThat(row).containsText("Garden lime 2.0 kg, Bone meal 0.3 kg");
            assertThat(page.getByText("To spread: Garden lime 4.0 kg (1 bag), Bone meal 0.6 kg (1 bag)."))
                    .isVisible();
        }
    }

    @Test
    void theYearsArePlannedFromWhatIsEaten() throws Exception {
        Plan plan =
                plot(12, 14, List.of(), bed("Beans", 4, 3, 4, 1), bed("Kale", 4, 6, 4, 1), bed("Leeks", 4, 9, 4, 1));
        try (Garden garden = Garden.with(plan)) {
            Page page = garden.page();
            garden.step("Crops");
            // Carrots are to stay in Beans.
            garden.bed("Beans").click();
            page.getByLabel("Crop", new Page.GetByLabelOptions().setExact(true)).selectOption("Carrot");
            garden.button("Plant Carrot in the selected bed").click();
            garden.kept();
            page.getByTestId("planting").locator("summary").first().click();
            page.getByLabel("Stays here while the years are planned").check();
            garden.kept();
            // Three eat carrots and potatoes.
            page.getByText("What we eat").click();
            garden.type("How many eat from the garden (a child is half)", "none");
            assertThat(page.getByText("Give a number, such as 3 or 2.5.")).isVisible();
            garden.type("How many eat from the garden (a child is half)", "3");
            garden.kept();
            page.getByLabel("A crop that is eaten").selectOption("Carrot");
            garden.button("Add Carrot").click();
            garden.kept();
            page.getByLabel("A crop that is eaten").selectOption("Potato");
            garden.button("Add Potato").click();
            garden.kept();
            page.getByLabel("How much Potato is wanted").selectOption("has to grow");
            garden.kept();
            garden.type("Potato in a year, all of you", "6 kg");
            garden.kept();
            garden.button("Rotation as a page").click();
            // Potatoes grew in Kale the year before: there they may not return.
            page.getByLabel("What grew in Kale in 2026").selectOption("Potato");
            garden.kept();
            page.getByLabel("Years", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("2");
            garden.button("Plan them").click();
            Locator found = page.getByTestId("years-found");
            assertThat(found).containsText(Pattern.compile("Solved|The best that was found"));
            assertThat(found).containsText("Potato, 6.0 kg");
            Locator kale = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Kale")));
            Locator leeks =
                    page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Leeks")));
            assertThat(leeks).containsText("Potato");
            assertThat(kale.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Potato")))
                    .hasCount(1);
            garden.button("Take this plan").click();
            garden.kept();
            Locator beans =
                    page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Beans")));
            assertThat(beans).containsText("Carrotlocked");
            garden.button("Back to the sheet").click();
            page.getByText("What we eat").click();
            garden.button("Is it enough? as a page").click();
            Locator potato = garden.paper("Is it enough?")
                    .getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^Potato")));
            // 2 m² of soil give 3 kg each.
            assertThat(potato).containsText("has to grow");
            assertThat(potato).containsText(Pattern.compile("6\\.[0-9] kg.*enough|more than is eaten"));
            garden.button("Back to the sheet").click();
            assertThat(garden.snags()).not().containsText("Potato");
        }
    }
}
