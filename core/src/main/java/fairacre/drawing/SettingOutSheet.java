package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.ground.SettingOut;
import fairacre.ground.SettingOut.BedMarks;
import fairacre.ground.SettingOutStudy;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;

/** The figures for staking out a season's beds as A4 pages to take along. */
public final class SettingOutSheet {

    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;
    private static final double MARGIN = 15;
    private static final double LINE = 5.2;
    private static final double SMALL = 3;
    private static final double LARGE = 5;
    private static final double RULE = 0.2;
    /** Where the columns begin, millimetres. */
    private static final double[] COLUMNS = {15, 62, 78, 108, 138, 168};

    private final Plan plan;
    private final String title;
    private final List<SheetDrawing> pages = new ArrayList<>();
    private List<Mark> marks = new ArrayList<>();
    private double y = MARGIN + LARGE;

    private SettingOutSheet(Plan plan, int season) {
        this.plan = plan;
        this.title = plan.name() + ", setting out " + season;
    }

    public static List<SheetDrawing> of(Plan plan, int season) {
        SettingOutSheet sheet = new SettingOutSheet(plan, season);
        SettingOut out = SettingOutStudy.of(plan.site(), plan.standing(season), plan.units());
        sheet.head(out);
        out.beds().forEach(sheet::bed);
        sheet.endPage();
        return sheet.pages;
    }

    private void head(SettingOut out) {
        write(LARGE, title);
        y += LINE;
        write(SMALL, "Base line " + length(out.base()) + " from peg A (" + length(out.first().x()) + ", " + length(out.first().y())
                + ") to peg B (" + length(out.second().x()) + ", " + length(out.second().y()) + "), the plot's longest side.");
        write(SMALL, "A square corner: " + length(out.triangle().get(0)) + ", " + length(out.triangle().get(1)) + ", "
                + length(out.triangle().get(2)) + " (3-4-5). A rectangle is square when its diagonals are equal.");
        write(SMALL, out.stakes() + " stakes, " + length(out.string()) + " of string.");
        write(SMALL, "Before any digging, have buried lines marked by the local utility-locating service.");
        y += LINE / 2;
        row("bed", "corner", "tape from A", "tape from B", "along A-B", "off A-B");
        marks.add(Stroke.line(RULE, new Spot(MARGIN, y - LINE * 0.7), new Spot(WIDTH - MARGIN, y - LINE * 0.7)));
    }

    private void bed(BedMarks bed) {
        for (int i = 0; i < bed.corners().size(); i++) {
            SettingOut.Mark mark = bed.corners().get(i);
            row(i == 0 ? shortened(bed.name()) : i == 1 ? "diagonals " + length(bed.diagonals()) : "", String.valueOf(i + 1),
                    length(mark.fromFirst()), length(mark.fromSecond()), length(mark.along()), length(mark.off()));
        }
        y += LINE / 3;
    }

    private void row(String... cells) {
        if (y > HEIGHT - MARGIN) {
            endPage();
        }
        for (int i = 0; i < cells.length; i++) {
            marks.add(new Words(new Spot(COLUMNS[i], y), cells[i], SMALL, false, 0));
        }
        y += LINE;
    }

    private void write(double height, String text) {
        marks.add(new Words(new Spot(MARGIN, y), text, height, false, 0));
        y += LINE * Math.max(1, height / LARGE * 1.2);
    }

    private void endPage() {
        pages.add(new SheetDrawing(title, "A4", WIDTH, HEIGHT, marks));
        marks = new ArrayList<>();
        y = MARGIN + LARGE;
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }

    private static String shortened(String name) {
        return name.length() > 26 ? name.substring(0, 25) + "…" : name;
    }
}
