package fairacre.drawing;

import fairacre.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sheet of paper as it lies, millimetres: ISO 216 A sizes, or the North American sheets (ANSI A and B, Arch C, D, E).
 */
record Paper(String name, double width, double height) {

    private static final double INCH = 25.4;
    private static final List<Paper> ISO = List.of(
            new Paper("A4", 210, 297),
            new Paper("A3", 297, 420),
            new Paper("A2", 420, 594),
            new Paper("A1", 594, 841),
            new Paper("A0", 841, 1189));
    private static final List<Paper> AMERICAN = List.of(
            inches("Letter", 8.5, 11),
            inches("Tabloid", 11, 17),
            inches("Arch C", 18, 24),
            inches("Arch D", 24, 36),
            inches("Arch E", 36, 48));

    /** The smallest sheet, upright or on its side, with room for this; empty if none has. */
    static Optional<Paper> smallest(double width, double height, Units units) {
        List<Paper> both = new ArrayList<>();
        for (Paper paper : units == Units.METRIC ? ISO : AMERICAN) {
            both.add(new Paper(paper.name, paper.height, paper.width));
            both.add(paper);
        }
        return both.stream()
                .filter(paper -> width <= paper.width && height <= paper.height)
                .findFirst();
    }

    private static Paper inches(String name, double width, double height) {
        return new Paper(name, width * INCH, height * INCH);
    }
}
