package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cold frame for a bed of 4 x 8 ft, as somebody new builds it and puts it on others. */
class CoverTest {

    private static final double FOOT = 0.3048;

    /** Two beds of 4 x 8 ft and a wider one. */
    private static Plan threeBeds() {
        return with(
                plot(
                        24 * FOOT,
                        36 * FOOT,
                        List.of(),
                        bed("Lettuce", 6 * FOOT, 6 * FOOT, 8 * FOOT, 4 * FOOT),
                        bed("Spinach", 6 * FOOT, 14 * FOOT, 8 * FOOT, 4 * FOOT),
                        bed("Squash", 6 * FOOT, 24 * FOOT, 8 * FOOT, 5 * FOOT)),
                new Change.DescribeGarden("Three beds", Units.FEET_AND_INCHES));
    }

    @Test
    void aColdFrameIsBuiltCutAndPutOnTheBedsItFits() throws Exception {
        try (Garden garden = Garden.with(threeBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            garden.button("Cold frame for beds of one size").click();
            garden.kept();
            Locator form = page.getByTestId("bed-cover");
            form.locator("summary").first().click();
            Locator figures = form.getByTestId("cover-figures");
            // The lid rises 6 in over 48: a slope of 48 3/8 in and an inch that drips.
            assertThat(figures).containsText("A lid is 4′ 1 3/8″ from front to back, leans by 7°");
            assertThat(page.locator("[data-front]")).hasCount(1);
            assertThat(form.getByTestId("bed-place")).containsText("front south");
            assertThat(form).containsText("As it is made it also fits Spinach.");
            form.getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText("Put it over these too"))
                    .click();
            garden.kept();
            assertThat(page.locator("[data-front]")).hasCount(2);
            page.getByText("How the sheets are cut").click();
            assertThat(page.getByTestId("cut-sheets")).hasCount(2);
            assertThat(page.getByTestId("cut-sheets").first()).containsText("Exterior plywood, 23/32 in");
            form.getByLabel("Over one bed more").selectOption("Squash");
            garden.kept();
            garden.snags().getByText("and Squash is 8′ × 5′").click();
            garden.snags().getByText("Take Squash off the list of Cold frame").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("Squash is 8′");
            // What the sheets cost stands on the bill.
            garden.step("Purse");
            page.getByText("Bill", new Page.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            assertThat(page.getByRole(AriaRole.CELL)
                            .filter(new Locator.FilterOptions()
                                    .setHasText(Pattern.compile("Exterior plywood, 23/32 in, a sheet of")))
                            .first())
                    .isVisible();
        }
    }

    @Test
    void aColdFrameTooHeavyIsBuiltInSectionsAndWrongSizesAreTold() throws Exception {
        try (Garden garden = Garden.with(threeBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            garden.button("Cold frame for beds of one size").click();
            garden.kept();
            Locator form = page.getByTestId("bed-cover");
            form.locator("summary").first().click();
            garden.type("Width outside", "9 ft");
            assertThat(form.getByRole(AriaRole.ALERT).first()).containsText("its width is the shorter side");
            form.getByLabel("Sections").selectOption("one piece");
            garden.kept();
            garden.snags().getByText("more than one person should lift").click();
            garden.snags()
                    .getByText(Pattern.compile("Build it in \\d sections"))
                    .click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("more than one person should lift");
            assertThat(form.getByTestId("cover-figures")).containsText("Each section is");
            form.getByLabel("Kind of cover").selectOption("Net cage");
            garden.kept();
            form.getByLabel("Net or cloth").selectOption("Net, mesh 20 mm");
            garden.kept();
            assertThat(garden.snags()).containsText("get caught in the net of Cold frame");
        }
    }
}
