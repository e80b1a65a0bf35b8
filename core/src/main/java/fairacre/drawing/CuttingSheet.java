package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.MARGIN;
import static fairacre.drawing.Pages.WIDTH;

import fairacre.cost.BestCutting;
import fairacre.cost.CostStudy;
import fairacre.cost.CutSheets;
import fairacre.cost.CuttingPlan;
import fairacre.cost.FrameDrawing;
import fairacre.cost.FrameDrawing.DrawnBoard;
import fairacre.cost.FrameDrawings;
import fairacre.cost.MarkedPiece;
import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.frame.BoardsOfLength;
import fairacre.frame.CutList;
import fairacre.frame.Hardware;
import fairacre.frame.Saw;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.outline.Point;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is cut in a season as A4 pages for the workshop: each board as a bar with its cuts in their order, the marks of
 * the pieces and where they go, each sheet with what is cut from it, and every frame course by course.
 *
 * <p>Places of cuts are measured from the squared end, the kerfs before them counted in unless pieces may come a saw
 * cut short. The longest piece is cut first: if it goes wrong, shorter ones still come out of the rest.
 */
public final class CuttingSheet {

    private static final double LINE = 5;
    private static final double SMALL = 3;
    private static final double PEN = 0.2;
    private static final double BAR = 6;
    private static final double ROOM = WIDTH - 2 * MARGIN;
    /** Narrower than this a piece is not written on. */
    private static final double ROOM_FOR_MARK = 4;

    private static final int LONGEST_LINE = 125;
    private static final double TALLEST_COURSE = 45;

    private final Plan plan;
    private final Pages pages;

    private CuttingSheet(Plan plan, Pages pages) {
        this.plan = plan;
        this.pages = pages;
    }

    public static List<SheetDrawing> of(Plan plan, int season) {
        return of(plan, season, bed -> true);
    }

    /** Of some beds alone. */
    public static List<SheetDrawing> of(Plan plan, int season, Predicate<UUID> beds) {
        String title = plan.name() + ", cutting for " + season;
        CuttingSheet sheet = new CuttingSheet(plan, new Pages(title));
        CostStudy study = CostStudy.of(plan);
        List<CuttingPlan> cutting = study.cuttingOf(beds).stream()
                .filter(cut -> cut.season() == season)
                .toList();
        List<CutSheets> sheets = study.sheetsOf(beds).stream()
                .filter(cut -> cut.season() == season)
                .toList();
        sheet.head(title, cutting.isEmpty() && sheets.isEmpty());
        List<BestCutting> found = cutting.isEmpty() ? List.of() : study.bestCuttingOf(beds);
        for (CuttingPlan cut : cutting) {
            BestCutting best = found.stream()
                    .filter(b -> b.season() == season
                            && b.part() == cut.part()
                            && b.material().equals(cut.material())
                            && b.board().equals(cut.board()))
                    .findFirst()
                    .orElseThrow();
            sheet.kind(cut, best);
        }
        sheets.forEach(new SheetCuts(plan, sheet.pages)::draw);
        FrameDrawings.of(plan).cutIn(season).stream()
                .filter(drawing -> beds.test(drawing.bed()))
                .forEach(sheet::frame);
        return sheet.pages.end();
    }

    private void head(String title, boolean nothing) {
        pages.write(MARGIN, LARGE, title);
        pages.down(LINE * 1.4);
        String saw = "Saw cut " + length(plan.workshop().kerf()) + ", one end of each board trimmed by "
                + length(plan.workshop().trim()) + ".";
        say(
                nothing
                        ? "No boards or sheets are cut this season."
                        : saw + (plan.workshop().tight() ? " Pieces may come out a saw cut short." : ""));
        say("Before cutting: is the board as long as said? Eye and ear protection;"
                + " a mask with treated wood, whose offcuts are not burned.");
    }

