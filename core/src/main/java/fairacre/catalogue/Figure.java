package fairacre.catalogue;

import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A figure of a crop with its range.
 *
 * @param usual within the range
 */
public record Figure(double usual, double low, double high) {

    private static final String NUMBER = "(\\d+(?:\\.\\d+)?)";
    private static final Pattern TEXT = Pattern.compile(NUMBER + "(?: \\(" + NUMBER + "-" + NUMBER + "\\))?");

    public Figure {
        if (!(low <= usual && usual <= high)) {
            throw new IllegalArgumentException("the usual figure lies in its range");
        }
    }

    /**
     * @param text "50 (45-60)", or "50" where no range is known
     * @throws IllegalArgumentException if it is neither
     */
    public static Figure of(String text) {
        Matcher read = TEXT.matcher(text);
        if (!read.matches()) {
            throw new IllegalArgumentException("no figure: " + text);
        }
        double usual = Double.parseDouble(read.group(1));
        return read.group(2) == null
                ? exactly(usual)
                : new Figure(usual, Double.parseDouble(read.group(2)), Double.parseDouble(read.group(3)));
    }

    /** Without a range. */
    static Figure exactly(double usual) {
        return new Figure(usual, usual, usual);
    }

    public Figure times(double factor) {
        return map(figure -> figure * factor);
    }

    /** @param each keeps the order of figures */
    Figure map(DoubleUnaryOperator each) {
        return new Figure(each.applyAsDouble(usual), each.applyAsDouble(low), each.applyAsDouble(high));
    }
}
