package fairacre.catalogue;

import fairacre.limits.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * What may stand in a column of a table of crops.
 *
 * @param choices words of which it is one; none for a number
 * @param whole whether the number is a whole one
 * @param ranged whether it may have a range, as in "50 (45-60)"
 * @param least of a number
 * @param most of a number
 */
public record CropValues(List<Word> choices, boolean whole, boolean ranged, double least, double most) {

    private static final String YES = "yes";
    private static final String NO = "no";

    /** @param label what the gardener reads */
    public record Word(String key, String label) {}

    public CropValues {
        choices = List.copyOf(choices);
    }

    static <E extends Enum<E>> CropValues choice(Class<E> words, Function<E, String> label) {
        return new CropValues(
                Arrays.stream(words.getEnumConstants())
                        .map(word -> new Word(word.name(), label.apply(word)))
                        .toList(),
                false,
                false,
                0,
                0);
    }

    static CropValues yesOrNo() {
        return new CropValues(List.of(new Word(YES, YES), new Word(NO, NO)), false, false, 0, 0);
    }

    static CropValues whole(int least, int most) {
        return new CropValues(List.of(), true, false, least, most);
    }

    static CropValues number(double least, double most) {
        return new CropValues(List.of(), false, false, least, most);
    }

    static CropValues figure(double least, double most) {
        return new CropValues(List.of(), false, true, least, most);
    }

    static boolean isYes(String text) {
        return text.equals(YES);
    }

    /**
     * The text as a table has it.
     *
     * @param field for the refusal
     * @throws RefusedException if the text may not stand here
     */
    String read(String text, String field) {
        if (choices.isEmpty()) {
            checkNumber(text, field);
            return text;
        }
        return choices.stream()
                .map(Word::key)
                .filter(text::equalsIgnoreCase)
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        field,
                        "\"" + text + "\" is none of its words",
                        "give " + choices.stream().map(Word::key).collect(Collectors.joining(", "))));
    }

    private void checkNumber(String text, String field) {
        Figure figure;
        try {
            figure = ranged ? Figure.of(text) : Figure.exactly(number(text));
        } catch (IllegalArgumentException unread) {
            throw new RefusedException(field, "\"" + text + "\" can't be read", "give " + example());
        }
        if (DoubleStream.of(figure.low(), figure.high()).anyMatch(each -> !(each >= least && each <= most))) {
            throw new RefusedException(
                    field, text + " is not from " + plain(least) + " to " + plain(most), "give a figure between them");
        }
    }

    private double number(String text) {
        return whole ? Integer.parseInt(text) : Double.parseDouble(text);
    }

    private String example() {
        if (ranged) {
            return "a figure, with its range if it is known, as in \"50 (45-60)\"";
        }
        return whole ? "a whole number" : "a number, with a point before its decimals";
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }
}
