package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A tunnel round two beds, as somebody new builds it. */
class TunnelTest {

    private static Plan twoRows() {
        return with(
                plot(
                        12,
                        10,
                        List.of(gardener("Ada", 0.7, 0.6)),
                        bed("Beans", 6, 6.1, 6, 1.2),
                        bed("Kale", 6, 3.9, 6, 1.2)),
                Put.of(gate("Gate", 6, 0, 1)));
    }

    @Test
    void aTunnelIsBuiltRoundTwoBedsAndMadeAiryAndHigh() throws Exception {
        try (Garden garden = Garden.with(twoRows())) {
            Page page = garden.page();
            garden.bed("Beans").click();
            garden.bed("Kale")
                    .click(new Locator.ClickOptions()
                            .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
            garden.step("Sun & structures");
            garden.button("Build a tunnel round the 2 selected beds").click();
            garden.kept();
            Locator form = page.getByTestId("tunnel");
            form.locator("summary").first().click();
            Locator figures = form.getByTestId("tunnel-figures");
            assertThat(figures).containsText("Over Beans, Kale.");
            assertThat(figures).containsText("Least headroom where one walks: 2.083 m, in the middle.");
            // Bays of 3 ft at most over 6 m: seven, and one bow more.
            assertThat(figures).containsText("8 bows of");
            assertThat(page.getByTestId("tunnel-drawn")).hasCount(1);
            garden.type("Height in the middle", "1.8 m");
            garden.snags().getByText("of headroom where one walks").click();
            garden.snags().getByText("Make the bows 2.00 m high").click();
            garden.kept();
            assertThat(form.getByLabel("Height in the middle")).hasValue("2.00 m");
            form.getByLabel("Both sides roll up").uncheck();
            garden.kept();
            form.getByLabel("Doors", new Locator.GetByLabelOptions().setExact(true))
                    .selectOption("In one end");
            garden.kept();
            garden.snags().getByText("of its floor").click();
            garden.snags().getByText("Put a door in the other end too").click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("of its floor");
            garden.type("Length of the ridge", "5 m");
            garden.snags().getByText("runs through Beans and Kale").click();
            garden.snags().getByText("Let it stand round Beans and Kale").click();
            garden.kept();
            assertThat(form.getByLabel("Length of the ridge")).hasValue("6.00 m");
            garden.type("Door off the middle", "1.5 m");
            assertThat(form.getByRole(AriaRole.ALERT).first()).containsText("not within the end of the tunnel");
        }
    }
}
