package fairacre.drawing;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.fence;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.weekends;
import static fairacre.testing.Gardens.with;
import static fairacre.testing.Gardens.workFrom;
import static org.assertj.core.api.Assertions.assertThat;

import fairacre.build.Board;
import fairacre.cost.CostStudy;
import fairacre.fence.FenceKind;
import fairacre.judging.Wording;
import fairacre.ledger.ToBuy;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.schedule.CalendarStudy;
import fairacre.schedule.WorkCalendar;
import fairacre.staging.StagingStudy;
import fairacre.work.Caution;
import fairacre.work.Pace;
import fairacre.work.PlannedTask;
import fairacre.work.WorkStudy;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The sheet is read back by PDFBox. */
class DaySheetTest {

    private static final Plan GARDEN = with(
            plot(20, 20, List.of(), bed("Beans", 6, 10, 2, 1, 0, Optional.of(cedar(Board.M38X150, 1)))),
            Put.of(fence("Fence", FenceKind.WELDED_MESH, 1.2, 2, 2, 18, 2)),
            Put.of(workFrom("2027-03-06")),
            Put.of(weekends("Ada", 6)),
            Put.of(weekends("Bo", 6)));

    private static final CostStudy COSTS = CostStudy.of(GARDEN);
    private static final List<PlannedTask> TASKS =
            WorkStudy.of(COSTS, SEASON, Pace.of(List.of())).tasks();
    private static final WorkCalendar CALENDAR = CalendarStudy.of(
                    GARDEN, SEASON, TASKS, Map.of(), ToBuy.of(COSTS.bill(), List.of(), SEASON), LocalDate.MIN)
            .atOnce();

    private static String text(String day) throws IOException {
        List<SheetDrawing> pages = DaySheet.of(
                GARDEN,
                SEASON,
                LocalDate.parse(day),
                CALENDAR,
                TASKS,
                StagingStudy.of(COSTS, SEASON).places());
        try (PDDocument sheet = Loader.loadPDF(PdfSheet.write(pages))) {
            return new PDFTextStripper().getText(sheet);
        }
    }

    @Test
    @DisplayName("every piece of work of the day stands there with its time, its place and its boards by mark")
    void day() throws IOException {
        String text = text("2027-03-06").replaceAll("\\s+", " ");
        assertThat(text).startsWith("Test garden, Saturday 6 March 2027").contains("Take along: ", "Where");
        List<WorkCalendar.Stint> stints = CALENDAR.stints().stream()
                .filter(stint -> stint.day().equals(LocalDate.parse("2027-03-06")))
                .toList();
        assertThat(stints).isNotEmpty();
        for (WorkCalendar.Stint stint : stints) {
            int from = stint.from();
            int to = from + stint.minutes();
            assertThat(text).contains("%d:%02d to %d:%02d".formatted(from / 60, from % 60, to / 60, to % 60));
        }
        assertThat(text).contains(Caution.SAW.text()).contains("Lift with two: Garden mix", "your local rules");
        COSTS.placedBoards().stream()
                .flatMap(boards -> boards.pieces().stream())
                .forEach(piece -> assertThat(text).contains("marked " + piece.mark()));
    }

    @ParameterizedTest
    @DisplayName(
            "loose stuff is told as on the screen [NIST Handbook 44: a cubic foot is 28.316847 L, a cubic yard 27 of them]")
    @CsvSource({
        "METRIC, 40, 40 L",
        "METRIC, 999.4, 999 L",
        "METRIC, 1000, 1.00 m³",
        "FEET_AND_INCHES, 28.316847, 1.0 cu ft",
        "FEET_AND_INCHES, 764.5, 27.0 cu ft",
        "FEET_AND_INCHES, 764.555, 1.00 cu yd"
    })
    void loose(Units units, double litres, String told) {
        assertThat(new Wording(units).loose(Volume.litres(litres))).isEqualTo(told);
    }

    @Test
    void aDayWithoutWorkSaysSo() throws IOException {
        assertThat(text("2027-03-08"))
                .contains("Nothing is planned for this day.")
                .doesNotContain("Where");
    }

    @Test
    @DisplayName("no stint is left out over all days of the season")
    void allDays() throws IOException {
        for (WorkCalendar.Day day : CALENDAR.days()) {
            String text = text(day.day().toString());
            long boxes = text.lines()
                    .filter(line -> line.matches("\\d+:\\d\\d to \\d+:\\d\\d.*"))
                    .count();
            assertThat(boxes)
                    .isEqualTo(CALENDAR.stints().stream()
                            .filter(stint -> stint.day().equals(day.day()))
                            .count());
        }
    }
}
