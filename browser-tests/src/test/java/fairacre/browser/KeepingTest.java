package fairacre.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import fairacre.appraisal.Appraisal;
import fairacre.format.GardenFile;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Nothing is lost: two tabs, a database that goes away, files out and in, and bad input. */
class KeepingTest {

    private static Plan plan() {
        return plot(10, 8, List.of(gardener("Ada", 0.6, 0.6)), bed("Beans", 3, 3, 2.4, 1), bed("Kale", 3, 5, 2.4, 1));
    }

    @Test
    void twoTabsEditingAtOnceLoseNothing() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            Page second = garden.secondTab();
            second.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("2027"))
                    .click();
            garden.bed("Beans").click();
            garden.type("Name", "Broad beans");
            garden.kept();
            second.locator("[data-bed=Kale]").click();
            second.getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
                    .fill("Red kale");
            second.getByLabel("Name", new Page.GetByLabelOptions().setExact(true))
                    .press("Enter");
            assertThat(second.locator("[data-bed='Red kale']")).isVisible();
            assertThat(second.locator("[data-bed='Broad beans']")).isVisible();
        }
    }

    private static Locator in(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static void type(Page page, String label, String text) {
        in(page, label).fill(text);
        in(page, label).press("Enter");
    }

    @Test
    void aWindowFollowsTheOtherAndIsAskedWhereBothChangedTheSame() throws Exception {
        try (Garden garden = Garden.with(with(plan(), Put.of(gate("Gate", 5, 0, 1))))) {
            garden.step("Walks");
            Page second = garden.secondTab();
            second.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("Walks")))
                    .click();
            assertThat(in(second, "Width")).hasValue("1.00 m");
            garden.type("Width", "1.2 m");
            assertThat(in(second, "Width")).hasValue("1.20 m");
            assertThat(second.getByText("In another window: set Gate.")).isVisible();

            // The second window is told nothing any more.
            second.route("**/events?*", Route::abort);
            second.reload();
            second.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("Walks")))
                    .click();
            garden.type("Width", "1.1 m");
            garden.kept();
            type(second, "Sill, high", "2 cm");
            assertThat(in(second, "Width")).hasValue("1.10 m");
            assertThat(garden.field("Sill, high")).hasValue("0.02 m");

            garden.type("Width", "1.3 m");
            garden.kept();
            type(second, "Width", "0.9 m");
            assertThat(second.getByText("The same was changed elsewhere meanwhile: Gate: width"))
                    .isVisible();
            second.getByText("Keep what is there now").click();
            assertThat(in(second, "Width")).hasValue("1.30 m");
            garden.type("Width", "1.4 m");
            garden.kept();
            type(second, "Width", "0.9 m");
            second.getByText("Make my edit").click();
            assertThat(garden.field("Width")).hasValue("0.90 m");
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void anEditMadeWhileTheDatabaseIsAwayIsKeptAndMadeWhenItIsBack() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").click();
            Garden.SERVER.line().cut();
            try {
                garden.type("Length, outside", "2 m");
                assertThat(garden.page().getByText("The program's database is away"))
                        .isVisible();
                assertThat(garden.field("Length, outside")).hasValue("2.00 m");
            } finally {
                Garden.SERVER.line().mend();
            }
            assertThat(garden.page().getByText("The program's database is away"))
                    .isHidden(new com.microsoft.playwright.assertions.LocatorAssertions.IsHiddenOptions()
                            .setTimeout(30_000));
            garden.kept();
            garden.page().reload();
            garden.season(2027);
            garden.bed("Beans").click();
            assertThat(garden.field("Length, outside")).hasValue("2.00 m");
        }
    }

    @Test
    void theGardenIsTakenAwayAsAFileAndBroughtBack(@TempDir Path folder) throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.button("Export ▾").click();
            Download download = garden.page()
                    .waitForDownload(() ->
                            garden.page().getByText("The garden as a file").click());
            Path file = folder.resolve("garden.json");
            download.saveAs(file);
            Plan back = GardenFile.read(Files.readAllBytes(file));
            assertThat(Appraisal.of(back, 2027).report())
                    .isEqualTo(Appraisal.of(plan(), 2027).report());
            assertThat(download.suggestedFilename()).isEqualTo("Test garden.garden.json");
            garden.button("Export ▾").click();
            Download bill = garden.page()
                    .waitForDownload(
                            () -> garden.page().getByLabel("The bill as CSV").click());
            bill.saveAs(folder.resolve("bill.csv"));
            assertThat(Files.readString(folder.resolve("bill.csv")))
                    .contains("season,part,item,quantity,price,amount,currency,beds");
        }
    }

    @Test
    void theSheetIsTakenAwayOnPaper(@TempDir Path folder) throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.button("Export ▾").click();
            Download pdf = garden.page()
                    .waitForDownload(
                            () -> garden.page().getByLabel("Sheet 1:50 as PDF").click());
            pdf.saveAs(folder.resolve("sheet.pdf"));
            assertThat(Files.readString(folder.resolve("sheet.pdf"), StandardCharsets.ISO_8859_1))
                    .startsWith("%PDF");
            garden.button("Export ▾").click();
            Download svg = garden.page()
                    .waitForDownload(
                            () -> garden.page().getByLabel("Sheet 1:100 as SVG").click());
            svg.saveAs(folder.resolve("sheet.svg"));
            assertThat(Files.readString(folder.resolve("sheet.svg"))).contains("Scale 1:100", "Kale");
            // To hang up and to write in: no dimensions.
            garden.button("Export ▾").click();
            garden.page()
                    .getByRole(
                            AriaRole.MENUITEMCHECKBOX, new Page.GetByRoleOptions().setName("empty beds, to write in"))
                    .click();
            Download outline = garden.page()
                    .waitForDownload(
                            () -> garden.page().getByLabel("Sheet 1:50 as SVG").click());
            outline.saveAs(folder.resolve("outline.svg"));
            assertThat(Files.readString(folder.resolve("outline.svg")))
                    .contains("Kale")
                    .doesNotContain(" × ");
        }
    }

    @Test
    void aFaultyFileIsRefusedWithItsPlacesAndNothingIsLost(@TempDir Path folder) throws Exception {
        try (Garden garden = Garden.opened().signUp()) {
            Path broken = folder.resolve("broken.json");
            Files.writeString(
                    broken,
                    new String(GardenFile.write(plan()), StandardCharsets.UTF_8)
                            .replaceFirst("\"length\" : 2.4", "\"length\" : 4000"));
            garden.page().getByLabel("Garden file").setInputFiles(broken);
            assertThat(garden.page().getByText("/garden/beds/0/revisions/0/outline/length"))
                    .isVisible();
            Path huge = folder.resolve("huge.json");
            Files.write(huge, new byte[50_000_000]);
            garden.page().getByLabel("Garden file").setInputFiles(huge);
            assertThat(garden.page().getByText("larger than any garden file")).isVisible();
        }
    }

    @Test
    void badNumbersAreRefusedAtTheirFieldAndWhatStoodThereStays() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.type("Length, outside", "4 km");
            assertThat(garden.page().getByText("Write a length like")).isVisible();
            garden.type("Length, outside", "4000 m");
            assertThat(garden.page().getByText("is out of range; give between 0.10 m"))
                    .isVisible();
            garden.type("Gone from season", "soon");
            assertThat(garden.page().getByText("0 is out of range; give between 1900 and 2200"))
                    .isVisible();
            garden.page().reload();
            garden.season(2027);
            garden.bed("Beans").click();
            assertThat(garden.field("Length, outside")).hasValue("2.40 m");
        }
    }

    @Test
    void scriptInANameIsOnlyAName() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.season(2027);
            garden.bed("Beans").click();
            garden.type("Name", "<img src=x onerror=alert(1)>");
            garden.kept();
            assertThat(garden.page().getByText("<img src=x onerror=alert(1)>").first())
                    .isVisible();
            assertThat(garden.complaints()).isEmpty();
        }
    }

    @Test
    void aSelfCrossingPlotIsRefusedAtItsCorners() throws Exception {
        try (Garden garden = Garden.with(plan())) {
            garden.step("Ground");
            garden.type("Corner 2, to the right", "0 m");
            garden.type("Corner 2, up", "9 m");
            assertThat(garden.page().getByRole(AriaRole.ALERT)).containsText("crosses or touches itself");
        }
    }

    @Test
    void aPlotComesFromFourSidesAndADiagonal() {
        try (Garden garden = Garden.opened().signUp()) {
            garden.button("Begin a garden").click();
            garden.type("Name of the garden", "By tape");
            garden.page()
                    .getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Sides and a diagonal"))
                    .click();
            garden.type("Diagonal, first to third corner", "30 m");
            assertThat(garden.page().getByText("can't meet")).isVisible();
            garden.type("Diagonal, first to third corner", "13 m");
            assertThat(garden.page().getByText("narrower than square")).isVisible();
            garden.button("Begin this garden").click();
            garden.sheet().waitFor();
            garden.step("Ground");
            assertThat(garden.field("Corner 3, up")).isVisible();
            assertThat(garden.complaints()).isEmpty();
        }
    }
}
