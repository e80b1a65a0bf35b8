package fairacre.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/**
 * A way to measure lengths so that parts that lie beside each other within a length still do when both are measured so:
 * what stands for two parts together is no more than what stands for their sum. Where parts are large against the
 * sheet, areas of lengths that are measured so tell more than true areas do (dual feasible functions: Fekete and
 * Schepers, Mathematical Programming 91, 2001).
 */
interface SheetScale {

    /** Of the scale by counts: more tell next to nothing. */
    int MOST_COUNTS = 6;
    /** So many lengths of parts are tried as the least that counts. */
    int MOST_LEAST = 10;

    /**
     * @param length at most {@code whole}
     * @return 0 to 1
     */
    double of(long length, long whole);

    /** All that are tried for lengths up to the whole. */
    static List<SheetScale> all(LongStream lengths, long whole) {
        List<SheetScale> scales = new ArrayList<>();
        scales.add((length, all) -> (double) length / all);
        IntStream.rangeClosed(1, MOST_COUNTS).mapToObj(SheetScale::counting).forEach(scales::add);
        lengths.filter(length -> 2 * length <= whole)
                .distinct()
                .sorted()
                .limit(MOST_LEAST)
                .mapToObj(SheetScale::from)
                .forEach(scales::add);
        return scales;
    }

    /** How many of so many and one equal shares are exceeded; a length of just some of them counts as it is. */
    private static SheetScale counting(int count) {
        return (length, whole) -> {
            long shares = (count + 1) * length;
            return shares % whole == 0 ? (double) length / whole : (double) (shares / whole) / count;
        };
    }

    /** What is shorter counts as nothing, and what leaves less than that over counts as the whole. */
    private static SheetScale from(long least) {
        return (length, whole) -> {
            if (length < least) {
                return 0;
            }
            return whole - length < least ? 1 : (double) length / whole;
        };
    }

    /** Pairs of one for the length and one for the width. */
    static Stream<SheetScale[]> pairs(List<SheetScale> along, List<SheetScale> across) {
        return along.stream().flatMap(one -> across.stream().map(other -> new SheetScale[] {one, other}));
    }
}
