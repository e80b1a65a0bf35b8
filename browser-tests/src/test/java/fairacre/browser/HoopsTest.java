package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Hoops on four beds and an arch between two, as somebody new goes about it. */
class HoopsTest {

    private static final double FOOT = 0.3048;

    /** Four beds of 4 x 8 ft in the ground, and a slim one. */
    private static Plan fourBeds() {
        Bed[] beds = IntStream.range(0, 4)
                .mapToObj(i -> bed("Bed " + (i + 1), 6 * FOOT, (5 + 7 * i) * FOOT, 8 * FOOT, 4 * FOOT))
                .toArray(Bed[]::new);
        return with(
                plot(24 * FOOT, 36 * FOOT, List.of(gardener("Ada", 0.7, 0.6)), beds),
                new Change.DescribeGarden("Four beds", Units.FEET_AND_INCHES),
                new Change.PlaceBed(bed("Slim", 18 * FOOT, 10 * FOOT, 8 * FOOT, 2 * FOOT)));
    }

    @Test
    void hoopsOnFourBeds() throws Exception {
        try (Garden garden = Garden.with(fourBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            garden.button("Put hoops over beds of one size").click();
            garden.kept();
            Locator form = page.getByTestId("hoops");
            form.locator("summary").first().click();
            // A bed of 8 ft takes three bows 4 ft apart. A half circle over 4 ft less 20 mm is pi times 0.5996 m long,
            // and there is a foot at either end.
            assertThat(form.getByTestId("hoop-figures")).containsText("12 bows of 8′ 2");
            assertThat(page.locator("[data-bow]")).hasCount(12);
            assertThat(form.getByTestId("side-view"))
                    .hasAttribute("aria-label", Pattern.compile("wide between its feet, 1′ 11 5/8″ high"));
            form.getByLabel("Over one bed more").selectOption("Slim");
            garden.kept();
            // The pipe cut for 4 ft goes to a radius of 0.29 m over 2 ft: it bears 0.4 m.
            garden.snags()
                    .getByText("Over Slim the bows of Hoops are bent to a radius")
                    .click();
            assertThat(garden.snags()).containsText("bears 1′ 3 3/4″");
            garden.snags().getByText("Take Slim off the list of Hoops").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("bent to a radius");
            assertThat(page.locator("[data-bow]")).hasCount(12);
            assertThat(form).containsText("bags of soil along its sides hold it in the wind");
            // By keyboard, bows of wood: 45 mm that bend to 0.565 m inside are ten strips of 4.5 mm.
            form.getByLabel("Pipe, wire or strips").press("End");
            garden.kept();
            assertThat(form.getByTestId("glued-bow")).containsText("Each bow is 10 strips of 0.18 in");
        }
    }

    @Test
    void aLengthThatMakesNoBowIsToldAndNothingIsLost() throws Exception {
        try (Garden garden = Garden.with(fourBeds())) {
            Page page = garden.page();
            garden.step("Sun & structures");
            garden.button("Put hoops over beds of one size").click();
            garden.kept();
            Locator form = page.getByTestId("hoops");
            form.locator("summary").first().click();
            garden.type("Pipe of a bow", "1 ft");
            assertThat(form.getByRole(AriaRole.ALERT).first()).isVisible();
            garden.type("Pipe of a bow", "5 ft");
            garden.kept();
            garden.snags()
                    .getByText("Hoops can't stand over Bed 1: it is 3′ 11 3/16″ wide inside")
                    .click();
            garden.snags().getByText("Cut longer bows").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("can't stand over");
            Download printed = page.waitForDownload(() ->
                    page.getByText("Print all structures from the side (PDF)").click());
            assertThat(new String(Files.readAllBytes(printed.path()), 0, 4, StandardCharsets.US_ASCII))
                    .isEqualTo("%PDF");
        }
    }

    @Test
    void anArchBetweenTwoBedsIsDraggedTooWideAndPutRight() throws Exception {
        Plan plan =
                plot(16, 12, List.of(gardener("Ada", 0.7, 0.6)), bed("Beans", 5, 6, 2, 3), bed("Kale", 8.5, 6, 2, 3));
        try (Garden garden = Garden.with(plan)) {
            Page page = garden.page();
            garden.step("Sun & structures");
            garden.button("Where could an arch stand?").click();
            garden.button("Between Beans and Kale").click();
            garden.kept();
            Locator form = page.getByTestId("arch");
            form.locator("summary").first().click();
            // 1.5 m of walk and 2 in at either end: half a circle over 1.6016 m and legs of a panel of 4.8768 m.
            assertThat(form).containsText("1.981 m of headroom");
            assertThat(form).containsText("Its feet stand in Beans and Kale.");
            assertThat(page.getByTestId("arch-drawn")).hasCount(1);
            garden.type("Length of panel", "4.5 m");
            garden.kept();
            garden.snags()
                    .getByText("Arch leaves 1.793 m of headroom: 1.981 m are wanted.")
                    .click();
            garden.snags().getByText("Take a panel 4.88 m long").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("of headroom");
        }
    }
}
