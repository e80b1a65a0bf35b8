package fairacre.limits;

import fairacre.measure.Length;
import fairacre.measure.LengthText;
import fairacre.measure.Units;
import java.math.BigDecimal;
import java.util.Collection;

/**
 * What a garden may hold. The bounds are generous for a home garden and exist so that a slip of the finger (a bed of 4
 * km) is caught where it is typed. Every check throws {@link RefusedException}.
 */
public final class Limits {

    public static final int LONGEST_NAME = 80;
    public static final int MOST_BEDS = 1000;
    public static final int MOST_GARDENERS = 12;
    public static final int MOST_FEATURES = 300;
    public static final int MOST_WAYS_IN = 20;
    public static final int MOST_CARRIERS = 12;
    public static final int MOST_CORNERS = 200;
    public static final int MOST_REVISIONS = 50;
    public static final int MOST_SUNDRIES = 500;
    public static final int MOST_QUOTES = 2000;
    public static final int FIRST_SEASON = 1900;
    public static final int LAST_SEASON = 2200;
    /** How far a garden can be looked at beyond the last season in which something of it changes. */
    public static final int SEASONS_AHEAD = 30;

    public static final int MOST_COURSES = 12;
    /** Shortest side of a bed: about a hand. */
    public static final Length SHORTEST_SIDE = Length.millimetres(100);

    public static final Length LONGEST_SIDE = Length.metres(100);
    /** Furthest that anything lies from the plot's origin. */
    public static final Length FURTHEST = Length.metres(1000);

    private static final BigDecimal MOST_PIECES = BigDecimal.valueOf(100_000);
    private static final int DECIMALS = 3;

    private Limits() {}

    public static <T> T present(T value, String field) {
        if (value == null) {
            throw new RefusedException(field, "it is missing", "give a value");
        }
        return value;
    }

    /** A name cut off so that it is no longer than names may be, its ending included. */
    public static String shortened(String name, String ending) {
        int room = LONGEST_NAME - ending.length();
        boolean fits = name.codePointCount(0, name.length()) <= room;
        return (fits
                        ? name
                        : name.substring(0, name.offsetByCodePoints(0, room)).strip())
                + ending;
    }

    public static String name(String value, String field) {
        return line(value, LONGEST_NAME, "name", field);
    }

    /**
     * One line of text without blanks at its ends, of 1 to so many characters.
     *
     * @param what it is, as the gardener is told: "name"
     */
    public static String line(String value, int most, String what, String field) {
        String text = present(value, field).strip();
        if (text.isEmpty()) {
            throw new RefusedException(field, "a " + what + " is missing", "write at least one character");
        }
        if (text.codePointCount(0, text.length()) > most) {
            throw new RefusedException(
                    field, "the " + what + " has " + text.length() + " characters", "write at most " + most);
        }
        if (text.codePoints().anyMatch(Character::isISOControl)) {
            throw new RefusedException(
                    field, "the " + what + " holds line breaks or control characters", "write it on one line");
        }
        return text;
    }

    /** A quantity of something: more than none, at most 100 000, with at most three decimals; 2.500 becomes 2.5. */
    public static BigDecimal counted(BigDecimal value, String field) {
        BigDecimal quantity = present(value, field);
        if (quantity.signum() <= 0 || quantity.compareTo(MOST_PIECES) > 0) {
            throw new RefusedException(
                    field,
                    quantity.toPlainString() + " is out of range",
                    "give more than nothing and at most " + MOST_PIECES);
        }
        BigDecimal plain = quantity.stripTrailingZeros();
        if (plain.scale() > DECIMALS) {
            throw new RefusedException(field, quantity.toPlainString() + " has more than three decimals", "round it");
        }
        return plain.scale() < 0 ? plain.setScale(0) : plain;
    }

    public static Length between(Length value, Length least, Length most, String field) {
        present(value, field);
        if (value.compareTo(least) < 0 || value.compareTo(most) > 0) {
            throw new RefusedException(
                    field, both(value) + " is out of range", "give between " + both(least) + " and " + both(most));
        }
        return value;
    }

    public static int season(int season, String field) {
        return between(season, FIRST_SEASON, LAST_SEASON, field);
    }

    public static int between(int value, int least, int most, String field) {
        if (value < least || value > most) {
            throw new RefusedException(field, value + " is out of range", "give between " + least + " and " + most);
        }
        return value;
    }

    public static double between(double value, double least, double most, String field) {
        if (!(value >= least && value <= most)) {
            throw new RefusedException(field, value + " is out of range", "give between " + least + " and " + most);
        }
        return value;
    }

    public static void atMost(int most, Collection<?> values, String field) {
        if (present(values, field).size() > most) {
            throw new RefusedException(field, values.size() + " are too many", "have at most " + most);
        }
    }

    private static String both(Length length) {
        return LengthText.format(length, Units.METRIC) + " (" + LengthText.format(length, Units.FEET_AND_INCHES) + ")";
    }
}
