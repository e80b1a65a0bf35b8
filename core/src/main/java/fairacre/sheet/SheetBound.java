package fairacre.sheet;

import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What sheets cost at least, whatever is cut out of which. Prices in the currency's smallest unit. */
final class SheetBound {

    private SheetBound() {}

    /** The more of two: whole sheets of enough area, and a sheet for each of some parts that no sheet holds two of. */
    static long of(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {
        double area = parts.stream().mapToDouble(SheetPart::area).sum();
        return Math.max(covering(stock, 0, area), apart(stock, parts, kerf));
    }

    /** The cheapest whole sheets of the sizes from one on that have so much area together. */
    private static long covering(List<StockSheet> stock, int from, double area) {
        if (area <= 0) {
            return 0;
        }
        StockSheet sheet = stock.get(from);
        long price = sheet.price().getAmountMinorLong();
        long most = (long) Math.ceil(area / sheet.area());
        if (from == stock.size() - 1) {
            return most * price;
        }
        long least = Long.MAX_VALUE;
        for (long count = 0; count <= most; count++) {
            least = Math.min(least, count * price + covering(stock, from + 1, area - count * sheet.area()));
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
