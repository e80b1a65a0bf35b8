package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;

/** The frame of a sheet and what stands at its foot: whose garden, which season, the scale with a bar, and north. */
final class TitleBlock {

    /** From the edge of the paper to the frame, millimetres. */
    static final double MARGIN = 10;
    /** Height of the block, millimetres. */
    static final double HEIGHT = 24;

    private static final double SMALL = 2.2;
    private static final double NORMAL = 3;
    private static final double LARGE = 5;
    /** Of the block, for the bar and north. */
    private static final double ASIDE = 90;
    /** The bar is no longer. */
    private static final double LONGEST_BAR = 50;

    private final Plan plan;
    private final Scale scale;
    private final Paper paper;
    private final List<Mark> marks = new ArrayList<>();

    private TitleBlock(Plan plan, Scale scale, Paper paper) {
        this.plan = plan;
        this.scale = scale;
        this.paper = paper;
    }

    static List<Mark> of(Plan plan, int season, Scale scale, Paper paper) {
        TitleBlock block = new TitleBlock(plan, scale, paper);
        block.draw(season);
        return block.marks;
    }

    private void draw(int season) {
        double bottom = paper.height() - MARGIN;
        double above = bottom - HEIGHT;
        double right = paper.width() - MARGIN;
        List<Spot> frame = List.of(
                new Spot(MARGIN, MARGIN), new Spot(right, MARGIN), new Spot(right, bottom), new Spot(MARGIN, bottom));
        marks.add(new Stroke(frame, true, Pens.FINE, false));
        marks.add(Stroke.line(Pens.PEN, new Spot(MARGIN, above), new Spot(right, above)));
        double room = paper.width() - 2 * MARGIN - ASIDE;
        write(above + 8, PlacedWords.fitted(plan.name(), LARGE, room), LARGE);
        write(above + 14, "Season " + season, NORMAL);
        write(
                above + 20,
                "Scale " + scale.label() + " on " + paper.name() + ". Print at 100 %; check with the bar.",
                SMALL);
        drawScaleBar(right - 72, above + 14);
        drawNorth(right - 10, above + HEIGHT / 2);
    }

    private void write(double y, String text, double height) {
        marks.add(new Words(new Spot(MARGIN + 4, y), text, height, false, 0));
    }

    private void drawScaleBar(double x, double y) {
        boolean metric = plan.units() == Units.METRIC;
        double division = scale.onPaper(metric ? 1 : Length.feet(4).metres());
        int divisions = Math.max(1, (int) (LONGEST_BAR / division));
        for (int i = 0; i < divisions; i++) {
            double from = x + i * division;
            double to = from + division;
            List<Spot> part = List.of(new Spot(from, y), new Spot(to, y), new Spot(to, y + 2), new Spot(from, y + 2));
            marks.add(new Stroke(part, true, Pens.FINE, i % 2 == 0));
        }
        for (int i = 0; i <= divisions; i++) {
            String text = i * (metric ? 1 : 4) + (i == divisions ? metric ? " m" : " ft" : "");
            marks.add(new Words(new Spot(x + i * division, y - 1.5), text, SMALL, true, 0));
        }
    }

    private void drawNorth(double x, double y) {
        Spot middle = new Spot(x, y);
        double angle = Math.toRadians(plan.site().north());
        List<Spot> needle = List.of(
                middle.towards(angle, 8),
                middle.towards(angle + Math.PI * 0.8, 3),
                middle.towards(angle - Math.PI * 0.8, 3));
        marks.add(new Stroke(needle, true, Pens.FINE, true));
        Spot letter = middle.towards(angle, 10);
        marks.add(new Words(new Spot(letter.x(), letter.y() + 1), "N", NORMAL, true, 0));
    }
}
