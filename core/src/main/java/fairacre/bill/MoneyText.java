package fairacre.bill;

import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Sums of money as they are read: {@code €4,038.25}, {@code CHF 12.00}, {@code −$3.50}. */
public final class MoneyText {

    private static final Set<String> COUNTRIES = Set.of(Locale.getISOCountries());
    private static final Map<CurrencyUnit, String> SIGNS = new ConcurrentHashMap<>();

    private MoneyText() {}

    /** With thousands apart, to the currency's minor unit. */
    public static String format(Money money) {
        return (money.isNegative() ? "−" : "") + unsigned(money);
    }

    /** The same, with a plus where it is more. */
    public static String difference(Money money) {
        return (money.isNegative() ? "−" : "+") + unsigned(money);
    }

    private static String unsigned(Money money) {
        DecimalFormat figures = new DecimalFormat("#,##0", DecimalFormatSymbols.getInstance(Locale.ROOT));
        figures.setMinimumFractionDigits(money.getScale());
        figures.setMaximumFractionDigits(money.getScale());
        String sign = SIGNS.computeIfAbsent(money.getCurrencyUnit(), MoneyText::signAtHome);
        String apart = sign.length() > 1 ? " " : "";
        return sign + apart + figures.format(money.abs().getAmount());
    }

    /** The shortest sign that a currency has where one pays with it; its code where it has none. */
    private static String signAtHome(CurrencyUnit unit) {
        Currency currency = Currency.getInstance(unit.getCode());
        Stream<Locale> atHome =
                Arrays.stream(Locale.getAvailableLocales()).filter(locale -> isPaidWith(currency, locale));
        return Stream.concat(Stream.of(Locale.ENGLISH), atHome)
                .map(currency::getSymbol)
                .filter(sign -> sign.codePoints().noneMatch(MoneyText::isDirectionMark))
                .min(Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder()))
                .orElse(unit.getCode());
    }

    private static boolean isPaidWith(Currency currency, Locale locale) {
        return COUNTRIES.contains(locale.getCountry())
                && locale.getScript().isEmpty()
                && currency.equals(Currency.getInstance(locale));
    }

    private static boolean isDirectionMark(int character) {
        return Character.getType(character) == Character.FORMAT;
    }
}
