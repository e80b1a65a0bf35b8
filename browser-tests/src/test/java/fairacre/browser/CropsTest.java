package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.plan.Plan;
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
}
