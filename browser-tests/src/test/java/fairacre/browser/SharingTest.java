package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Compost bays by keyboard, and a garden that somebody else looks at. */
class SharingTest {

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void baysAreAddedByKeyboardAndABedThatIsTooFarFromThemIsTold() {
        try (Garden garden = Garden.begun()) {
            garden.place("2", "1", "7", "6");
            garden.snags().getByText("Nobody gardens here yet").click();
            garden.snags().getByText("Add an average adult").click();
            garden.kept();
            garden.step("Sun & structures");
            Page page = garden.page();
            garden.button("Add compost bays").focus();
            page.keyboard().press("Enter");
            garden.kept();
            Locator bays = page.getByTestId("compost");
            assertThat(bays).containsText("holds 2.00 m³");
            bays.locator("summary").focus();
            page.keyboard().press("Enter");
            garden.type("No bed further than", "2 m");
            garden.kept();
            assertThat(garden.snags()).containsText("you want to go 2.00 m at most");
            garden.type("No bed further than", "half a mile");
            assertThat(bays).containsText("Write a length like");
            garden.type("No bed further than", "20 m");
            garden.kept();
            assertThat(garden.snags()).not().containsText("you want to go");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void somebodyLooksAtASharedGardenAndIsToldThatTheyMayNotChangeIt() {
        try (Garden rosa = Garden.begun();
                Garden ben = Garden.opened().signUp()) {
            String name = ben.page().locator("main").getByText("@example.org").textContent();
            rosa.page().navigate(Garden.SERVER.address() + "/gardens");
            rosa.button("Share Test garden").click();
            rosa.type("The name they sign in with", name);
            rosa.button("Share it").click();
            assertThat(rosa.page().getByRole(AriaRole.DIALOG)).containsText(name);
            ben.page().reload();
            assertThat(ben.page().getByText("you may look")).isVisible();
            link(ben.page(), "Test garden").click();
            ben.sheet().waitFor();
            assertThat(ben.page().getByText("shared, you may look")).isVisible();
            ben.step("Sun & structures");
            ben.button("Add compost bays").click();
            assertThat(ben.page().getByText("You may look at this garden, not change it."))
                    .isVisible();
            rosa.button("Take it back from " + name).click();
            assertThat(rosa.page().getByText("With no account yet.")).isVisible();
            ben.page().navigate(Garden.SERVER.address() + "/gardens");
            assertThat(link(ben.page(), "Test garden")).hasCount(0);
        }
    }
}
