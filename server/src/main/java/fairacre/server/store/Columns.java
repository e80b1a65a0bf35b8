package fairacre.server.store;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.over.BedPlace;
import fairacre.plan.Lifetime;
import java.math.BigDecimal;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * Values that several tables keep in the same way: lengths in micrometres, places as two columns, amounts without their
 * currency.
 */
final class Columns {

    private Columns() {}

    static Point point(long x, long y) {
        return new Point(new Length(x), new Length(y));
    }

    static List<Point> points(Long[] x, Long[] y) {
        return IntStream.range(0, x.length).mapToObj(i -> point(x[i], y[i])).toList();
    }

    static Long[] xs(List<Point> points) {
        return points.stream().map(point -> point.x().micrometres()).toArray(Long[]::new);
    }

    static Long[] ys(List<Point> points) {
        return points.stream().map(point -> point.y().micrometres()).toArray(Long[]::new);
    }

    static Money money(CurrencyUnit currency, BigDecimal amount) {
        return Money.of(currency, amount.setScale(currency.getDecimalPlaces()));
    }

    /** @param until null if it stays */
    static Lifetime lifetime(Integer from, Integer until) {
        return new Lifetime(Optional.ofNullable(from), Optional.ofNullable(until));
    }

    /** Month and day as one number: 701 for 1 July. */
    static int monthDay(MonthDay day) {
        return day.getMonthValue() * 100 + day.getDayOfMonth();
    }

    static MonthDay monthDay(int number) {
        return MonthDay.of(number / 100, number % 100);
    }

    /** The beds over which something stands, and the seasons in which it does. */
    static List<BedPlace> bedPlaces(UUID[] beds, Integer[] from, Integer[] until) {
        return IntStream.range(0, beds.length)
                .mapToObj(i -> new BedPlace(beds[i], lifetime(from[i], until[i])))
                .toList();
    }

    static Integer[] seasons(List<BedPlace> places, Function<Lifetime, Optional<Integer>> which) {
        return places.stream()
                .map(place -> which.apply(place.lifetime()).orElse(null))
                .toArray(Integer[]::new);
    }
}
