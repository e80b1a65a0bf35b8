package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Somebody who has never seen the program: from the demo to a garden of their own that they show to others. */
class StrangerTest {

    private static Locator link(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void fromTheDemoToAGardenOfOnesOwnThatIsShown() {
        try (Garden garden = Garden.opened();
                Garden neighbour = Garden.opened(390, 844)) {
            Page page = garden.page();
            garden.button("Look round the demo").click();
            garden.sheet().waitFor();
            assertThat(link(page, "Sign up to keep it")).isVisible();

            link(page, "Fair Acre").click();
            garden.button("Begin a garden").click();
            garden.type("Name of the garden", "Behind the mill");
            garden.field("Begin with").selectOption("SMALL_YARD");
            garden.button("Begin this garden").click();
            garden.bed("Bed 3").waitFor();
            assertThat(garden.snags()).containsText("Nothing is wrong with the plan");
            garden.step("Beds");
            garden.place("1 m", "0.9 m", "8 m", "6 m");
            assertThat(page.locator("[data-bed]")).hasCount(4);

            link(page, "Sign up to keep it").click();
            garden.field("E-mail or user name").fill(UUID.randomUUID() + "@example.org");
            garden.field("Password, at least 10 characters").fill("a long enough one");
            garden.button("Sign up").click();
            garden.button("Share Behind the mill").click();
            garden.button("Make a link").click();
            String address = page.getByLabel(Pattern.compile("^The link, shown this once"))
                    .inputValue();

            neighbour.page().navigate(address);
            assertThat(neighbour.page().locator("[data-bed]")).hasCount(4);
            garden.button("Take the link back").click();
            assertThat(garden.button("Make a link")).isVisible();
            neighbour.page().reload();
            assertThat(neighbour.page().getByText("There is no such garden.")).isVisible();
            neighbour.page().navigate(address);
            assertThat(neighbour.page().getByText("This link leads nowhere.")).isVisible();
        }
    }

    @Test
    void anEmptyGardenSaysWhatToBeginWith() {
        try (Garden garden = Garden.begun()) {
            Locator first =
                    garden.page().getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To begin with"));
            assertThat(first.getByRole(AriaRole.LISTITEM)).hasCount(5);
            garden.place("2 m", "1 m", "1 m", "1 m");
            assertThat(garden.button("Draw the first bed")).hasCount(0);
            assertThat(first.getByRole(AriaRole.LISTITEM)).hasCount(4);
            garden.button("I know my way").click();
            assertThat(first).hasCount(0);
        }
    }

    @Test
    void whoForgotTheirPasswordSetsAnotherWithACode() {
        try (Garden garden = Garden.opened()) {
            Page page = garden.page();
            String name = UUID.randomUUID() + "@example.org";
            garden.field("E-mail or user name").fill(name);
            garden.field("Password, at least 10 characters").fill("a long enough one");
            garden.button("Sign up").click();
            link(page, "Your account, " + name).click();
            Locator codes = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Recovery codes"));
            codes.getByLabel("Your password now").fill("a long enough one");
            garden.button("Make eight new codes").click();
            String code = codes.getByRole(AriaRole.LISTITEM).first().textContent();
            link(page, "Back to your gardens").click();
            garden.button("Sign out").click();
            link(page, "Password forgotten?").click();
            garden.field("E-mail or user name").fill(name);
            garden.field("Code, like 7K2M-Q9XD-04TP").fill(code.toLowerCase(Locale.ROOT));
            garden.field("New password, at least 10 characters").fill("a shed of green glass");
            garden.button("Set it and sign in").click();
            assertThat(garden.button("Begin a garden")).isVisible();
        }
    }
}
