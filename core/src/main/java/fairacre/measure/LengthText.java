package fairacre.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and writes lengths the way they stand on a tape or a sketch.
 *
 * <p>Read: {@code 3'6"}, {@code 3' 6 1/2"}, {@code 3 ft 6 1/2 in}, {@code 42in}, {@code 5/8"}, {@code 1.07m},
 * {@code 107 cm}, {@code 1070 mm}, with a decimal point or comma, typographic or straight marks. A bare number is read
 * in the gardener's own unit: feet where they use feet and inches, metres where they use metric ({@code 4} is {@code 4
 * ft} or {@code 4 m}).
 *
 * <p>Written: {@code 3′ 6 1/2″} to the nearest sixteenth of an inch, or {@code 1.07 m} to the nearest millimetre; under
 * 10 mm {@code 3.2 mm}, as saws and gaps are.
 */
public final class LengthText {

    private static final String NUMBER = "(?:\\d+\\s+\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d*)?|[.,]\\d+)";
    private static final String FOOT_MARK = "(?:ft|feet|foot|'|′|’)";
    private static final String INCH_MARK = "(?:in|inch|inches|\"|″|”|''|′′)";
    private static final Pattern IMPERIAL = Pattern.compile("(-)?\\s*(?:(" + NUMBER + ")\\s*" + FOOT_MARK
            + "\\.?)?\\s*(?:(" + NUMBER + ")\\s*(?:" + INCH_MARK + ")?\\.?)?");
    private static final Pattern METRIC = Pattern.compile("(-)?\\s*(" + NUMBER + ")\\s*(mm|cm|m)");
    private static final Pattern BARE = Pattern.compile("(-)?\\s*(" + NUMBER + ")");
    private static final int LONGEST_TEXT = 40;
    /** Millimetres below which metres are a poor unit. */
    private static final int SMALL = 10;

    private LengthText() {}

    /**
     * The length that a text means.
     *
     * @param units what a number without a unit is counted in
     * @throws IllegalArgumentException with a message for the gardener, example included, if it can't be read
     */
    public static Length parse(String text, Units units) {
        String trimmed = text == null ? "" : text.strip().toLowerCase(Locale.ROOT);
        if (trimmed.isEmpty() || trimmed.length() > LONGEST_TEXT) {
            throw unreadable(text);
        }
        Matcher bare = BARE.matcher(trimmed);
        if (bare.matches()) {
            double value = signed(bare.group(1), number(bare.group(2)));
            return units == Units.METRIC ? Length.metres(value) : Length.feet(value);
        }
        Matcher metric = METRIC.matcher(trimmed);
        if (metric.matches()) {
            return Length.metres(signed(metric.group(1), number(metric.group(2)) * metres(metric.group(3))));
        }
        Matcher imperial = IMPERIAL.matcher(trimmed);
        if (imperial.matches() && (imperial.group(2) != null || imperial.group(3) != null)) {
            double inches = orZero(imperial.group(2)) * 12 + orZero(imperial.group(3));
            return Length.inches(signed(imperial.group(1), inches));
        }
        throw unreadable(text);
    }

    /** The length as a gardener writes it: {@code 4′ 3″}, {@code 7 1/4″}, {@code 1.07 m}. */
    public static String format(Length length, Units units) {
        return units == Units.METRIC ? formatMetric(length) : formatImperial(length);
    }

    private static String formatMetric(Length length) {
        long millimetres = Math.round(length.millimetres());
        String sign = millimetres < 0 ? "−" : "";
        long size = Math.abs(millimetres);
        if (size > 0 && size < SMALL) {
            return sign
                    + BigDecimal.valueOf(Math.abs(length.millimetres()))
                            .setScale(1, RoundingMode.HALF_UP)
                            .stripTrailingZeros()
                            .toPlainString()
                    + " mm";
        }
        BigDecimal metres = size % 10 == 0 ? BigDecimal.valueOf(size / 10, 2) : BigDecimal.valueOf(size, 3);
        return sign + metres.toPlainString() + " m";
    }

    private static String formatImperial(Length length) {
        long sixteenths = Math.round(length.inches() * 16);
        String sign = sixteenths < 0 ? "−" : "";
        long size = Math.abs(sixteenths);
        long feet = size / (12 * 16);
        String inches = inches(size % (12 * 16));
        if (feet == 0) {
            return sign + inches;
        }
        return sign + feet + "′" + (inches.equals("0″") ? "" : " " + inches);
    }

    private static String inches(long sixteenths) {
        long whole = sixteenths / 16;
        long part = sixteenths % 16;
        if (part == 0) {
            return whole + "″";
        }
        int shift = Long.numberOfTrailingZeros(part);
        String fraction = (part >> shift) + "/" + (16 >> shift);
        return (whole == 0 ? "" : whole + " ") + fraction + "″";
    }

    private static double metres(String unit) {
        return switch (unit) {
            case "mm" -> 0.001;
            case "cm" -> 0.01;
            default -> 1;
        };
    }

    private static double signed(String minus, double value) {
        return minus == null ? value : -value;
    }

    private static double orZero(String number) {
        return number == null ? 0 : number(number);
    }

    private static double number(String text) {
        String[] parts = text.strip().split("\\s+");
        double sum = 0;
        for (String part : parts) {
            sum += fraction(part).orElseGet(() -> Double.parseDouble(part.replace(',', '.')));
        }
        return sum;
    }

    private static OptionalDouble fraction(String text) {
        int slash = text.indexOf('/');
        if (slash < 0) {
            return OptionalDouble.empty();
        }
        double divisor = Double.parseDouble(text.substring(slash + 1));
        if (divisor == 0) {
            throw unreadable(text);
        }
        return OptionalDouble.of(Double.parseDouble(text.substring(0, slash)) / divisor);
    }

    private static IllegalArgumentException unreadable(String text) {
        return new IllegalArgumentException(
                "\"" + shortened(text) + "\" is not a length I can read: write 3'6\", 42in, 1.07m or 107cm");
    }

    private static String shortened(String text) {
        String given = text == null ? "" : text.strip();
        return given.length() <= LONGEST_TEXT ? given : given.substring(0, LONGEST_TEXT) + "…";
    }
}
