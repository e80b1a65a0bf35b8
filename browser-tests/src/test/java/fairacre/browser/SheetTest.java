package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import fairacre.plan.Plan;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Drawing, dragging, typing and keys on the sheet. */
class SheetTest {

    private static Plan plan() {
        return plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 3, 2.4, 1), bed("Kale", 3, 5, 2.4, 1));
    }

    @Test
    void aBedIsDrawnByPointer() {
        try (Garden garden = Garden.begun()) {
            garden.season(2027);
            garden.button("Draw a bed").click();
            BoundingBox sheet = garden.sheet().boundingBox();
            garden.page().mouse().move(sheet.x + sheet.width / 2 - 60, sheet.y + sheet.height / 2 - 30);
            garden.page().mouse().down();
            garden.page().mouse().move(sheet.x + sheet.width / 2 + 60, sheet.y + sheet.height / 2 + 20);
            garden.letGo();
            assertThat(garden.bed("Bed 1")).isVisible();
            assertThat(garden.field("Length, outside")).hasValue(java.util.regex.Pattern.compile("\\d\\.\\d[05] m"));
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aBedIsPlacedAndReshapedByTypedNumbersInAnyUnit() {
        try (Garden garden = Garden.begun()) {
            garden.season(2027);
            garden.place("8 ft", "4 ft", "1 m", "1 m");
            assertThat(garden.field("Length, outside")).hasValue("2.438 m");
            garden.type("Width, outside", "42 in");
            garden.kept();
            assertThat(garden.field("Width, outside")).hasValue("1.067 m");
            garden.type("From plot's left", "2.5");
            garden.kept();
            assertThat(garden.field("From plot's left")).hasValue("2.50 m");
            garden.type("Turned, degrees", "30");
            garden.kept();
            assertThat(garden.field("Turned, degrees")).hasValue("30");
        }
    }

    @Test
    void whatIsDraggedSnapsToItsNeighboursAndIsKept() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Kale").click();
            garden.drag(garden.bed("Kale"), 3, 25);
            garden.letGo();
            assertThat(garden.field("From plot's left")).hasValue("1.80 m");
            String foot = garden.field("From plot's foot").inputValue();
            assertThat(foot).isNotEqualTo("4.50 m");
            garden.page().reload();
            garden.season(2027);
            garden.bed("Kale").click();
            assertThat(garden.field("From plot's foot")).hasValue(foot);
        }
    }

    @Test
    void theSheetIsWorkedByKeyboardAlone() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").focus();
            for (int i = 0; i < 4; i++) {
                garden.page().keyboard().press("ArrowRight");
            }
            garden.page().keyboard().press("ArrowUp");
            garden.page().waitForTimeout(700);
            garden.kept();
            assertThat(garden.field("From plot's left")).hasValue("2.00 m");
            assertThat(garden.field("From plot's foot")).hasValue("2.55 m");
            // Keys that come slowly are kept as several edits, each undone by itself.
            for (int i = 0;
                    i < 5 && !garden.field("From plot's left").inputValue().equals("1.80 m");
                    i++) {
                garden.bed("Beans").focus();
                garden.page().keyboard().press("Control+z");
                garden.kept();
            }
            assertThat(garden.field("From plot's left")).hasValue("1.80 m");
            assertThat(garden.field("From plot's foot")).hasValue("2.50 m");
            garden.bed("Beans").focus();
            garden.page().keyboard().press("r");
            garden.page().waitForTimeout(700);
            garden.kept();
            assertThat(garden.field("Turned, degrees")).hasValue("15");
            garden.bed("Beans").focus();
            garden.page().keyboard().press("d");
            garden.kept();
            assertThat(garden.bed("Beans 1")).isVisible();
            garden.bed("Beans 1").focus();
            garden.page().keyboard().press("Delete");
            garden.kept();
            assertThat(garden.bed("Beans 1")).hasCount(0);
        }
    }

    @Test
    void aSingleCornerIsDraggedAndTheOthersStay() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.field("Shape").selectOption("FREE");
            garden.kept();
            assertThat(garden.field("Corner 4, up")).hasValue("1.00 m");
            BoundingBox grip = garden.page().locator("[data-grip='corner 4']").boundingBox();
            double x = grip.x + grip.width / 2;
            double y = grip.y + grip.height / 2;
            garden.page().mouse().move(x, y);
            garden.page().mouse().down();
            garden.page().mouse().move(x, y - 20);
            garden.page().mouse().move(x, y - 40);
            garden.letGo();
            String up = garden.field("Corner 4, up").inputValue();
            assertThat(up).matches("1\\.[1-9]\\d m");
            assertThat(garden.field("Width, outside")).hasValue(up);
            assertThat(garden.field("From plot's foot")).hasValue("2.50 m");
            assertThat(garden.field("Corner 5, up")).hasValue("1.00 m");
            garden.type("Corner 1, up", "-0.2 m");
            garden.kept();
            assertThat(garden.field("From plot's foot")).hasValue("2.30 m");
            assertThat(garden.field("Corner 5, up")).hasValue("1.20 m");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void severalBedsAreMovedAndTakenOutAsOne() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.bed("Kale")
                    .click(new Locator.ClickOptions()
                            .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
            garden.button("Delete 2 beds").click();
            garden.kept();
            assertThat(garden.page().locator("[data-bed]")).hasCount(0);
            garden.button("Undo").click();
            garden.kept();
            assertThat(garden.page().locator("[data-bed]")).hasCount(2);
        }
    }

    @Test
    void undoAndRedoSurviveAReload() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.type("Name", "Runner beans");
            garden.kept();
            garden.page().reload();
            garden.season(2027);
            garden.button("Undo").click();
            garden.kept();
            assertThat(garden.bed("Beans")).isVisible();
            garden.page().reload();
            garden.season(2027);
            garden.button("Redo").click();
            garden.kept();
            assertThat(garden.bed("Runner beans")).isVisible();
        }
    }

    @Test
    void aGapIsTypedWhereItStandsAndTheBedMoves() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Kale").hover();
            garden.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new com.microsoft.playwright.Page.GetByRoleOptions()
                                    .setName(java.util.regex.Pattern.compile("^1\\.00 m from .* change$")))
                    .first()
                    .click();
            Locator field = garden.page().getByLabel(java.util.regex.Pattern.compile("^Gap from"));
            field.fill("1.2 m");
            field.press("Enter");
            garden.kept();
            garden.bed("Kale").hover();
            assertThat(garden.page()
                            .getByRole(
                                    AriaRole.BUTTON,
                                    new com.microsoft.playwright.Page.GetByRoleOptions()
                                            .setName(java.util.regex.Pattern.compile("^1\\.20 m from .* change$")))
                            .first())
                    .isVisible();
        }
    }

    @Test
    void sizesFollowTheUnitsOfTheGarden() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.step("Ground");
            garden.field("Measures written in").selectOption("FEET_AND_INCHES");
            garden.kept();
            garden.season(2027);
            garden.step("Beds");
            garden.bed("Beans").click();
            assertThat(garden.field("Length, outside")).hasValue("7′ 10 1/2″");
        }
    }
}
