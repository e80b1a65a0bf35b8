package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import java.util.ArrayList;
import java.util.List;

/** A4 pages that are filled from top to bottom; all sizes in millimetres. */
final class Pages {

    static final double WIDTH = 210;
    static final double HEIGHT = 297;
    static final double MARGIN = 15;
    static final double LARGE = 5;
    static final double SMALL = 3;
    /** Of the headings within a page. */
    static final double MIDDLE = 3.8;
    /** From a line of small words to the next. */
    static final double LINE = 5.2;
    /** Of a heading, characters. */
    static final int LONGEST_NAME = 60;

    /** As many small characters have room in a line. */
    private static final int LONGEST_LINE = 110;
    /** Scales that one reads off a ruler. */
    private static final List<Integer> SCALES = List.of(10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000);

    private static final double RULE = 0.2;
    private static final double BOX = 4;
    /** So far a box stands below the base line. */
    private static final double BELOW = 0.6;

    private final String title;
    private final List<SheetDrawing> pages = new ArrayList<>();
    private List<Mark> marks = new ArrayList<>();
    private double y = MARGIN + LARGE;

    Pages(String title) {
        this.title = title;
    }

    /** The base line of the next words. */
    double y() {
        return y;
    }

    void down(double by) {
        y += by;
    }

    /** Begins a new page if there is not so much room left on this one. */
    void makeRoom(double height) {
        if (y + height > HEIGHT - MARGIN) {
            endPage();
        }
    }

    void write(double x, double height, String text) {
        marks.add(new Words(new Spot(x, y), text, height, false, 0));
    }

    /** A line of words on a page with room for it. */
    void line(double height, String text) {
        makeRoom(LINE);
        write(MARGIN, height, text);
        down(LINE * Math.max(1, height / LARGE * 1.2));
    }

    /** Small words over as many lines as they take. */
    void paragraph(String text) {
        wrapped(text, LONGEST_LINE).forEach(line -> line(SMALL, line));
    }

    /** A box to tick before the words of a line. */
    void box() {
        double top = y - BOX + BELOW;
        draw(Stroke.line(
                RULE,
                new Spot(MARGIN, top),
                new Spot(MARGIN + BOX, top),
                new Spot(MARGIN + BOX, top + BOX),
                new Spot(MARGIN, top + BOX),
                new Spot(MARGIN, top)));
    }

    /** A small heading with a line below it, kept together with what follows. */
    void heading(String text) {
        makeRoom(4 * LINE);
        down(LINE / 2);
        write(MARGIN, MIDDLE, text);
        rule(1.5);
        down(LINE * 1.3);
    }

    /**
     * A line of a table.
     *
     * @param across where each cell begins, from the left margin
     * @param cells each cut off where the next begins
     */
    void row(List<Double> across, List<String> cells) {
        makeRoom(LINE);
        for (int i = 0; i < cells.size(); i++) {
            double room = (i + 1 < across.size() ? across.get(i + 1) : WIDTH - 2 * MARGIN) - across.get(i);
            int letters = (int) (room / (WIDTH - 2 * MARGIN) * LONGEST_LINE);
            write(MARGIN + across.get(i), SMALL, shortened(cells.get(i), letters));
        }
        down(LINE);
    }

    /** How many times smaller something is drawn so that it has room: the smallest of the usual scales that does. */
    static int divisor(double metres, double millimetres) {
        return SCALES.stream()
                .filter(divisor -> metres * 1000 / divisor <= millimetres)
                .findFirst()
                .orElse(SCALES.get(SCALES.size() - 1));
    }

    void draw(Mark mark) {
        marks.add(mark);
    }

    /** A line from margin to margin. */
    void rule(double below) {
        draw(Stroke.line(RULE, new Spot(MARGIN, y + below), new Spot(WIDTH - MARGIN, y + below)));
    }

    List<SheetDrawing> end() {
        endPage();
        return pages;
    }

    private void endPage() {
        pages.add(new SheetDrawing(title, "A4", WIDTH, HEIGHT, marks));
        marks = new ArrayList<>();
        y = MARGIN + LARGE;
    }

    /** Broken at spaces into lines of no more than so many letters. */
    static List<String> wrapped(String text, int most) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (line.length() > 0 && line.length() + word.length() >= most) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() > 0 ? " " : "").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** A text of no more than so many characters, its end cut off. */
    static String shortened(String text, int most) {
        return text.length() > most ? text.substring(0, most - 1) + "…" : text;
    }
}
