package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.seated;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import fairacre.measure.Units;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Whole gardens laid out as a newcomer would, by pointer and again by keyboard; the figures are read off the screen.
 */
class LayoutTest {

    private static final double FT = 0.3048;

    private static Plan feet(double length, double width, Gardener gardener) {
        return plot(length * FT, width * FT, List.of(gardener))
                .apply(new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES))
                .orThrow();
    }

    /** By pointer alone but for the figures. */
    private static void order(Garden garden, String kind, String direction, String field, String text) {
        garden.button("Arrange (align, repeat) …").click();
        Locator dialog = garden.page().getByRole(AriaRole.DIALOG);
        dialog.getByLabel("What", new Locator.GetByLabelOptions().setExact(true))
                .selectOption(kind);
        if (direction != null) {
            dialog.getByLabel("Direction").selectOption(direction);
        }
        if (field != null) {
            for (Map.Entry<String, String> entry :
                    Map.of("Columns", "1", field, text).entrySet()) {
                dialog.getByLabel(entry.getKey(), new Locator.GetByLabelOptions().setExact(true))
                        .fill(entry.getValue());
            }
        }
        dialog.getByRole(AriaRole.BUTTON).click();
        garden.kept();
    }

    private static void assertTwelveBedsAreSound(Garden garden) {
        assertThat(garden.page().locator("[data-bed]")).hasCount(12);
        assertThat(garden.snags()).containsText("Nothing is wrong");
        garden.step("reach");
        garden.button("+ Barrow").click();
        garden.kept();
        assertThat(garden.page().getByText("gets alongside 12 of 12 beds")).isVisible();
        assertThat(garden.page().getByText("Everybody reaches all of every bed."))
                .isVisible();
    }

    /** So many clicks and keys of structure a newcomer may need; figures that are typed do not count. */
    private static final int MOST_MOVES = 60;

    private static void countMoves(Garden garden) {
        garden.page().evaluate("""
                        () => {
                          window.moves = 0;
                          const typed = (event) => event.target.matches("input") && event.key.length === 1;
                          addEventListener("pointerdown", () => window.moves++, true);
                          addEventListener("keydown", (event) => {
                            if (!typed(event) && event.key !== "Control" && event.key !== "Shift") window.moves++;
                          }, true);
                        }
                        """);
    }

    private static void tellMoves(Garden garden, String how) {
        int moves = (Integer) garden.page().evaluate("window.moves");
        System.out.println("Twelve beds, bays, gates and a gardener " + how + ": " + moves + " clicks and keys");
        assertThat(moves).isLessThanOrEqualTo(MOST_MOVES);
    }

    private static Plan empty() {
        return plot(40 * FT, 50 * FT, List.of())
                .apply(new Change.DescribeGarden("Feet", Units.FEET_AND_INCHES))
                .orThrow();
    }

    /** The last field is left by the click itself: what it changes must not move the button away. */
    @Test
    void aPlotOfAnotherShapeIsBegunByOneClick() {
        try (Garden garden = Garden.opened().signUp()) {
            garden.button("Begin a garden").click();
            garden.field("Name of the garden").fill("Forty by sixty");
            garden.field("Measures written in").selectOption("FEET_AND_INCHES");
            garden.field("Budget").fill("4000");
            garden.field("Length of the plot").fill("60'");
            garden.field("Width of the plot").fill("40'");
            garden.button("Begin this garden").click();
            assertThat(garden.sheet()).isVisible();
        }
    }

    @Test
    void aFencedGardenOfTwelveBedsIsMirroredAboutItsMainWalkByPointer() throws Exception {
        try (Garden garden = Garden.with(empty())) {
            countMoves(garden);
            garden.season(2027);
            garden.place("8 ft", "4 ft", "10 ft 3 in", "3 ft");
            order(garden, "REPEAT", null, "Rows", "4");
            garden.place("5 ft", "2.5 ft", "13 ft 3 in", "27 ft");
            order(garden, "REPEAT", null, "Rows", "2");
            assertThat(garden.page().locator("[data-bed]")).hasCount(6);
            garden.page().keyboard().press("Control+a");
            order(garden, "MIRROR", "ACROSS", null, null);
            garden.step("reach");
            garden.button("Add gardener").click();
            garden.kept();
            setGate(garden, 0.5, 1);
            setGate(garden, 0.5, 0);
            assertThat(garden.page().locator("[data-way-in]")).hasCount(2);
            assertThat(garden.field("Width").first()).hasValue("3′ 6″");
            garden.page().keyboard().press("Control+a");
            assertThat(dimension(garden, "3′ 6″").first()).isVisible();
            assertThat(dimension(garden, "2′").first()).isVisible();
            assertTwelveBedsAreSound(garden);
            garden.step("Sun & structures");
            garden.button("Add compost bays").click();
            garden.kept();
            assertThat(garden.page().getByTestId("compost")).isVisible();
            tellMoves(garden, "by pointer");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    private static Locator dimension(Garden garden, String figure) {
        return garden.sheet()
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^" + figure + " from")));
    }

    /** Clicks on the edge of the plot, at a share of its width and height as it is seen. */
    private static void setGate(Garden garden, double right, double down) {
        garden.button("Set a gate on the sheet").click();
        BoundingBox plot = garden.sheet().locator("clipPath#plot + path").boundingBox();
        garden.page().mouse().click(plot.x + plot.width * right, plot.y + plot.height * down);
        garden.kept();
    }

    /** The same with nothing but keys, from the first to the last. */
    @Test
    void theSameGardenIsLaidOutByKeyboardAlone() throws Exception {
        try (Garden garden = Garden.with(empty())) {
            garden.season(2027);
            countMoves(garden);
            placeByKeys(garden, "8 ft", "4 ft", "10 ft 3 in", "3 ft");
            repeatByKeys(garden, "4");
            placeByKeys(garden, "5 ft", "2.5 ft", "13 ft 3 in", "27 ft");
            repeatByKeys(garden, "2");
            assertThat(garden.page().locator("[data-bed]")).hasCount(6);
            press(garden, "Control+a", "a", "M", "Enter");
            garden.kept();
            press(garden, "3", "Shift+G");
            garden.kept();
            gateByKeys(garden, "20 ft", "0");
            gateByKeys(garden, "20 ft", "50 ft");
            press(garden, "8");
            garden.button("Add compost bays").waitFor();
            press(garden, "c");
            garden.kept();
            assertThat(garden.page().getByTestId("compost")).isVisible();
            tellMoves(garden, "by keyboard");
            assertThat(garden.page().locator("[data-way-in]")).hasCount(2);
            garden.step("reach");
            assertTwelveBedsAreSound(garden);
        }
    }

    private static void press(Garden garden, String... keys) {
        for (String key : keys) {
            garden.page().keyboard().press(key);
            garden.page().waitForTimeout(120);
        }
    }

    private static void write(Garden garden, String text) {
        garden.page().keyboard().type(text);
    }

    private static void placeByKeys(Garden garden, String length, String width, String left, String foot) {
        press(garden, "n");
        write(garden, length);
        for (String text : List.of(width, left, foot)) {
            press(garden, "Tab");
            write(garden, text);
        }
        press(garden, "Enter");
        garden.kept();
    }

    /** A list is chosen from by the first letter of what is wanted. */
    private static void repeatByKeys(Garden garden, String rows) {
        press(garden, "a", "R", "Tab");
        write(garden, "1");
        press(garden, "Tab");
        write(garden, rows);
        press(garden, "Enter");
        garden.kept();
    }

    private static void gateByKeys(Garden garden, String left, String foot) {
        press(garden, "g", "Tab");
        write(garden, left);
        press(garden, "Tab");
        write(garden, foot);
        press(garden, "Enter");
        garden.kept();
    }

    @Test
    void aWheelchairGardenHasACombWhoseGapsTheChairEnters() throws Exception {
        try (Garden garden = Garden.with(plot(10, 8, List.of(seated("Ines", 0.508, 0.9144))))) {
            garden.season(2027);
            garden.page().getByLabel("Shape of new beds").selectOption("COMB");
            garden.place("4.8 m", "2.6 m", "2.5 m", "3 m");
            garden.type("Fingers", "3");
            garden.kept();
            garden.type("Finger", "0.6");
            garden.kept();
            garden.type("Spine", "0.45");
            garden.kept();
            garden.step("reach");
            setGate(garden, 0.5, 1);
            garden.button("+ Wheelchair").click();
            garden.kept();
            assertThat(garden.page().getByText("gets alongside 1 of 1 beds")).isVisible();
            assertThat(garden.page().getByText("2 dead ends; the longest has to be backed out over 1.5 m"))
                    .isVisible();
            garden.snags()
                    .getByText("Bed 1 is lower than the 0.381 m down to which Ines reaches from a chair")
                    .click();
            garden.snags().getByText("Raise Bed 1 to 0.381 m or more").click();
            garden.kept();
            assertThat(garden.snags())
                    .containsText(
                            "2.0 m³, nothing can be driven in: the widest way, Gate 1, is 1.067 m, 0.457 m less than a small loader");
            // Both gaps of the comb end between its fingers, and are narrower than the 60 in that a chair turns in.
            assertThat(garden.snags().getByText("Ines gets into a walk that leads nowhere and can't turn there"))
                    .hasCount(2);
            assertThat(garden.snags()).containsText("Ines works Bed 1, or part of it, from bare ground");
            assertThat(garden.snags().locator("[data-snag]")).hasCount(4);
            assertThat(garden.page().getByText("Everybody reaches all of every bed."))
                    .isVisible();
            garden.type("Turns in a circle of", "3.5");
            garden.kept();
            assertThat(garden.page().getByText("In 6 places it turns in a T")).isVisible();
            garden.step("Beds");
            garden.bed("Bed 1").focus();
            garden.type("Fingers", "9");
            assertThat(garden.page().getByRole(AriaRole.ALERT)).containsText("leave no room between them");
        }
    }

    @Test
    void anOldSquareBedIsGivenAKeyholeFromTheNextSeasonOn() throws Exception {
        Plan old = plot(8, 8, List.of(gardener("Ada", 0.6096, 0.6)), bed("Old square", 4, 4, 2.4384, 2.4384));
        try (Garden garden = Garden.with(old)) {
            garden.season(2027);
            garden.bed("Old square").focus();
            garden.page().getByLabel("Stood there already").click();
            garden.kept();
            assertThat(garden.snags()).containsText("Nobody reaches 25 % (1.49 m²) of Old square");
            garden.season(2028);
            garden.bed("Old square").focus();
            garden.button("Build it otherwise from 2028 on").click();
            garden.kept();
            garden.snags().getByText("Nobody reaches").click();
            Locator keyhole = garden.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions()
                                    .setName(Pattern.compile(
                                            "Cut a keyhole 0.45 m wide and 1\\.3\\d+ m deep.*less soil")));
            keyhole.click();
            garden.kept();
            assertThat(garden.snags()).containsText("Nothing is wrong");
            garden.bed("Old square").focus();
            assertThat(garden.field("Wide")).hasValue("0.45 m");
            garden.type("Deep", "3 m");
            assertThat(garden.page().getByRole(AriaRole.ALERT)).containsText("cuts the bed in two");
            garden.season(2027);
            assertThat(garden.snags()).containsText("Nobody reaches 25 %");
        }
    }

    @Test
    void aStripAlongAWallIsReachedFromOneSideOnly() throws Exception {
        try (Garden garden = Garden.with(feet(34, 16, gardener("Ada", 0.6096, 0.6096)))) {
            garden.season(2027);
            garden.place("30 ft", "4 ft", "2 ft", "11 ft 7 in");
            garden.step("Ground");
            garden.page().getByLabel("Kind").selectOption("WALL");
            garden.button("Draw it").click();
            BoundingBox plot = garden.sheet().locator("clipPath#plot + path").boundingBox();
            garden.page().mouse().move(plot.x, plot.y);
            garden.page().mouse().down();
            garden.page().mouse().move(plot.x + plot.width, plot.y + 1, new Mouse.MoveOptions().setSteps(5));
            garden.letGo();
            assertThat(garden.page().locator("[data-thing=\"Wall 1\"]")).isVisible();
            assertThat(garden.snags()).containsText(Pattern.compile("Nobody reaches 4\\d %"));
            garden.snags().getByText("Nobody reaches").click();
            garden.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Narrow Bed 1 to 2′")))
                    .click();
            garden.kept();
            garden.step("Beds");
            garden.bed("Bed 1").focus();
            // 2 ft are reached from one side; half an inch more still leaves Ada her 2 ft behind it, along the wall.
            assertThat(garden.field("Width, outside")).hasValue("2′ 1/2″");
            assertThat(garden.snags()).not().containsText("Nobody reaches");
        }
    }

    @Test
    void arrangementsAreTriedLookedAtAndTakenOverAsOneEdit() throws Exception {
        try (Garden garden = Garden.with(plot(9, 8, List.of(gardener("Ada", 0.6, 0.5)), bed("Old", 3, 3, 2, 1)))) {
            garden.season(2027);
            garden.button("Try arrangements …").click();
            garden.button("Try them").click();
            assertThat(garden.page().getByText("sound layouts")).isVisible();
            Locator first = garden.page()
                    .getByRole(AriaRole.DIALOG)
                    .getByRole(AriaRole.LISTITEM)
                    .first();
            assertThat(first).containsText("Growing area");
            first.getByText("Look at it").click();
            assertThat(garden.page().locator("[data-bed]")).not().hasCount(1);
            first.getByText("Take it over").click();
            garden.kept();
            assertThat(garden.bed("Old")).isHidden();
            assertThat(garden.snags()).not().containsText("Serious");
            garden.page().keyboard().press("Control+z");
            garden.kept();
            assertThat(garden.bed("Old")).isVisible();
            assertThat(garden.page().locator("[data-bed]")).hasCount(1);
        }
    }

    @Test
    void aVariantIsKeptHeldBesideTheGardenAndTakenOver() throws Exception {
        try (Garden garden = Garden.with(plot(9, 8, List.of(gardener("Ada", 0.6, 0.5)), bed("Old", 3, 3, 2, 1)))) {
            garden.season(2027);
            garden.button("Variants").click();
            garden.type("Name of a new variant", "Two beds");
            Locator versions = garden.page().getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM);
            assertThat(versions).hasCount(2);
            versions.nth(1).getByText("Open").click();
            garden.sheet().waitFor();
            garden.season(2027);
            garden.place("2 m", "1 m", "5 m", "5 m");
            assertThat(garden.page().locator("[data-bed]")).hasCount(2);
            garden.button("Variants").click();
            assertThat(versions.nth(0)).containsText("2.00 m²");
            assertThat(versions.nth(1)).containsText("4.00 m²");
            versions.nth(1).getByText("Take it over").click();
            assertThat(garden.page().getByRole(AriaRole.DIALOG)).isHidden();
            garden.season(2027);
            assertThat(garden.page().locator("[data-bed]")).hasCount(2);
            garden.page().keyboard().press("Control+z");
            garden.kept();
            assertThat(garden.page().locator("[data-bed]")).hasCount(1);
        }
    }

    @Test
    void aBoundaryComesFromAFileAndIsApproximateUntilItIsMeasured() {
        try (Garden garden = Garden.begun()) {
            garden.step("Ground");
            String square =
                    "{\"type\":\"Polygon\",\"coordinates\":[[[8,48],[8.0004,48],[8.0004,48.00018],[8,48.00018],[8,48]]]}";
            Locator file = garden.page().getByLabel("Boundary from a GPX track or a GeoJSON polygon");
            file.setInputFiles(payload("plot.geojson", "not a map"));
            assertThat(garden.page().getByRole(AriaRole.ALERT)).containsText("neither GPX");
            file.setInputFiles(payload("plot.geojson", square));
            garden.kept();
            assertThat(garden.page().getByText("good to 3 to 5 m only")).isVisible();
            assertThat(garden.field("Corner 2, to the right")).hasValue(Pattern.compile("29\\.8\\d* m"));
            garden.page().getByLabel("Corners confirmed by tape").click();
            garden.kept();
            assertThat(garden.page().getByText("good to 3 to 5 m only")).isHidden();
        }
    }

    @Test
    void aWallBetweenTerracesWantsADrainBehindItThatIsBought() throws Exception {
        Plan slope = with(
                plot(10, 10, List.of(gardener("Ada", 0.6, 0.6))),
                new GroundChange.SetLevels(
                        List.of(height(0, 0, 0), height(10, 0, 0), height(0, 10, 1), height(10, 10, 1))));
        try (Garden garden = Garden.with(slope)) {
            garden.season(2027);
            garden.step("Ground");
            garden.page()
                    .getByText("Levels", new Page.GetByTextOptions().setExact(true))
                    .click();
            garden.type("Terraces", "2");
            garden.button("Make the plot level").click();
            garden.button("Draw a wall there").click();
            garden.kept();
            garden.snags()
                    .getByText("Behind Retaining wall 1 no drain leads the water away.")
                    .click();
            garden.button("Lay a drain behind Retaining wall 1 on its north side")
                    .click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("no drain leads");
            garden.step("Purse");
            // 10 m of wall; 0.305 m of stone as deep as the step of 0.5 m: 2 x 0.805 x 10 x 1.1 = 17.7 m2 of fabric.
            assertThat(line(garden, "Perforated drain pipe, a metre")).containsText("10");
            assertThat(line(garden, "Landscape fabric, a square metre")).containsText("18");
            garden.button("Perforated drain pipe, a metre").click();
            assertThat(garden.page().getByText("for Drain")).isVisible();
        }
    }

    private static Locator line(Garden garden, String label) {
        return garden.page().locator("tr").filter(new Locator.FilterOptions().setHasText(label));
    }

    private static com.microsoft.playwright.options.FilePayload payload(String name, String text) {
        return new com.microsoft.playwright.options.FilePayload(
                name, "application/json", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void heightsSayWhatASlopeMeansAndWhatLevellingTakes() throws Exception {
        try (Garden garden = Garden.with(plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 5, 5, 3, 1)))) {
            garden.season(2027);
            garden.step("Ground");
            garden.page()
                    .getByText("Levels", new Page.GetByTextOptions().setExact(true))
                    .click();
            for (int i = 1; i <= 4; i++) {
                garden.button("Add a height").click();
                garden.kept();
            }
            garden.type("Height 3", "1 m");
            garden.kept();
            garden.type("Height 4", "1 m");
            garden.kept();
            assertThat(garden.page().getByText("rises 1 in 10")).isVisible();
            assertThat(garden.snags()).containsText("The ground under Beans falls");
            garden.button("Make the plot level").click();
            Locator figures = garden.page().getByTestId("earthwork");
            // By long hand: 0.52 m are dug off at the top and 0.48 m filled at the foot, as dug soil loses 15 % when it
            // is packed.
            assertThat(figures).containsText("Dig off, as it lies13.54 m³Fill up, packed11.51 m³");
            garden.type("Terraces", "2");
            garden.button("Make the plot level").click();
            assertThat(figures).containsText("Step between terrace 1 and 20.50 m");
            assertThat(figures).containsText("6.77 m³");
            assertThat(garden.page().getByTestId("sketch").locator("path")).hasCount(2);
            garden.type("Line to, up the plot", "0 m");
            assertThat(garden.page().getByTestId("fall")).containsText("level for all purposes");
            garden.type("Line to, up the plot", "10 m");
            assertThat(garden.page().getByTestId("fall")).containsText("Rises 1.00 m, 1 in 14");
            garden.button("Draw the line").click();
            garden.drag(garden.sheet(), 0, -60);
            garden.letGo();
            assertThat(garden.page().getByTestId("fall")).containsText("1 in 10");
            assertThat(garden.page().getByTestId("slope-line")).containsText("Rises");
            assertThat(garden.field("Line to, to the right"))
                    .hasValue(garden.field("Line from, to the right").inputValue());
        }
    }

    @Test
    void theBoundaryIsMeasuredBySidesAndDiagonalAndFromABaseLine() {
        try (Garden garden = Garden.begun()) {
            garden.step("Ground");
            garden.page().getByText("Measure four sides and a diagonal").click();
            garden.type("First side", "12 m");
            assertThat(garden.page()
                            .getByRole(AriaRole.STATUS)
                            .filter(new Locator.FilterOptions().setHasText("square second corner")))
                    .containsText("should have measured 14.422 m");
            garden.kept();
            garden.page().getByText("Measure from a base line").click();
            garden.field("Each corner is measured by").selectOption("tapes");
            garden.type("From peg to peg", "4 m");
            fillCorner(garden, 1, "0 m", "4 m");
            fillCorner(garden, 2, "4 m", "0 m");
            fillCorner(garden, 3, "5 m", "3 m");
            fillCorner(garden, 4, "1 m", "1 m");
            garden.button("Take these corners").click();
            assertThat(garden.page().getByRole(AriaRole.ALERT)).containsText("the two tapes of corner 4 can't meet");
            fillCorner(garden, 4, "3 m", "5 m");
            garden.button("Take these corners").click();
            garden.kept();
            assertThat(garden.field("Corner 3, to the right")).hasValue("4.00 m");
            assertThat(garden.field("Corner 3, up")).hasValue("3.00 m");
            assertThat(garden.page().getByText("12.00 m²")).isVisible();
        }
    }

    private static void fillCorner(Garden garden, int corner, String first, String second) {
        garden.type("Corner " + corner + ", from the first peg", first);
        garden.type("Corner " + corner + ", from the second", second);
    }

    @Test
    void anOldBedIsAlteredFromASeasonOnAndItsEarlierStateIsKept() throws Exception {
        try (Garden garden = Garden.with(plot(10, 10, List.of(gardener("Ada", 0.6, 0.6)), bed("Old", 5, 5, 3, 2.4)))) {
            garden.season(2028);
            garden.bed("Old").click();
            garden.button("A course more").click();
            assertThat(garden.page().getByRole(AriaRole.ALERT)).containsText("no courses of boards");
            garden.button("Split it").click();
            garden.kept();
            assertThat(garden.page().locator("[data-bed]")).hasCount(2);
            assertThat(garden.snags()).containsText("Nothing is wrong");
            garden.season(2027);
            assertThat(garden.page().locator("[data-bed]")).hasCount(1);
            assertThat(garden.snags()).containsText("Nobody reaches");
        }
    }

    @Test
    void aKitATableBedAndWhatLeansOutAreJudged() throws Exception {
        try (Garden garden = Garden.with(
                plot(10, 10, List.of(seated("Ines", 0.6, 0.92)), bed("Low", 3, 3, 2, 1), bed("High", 3, 4.95, 2, 1)))) {
            garden.season(2027);
            assertThat(garden.snags())
                    .containsText(
                            Pattern.compile(
                                    "(High and Low|Low and High) are lower than the 0.381 m down to which Ines reaches from a chair"));
            garden.bed("Low").click();
            garden.step("Frames");
            garden.field("Ready-made metal bed").selectOption("kit 1x2 m");
            garden.kept();
            assertThat(garden.snags()).containsText("High is lower than");
            garden.step("Beds");
            garden.type("Length, outside", "3 m");
            assertThat(garden.page().getByRole(AriaRole.ALERT).first()).containsText("comes in its one size only");
            garden.type("What grows at its edges leans out by", "0.1 m");
            garden.kept();
            assertThat(garden.snags())
                    .containsText("0.85 m wide (0.10 m more, but for what leans out over it), too narrow for anybody");
            garden.step("Walks");
            assertThat(garden.page().getByTestId("edges")).containsText("Works seated, side-on");
            assertThat(garden.page().getByTestId("edges")).containsText("not the upper");
        }
    }
}
