package fairacre.drawing;

import static fairacre.drawing.Pages.LINE;
import static fairacre.drawing.Pages.MARGIN;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.util.List;

/** Something that stands on the ground seen from one side, to scale, in the middle of a page, with its measures. */
final class Elevation {

    private static final double TINY = 2.6;
    private static final double WIDE = Pages.WIDTH - 2 * MARGIN;
    /** Room for one, millimetres. */
    static final double HIGH = 76;
    /** Room for measures beside it and below it. */
    private static final double BESIDE = 22;

    private static final double ASIDE = 15;
    private static final double BELOW = 4;
    private static final double TICK = 1.2;

    private final Pages pages;
    private final Units units;
    private final double wide;
    private final double high;
    private final double deep;
    private final int divisor;
    private double ground;

    /**
     * @param wide metres
     * @param high above the ground, metres
     * @param deep in the ground, metres
     */
    Elevation(Pages pages, Units units, double wide, double high, double deep) {
        this.pages = pages;
        this.units = units;
        this.wide = wide;
        this.high = high;
        this.deep = deep;
        this.divisor = Math.max(Pages.divisor(wide, WIDE - 2 * BESIDE), Pages.divisor(high + deep, HIGH - 2 * LINE));
    }

    /** Goes on a new page where what is said above it and itself don't fit on this one, and begins below a heading. */
    void begin(String heading) {
        pages.makeRoom((high + deep) * 1000 / divisor + 5 * LINE);
        pages.down(LINE / 2);
        pages.paragraph(heading + ". 1:" + divisor);
        ground = pages.y() + high * 1000 / divisor;
    }

    /** @param x from its middle, metres; y above the ground */
    Spot spot(double x, double y) {
        return new Spot(Pages.WIDTH / 2 + x * 1000 / divisor, ground - y * 1000 / divisor);
    }

    /** A line along places in metres. */
    void line(double pen, List<Spot> spots) {
        pages.draw(new Stroke(spots, false, pen, false));
    }

    void line(double pen, double x1, double y1, double x2, double y2) {
        pages.draw(Stroke.line(pen, spot(x1, y1), spot(x2, y2)));
    }

    /** Draws the ground and the measures, and goes on below. */
    void end() {
        Spot left = spot(-wide / 2, 0);
        Spot right = spot(wide / 2, 0);
        pages.draw(Stroke.line(
                Pens.FINE, new Spot(left.x() - BESIDE / 2, ground), new Spot(right.x() + BESIDE / 2, ground)));
        double aside = left.x() - ASIDE;
        Spot top = spot(0, high);
        pages.draw(Stroke.line(Pens.FINE, new Spot(aside, top.y()), new Spot(aside, ground)));
        for (double end : List.of(top.y(), ground)) {
            pages.draw(Stroke.line(Pens.FINE, new Spot(aside - TICK, end), new Spot(aside + TICK, end)));
        }
        pages.draw(new Words(new Spot(aside + TICK, (top.y() + ground) / 2), length(high), TINY, false, 0));
        double foot = ground + deep * 1000 / divisor;
        double below = foot + BELOW;
        pages.draw(Stroke.line(Pens.FINE, new Spot(left.x(), below), new Spot(right.x(), below)));
        for (Spot end : List.of(left, right)) {
            pages.draw(Stroke.line(Pens.FINE, new Spot(end.x(), below - TICK), new Spot(end.x(), below + TICK)));
        }
        pages.draw(new Words(new Spot((left.x() + right.x()) / 2, below + TINY + 1), length(wide), TINY, true, 0));
        if (deep > 0) {
            pages.draw(new Words(
                    new Spot(right.x() + TICK, (ground + foot) / 2 + TINY / 2), length(deep), TINY, false, 0));
        }
        pages.down((high + deep) * 1000 / divisor + 2 * LINE);
    }

    private String length(double metres) {
        return LengthText.format(Length.metres(metres), units);
    }
}
