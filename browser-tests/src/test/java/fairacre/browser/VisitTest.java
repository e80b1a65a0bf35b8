package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.AxeResults;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Coming, looking round and going; for everybody, and on a phone. */
class VisitTest {

    private static final List<String> STANDARD = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    @Test
    void theDemoHasThreeSeasonsThreeGardenersAndSomeSnags() {
        try (Garden garden = Garden.demo()) {
            garden.season(2028);
            assertThat(garden.page().locator("[data-bed]")).hasCount(15);
            assertThat(garden.snags()).containsText("Nobody reaches");
            assertThat(garden.snags()).containsText("too narrow for Maren");
            assertThat(garden.snags()).containsText("contingency");
            garden.season(2026);
            assertThat(garden.page().locator("[data-bed]")).hasCount(6);
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void oneSignsOutAndTheGardenIsClosed() {
        try (Garden garden = Garden.begun()) {
            String address = garden.page().url();
            garden.button("Sign out").click();
            assertThat(garden.button("Sign in")).isVisible();
            garden.page().navigate(address);
            assertThat(garden.button("Sign in")).isVisible();
        }
    }

    @Test
    void somebodyElsesGardenIsNotThere() {
        try (Garden owner = Garden.begun();
                Garden other = Garden.opened().signUp()) {
            other.page().navigate(owner.page().url());
            assertThat(other.page().getByText("There is no such garden.")).isVisible();
        }
    }

    @Test
    void aDeletedGardenIsBroughtBack() {
        try (Garden garden = Garden.begun()) {
            garden.page().navigate(Garden.SERVER.address() + "/gardens");
            garden.button("Delete Test garden").click();
            assertThat(garden.page().getByText("None yet. Begin one below.")).isVisible();
            garden.button("Bring Test garden back").click();
            garden.button("Copy Test garden").click();
            assertThat(garden.page().getByText("Test garden 2")).isVisible();
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aWrongPasswordIsToldAtItsField() {
        try (Garden garden = Garden.opened()) {
            garden.page().getByLabel("E-mail or user name").fill("nobody@example.org");
            garden.page().getByLabel("Password, at least 10 characters").fill("not the right one");
            garden.button("Sign in").click();
            assertThat(garden.page().getByLabel("Password, at least 10 characters"))
                    .hasAccessibleDescription(java.util.regex.Pattern.compile("don't belong together"));
        }
    }

    @Test
    void theEditsAreListedWithWhoMadeThem() {
        try (Garden garden = Garden.begun()) {
            garden.season(2027);
            garden.place("2 m", "1 m", "1 m", "1 m");
            garden.button("Edits").click();
            assertThat(garden.paper("Edits")).containsText("Placed Bed 1");
            assertThat(garden.paper("Edits")).containsText("@example.org");
            garden.button("Go back to before: Placed Bed 1").click();
            assertThat(garden.paper("Edits")).containsText("Went back to before: Placed Bed 1");
        }
    }

    @Test
    void everyStepMeetsTheAccessibilityStandard() {
        try (Garden garden = Garden.demo()) {
            garden.season(2028);
            garden.bed("Rope bed").click();
            for (String step : List.of("Ground", "Beds", "Walks", "Frames", "Fill", "Purse")) {
                garden.step(step);
                garden.kept();
                assertAccessible(garden.page());
            }
        }
    }

    @Test
    void thePagesBeforeMeetItToo() {
        try (Garden garden = Garden.opened()) {
            assertAccessible(garden.page());
            garden.signUp();
            garden.button("Begin a garden").click();
            assertAccessible(garden.page());
        }
    }

    @Test
    void onAPhoneNothingIsWiderThanTheScreen() {
        try (Garden garden = Garden.opened(390, 800)) {
            assertFits(garden.page());
            garden.signUp();
            garden.button("Begin a garden").click();
            assertFits(garden.page());
            garden.type("Name of the garden", "Pocket garden with a very long name that has to be cut somewhere");
            garden.button("Begin this garden").click();
            garden.sheet().waitFor();
            assertFits(garden.page());
        }
    }

    private static void assertFits(Page page) {
        assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                .isLessThanOrEqualTo(390);
    }

    private static void assertAccessible(Page page) {
        AxeResults results = new AxeBuilder(page).withTags(STANDARD).analyze();
        assertThat(results.getViolations())
                .extracting(rule -> rule.getId() + " " + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
