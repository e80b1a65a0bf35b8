package fairacre.sheet;

import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.LongStream;

/** What sheets cost at least, whatever is cut out of which. Prices in the currency's smallest unit. */
final class SheetBound {

    private SheetBound() {}

    /** Sums of measured areas that differ by less are the same. */
    private static final double HAIR = 1e-9;

    /**
     * The more of two: whole sheets of enough area, in whichever scales that is most, and a sheet for each of some
     * parts that no sheet holds two of.
     */
    static long of(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {
        return Math.max(covering(stock, parts, kerf.micrometres()), apart(stock, parts, kerf));
    }

    /** With each part goes a saw cut, and one more fits on a sheet than it is long. */
    private static long covering(List<StockSheet> stock, List<SheetPart> parts, long kerf) {
        long length = kerf + longest(stock, StockSheet::length);
        long width = kerf + longest(stock, StockSheet::width);
        LongStream sides = parts.stream()
                .flatMapToLong(part -> LongStream.of(
                        part.length().micrometres() + kerf, part.width().micrometres() + kerf));
        long[] all = sides.toArray();
        return SheetScale.pairs(SheetScale.all(LongStream.of(all), length), SheetScale.all(LongStream.of(all), width))
                .mapToLong(pair -> covering(stock, parts, kerf, new Measure(pair[0], length, pair[1], width)))
                .max()
                .orElseThrow();
    }

    private static long longest(List<StockSheet> stock, Function<StockSheet, Length> side) {
        return stock.stream()
                .mapToLong(sheet -> side.apply(sheet).micrometres())
                .max()
                .orElseThrow();
    }

    /** Areas whose lengths and widths are measured each in a scale. */
    private record Measure(SheetScale along, long length, SheetScale across, long width) {

        double of(long partLength, long partWidth) {
            return partLength > length || partWidth > width
                    ? Double.MAX_VALUE
                    : along.of(partLength, length) * across.of(partWidth, width);
        }
    }

    private static long covering(List<StockSheet> stock, List<SheetPart> parts, long kerf, Measure measure) {
        double wanted =
                parts.stream().mapToDouble(part -> least(part, kerf, measure)).sum();
        double[] areas = stock.stream()
                .mapToDouble(sheet -> measure.of(
                        sheet.length().micrometres() + kerf, sheet.width().micrometres() + kerf))
                .toArray();
        return covering(stock, areas, 0, wanted);
    }

    private static double least(SheetPart part, long kerf, Measure measure) {
        long length = part.length().micrometres() + kerf;
        long width = part.width().micrometres() + kerf;
        double straight = measure.of(length, width);
        return part.turns() ? Math.min(straight, measure.of(width, length)) : straight;
    }

    /** The cheapest whole sheets of the sizes from one on that have so much measured area together. */
    private static long covering(List<StockSheet> stock, double[] areas, int from, double wanted) {
        if (wanted <= HAIR) {
            return 0;
        }
        if (from == areas.length) {
            return Long.MAX_VALUE / 2;
        }
        if (areas[from] <= 0) {
            return covering(stock, areas, from + 1, wanted);
        }
        long price = stock.get(from).price().getAmountMinorLong();
        long most = (long) Math.ceil(wanted / areas[from] - HAIR);
        if (from == areas.length - 1) {
            return most * price;
        }
        long least = Long.MAX_VALUE;
        for (long count = 0; count <= most; count++) {
            least = Math.min(least, count * price + covering(stock, areas, from + 1, wanted - count * areas[from]));
        }
        return least;
    }

    /** Parts are taken, largest first, that don't lie on a sheet with any that was taken. */
    private static long apart(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {
        List<SheetPart> taken = new ArrayList<>();
        parts.stream()
                .sorted(Comparator.comparingDouble(SheetPart::area).reversed())
                .filter(part -> taken.stream().noneMatch(other -> lieTogether(stock, part, other, kerf)))
                .forEach(taken::add);
        return taken.stream()
                .mapToLong(part -> stock.stream()
                        .filter(part::fits)
                        .mapToLong(sheet -> sheet.price().getAmountMinorLong())
                        .min()
                        .orElse(0))
                .sum();
    }

    private static boolean lieTogether(List<StockSheet> stock, SheetPart one, SheetPart other, Length kerf) {
        GuillotineBoxes both = new GuillotineBoxes(List.of(one, other), kerf, stock);
        return stock.stream().anyMatch(sheet -> both.on(sheet, 3).isPresent());
    }
}
