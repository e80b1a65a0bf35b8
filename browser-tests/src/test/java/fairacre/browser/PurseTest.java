package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import fairacre.plan.Board;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What the garden costs, and what stands on the bill besides what is drawn. */
class PurseTest {

    @Test
    void whatNoDrawingShowsGoesOnTheBillAndStaysThere() throws Exception {
        try (Garden garden = Garden.with(plot(10, 8, List.of(gardener("Ada", 0.6, 0.6))))) {
            garden.season(2027);
            garden.step("Purse");
            garden.button("+ Skip").click();
            garden.kept();
            Locator skip = garden.page().getByTestId("sundry");
            assertThat(skip).containsText("no price");
            skip.locator("summary").click();
            garden.type("Each, EUR", "120,50");
            garden.kept();
            garden.type("Quantity", "2");
            garden.kept();
            assertThat(planned(garden)).hasText("€241.00");
            garden.type("Each, EUR", "-3");
            assertThat(skip.getByRole(AriaRole.ALERT)).containsText("less than nothing");
            assertThat(planned(garden)).hasText("€241.00");
            garden.field("It is").selectOption("FREE");
            garden.kept();
            assertThat(planned(garden)).hasText("€0.00");
            assertThat(garden.page().getByTestId("worth")).containsText("€241.00 saved");
            garden.page().reload();
            garden.season(2027);
            garden.step("Purse");
            assertThat(garden.page().getByTestId("worth")).containsText("€241.00 saved");
            garden.page().getByTestId("sundry").locator("summary").click();
            garden.button("Take Skip off the bill").click();
            garden.kept();
            assertThat(garden.page().getByTestId("sundry")).hasCount(0);
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void receiptsCountAgainstTheBudgetAsThePaperHasThem() throws Exception {
        try (Garden garden = Garden.with(plot(10, 8, List.of(gardener("Ada", 0.6, 0.6))))) {
            garden.season(2027);
            garden.step("Purse");
            garden.page().getByText("Enter a receipt").click();
            garden.type("Shop", "Hollow Lane Timber");
            garden.type("What", "Fence boards");
            garden.type("All, EUR", "30,00");
            garden.type("Discount", "3");
            garden.type("Paper’s total", "28.00");
            garden.button("Enter it").click();
            Locator receipt = garden.page().getByTestId("receipt");
            assertThat(receipt).containsText("the paper says €28.00, the lines come to €27.00");
            assertThat(garden.page().locator("[data-figure=paid]")).hasText("€27.00");
            receipt.locator("summary").click();
            garden.button("Take this receipt back").click();
            assertThat(receipt).hasCount(2);
            assertThat(garden.page().locator("[data-figure=paid]")).hasText("€0.00");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aLineOfTheBillOpensToItsArithmeticAndItsBeds() throws Exception {
        try (Garden garden = Garden.with(plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 3, 2.4, 1, 0, Optional.of(cedar(Board.B2X6, 1)))))) {
            garden.season(2027);
            garden.step("Purse");
            Locator line = garden.page().locator("tr button[aria-expanded]").first();
            line.click();
            assertThat(garden.page().getByText("for Beans").first()).isVisible();
            assertThat(garden.bed("Beans")).hasAttribute("aria-pressed", "true");
        }
    }

    @Test
    void soilIsSetOutInBagsAndLooseWithItsTrips() throws Exception {
        try (Garden garden = Garden.with(plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 3, 2.4, 1, 0, Optional.of(cedar(Board.B2X6, 1)))))) {
            garden.season(2027);
            garden.step("Fill");
            // 2.3238 m by 0.9238 m inside and 0.1143 m deep are 245 L: five bags of 50 L, three barrows of 85 L.
            Locator supply = garden.page().getByTestId("supply");
            assertThat(supply).containsText("245 L");
            assertThat(supply).containsText("5 × Garden mix, bag of 50 L");
            assertThat(supply).containsText("0.5 × Garden mix, loose, a cubic metre");
            assertThat(supply).containsText("3 barrows: about 0.3 h");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void pricesAreReadFromAFileAndShownBeforeTheyAreTakenOver() throws Exception {
        try (Garden garden = Garden.with(plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 3, 2.4, 1, 0, Optional.of(cedar(Board.B2X6, 1)))))) {
            garden.season(2027);
            garden.step("Purse");
            garden.page().getByText("Prices as a file").click();
            garden.page().getByLabel("File of prices").setInputFiles(new FilePayload("shop.csv", "text/csv",
                    "key;price\nsoil/bag/50l;3,15\nsoil/moon;1\n".getBytes(StandardCharsets.UTF_8)));
            Locator found = garden.page().getByTestId("price-reading");
            assertThat(found).containsText("1 new or changed");
            assertThat(found).containsText("Row 3 (soil/moon 1)");
            garden.button("Take over 1 price").click();
            garden.kept();
            assertThat(garden.field("Price of Garden mix, bag of 50 L")).hasValue("3.15");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    private static Locator planned(Garden garden) {
        return garden.page().locator("[data-figure=planned]");
    }
}
