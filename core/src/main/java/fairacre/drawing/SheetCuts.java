package fairacre.drawing;

import static fairacre.drawing.Pages.LINE;
import static fairacre.drawing.Pages.MARGIN;
import static fairacre.drawing.Pages.SMALL;
import static fairacre.drawing.Pages.WIDTH;

import fairacre.cost.CutSheets;
import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.plan.Plan;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Sheets with what is cut from each, to scale. */
final class SheetCuts {

    private static final double PEN = 0.2;
    private static final double ROOM = WIDTH - 2 * MARGIN;
    private static final double TALLEST = 80;
    /** Narrower than this a part is not written on. */
    private static final double ROOM_FOR_MARK = 4;

    private final Plan plan;
    private final Pages pages;

    SheetCuts(Plan plan, Pages pages) {
        this.plan = plan;
        this.pages = pages;
    }

    void draw(CutSheets cut) {
        pages.makeRoom(8 * LINE);
        pages.down(LINE);
        pages.write(MARGIN, SMALL * 1.3, cut.label());
        pages.rule(1.5);
        pages.down(LINE * 1.3);
        pages.paragraph("Buy "
                + cut.sheets().stream()
                        .collect(Collectors.groupingBy(
                                sheet -> size(sheet.length(), sheet.width()),
                                TreeMap::new,
                                Collectors.summingInt(CutSheets.SheetToCut::times)))
                        .entrySet()
                        .stream()
                        .map(each -> each.getValue() + " of " + each.getKey())
                        .collect(Collectors.joining(", "))
                + (cut.least() ? ". No way to cut it costs less." : "."));
        double longest = cut.sheets().stream()
                .mapToDouble(sheet -> sheet.length().metres())
                .max()
                .orElse(1);
        double widest = cut.sheets().stream()
                .mapToDouble(sheet -> sheet.width().metres())
                .max()
                .orElse(1);
        double scale = Math.min(ROOM / longest, TALLEST / widest);
        cut.sheets().forEach(sheet -> sheet(sheet, scale));
        cut.pieces()
                .forEach(piece -> pages.paragraph(piece.mark() + "  " + piece.name() + "  "
                        + size(piece.length(), piece.width()) + "  × " + piece.count()));
    }

    private void sheet(CutSheets.SheetToCut sheet, double scale) {
        double high = sheet.width().metres() * scale;
        pages.makeRoom(high + 3 * LINE);
        double top = pages.y() - SMALL;
        box(0, 0, sheet.length().metres() * scale, high, top, "");
        for (CutSheets.PieceOnSheet cut : sheet.cuts()) {
            box(
                    cut.x().metres() * scale,
                    cut.y().metres() * scale,
                    cut.along().metres() * scale,
                    cut.across().metres() * scale,
                    top,
                    cut.mark());
        }
        pages.down(high + LINE * 0.4);
        pages.line(SMALL, sheet.times() + " × " + size(sheet.length(), sheet.width()));
        pages.down(LINE * 0.4);
    }

    private void box(double x, double y, double wide, double high, double top, String mark) {
        double left = MARGIN + x;
        double upper = top + y;
        pages.draw(new Stroke(
                List.of(
                        new Spot(left, upper),
                        new Spot(left + wide, upper),
                        new Spot(left + wide, upper + high),
                        new Spot(left, upper + high)),
                true,
                PEN,
                false));
        if (wide >= ROOM_FOR_MARK && high >= ROOM_FOR_MARK) {
            pages.draw(new Words(new Spot(left + wide / 2, upper + high / 2 + SMALL / 3), mark, SMALL, true, 0));
        }
    }

    private String size(Length length, Length width) {
        return LengthText.format(length, plan.units()) + " × " + LengthText.format(width, plan.units());
    }
}
