package fairacre.build;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import java.math.BigDecimal;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The key of a kind that a gardener added: it tells all there is to know of the kind, so that a garden's file does so
 * too. Fields are form-encoded and parted by {@code |}; none holds a slash.
 */
public final class OwnKey {

    public static final String PREFIX = "own|";

    private final String key;
    private final Iterator<String> fields;

    private OwnKey(String key) {
        this.key = key;
        this.fields =
                Arrays.asList(key.substring(PREFIX.length()).split("\\|", -1)).iterator();
    }

    public static boolean is(String key) {
        return key != null && key.startsWith(PREFIX);
    }

    public static String of(Object... fields) {
        return PREFIX + Stream.of(fields).map(OwnKey::written).collect(Collectors.joining("|"));
    }

    /** As a field: in metres. */
    public static String field(List<Length> lengths) {
        return lengths.stream()
                .map(length -> length.exactMetres().toPlainString())
                .collect(Collectors.joining(" "));
    }

    public static OwnKey read(String key) {
        return new OwnKey(key);
    }

    /** @throws RefusedException if there is no further field */
    public String text() {
        try {
            return URLDecoder.decode(next(), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException malformed) {
            throw unreadable();
        }
    }

    /** @throws RefusedException if the next field is not a whole number */
    public int whole() {
        try {
            return Integer.parseInt(next());
        } catch (NumberFormatException malformed) {
            throw unreadable();
        }
    }

    /** @throws RefusedException if the next field is not a number */
    public double number() {
        try {
            return Double.parseDouble(next());
        } catch (NumberFormatException malformed) {
            throw unreadable();
        }
    }

    /** Lengths in metres. @throws RefusedException if the next field holds something else */
    public List<Length> lengths() {
        try {
            return Arrays.stream(text().split(" ", -1))
                    .map(metres ->
                            new Length(new BigDecimal(metres).movePointRight(6).longValueExact()))
                    .toList();
        } catch (ArithmeticException | NumberFormatException malformed) {
            throw unreadable();
        }
    }

    private String next() {
        if (!fields.hasNext()) {
            throw unreadable();
        }
        return fields.next();
    }

    private RefusedException unreadable() {
        return new RefusedException(
                "", "\"" + key + "\" does not tell a kind of one's own", "add it in the program again");
    }

    private static String written(Object field) {
        return URLEncoder.encode(field.toString(), StandardCharsets.UTF_8);
    }
}
