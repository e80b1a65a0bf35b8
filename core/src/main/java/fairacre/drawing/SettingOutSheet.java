package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.MARGIN;

import fairacre.ground.SettingOut;
import fairacre.ground.SettingOut.BedMarks;
import fairacre.ground.SettingOutStudy;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import java.util.List;

/** The figures for staking out a season's beds as A4 pages to take along. */
public final class SettingOutSheet {

    private static final double LINE = 5.2;
    private static final double SMALL = 3;
    private static final int LONGEST_NAME = 26;
    /** Where the columns begin, millimetres. */
    private static final double[] COLUMNS = {15, 62, 78, 108, 138, 168};

    private final Plan plan;
    private final String title;
    private final Pages pages;

    private SettingOutSheet(Plan plan, int season) {
        this.plan = plan;
        this.title = plan.name() + ", setting out " + season;
        this.pages = new Pages(title);
    }

    public static List<SheetDrawing> of(Plan plan, int season) {
        SettingOutSheet sheet = new SettingOutSheet(plan, season);
        SettingOut out = SettingOutStudy.of(plan.site(), plan.standing(season), plan.units());
        sheet.head(out);
        out.beds().forEach(sheet::bed);
        return sheet.pages.end();
    }

    private void head(SettingOut out) {
        write(LARGE, title);
        pages.down(LINE);
        write(
                SMALL,
                "Base line " + length(out.base()) + " from peg A ("
                        + length(out.first().x()) + ", " + length(out.first().y()) + ") to peg B ("
                        + length(out.second().x()) + ", " + length(out.second().y()) + "), the plot's longest side.");
        write(
                SMALL,
                "A square corner: " + length(out.triangle().get(0)) + ", "
                        + length(out.triangle().get(1)) + ", "
                        + length(out.triangle().get(2))
                        + " (3-4-5). A rectangle is square when its diagonals are equal.");
        write(SMALL, out.stakes() + " stakes, " + length(out.string()) + " of string.");
        write(SMALL, "Before any digging, have buried lines marked by the local utility-locating service.");
        pages.down(LINE / 2);
        row("bed", "corner", "tape from A", "tape from B", "along A-B", "off A-B");
        pages.rule(-LINE * 0.7);
    }

    private void bed(BedMarks bed) {
        for (int i = 0; i < bed.corners().size(); i++) {
            SettingOut.Mark mark = bed.corners().get(i);
            row(
                    i == 0
                            ? Pages.shortened(bed.name(), LONGEST_NAME)
                            : i == 1 ? "diagonals " + length(bed.diagonals()) : "",
                    String.valueOf(i + 1),
                    length(mark.fromFirst()),
                    length(mark.fromSecond()),
                    length(mark.along()),
                    length(mark.off()));
        }
        pages.down(LINE / 3);
    }

    private void row(String... cells) {
        pages.makeRoom(0);
        for (int i = 0; i < cells.length; i++) {
            pages.write(COLUMNS[i], SMALL, cells[i]);
        }
        pages.down(LINE);
    }

    private void write(double height, String text) {
        pages.write(MARGIN, height, text);
        pages.down(LINE * Math.max(1, height / LARGE * 1.2));
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
