package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.SpotHeight;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What beds are built of where it is not boards from the shelf on level ground. */
class FramesTest {

    private static Plan garden(double length) {
        return plot(
                10,
                8,
                List.of(gardener("Ada", 0.6, 0.6)),
                bed("Beans", 3, 4, length, 1.2, 0, Optional.of(cedar(Board.M38X150, 1))));
    }

    private static Locator row(Page page, String text) {
        return page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(text));
    }

    @Test
    void aSizeOfOnesOwnIsAddedBuiltWithAndPriced() throws Exception {
        try (Garden garden = Garden.with(garden(3.8))) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.step("Frames");
            garden.page().getByText("Materials and sizes of your own").click();
            garden.type("Name of the size", "Scaffold board");
            garden.type("True thickness", "38 mm");
            garden.type("True width", "30 mm");
            garden.type("Sold in lengths, parted by ;", "2.4; 3.9");
            garden.button("Add the size").click();
            assertThat(garden.page().getByText("is out of range")).isVisible();
            garden.type("True width", "225 mm");
            garden.button("Add the size").click();
            assertThat(garden.page().getByTestId("own-kinds"))
                    .containsText("Scaffold board 0.038 m × 0.225 m, sold in 2.40 m, 3.90 m");
            garden.kept();
            garden.field("Board, its true size").selectOption("Scaffold board: 0.038 m × 0.225 m");
            garden.kept();
            // Two sides of 3.8 m take a board of 3.9 m each, both ends of 1.124 m come out of one of 2.4 m.
            assertThat(row(garden.page(), "Cedar or larch, Scaffold board, 3.90 m")
                            .last())
                    .containsText("2 ×");
            assertThat(row(garden.page(), "Cedar or larch, Scaffold board, 2.40 m")
                            .last())
                    .containsText("1 ×");
            assertThat(garden.snags()).containsText("There are no prices for 2 things");
            garden.step("Purse");
            garden.type("Price of Cedar or larch, Scaffold board, 3.90 m", "21");
            garden.kept();
            garden.type("Price of Cedar or larch, Scaffold board, 2.40 m", "13,50");
            garden.kept();
            assertThat(garden.snags()).not().containsText("no price");
            assertThat(row(garden.page(), "Cedar or larch, Scaffold board, 3.90 m")
                            .first())
                    .containsText("42.00");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aBedOnFallingGroundIsMadeUpAndSetOnATable() throws Exception {
        List<SpotHeight> slope = List.of(
                new SpotHeight(Point.metres(0, 0), Length.metres(0.5)),
                new SpotHeight(Point.metres(0, 8), Length.metres(0.5)),
                new SpotHeight(Point.metres(10, 0), Length.ZERO),
                new SpotHeight(Point.metres(10, 8), Length.ZERO));
        try (Garden garden = Garden.with(with(garden(2.4), new GroundChange.SetLevels(slope)))) {
            garden.season(2027);
            garden.step("Frames");
            garden.snags().getByText("falls 0.12 m along").click();
            garden.snags()
                    .getByText("Stand Beans level and close the gap below with part-courses")
                    .click();
            garden.kept();
            assertThat(garden.snags()).not().containsText("falls 0.12 m along");
            assertThat(garden.field("Ground falls along, made up")).hasValue("0.12 m");
            // Along the sides where the gap is more than an inch: (0.12 - 0.0254) / 0.12 of 2.4 m; and the lower end.
            assertThat(row(garden.page(), "part-course").first()).containsText("1.892 m× 2");
            assertThat(row(garden.page(), "part-course").last()).containsText("1.124 m× 1");
            garden.type("On legs, clear below", "0.6 m");
            garden.kept();
            assertThat(row(garden.page(), "part-course")).hasCount(0);
            Locator hardware = garden.page().getByTestId("hardware");
            assertThat(hardware).containsText("6 × leg, 0.75 m of 100x100 mm");
            // 2.324 m inside in boards of 150 mm with gaps of 15 mm at most.
            assertThat(hardware).containsText("14 × floor board, 1.124 m of 38x150 mm");
            assertThat(garden.complaints()).isEmpty();
        }
    }
}
