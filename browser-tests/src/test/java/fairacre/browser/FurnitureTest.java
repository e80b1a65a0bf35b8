package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.plan.Plan;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A barrel stand and a structure of one's own, as somebody new builds them. */
class FurnitureTest {

    private static Plan oneBed() {
        return plot(8, 6, List.of(), bed("Beans", 4, 3, 2, 1));
    }

    @Test
    void aBarrelStandIsPutOnSlabsAndItsPiecesAreAltered() throws Exception {
        try (Garden garden = Garden.with(oneBed())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            page.getByLabel("New", new Page.GetByLabelOptions().setExact(true)).selectOption("Barrel stand");
            garden.button("Build it where there is room").click();
            garden.kept();
            Locator form = page.getByTestId("furniture");
            form.locator("summary").first().click();
            // Legs under boards of 22 mm, of 0.45 m; rails of 0.7 m and joists between them every foot.
            assertThat(form.getByTestId("furniture-figures")).containsText("4 × 100x100 mm, 0.428 m");
            assertThat(form.getByTestId("furniture-figures")).containsText("One barrel has room");
            form.getByLabel("A paving slab under each foot").uncheck();
            garden.kept();
            garden.snags().getByText("the feet of Barrel stand press with").click();
            garden.snags().getByText("Lay a paving slab under each foot").click();
            garden.kept();
            assertThat(form.getByLabel("A paving slab under each foot")).isChecked();
            form.getByText("List its pieces, to alter them").click();
            garden.kept();
            assertThat(form.getByTestId("board-row")).hasCount(4);
            form.getByText("Add pieces of sheet").click();
            garden.kept();
            form.getByTestId("sheet-row").getByLabel("Each long").fill("3 m");
            form.getByTestId("sheet-row").getByLabel("Each long").press("Enter");
            garden.kept();
            garden.snags().getByText("No sheet on sale holds the piece").click();
            garden.snags().getByText("Cut it from smaller pieces").click();
            garden.kept();
            assertThat(form.getByTestId("sheet-row").getByLabel("Each long")).hasValue("1.50 m");
            assertThat(form.getByTestId("sheet-row").getByLabel("Pieces alike")).hasValue("2");
            form.getByTestId("sheet-row").getByLabel("Pieces alike").fill("none");
            form.getByTestId("sheet-row").getByLabel("Pieces alike").press("Enter");
            assertThat(form.getByRole(AriaRole.ALERT).first()).containsText("Write a number from 1 to 100.");
        }
    }
}
