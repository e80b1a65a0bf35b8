package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import fairacre.measure.Units;
import fairacre.plan.Bed;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A fence against deer and rabbits, as somebody new goes about it. */
class FenceTest {

    private static final double FOOT = 0.3048;
    /** 40 x 60 ft with a gate of 4 ft in the middle of either short side, and thirteen boxes well off its edge. */
    private static Plan fortyBySixty() {
        Bed[] boxes = IntStream.range(0, 13)
                .mapToObj(i ->
                        bed("Box " + (i + 1), (8 + 12 * (i % 3)) * FOOT, (8 + 10 * (i / 3)) * FOOT, 8 * FOOT, 4 * FOOT))
                .toArray(Bed[]::new);
        return with(
                plot(40 * FOOT, 60 * FOOT, List.of(gardener("Ada", 0.6, 0.6)), boxes),
                new Change.DescribeGarden("Forty by sixty", Units.FEET_AND_INCHES),
                Put.of(gate("Front gate", 20 * FOOT, 0, 4 * FOOT)),
                Put.of(gate("Back gate", 20 * FOOT, 60 * FOOT, 4 * FOOT)));
    }

    private static Locator pests(Garden garden) {
        return garden.page().getByTestId("pest-table");
    }

    private static Locator proposal(Garden garden, String line) {
        return garden.page()
                .getByTestId("fence-proposals")
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(line));
    }

    @Test
    void aGardenOfFortyBySixtyFeetIsFencedAgainstDeerAndRabbits() throws Exception {
        try (Garden garden = Garden.with(fortyBySixty())) {
            garden.step("Fence");
            garden.button("+ Deer").click();
            garden.kept();
            garden.button("+ Rabbits").click();
            garden.kept();
            assertThat(pests(garden)).containsText("open ground");
            garden.button("Where could a fence lead?").click();
            assertThat(proposal(garden, "Along the plot")).containsText("keeps out Deer, Rabbits");
            assertThat(proposal(garden, "Round the beds")).containsText("shorter");
            assertThat(proposal(garden, "Strings for one season")).containsText("keeps out Deer");
            proposal(garden, "Along the plot").click();
            garden.kept();
            assertThat(pests(garden)).not().containsText("open ground");
            garden.page().getByTestId("fence").locator("summary").first().click();
            // 200 ft less two gates; 4 corners, 4 posts of gates, 7 in each long side and 2 in each half of a short
            // one.
            Locator figures = garden.page().getByTestId("fence-figures");
            assertThat(figures.getByRole(AriaRole.ROW, named("Without gates"))).containsText("192 ft");
            assertThat(figures.getByRole(AriaRole.ROW, named("Posts"))).containsText("30");
            assertThat(figures.getByRole(AriaRole.ROW, named("Widest span"))).containsText("7′ 6″");
            assertThat(figures.getByRole(AriaRole.ROW, named("In the ground"))).containsText("4′");
            assertThat(figures.getByRole(AriaRole.ROW, named("Bags of post mix")))
                    .containsText("144");
            assertThat(garden.page().getByTestId("fence-share")).containsText("of what the garden costs");
            assertThat(garden.page().locator("[data-post]")).hasCount(30);
            assertThat(garden.complaints()).isEmpty();
        }
    }

    private static Locator.GetByRoleOptions named(String name) {
        return new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name));
    }

    @Test
    void aFenceStandsInRaisedEdgeBeds() throws Exception {
        Plan plan = with(
                plot(40 * FOOT, 60 * FOOT, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 6, 9, 2, 1)),
                new Change.DescribeGarden("Edge beds", Units.FEET_AND_INCHES),
                Put.of(gate("Front gate", 20 * FOOT, 0, 6 * FOOT)));
        try (Garden garden = Garden.with(plan)) {
            garden.step("Fence");
            garden.button("+ Rabbits").click();
            garden.kept();
            garden.button("Where could a fence lead?").click();
            proposal(garden, "In raised edge beds").click();
            garden.kept();
            assertThat(pests(garden)).not().containsText("open ground");
            garden.page().getByTestId("fence").locator("summary").first().click();
            Locator figures = garden.page().getByTestId("fence-figures");
            // One board of 2 x 8.
            assertThat(figures.getByRole(AriaRole.ROW, named("Soil that it stands in")))
                    .containsText("7 1/4″");
            assertThat(garden.page().getByLabel("Its foot")).hasValue("BED");
            assertThat(garden.page().getByLabel("Into the soil")).hasValue("6″");
        }
    }

    @Test
    void rabbitsThatSlipThroughTheDemosDeerFenceAreKeptOutByTheRemedy() {
        try (Garden garden = Garden.demo()) {
            garden.season(2028);
            garden.step("Fence");
            assertThat(pests(garden)).containsText("Deer fence: mesh too wide, foot open");
            garden.snags()
                    .getByText(Pattern.compile("The openings of Deer fence are"))
                    .click();
            garden.snags()
                    .getByText(Pattern.compile("^Put hexagonal netting, 1 in .* at the foot of Deer fence"))
                    .first()
                    .click();
            garden.kept();
            assertThat(pests(garden)).not().containsText("mesh too wide");
            assertThat(garden.snags().getByText(Pattern.compile("Nothing closes the foot of Deer fence")))
                    .hasCount(0);
            garden.button("Undo").click();
            garden.kept();
            assertThat(pests(garden)).containsText("mesh too wide");
        }
    }

    @Test
    void aFenceIsDrawnFromCornerToCornerAndAGateSetInIt() throws Exception {
        try (Garden garden = Garden.with(plot(20, 14, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 10, 7, 2, 1)))) {
            garden.step("Fence");
            BoundingBox beans = garden.bed("Beans").boundingBox();
            double left = beans.x - beans.width;
            double right = beans.x + 2 * beans.width;
            double top = beans.y - 2 * beans.height;
            double bottom = beans.y + 3 * beans.height;
            garden.button("Draw a fence").click();
            draw(garden, left, top, right, top);
            assertThat(garden.page().locator("[data-fence]")).hasCount(1);
            draw(garden, right, top, right, bottom);
            draw(garden, right, bottom, left, bottom);
            draw(garden, left, bottom, left, top);
            garden.page().keyboard().press("Escape");
            assertThat(garden.page().locator("[data-fence]")).hasCount(1);
            garden.page().getByTestId("fence").locator("summary").first().click();
            assertThat(garden.page().getByLabel(Pattern.compile("^Corner 4, up")))
                    .isVisible();
            assertThat(garden.page().getByLabel(Pattern.compile("^Corner 5, up")))
                    .hasCount(0);
            garden.button("+ Deer").click();
            garden.kept();
            garden.step("Walks");
            garden.button("Set a gate on the sheet").click();
            garden.page().mouse().click(left + (right - left) / 4, top);
            garden.kept();
            assertThat(garden.page().getByLabel("In", new Page.GetByLabelOptions().setExact(true)))
                    .not()
                    .hasValue("edge");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    private static void draw(Garden garden, double fromX, double fromY, double toX, double toY) {
        garden.page().mouse().move(fromX, fromY);
        garden.page().mouse().down();
        garden.page().mouse().move((fromX + toX) / 2, (fromY + toY) / 2);
        garden.page().mouse().move(toX, toY);
        garden.page().mouse().up();
        garden.kept();
    }

    @Test
    void aFenceIsMadeOfBoardsAPostIsSetByHandAndItsGateIsMade() throws Exception {
        try (Garden garden = Garden.with(fortyBySixty())) {
            garden.step("Fence");
            garden.button("+ Rabbits").click();
            garden.kept();
            garden.button("Where could a fence lead?").click();
            proposal(garden, "Along the plot").click();
            garden.kept();
            Locator form = garden.page().getByTestId("fence");
            form.locator("summary").first().click();
            form.getByLabel("Made of").selectOption("BOARDS");
            garden.kept();
            // 8 spans of 7 1/2 ft in each long side.
            assertThat(garden.page().getByTestId("fence-figures")).containsText("32 × 7′ 6″");
            form.getByText("In which order it is put up").click();
            assertThat(garden.page().getByTestId("fence-steps")).containsText("From day 7: Hang the gates.");
            form.getByText("Set posts yourself").click();
            form.getByText("Set a post on the sheet").click();
            BoundingBox sheet = garden.page().getByTestId("sheet").boundingBox();
            garden.page().mouse().click(sheet.x + sheet.width / 2, sheet.y + sheet.height / 2);
            garden.kept();
            assertThat(form.getByText("Posts set by hand: 1")).isVisible();
            garden.step("Walks");
            garden.button("Say how the gate is made").first().click();
            garden.kept();
            // 4 ft are free; the open leaf, its hinges and the stop take 2 1/2 in.
            Locator gate = garden.page().getByTestId("gate-figures");
            assertThat(gate).containsText("4′ 2 1/2″");
            assertThat(gate).containsText("2 × Gate hinge");
            assertThat(gate).containsText("The brace goes from the foot at the hinges");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void whatIsNoFenceIsSaidAndNothingIsLost() throws Exception {
        try (Garden garden = Garden.with(fortyBySixty())) {
            garden.step("Fence");
            garden.button("Fence by numbers").click();
            Locator dialog = garden.page().getByRole(AriaRole.DIALOG);
            dialog.getByLabel("To, from plot's left").fill("3 mi");
            assertThat(dialog).isVisible();
            garden.page().keyboard().press("Escape");
            assertThat(garden.page().locator("[data-fence]")).hasCount(0);
        }
    }
}
