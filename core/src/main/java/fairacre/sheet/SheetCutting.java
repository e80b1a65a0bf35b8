package fairacre.sheet;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.sheet.SheetPlan.CutSheet;
import fairacre.sheet.SheetPlan.PlacedPart;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.hipparchus.random.RandomDataGenerator;
import org.joda.money.Money;

/**
 * Cuts parts out of whole sheets as cheaply as it can: {@link #quick} at once, {@link #best} with as much patience as
 * is given. Up to eight parts both are the cheapest there is.
 */
public final class SheetCutting {

    private static final int MOST_PARTS = 300;
    private static final int MOST_SIZES = 6;
    private static final Length WIDEST_KERF = Length.millimetres(20);
    /** What costs more than so much of the best is not cut anew sheet by sheet: that takes long. */
    private static final double WORTH_IMPROVING = 1.1;

    private static final long SEED = 20_261_130;

    private final List<StockSheet> stock;
    private final List<SheetPart> parts;
    private final Length kerf;

    private SheetCutting(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {
        this.stock = stock;
        this.parts = parts;
        this.kerf = kerf;
    }

    /**
     * @param stock 1 to 6 sizes, all at prices of one currency
     * @param parts 1 to 300 in all
     * @param kerf of the saw, 0 to 20 mm
     * @throws RefusedException if a part is larger than every sheet, with its field
     */
    public static SheetCutting of(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {
        Limits.between(stock.size(), 1, MOST_SIZES, "stock");
        Limits.between(parts.stream().mapToInt(SheetPart::count).sum(), 1, MOST_PARTS, "parts");
        Limits.between(kerf, Length.ZERO, WIDEST_KERF, "kerf");
        for (int i = 0; i < parts.size(); i++) {
            if (stock.stream().noneMatch(parts.get(i)::fits)) {
                throw new RefusedException(
                        "parts/" + i,
                        parts.get(i).name() + " is larger than every sheet",
                        "make it of two parts, or add a larger sheet");
            }
        }
        List<SheetPart> single = parts.stream()
                .flatMap(part -> Collections.nCopies(part.count(), part).stream())
                .toList();
        return new SheetCutting(List.copyOf(stock), single, kerf);
    }

    /** What is found at once. */
    public SheetPlan quick() {
        return best(0);
    }

    /** @param rounds so often parts are tried in another order; the same rounds find the same */
    public SheetPlan best(int rounds) {
        if (parts.size() <= GuillotineBoxes.MOST) {
            List<CutSheet> sheets = ExactSheets.of(stock, parts, kerf);
            return plan(sheets, cost(sheets));
        }
        long bound = SheetBound.of(stock, parts, kerf);
        List<CutSheet> best = improved(firstOrders()
                .flatMap(this::filled)
                .min(Comparator.comparingLong(SheetCutting::cost))
                .orElseThrow());
        RandomDataGenerator chance = new RandomDataGenerator(SEED);
        for (int i = 0; i < rounds && cost(best) > bound; i++) {
            List<CutSheet> other = filled(shuffled(best, chance))
                    .min(Comparator.comparingLong(SheetCutting::cost))
                    .orElseThrow();
            if (cost(other) <= cost(best) * WORTH_IMPROVING) {
                List<CutSheet> improved = improved(other);
                best = cost(improved) <= cost(best) ? improved : best;
            }
        }
        return plan(best, Math.min(bound, cost(best)));
    }

    private SheetPlan plan(List<CutSheet> sheets, long bound) {
        Money none = Money.zero(stock.get(0).price().getCurrencyUnit());
        return new SheetPlan(sheets, none.plusMinor(cost(sheets)), none.plusMinor(bound));
    }

    private static long cost(List<CutSheet> sheets) {
        return sheets.stream().mapToLong(ExactSheets::price).sum();
    }

    private Stream<List<SheetPart>> firstOrders() {
        return Stream.of(
                        Comparator.comparingDouble(SheetPart::area),
                        Comparator.comparing((SheetPart part) -> Length.max(part.length(), part.width())),
                        Comparator.comparing((SheetPart part) -> Length.min(part.length(), part.width())),
                        Comparator.comparing((SheetPart part) -> part.length().plus(part.width())))
                .map(order -> parts.stream().sorted(order.reversed()).toList());
    }

    /** All parts in an order, with every way to split rests, on every size first. */
    private Stream<List<CutSheet>> filled(List<SheetPart> order) {
        return Arrays.stream(SheetFill.Split.values())
                .flatMap(split -> stock.stream().map(first -> filled(order, split, first)));
    }

    /**
     * @param first size that is opened for a part that finds no place, if it is large enough; else the cheapest that is
     */
    private List<CutSheet> filled(List<SheetPart> order, SheetFill.Split split, StockSheet first) {
        List<SheetFill> open = new ArrayList<>();
        for (SheetPart part : order) {
            if (open.stream().noneMatch(fill -> fill.takes(part))) {
                StockSheet size = part.fits(first)
                        ? first
                        : stock.stream()
                                .filter(part::fits)
                                .min(Comparator.comparing(StockSheet::price))
                                .orElseThrow();
                SheetFill fill = new SheetFill(size, kerf, split);
                fill.takes(part);
                open.add(fill);
            }
        }
        return open.stream().map(SheetFill::done).toList();
    }

    /** Each sheet of few parts, and each two of few together, cut as cheaply as can be, while that saves. */
    private List<CutSheet> improved(List<CutSheet> sheets) {
        List<CutSheet> now = sheets.stream()
                .flatMap(sheet -> sheet.parts().size() <= GuillotineBoxes.MOST
                        ? ExactSheets.of(stock, partsOf(List.of(sheet)), kerf).stream()
                        : smaller(sheet))
                .toList();
        for (int i = 0; i < now.size(); i++) {
            for (int j = i + 1; j < now.size(); j++) {
                List<CutSheet> two = List.of(now.get(i), now.get(j));
                if (partsOf(two).size() <= GuillotineBoxes.MOST) {
                    List<CutSheet> exact = ExactSheets.of(stock, partsOf(two), kerf);
                    if (cost(exact) < cost(two)) {
                        List<CutSheet> others = new ArrayList<>(now);
                        others.remove(j);
                        others.remove(i);
                        others.addAll(exact);
                        return improved(others);
                    }
                }
            }
        }
        return now;
    }

    /** The parts of a sheet on the cheapest size on which they are found to lie. */
    private Stream<CutSheet> smaller(CutSheet sheet) {
        return stock.stream()
                .filter(size -> size.price().isLessThan(sheet.stock().price()))
                .sorted(Comparator.comparing(StockSheet::price))
                .filter(size -> partsOf(List.of(sheet)).stream().allMatch(part -> part.fits(size)))
                .flatMap(size -> Arrays.stream(SheetFill.Split.values())
                        .map(split -> filled(partsOf(List.of(sheet)), split, size))
                        .filter(few -> few.size() == 1))
                .findFirst()
                .orElse(List.of(sheet))
                .stream();
    }

    private static List<SheetPart> partsOf(List<CutSheet> sheets) {
        return sheets.stream()
                .flatMap(sheet -> sheet.parts().stream())
                .map(PlacedPart::part)
                .toList();
    }

    /** Sheet by sheet in another order, with a few parts swapped: what lies well together stays so. */
    private static List<SheetPart> shuffled(List<CutSheet> sheets, RandomDataGenerator chance) {
        List<CutSheet> order = new ArrayList<>(sheets);
        for (int i = order.size() - 1; i > 0; i--) {
            Collections.swap(order, i, chance.nextInt(0, i));
        }
        List<SheetPart> parts = new ArrayList<>(partsOf(order));
        for (int swaps = 1 + parts.size() / GuillotineBoxes.MOST; swaps > 0; swaps--) {
            Collections.swap(parts, chance.nextInt(0, parts.size() - 1), chance.nextInt(0, parts.size() - 1));
        }
        return parts;
    }
}
