package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Site;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A trellis on the wrong side of a bed, as somebody new finds out and moves it. */
class TrellisTest {

    private static final Pattern HOURS = Pattern.compile("(\\d+\\.\\d) → (\\d+\\.\\d) h");

    /** Two beds, one north of the other, at 50 degrees north. */
    private static Plan twoBeds() {
        Plan plan = plot(12, 12, List.of(), bed("Lettuce", 6, 7, 4, 1), bed("Kale", 6, 4.5, 4, 1));
        return with(plan, new GroundChange.SetSite(new Site(plan.site().corners(), 0, 50)));
    }

    private static void placeByNumbers(Garden garden, String x1, String y1, String x2, String y2) {
        garden.button("Trellis by numbers").click();
        garden.page()
                .getByLabel("From plot's left", new Page.GetByLabelOptions().setExact(true))
                .fill(x1);
        garden.page()
                .getByLabel("From plot's foot", new Page.GetByLabelOptions().setExact(true))
                .fill(y1);
        garden.page().getByLabel("To, from plot's left").fill(x2);
        garden.page().getByLabel("To, from plot's foot").fill(y2);
        garden.button("Put the trellis there").click();
        garden.kept();
    }

    @Test
    void theHoursBeforeAndAfterItIsMoved() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            placeByNumbers(garden, "4.1 m", "6.6 m", "7.9 m", "6.6 m");
            Locator form = page.getByTestId("trellis");
            // Four posts no more than 1.8 m apart; half of 2 m in the ground.
            assertThat(form.getByTestId("trellis-figures"))
                    .containsText("4 posts of 3.00 m, 1.00 m in the ground: half as deep as high, as is usual.");
            assertThat(form.getByTestId("trellis-figures")).containsText("It belongs to Lettuce.");
            assertThat(page.getByTestId("trellis-drawn").locator("circle")).hasCount(4);
            page.getByLabel("Thing or bed to try otherwise").selectOption("Trellis");
            Locator ways = page.getByTestId("sun-comparison");
            assertThat(ways).containsText("Move it to the other side of Lettuce: +");
            Locator moved = ways.getByRole(AriaRole.LISTITEM).first();
            Matcher hours = HOURS.matcher(moved.getByRole(AriaRole.ROW)
                    .filter(new Locator.FilterOptions().setHasText("Lettuce"))
                    .innerText());
            assertThat(hours.find()).isTrue();
            double before = Double.parseDouble(hours.group(1));
            double after = Double.parseDouble(hours.group(2));
            assertThat(after).isGreaterThan(before + 1);
            moved.getByRole(AriaRole.BUTTON).click();
            garden.kept();
            // The list of beds tells the same hours.
            assertThat(page.getByTestId("beds-in-the-sun")
                            .getByRole(AriaRole.LISTITEM)
                            .filter(new Locator.FilterOptions().setHasText("Lettuce")))
                    .containsText(hours.group(2) + " h");
            garden.button("Undo").click();
            garden.kept();
            garden.snags().getByText("on the other side of Lettuce it takes").click();
            garden.snags()
                    .getByText("Move Trellis to the other side of Lettuce")
                    .click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("on the other side of Lettuce it takes");
        }
    }

    @Test
    void onTheBestSideOfABedAndHeldAgainstTheWind() throws Exception {
        try (Garden garden = Garden.with(twoBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            page.getByTestId("beds-in-the-sun").getByText("Lettuce").click();
            garden.button("Best side of Lettuce").click();
            Locator first = page.getByTestId("trellis-proposals")
                    .getByRole(AriaRole.LISTITEM)
                    .first();
            assertThat(first).containsText("On the north side");
            first.getByRole(AriaRole.BUTTON).click();
            garden.kept();
            Locator form = page.getByTestId("trellis");
            form.locator("summary").first().click();
            form.getByLabel("Make").selectOption("Stiff panels on posts");
            garden.kept();
            form.getByLabel("Where it stands").selectOption("Hilltop or coast");
            garden.kept();
            garden.type("Height of its top", "2.4 m");
            garden.kept();
            garden.snags()
                    .getByText("In full leaf a storm pushes each post of Trellis")
                    .click();
            garden.snags().getByText(Pattern.compile("^Make it .* high$")).click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("pushes each post");
            // Too low to be one: the old height stays, and why is said at the field.
            garden.type("Height of its top", "10 cm");
            assertThat(form.getByRole(AriaRole.ALERT).first()).isVisible();
            form.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take down Trellis"))
                    .click();
            garden.kept();
            assertThat(page.getByTestId("trellis-drawn")).hasCount(0);
        }
    }
}
