package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;

/**
 * Makes the pictures of the documentation from the demo data, when asked for: {@code FAIRACRE_SCREENSHOTS=1 ./fairacre
 * test}.
 */
@EnabledIfEnvironmentVariable(named = "FAIRACRE_SCREENSHOTS", matches = "1")
class ScreenshotsTest {

    private static final Path FOLDER = Path.of("../docs/screenshots");

    @Test
    void theViewsOfTheDemoGarden() {
        try (Garden garden = Garden.demo()) {
            garden.season(2028);
            garden.bed("Rope bed").waitFor();
            shoot(garden, "sheet");
            garden.bed("Rope bed").click();
            garden.step("Walks");
            shoot(garden, "reach");
            garden.step("Frames");
            shoot(garden, "frames");
            garden.step("Fill");
            shoot(garden, "fill");
            garden.step("Purse");
            shoot(garden, "purse");
            garden.button("Bill as a page").click();
            garden.page().getByLabel("Find").waitFor();
            garden.page().getByText("Cedar or larch, 38x150 mm, 4.20 m").first().hover();
            shoot(garden, "bill");
            garden.step("Ground");
            shoot(garden, "ground");
            garden.step("Water");
            garden.page().getByTestId("programme").scrollIntoViewIfNeeded();
            shoot(garden, "water");
            garden.step("Fence");
            garden.page().getByTestId("pest-table").waitFor();
            shoot(garden, "fence");
            garden.step("Beds");
            garden.button("Try arrangements …").click();
            garden.button("Try them").click();
            garden.page().getByText(Pattern.compile("^[1-9] sound layout")).waitFor();
            shoot(garden, "arrangements");
            garden.button("Close").click();
            garden.snags().getByText("Nobody reaches").click();
            garden.snags().getByText("Narrow Squash bed to 1.36 m").hover();
            assertThat(garden.snags()).containsText("put right");
            shoot(garden, "remedy");
            garden.step("Sun & structures");
            garden.page().getByLabel("Time by the sun").fill("22");
            assertThat(garden.page().getByTestId("sun-stands")).containsText("WSW");
            shoot(garden, "sun");
            garden.season(2029);
            garden.step("Crops");
            garden.page().locator("[data-planting=Carrots] circle").first().waitFor();
            garden.snags().getByText("Peppers is planted").waitFor();
            shoot(garden, "crops");
            garden.button("Year of the beds as a page").click();
            garden.page().getByLabel("Rope bed lies bare").click();
            garden.page().getByText("To keep the soil covered").waitFor();
            shoot(garden, "year");
            garden.button("Back to the sheet").click();
            garden.page().getByText("What we eat").click();
            garden.button("Rotation as a page").click();
            garden.button("Plan them").click();
            garden.page().getByTestId("years-found").waitFor();
            shoot(garden, "rotation");
            garden.season(2027);
            garden.button("Papers ▾").click();
            garden.page()
                    .getByRole(
                            AriaRole.MENUITEM,
                            new Page.GetByRoleOptions().setName("Work calendar").setExact(true))
                    .click();
            garden.page().getByText("All that is planned is done").waitFor();
            shoot(garden, "work");
        }
    }

    @Test
    void thePagesBefore() {
        try (Garden garden = Garden.opened()) {
            garden.button("Look round the demo").waitFor();
            garden.signUp();
            garden.button("Begin a garden").click();
            garden.step("Sides and a diagonal");
            garden.type("Second side", "7.2 m");
            garden.type("Third side", "9.1 m");
            garden.kept();
            shoot(garden, "new-garden");
        }
    }

    @Test
    void onAPhone() {
        try (Garden garden = Garden.opened(390, 844)) {
            garden.button("Look round the demo").click();
            garden.sheet().waitFor();
            garden.season(2028);
            garden.bed("Rope bed").waitFor();
            shoot(garden, "phone");
            garden.step("Purse");
            garden.page()
                    .getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions()
                                    .setName("Shopping list 2028")
                                    .setExact(true))
                    .click();
            garden.page().getByTestId("done").waitFor();
            shoot(garden, "shopping");
        }
    }

    private static void shoot(Garden garden, String name) {
        garden.page().waitForTimeout(500);
        garden.page().screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
