package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.plan.Plan;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Structures put up, altered and taken down by somebody who has a keyboard alone. */
class KeyboardTest {

    /** There is less to pass by Tab on a whole page. */
    private static final int MOST_TABS = 150;

    private static Plan twoBeds() {
        return plot(16, 12, List.of(gardener("Ada", 0.7, 0.6)), bed("Beans", 5, 6, 2, 3), bed("Kale", 8.5, 6, 2, 3));
    }

    private static void tabTo(Page page, Locator wanted) {
        goTo(page, wanted, "Tab");
    }

    private static void goTo(Page page, Locator wanted, String key) {
        Locator first = wanted.first();
        first.waitFor();
        for (int i = 0; i < MOST_TABS; i++) {
            if ((boolean) first.evaluate("element => element === document.activeElement")) {
                return;
            }
            page.keyboard().press(key);
        }
        throw new AssertionError("not reached by " + key + ": " + wanted);
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static void press(Garden garden, String name) {
        tabTo(garden.page(), button(garden.page(), name));
        garden.page().keyboard().press("Enter");
    }

    private static void fill(Garden garden, String label, String text) {
        Page page = garden.page();
        tabTo(page, page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)));
        page.keyboard().press("Control+A");
        page.keyboard().type(text);
    }

    private static void enter(Garden garden, String label, String text) {
        fill(garden, label, text);
        garden.page().keyboard().press("Enter");
    }

    /** Opens a thing of a list further up, unless it has opened by itself. */
    private static void unfold(Garden garden, String testId) {
        Page page = garden.page();
        Locator thing = page.getByTestId(testId);
        goTo(page, thing.locator("summary"), "Shift+Tab");
        if (thing.getAttribute("open") == null) {
            page.keyboard().press("Enter");
        }
    }

    @Test
    void structuresByKeyboardAlone() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            // Nothing is lost from under the fingers while the program judges the plan.
            page.route("**/judgement*", held -> {});
            page.route("**/appraisal*", held -> {});
            press(garden, "Cold frame for beds of one size");
            garden.kept();
            assertThat(page.getByTestId("bed-cover")).hasCount(1);
            assertThat(button(page, "Cold frame for beds of one size")).isFocused();
            assertThat(page.locator("[data-bed]")).hasCount(2);
            page.unroute("**/judgement*");
            page.unroute("**/appraisal*");
            press(garden, "Where could an arch stand?");
            press(garden, "Between Beans and Kale");
            garden.kept();
            assertThat(button(page, "Where could an arch stand?")).isFocused();
            press(garden, "Trellis by numbers");
            fill(garden, "From plot's left", "4.1 m");
            fill(garden, "From plot's foot", "4.4 m");
            fill(garden, "To, from plot's left", "5.9 m");
            enter(garden, "To, from plot's foot", "4.4 m");
            garden.kept();
            assertThat(page.getByTestId("trellis-drawn")).hasCount(1);
            press(garden, "Build a tunnel on free ground");
            garden.kept();
            assertThat(page.getByTestId("tunnel")).hasCount(1);
            unfold(garden, "trellis");
            enter(garden, "Height of its top", "1.5 m");
            garden.kept();
            assertThat(page.getByTestId("trellis-figures")).containsText("0.75 m in the ground");
            press(garden, "Take down Trellis");
            garden.kept();
            assertThat(page.getByTestId("trellis-drawn")).hasCount(0);
            page.keyboard().press("Control+Z");
            garden.kept();
            assertThat(page.getByTestId("trellis-drawn")).hasCount(1);
            unfold(garden, "arch");
            enter(garden, "Length of panel", "4.5 m");
            garden.kept();
            assertThat(page.getByTestId("arch-figures")).isVisible();
            assertThat(page.getByTestId("arch")).containsText("1.793 m of headroom");
        }
    }
}
