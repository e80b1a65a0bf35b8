package fairacre.drawing;

import static fairacre.drawing.Pages.LARGE;
import static fairacre.drawing.Pages.MARGIN;

import fairacre.judging.Snag;
import java.util.ArrayList;
import java.util.List;

/** What the numbers on a sheet stand for, as A4 pages to go with it. */
public final class SnagSheet {

    private static final double LINE = 5.2;
    private static final double SMALL = 3;
    /** Where the words begin, millimetres. */
    private static final double WORDS = 26;
    /** So many letters of that size fit on the line. */
    private static final int LETTERS = 104;

    private SnagSheet() {}

    /** @param snags in the order of their numbers, the first is 1 */
    public static List<SheetDrawing> of(String garden, int season, List<Snag> snags) {
        String title = garden + ", snags in " + season;
        Pages pages = new Pages(title);
        pages.write(MARGIN, LARGE, title);
        pages.down(2 * LINE);
        if (snags.isEmpty()) {
            pages.write(MARGIN, SMALL, "Nothing is wrong with the plan in this season.");
        }
        for (int i = 0; i < snags.size(); i++) {
            List<String> lines = lines(snags.get(i).words());
            pages.makeRoom(lines.size() * LINE);
            pages.write(MARGIN, SMALL, String.valueOf(i + 1));
            for (String line : lines) {
                pages.write(WORDS, SMALL, line);
                pages.down(LINE);
            }
            pages.down(LINE / 3);
        }
        return pages.end();
    }

    /** A text in lines that are no longer than the page is wide; a word that is longer than a line stands alone. */
    static List<String> lines(String text) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (line.length() > 0 && line.length() + 1 + word.length() > LETTERS) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() == 0 ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