    private void kind(CuttingPlan cut, BestCutting best) {
        pages.makeRoom(8 * LINE);
        pages.down(LINE);
        pages.write(
                MARGIN, SMALL * 1.3, cut.material().label() + ", " + cut.board().label());
        pages.rule(1.5);
        pages.down(LINE * 1.3);
        say("Buy " + boards(best.cutList().boards())
                + (best.cutList().shed().isEmpty()
                        ? ""
                        : "; from the shed " + boards(best.cutList().shed())) + verdict(best));
        Map<Length, String> marks =
                cut.pieces().stream().collect(Collectors.toMap(MarkedPiece::length, MarkedPiece::mark));
        Length longest = best.cutList().cuts().stream().map(CutList.Cut::stock).reduce(Length.ZERO, Length::max);
        best.cutList().cuts().forEach(board -> board(board, marks, longest));
        pages.down(LINE / 2);
        cut.pieces()
                .forEach(piece -> say(
                        piece.mark() + "  " + length(piece.length()) + "  × " + piece.count() + ": " + names(piece)));
    }

    private static String verdict(BestCutting best) {
        if (best.fewer()) {
            return best.dearer()
                    .map(more -> ". The cheapest layout costs " + more + " less and takes more boards.")
                    .orElse(". Another takes less length and more boards.");
        }
        return best.least() ? ". No layout costs less." : ".";
    }

    private String boards(List<BoardsOfLength> boards) {
        return boards.isEmpty()
                ? "none"
                : boards.stream()
                        .map(b -> b.count() + " of " + length(b.stock()))
                        .collect(Collectors.joining(", "));
    }

    private String names(MarkedPiece piece) {
        return piece.into().stream()
                .map(plan::nameOf)
                .flatMap(Optional::stream)
                .sorted()
                .collect(Collectors.joining(", "));
    }

    private void board(CutList.Cut cut, Map<Length, String> marks, Length longest) {
        pages.makeRoom(BAR + 2.5 * LINE);
        double scale = ROOM / longest.metres();
        double top = pages.y() - SMALL;
        bar(0, cut.stock().metres() * scale, top, "");
        // A piece that leaves no room for it comes out of a board that is not trimmed.
        Length at = cut.rest().compareTo(plan.workshop().trim()) < 0
                ? Length.ZERO
                : plan.workshop().trim();
        List<String> steps = new ArrayList<>();
        if (isWhole(cut)) {
            steps.add("used whole: " + marks.get(cut.pieces().get(0)));
            bar(0, cut.stock().metres() * scale, top, marks.get(cut.pieces().get(0)));
        } else {
            steps.add(at.isPositive() ? "trim" : "no trim");
            Length from = Length.ZERO;
            for (Length piece : cut.pieces()) {
                bar((at.metres() + from.metres()) * scale, piece.metres() * scale, top, marks.get(piece));
                from = from.plus(piece);
                steps.add(marks.get(piece) + " at " + length(from));
                from = from.plus(Saw.of(plan.workshop()).kerf());
            }
        }
        pages.down(BAR + LINE * 0.4);
        String left = cut.rest().isPositive() ? "; " + length(cut.rest()) + " left with the trim." : ".";
        say(cut.times() + " × " + length(cut.stock()) + (cut.fromShed() ? " from the shed" : "") + ": "
                + String.join(", ", steps) + left);
        pages.down(LINE * 0.6);
    }

    private static boolean isWhole(CutList.Cut cut) {
        return cut.pieces().size() == 1 && cut.pieces().get(0).equals(cut.stock());
    }

    private void bar(double x, double width, double top, String mark) {
        double left = MARGIN + x;
        pages.draw(new Stroke(
                List.of(
                        new Spot(left, top),
                        new Spot(left + width, top),
                        new Spot(left + width, top + BAR),
                        new Spot(left, top + BAR)),
                true,
                PEN,
                false));
        if (width >= ROOM_FOR_MARK) {
            pages.draw(new Words(new Spot(left + width / 2, top + BAR / 2 + SMALL / 3), mark, SMALL, true, 0));
        }
    }

