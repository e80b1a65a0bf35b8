package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is read as a table has the page to itself. */
class PapersTest {

    private static void open(Garden garden, String paper) {
        garden.button("Papers ▾").click();
        garden.page()
                .getByRole(
                        AriaRole.MENUITEM,
                        new com.microsoft.playwright.Page.GetByRoleOptions()
                                .setName(paper)
                                .setExact(true))
                .click();
    }

    @Test
    void theBillHasThePageAndItsLinesShowOnTheSmallPlan() throws Exception {
        try (Garden garden = Garden.demo()) {
            garden.season(2028);
            open(garden, "Bill");
            Locator table = garden.paper("Bill");
            assertThat(table.getByRole(AriaRole.ROW).first()).containsText("Amount, EUR");
            assertThat(table.boundingBox().width).isGreaterThan(850);
            assertThat(garden.page().locator("html")).hasJSProperty("scrollWidth", 1280);
            garden.page().getByLabel("Group by").selectOption("part of the work");
            table.getByText("Cedar or larch, 38x150 mm, 4.20 m").first().hover();
            assertThat(garden.page().getByRole(AriaRole.FIGURE)).containsText("bed");
            garden.page().getByLabel("Find").fill("cedar");
            assertThat(garden.page().getByText(Pattern.compile("^\\d+ of \\d+ lines")))
                    .isVisible();
            Download csv = garden.page()
                    .waitForDownload(() -> garden.page()
                            .getByRole(
                                    AriaRole.LINK,
                                    new com.microsoft.playwright.Page.GetByRoleOptions()
                                            .setName("CSV")
                                            .setExact(true))
                            .click());
            assertThat(Files.readString(csv.path())).contains("Cedar");
            garden.page().goBack();
            assertThat(garden.sheet()).isVisible();
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void everyPaperOpensFromItsAddressAndFromAMenu() {
        try (Garden garden = Garden.demo()) {
            for (String paper : List.of(
                    "Setting out", "Beds", "Fill of each bed", "Watering", "Bill", "Price book", "Receipts", "Edits")) {
                open(garden, paper);
                assertThat(garden.button("Back to the sheet")).isVisible();
                assertThat(garden.page().getByText("Fetching it")).hasCount(0);
            }
            garden.page().reload();
            assertThat(garden.page()
                            .getByRole(
                                    AriaRole.HEADING,
                                    new com.microsoft.playwright.Page.GetByRoleOptions()
                                            .setName(Pattern.compile("^Edits"))))
                    .isVisible();
            garden.step("Beds");
            assertThat(garden.sheet()).isVisible();
            assertThat(garden.complaints()).isEmpty();
        }
    }
}
