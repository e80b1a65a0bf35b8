package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The sun of March and of June, as somebody new looks at it, by pointer and by keyboard. */
class SunTest {

    private static Locator stands(Page page) {
        return page.getByTestId("sun-stands");
    }

    @Test
    void shadowsWanderAndTheTrellisMovesToTheOtherSide() {
        try (Garden garden = Garden.demo()) {
            Page page = garden.page();
            garden.season(2029);
            garden.step("Sun & structures");
            assertThat(stands(page)).containsText("high in the S.");
            Locator shadows = page.locator("[data-shadow]");
            assertThat(shadows.count()).isGreaterThan(5);
            String june = shadows.first().getAttribute("d");
            Locator day = page.getByLabel("Day of the year");
            day.focus();
            for (int i = 0; i < 6; i++) {
                page.keyboard().press("ArrowLeft");
            }
            assertThat(day).hasAttribute("aria-valuetext", "23 Mar");
            // 90 degrees less the latitude of 53.6, and 1.2 more three days after the equinox. 7.9 degrees east of
            // Greenwich the clock of Berlin shows 28 minutes more.
            assertThat(stands(page)).containsText("The sun stands 38° high");
            assertThat(stands(page)).containsText("12:28");
            assertThat(shadows.first().getAttribute("d")).isNotEqualTo(june);
            page.getByLabel("Light on the sheet").selectOption("GROWING");
            assertThat(page.getByTestId("sun-legend")).containsText("fruiting crops");
            assertThat(page.locator("[data-sun=SHADE]").count()).isPositive();
            String before = hours(page, "Slip bed");
            garden.snags().getByText("Bean trellis takes").click();
            Locator move = garden.snags().getByText("Move Bean trellis to the other side of Slip bed");
            assertThat(page.getByTestId("beds-in-the-sun")).containsText("light sum");
            move.focus();
            assertThat(page.getByText("Hours before and after the edit that is being tried."))
                    .isVisible();
            move.click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("Bean trellis takes");
            page.waitForCondition(() -> Double.parseDouble(hours(page, "Slip bed")) > Double.parseDouble(before) + 0.5);
        }
    }

    /** As the list of beds tells it. */
    private static String hours(Page page, String bed) {
        return page.getByTestId("beds-in-the-sun")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(bed))
                .innerText()
                .replaceAll("(?s).*?([0-9.]+) h.*", "$1");
    }
}