    private void frame(FrameDrawing drawing) {
        Bed bed = plan.bed(drawing.bed());
        double length = extent(drawing, point -> point.x().metres());
        double width = extent(drawing, point -> point.y().metres());
        double scale = Math.min(ROOM / length, TALLEST_COURSE / width);
        double height = width * scale;
        pages.makeRoom(4 * LINE + height);
        pages.down(LINE);
        pages.write(MARGIN, SMALL * 1.3, "Frame of " + Pages.shortened(bed.name(), 60) + ", seen from above");
        pages.rule(1.5);
        pages.down(LINE * 1.3);
        say(held(drawing.hardware()));
        coursesAlike(drawing).forEach((boards, courses) -> {
            pages.makeRoom(height + 2 * LINE);
            say((courses.size() == 1 ? "Course " : "Courses ")
                    + courses.stream().map(CuttingSheet::courseName).collect(Collectors.joining(", "))
                    + (courses.get(0) == 1 ? "; 1 is the lowest whole one" : ""));
            draw(boards, scale, new Spot(MARGIN + length * scale / 2, pages.y() + height / 2));
            pages.down(height + LINE * 1.5);
        });
    }

    private static String courseName(int course) {
        return course > 0 ? String.valueOf(course) : "below " + (1 - course);
    }

    /** Each way in which a course is laid, with the courses that are laid so. */
    private static Map<List<DrawnBoard>, List<Integer>> coursesAlike(FrameDrawing drawing) {
        Map<List<DrawnBoard>, List<Integer>> alike = new LinkedHashMap<>();
        int lowest =
                drawing.boards().stream().mapToInt(DrawnBoard::course).min().orElse(1);
        for (int course = lowest; course <= drawing.frame().courses(); course++) {
            int laid = course;
            List<DrawnBoard> boards = drawing.boards().stream()
                    .filter(board -> board.course() == laid)
                    .map(board -> new DrawnBoard(board.mark(), 1, board.length(), board.corners()))
                    .toList();
            alike.computeIfAbsent(boards, b -> new ArrayList<>()).add(course);
        }
        return alike;
    }

    private String held(Hardware hardware) {
        Stream<String> timber = hardware.timber().stream()
                .map(piece -> piece.count() + " × " + piece.use().label() + " of " + length(piece.length()));
        Stream<String> fasteners = hardware.fasteners().entrySet().stream()
                .map(kind -> kind.getValue() + " × " + kind.getKey().label());
        return Stream.concat(timber, fasteners).collect(Collectors.joining(", ", "With ", "."));
    }

    private static double extent(FrameDrawing drawing, ToDoubleFunction<Point> axis) {
        return 2
                * drawing.boards().stream()
                        .flatMap(board -> board.corners().stream())
                        .mapToDouble(axis)
                        .map(Math::abs)
                        .max()
                        .orElse(1);
    }

    private void draw(List<DrawnBoard> boards, double scale, Spot middle) {
        for (DrawnBoard board : boards) {
            List<Spot> corners = board.corners().stream()
                    .map(point -> new Spot(
                            middle.x() + point.x().metres() * scale,
                            middle.y() - point.y().metres() * scale))
                    .toList();
            pages.draw(new Stroke(corners, true, PEN, false));
            board.mark().ifPresent(mark -> pages.draw(new Words(inside(corners, middle), mark, SMALL, true, 0)));
        }
    }

    /** Beside the middle of a board, towards the middle of the bed. */
    private static Spot inside(List<Spot> corners, Spot middle) {
        double x = corners.stream().mapToDouble(Spot::x).average().orElseThrow();
        double y = corners.stream().mapToDouble(Spot::y).average().orElseThrow();
        double away = Math.hypot(middle.x() - x, middle.y() - y);
        double by = Math.min(SMALL * 1.2, away) / Math.max(away, 1e-9);
        return new Spot(x + (middle.x() - x) * by, y + (middle.y() - y) * by + SMALL / 3);
    }

    private void say(String text) {
        for (String line : Pages.wrapped(text, LONGEST_LINE)) {
            pages.makeRoom(0);
            pages.write(MARGIN, SMALL, line);
            pages.down(LINE);
        }
    }

    private String length(Length length) {
        return LengthText.format(length, plan.units());
    }
}
