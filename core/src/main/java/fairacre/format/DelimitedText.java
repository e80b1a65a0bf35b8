package fairacre.format;

import fairacre.limits.RefusedException;
import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** How spreadsheets of different countries write text and numbers into a file. */
final class DelimitedText {

    static final String BYTE_ORDER_MARK = "\uFEFF";

    private DelimitedText() {}

    /** UTF-8, or Windows-1252 where it is none; without a byte order mark. */
    static String decoded(byte[] file) {
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException otherEncoding) {
            text = new String(file, Charset.forName("windows-1252"));
        }
        return text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
    }

    /** The sign that the first line has most of: comma, semicolon or tab. */
    static char delimiter(String text) {
        String heading = text.lines().findFirst().orElse("");
        char best = ',';
        for (char sign : new char[] {';', '\t'}) {
            if (count(heading, sign) > count(heading, best)) {
                best = sign;
            }
        }
        return best;
    }

    /** A table with a heading, as spreadsheets write it. */
    static CSVFormat table(String text) {
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(text))
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .setAllowMissingColumnNames(true)
                .get();
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }

    /**
     * An amount with a point or a comma before the decimals.
     *
     * @param field that a refusal names
     * @throws RefusedException if it is no number, has more decimals than the currency, or might be read in two ways:
     *     {@code 1,234}
     */
    static Money money(String text, CurrencyUnit currency, String field) {
        boolean comma = text.matches("-?\\d{1,15},\\d{1,15}");
        if (!comma && !text.matches("-?\\d{1,15}(\\.\\d{1,15})?")) {
            throw new RefusedException(field, "\"" + text + "\" is no plain number", "write it like 12.50");
        }
        int decimals = comma ? text.length() - text.indexOf(',') - 1 : 0;
        if (comma && decimals > currency.getDecimalPlaces()) {
            throw new RefusedException(field, "\"" + text + "\" may be thousands or decimals", "write it like 12.50");
        }
        BigDecimal amount = new BigDecimal(text.replace(',', '.'));
        if (amount.stripTrailingZeros().scale() > currency.getDecimalPlaces()) {
            throw new RefusedException(field, text + " has more decimals than " + currency, "round it");
        }
        return Money.of(currency, amount.setScale(currency.getDecimalPlaces()));
    }
}
