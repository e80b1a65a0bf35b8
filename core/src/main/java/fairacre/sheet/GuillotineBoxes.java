package fairacre.sheet;

import fairacre.measure.Length;
import fairacre.sheet.SheetPlan.PlacedPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The smallest boxes out of which sets of a few parts can be cut. The last cut that was not made yet is the first one
 * made: it parts a set in two, which lie beside or above each other in their own smallest boxes. So all boxes of a set
 * are put together of those of its halves, and only those are kept beside which no other is as small both ways.
 */
final class GuillotineBoxes {

    /** More parts take too long: a set has 3 to the power of their number pairs of halves. */
    static final int MOST = 8;

    private final List<SheetPart> parts;
    private final long kerf;
    private final List<StockSheet> stock;
    private final List<List<Box>> bySet = new ArrayList<>();

    /** @param parts at most {@link #MOST}, each once */
    GuillotineBoxes(List<SheetPart> parts, Length kerf, List<StockSheet> stock) {
        this.parts = parts;
        this.kerf = kerf.micrometres();
        this.stock = stock;
        bySet.add(List.of());
        for (int set = 1; set < 1 << parts.size(); set++) {
            bySet.add(Integer.bitCount(set) == 1 ? single(Integer.numberOfTrailingZeros(set)) : joined(set));
        }
    }

    /**
     * Lengths in micrometres.
     *
     * @param halves the two boxes that it is put together of; none of a single part
     * @param beside whether they lie beside each other along the length, and not above each other
     * @param part of a single one
     */
    private record Box(long length, long width, List<Box> halves, boolean beside, int part, boolean turned) {}

    /** The smallest box of a set that a sheet holds, where it lies; empty if it holds none. */
    Optional<List<PlacedPart>> on(StockSheet sheet, int set) {
        return bySet.get(set).stream()
                .filter(box -> sheet.holds(box.length(), box.width()))
                .findFirst()
                .map(box -> {
                    List<PlacedPart> placed = new ArrayList<>();
                    place(box, 0, 0, placed);
                    return placed;
                });
    }

    private void place(Box box, long x, long y, List<PlacedPart> placed) {
        if (box.halves().isEmpty()) {
            placed.add(new PlacedPart(parts.get(box.part()), new Length(x), new Length(y), box.turned()));
            return;
        }
        Box first = box.halves().get(0);
        place(first, x, y, placed);
        long onX = box.beside() ? x + first.length() + kerf : x;
        long onY = box.beside() ? y : y + first.width() + kerf;
        place(box.halves().get(1), onX, onY, placed);
    }

    private List<Box> single(int part) {
        List<Box> boxes = new ArrayList<>();
        long length = parts.get(part).length().micrometres();
        long width = parts.get(part).width().micrometres();
        add(boxes, new Box(length, width, List.of(), false, part, false));
        if (parts.get(part).turns()) {
            add(boxes, new Box(width, length, List.of(), false, part, true));
        }
        return boxes;
    }

    private List<Box> joined(int set) {
        List<Box> boxes = new ArrayList<>();
        for (int one = (set - 1) & set; one > (set ^ one); one = (one - 1) & set) {
            for (Box a : bySet.get(one)) {
                for (Box b : bySet.get(set ^ one)) {
                    List<Box> halves = List.of(a, b);
                    add(
                            boxes,
                            new Box(
                                    a.length() + kerf + b.length(),
                                    Math.max(a.width(), b.width()),
                                    halves,
                                    true,
                                    -1,
                                    false));
                    add(
                            boxes,
                            new Box(
                                    Math.max(a.length(), b.length()),
                                    a.width() + kerf + b.width(),
                                    halves,
                                    false,
                                    -1,
                                    false));
                }
            }
        }
        return boxes;
    }

    private void add(List<Box> boxes, Box box) {
        if (stock.stream().noneMatch(sheet -> sheet.holds(box.length(), box.width()))
                || boxes.stream().anyMatch(other -> other.length() <= box.length() && other.width() <= box.width())) {
            return;
        }
        boxes.removeIf(other -> box.length() <= other.length() && box.width() <= other.width());
        boxes.add(box);
    }

    /** The parts of a set. */
    static IntStream members(int set) {
        return IntStream.range(0, Integer.SIZE).filter(i -> (set >> i & 1) == 1);
    }
}
