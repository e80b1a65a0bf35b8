package fairacre.sheet;

import fairacre.measure.Length;
import fairacre.sheet.SheetPlan.CutSheet;
import fairacre.sheet.SheetPlan.PlacedPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The cheapest sheets for a few parts: the first part still missing goes on a sheet with whichever others it holds. */
final class ExactSheets {

    private ExactSheets() {}

    /** @param parts at most {@link GuillotineBoxes#MOST}, each once, each on some sheet */
    static List<CutSheet> of(List<StockSheet> stock, List<SheetPart> parts, Length kerf) {
        GuillotineBoxes boxes = new GuillotineBoxes(parts, kerf, stock);
        int all = (1 << parts.size()) - 1;
        List<Optional<CutSheet>> cheapest = new ArrayList<>();
        for (int set = 0; set <= all; set++) {
            cheapest.add(cheapest(stock, boxes, set));
        }
        long[] cost = new long[all + 1];
        int[] taken = new int[all + 1];
        for (int set = 1; set <= all; set++) {
            cost[set] = Long.MAX_VALUE;
            int first = Integer.lowestOneBit(set);
            for (int some = set; some > 0; some = (some - 1) & set) {
                if ((some & first) != 0 && cheapest.get(some).isPresent() && cost[set ^ some] < Long.MAX_VALUE) {
                    long whole = cost[set ^ some] + price(cheapest.get(some).get());
                    if (whole < cost[set]) {
                        cost[set] = whole;
                        taken[set] = some;
                    }
                }
            }
        }
        List<CutSheet> sheets = new ArrayList<>();
        for (int set = all; set > 0; set ^= taken[set]) {
            sheets.add(cheapest.get(taken[set]).orElseThrow());
        }
        return sheets;
    }

    /** That holds all of a set; empty if none does. */
    private static Optional<CutSheet> cheapest(List<StockSheet> stock, GuillotineBoxes boxes, int set) {
        Optional<CutSheet> best = Optional.empty();
        for (StockSheet sheet : stock) {
            Optional<List<PlacedPart>> placed = boxes.on(sheet, set);
            if (placed.isPresent()
                    && best.filter(other -> !other.stock().price().isGreaterThan(sheet.price()))
                            .isEmpty()) {
                best = Optional.of(new CutSheet(sheet, placed.get()));
            }
        }
        return best;
    }

    static long price(CutSheet sheet) {
        return sheet.stock().price().getAmountMinorLong();
    }
}
