package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.compost;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.BoundingBox;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Whatever is on the sheet is picked up, moved, bent, typed and taken out in the same way. */
class ThingsTest {

    private static Plan plan() {
        return with(
                plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 3, 2.4, 1), bed("Kale", 3, 5, 2.4, 1)),
                Put.of(gate("Gate", 2, 0, 1)),
                Put.of(feature("Tap", FeatureKind.TAP, 0, 0, 8, 1)),
                Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 7, 5, 9, 5, 9, 7, 7, 7)),
                Put.of(feature("Hedge", FeatureKind.HEDGE, 0.5, 0, 0.5, 7, 4, 7)),
                Put.of(compost("Heaps", 6, 1, 0)));
    }

    private static Locator thing(Garden garden, String name) {
        return garden.page().locator("[data-thing='" + name + "']");
    }

    /** From its middle by so many metres to the right and up. */
    private static void drag(Garden garden, Locator what, double right, double up) {
        double scale = garden.bed("Beans").boundingBox().width / 2.4;
        BoundingBox box = what.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        Mouse mouse = garden.page().mouse();
        mouse.move(x, y);
        mouse.down();
        mouse.move(x + right * scale / 2, y - up * scale / 2);
        mouse.move(x + right * scale, y - up * scale, new Mouse.MoveOptions().setSteps(4));
        garden.letGo();
    }

    private static Locator fields(Garden garden) {
        return garden.page().locator("details[open][data-fields], fieldset[data-fields]");
    }

    @Test
    void aGateSlidesAlongTheEdgeAndIsWidened() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            drag(garden, thing(garden, "Gate"), 1.5, 0.7);
            garden.step("Walks");
            assertThat(fields(garden).getByLabel("To the right")).hasValue(Pattern.compile("3\\.[45]\\d m"));
            assertThat(fields(garden).getByLabel("Up")).hasValue("0.00 m");
            drag(garden, garden.page().locator("[data-grip=width]").last(), 0.1, 0);
            assertThat(fields(garden).getByLabel("Width")).hasValue("1.20 m");
            garden.button("Undo").click();
            garden.kept();
            assertThat(fields(garden).getByLabel("Width")).hasValue("1.00 m");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aTapAHouseAHedgeAndCompostBaysAreMovedLikeBeds() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.step("Ground");
            drag(garden, thing(garden, "Tap"), 0.5, 0.5);
            assertThat(fields(garden).getByLabel("Corner 1, to the right")).hasValue(Pattern.compile("8\\.[45]\\d+ m"));
            assertThat(fields(garden).getByLabel("Corner 1, up")).hasValue(Pattern.compile("1\\.[45]\\d+ m"));
            // Other things stand on a house: the first press only selects it.
            drag(garden, thing(garden, "House"), 0.02, 0);
            drag(garden, thing(garden, "House"), -1, 0);
            assertThat(garden.page().locator("[data-thing='House']").getAttribute("aria-pressed"))
                    .isEqualTo("true");
            Locator house = garden.page()
                    .locator("details[open]")
                    .filter(new Locator.FilterOptions().setHas(garden.page().locator("input[value='House']")));
            assertThat(house.getByLabel("Corner 1, to the right")).hasValue(Pattern.compile("(5\\.9|6\\.0)\\d m"));
            drag(garden, garden.page().locator("[data-grip='corner 1']"), 0.5, 0);
            assertThat(house.getByLabel("Corner 1, to the right")).hasValue(Pattern.compile("6\\.[45]\\d m"));
            garden.page().getByLabel("side 3, 2.00: change").click();
            garden.type("Side 3 of House", "3 m");
            garden.kept();
            assertThat(house.getByLabel("Corner 4, to the right")).hasValue(Pattern.compile("(4\\.9|5\\.0)\\d m"));
            garden.step("Sun & structures");
            thing(garden, "Heaps").click();
            garden.page().keyboard().press("r");
            garden.page().waitForTimeout(700);
            garden.kept();
            assertThat(garden.page().getByTestId("compost").getByLabel("Turned, degrees"))
                    .hasValue("15");
            garden.page().locator("[data-thing='Hedge']").focus();
            garden.page().keyboard().press("Delete");
            garden.kept();
            assertThat(thing(garden, "Hedge")).hasCount(0);
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aMarqueeCatchesThingsOfAllKindsAndTheyGoTogether() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            thing(garden, "Tap").click();
            thing(garden, "Heaps")
                    .click(new Locator.ClickOptions()
                            .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
            assertThat(garden.page().getByLabel("What is selected")).containsText("2 things");
            garden.page().getByLabel("What is selected").getByText("Duplicate").click();
            garden.kept();
            assertThat(thing(garden, "Tap 1")).isVisible();
            assertThat(thing(garden, "Heaps 1")).isVisible();
            garden.button("Undo").click();
            garden.kept();
            assertThat(thing(garden, "Heaps 1")).hasCount(0);
        }
    }

    @Test
    void tabGoesThroughTheThingsInReadingOrderAndLeavesTheSheet() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.page().locator("[data-thing][tabindex='0']").focus();
            List<String> order = new ArrayList<>();
            order.add(focused(garden));
            // Back to the first, then through all of them and out.
            for (int i = 0; i < 10 && !order.get(0).equals("Hedge"); i++) {
                garden.page().keyboard().press("Shift+Tab");
                order.set(0, focused(garden));
            }
            for (int i = 0; i < 7; i++) {
                garden.page().keyboard().press("Tab");
                order.add(focused(garden));
            }
            assertThat(order).containsExactly("Hedge", "House", "Kale", "Beans", "Heaps", "Tap", "Gate", "");
            assertThat(garden.page().evaluate("document.activeElement.tagName")).isNotEqualTo("BODY");
            garden.page().keyboard().press("Shift+Tab");
            assertThat(focused(garden)).isNotEmpty();
        }
    }

    @Test
    void enterGoesFromAThingToItsFieldsWhereverTheyAre() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            thing(garden, "Beans").focus();
            garden.page().keyboard().press("Enter");
            assertThat(garden.field("Name")).isFocused();
            garden.page().keyboard().press("Tab");
            assertThat(garden.field("Length, outside")).isFocused();
            thing(garden, "Tap").focus();
            garden.page().keyboard().press("Enter");
            assertThat(garden.page().locator("[data-fields] input:focus")).hasValue("Tap");
            thing(garden, "Gate").focus();
            garden.page().keyboard().press("Enter");
            assertThat(garden.page().locator("[data-fields] input:focus")).hasValue("Gate");
        }
    }

    @Test
    void whereOneIsSurvivesReloadAndBack() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Kale").click();
            garden.page().waitForTimeout(600);
            garden.step("Fill");
            garden.page()
                    .getByRole(
                            com.microsoft.playwright.options.AriaRole.BUTTON,
                            new com.microsoft.playwright.Page.GetByRoleOptions()
                                    .setName("Larger")
                                    .setExact(true))
                    .click();
            garden.page().waitForTimeout(600);
            double wide = garden.bed("Kale").boundingBox().width;
            garden.page().reload();
            garden.bed("Kale").waitFor();
            assertThat(garden.bed("Kale")).hasAttribute("aria-pressed", "true");
            assertThat(garden.bed("Kale").boundingBox().width).isBetween(wide - 1, wide + 1);
            assertThat(garden.page().getByText("What to buy, by season")).isVisible();
            garden.page().goBack();
            assertThat(garden.field("Length, outside")).isVisible();
        }
    }

    private static String focused(Garden garden) {
        Object name = garden.page().evaluate("document.activeElement?.dataset?.thing ?? ''");
        return String.valueOf(name);
    }
}
