package fairacre.frame;

import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** In which ways one board can be cut into pieces of a job, piece kinds by length, longest first. */
final class Patterns {

    /**
     * A search for the most valuable pattern is given up after so many steps: it has the best by then, or nearly so.
     */
    private static final int MOST_STEPS = 30_000;

    /** Listing the valuable patterns is given up after so many steps for each that is asked for. */
    private static final int STEPS_FOR_ONE = 400;

    /** Listing all patterns is given up when so many have been tried for each that is asked for. */
    private static final int TRIED_FOR_ONE = 40;

    private final List<Length> lengths;
    private final int[] wanted;
    private final List<Stock> stock;
    private final Saw saw;
    private final long longest;
    private long tried;

    Patterns(List<Length> pieces, List<Stock> stock, Saw saw) {
        TreeMap<Length, Integer> counts = new TreeMap<>(Comparator.reverseOrder());
        pieces.forEach(piece -> counts.merge(piece, 1, Integer::sum));
        this.lengths = List.copyOf(counts.keySet());
        this.wanted = counts.values().stream().mapToInt(Integer::intValue).toArray();
        this.stock = List.copyOf(stock);
        this.saw = saw;
        this.longest = stock.stream()
                .filter(s -> !s.isLimited())
                .mapToLong(s -> s.length().micrometres())
                .max()
                .orElse(0);
    }

    /**
     * One way to cut a board.
     *
     * @param board number of the stock it is cut from
     * @param counts of each kind of piece
     */
    record Pattern(int board, List<Integer> counts) {}

    /**
     * The most valuable pattern that was found.
     *
     * @param most no pattern of the board is worth more; the same as the value where the search came to its end
     */
    record Found(int[] counts, double value, double most) {}

    int kinds() {
        return wanted.length;
    }

    int wanted(int kind) {
        return wanted[kind];
    }

    List<Length> pieces(Pattern pattern) {
        List<Length> pieces = new ArrayList<>();
        for (int kind = 0; kind < kinds(); kind++) {
            for (int i = 0; i < pattern.counts.get(kind); i++) {
                pieces.add(lengths.get(kind));
            }
        }
        return pieces;
    }

    /** The pattern by which a board is cut into given pieces of the job. */
    Pattern of(int board, List<Length> pieces) {
        int[] counts = new int[kinds()];
        pieces.forEach(piece -> counts[lengths.indexOf(piece)]++);
        return pattern(board, counts);
    }

    static Pattern pattern(int board, int[] counts) {
        return new Pattern(board, Arrays.stream(counts).boxed().toList());
    }

    /**
     * Of a board and values of the kinds of pieces the pattern worth most; no more pieces of a kind than are wanted.
     */
    Found mostValuable(int board, double[] values) {
        Integer[] order = inOrder(values);
        Search search = new Search(order, values);
        search.go(0, room(board), 0);
        boolean ended = search.steps < MOST_STEPS;
        Found best = new Found(
                search.best,
                search.bestValue,
                ended ? search.bestValue : Math.max(search.bestValue, inFractions(order, values, room(board))));
        for (int kind = 0; kind < kinds(); kind++) {
            if (isWhole(board, kind) && values[kind] > best.value) {
                int[] alone = new int[kinds()];
                alone[kind] = 1;
                best = new Found(alone, values[kind], Math.max(values[kind], best.most));
            }
        }
        return best;
    }

    /** What a board would be worth if pieces could be cut in fractions. */
    private double inFractions(Integer[] order, double[] values, long room) {
        double worth = 0;
        double left = room;
        for (int kind : order) {
            double taken = Math.max(0, Math.min(left, (double) wanted[kind] * weight(kind)));
            worth += Math.max(0, values[kind]) * taken / weight(kind);
            left -= taken;
        }
        return worth;
    }

    /** All patterns to which no further piece can be added; empty if there are more than so many. */
    List<Pattern> all(int most) {
        Set<Pattern> all = new LinkedHashSet<>();
        tried = 0;
        for (int board = 0; board < stock.size(); board++) {
            if (!addAll(board, 0, room(board), new int[kinds()], all, most)) {
                return List.of();
            }
            for (int kind = 0; kind < kinds(); kind++) {
                if (isWhole(board, kind)) {
                    int[] alone = new int[kinds()];
                    alone[kind] = 1;
                    all.add(pattern(board, alone));
                }
            }
        }
        return List.copyOf(all);
    }

    /**
     * All patterns of a board to which no further piece can be added and that are worth so much at least.
     *
     * @param values of the kinds of pieces, none negative
     * @param most patterns that may be found
     * @return empty if there are more, or if the search takes too long
     */
    Optional<List<Pattern>> worthAtLeast(int board, double[] values, double least, int most) {
        Integer[] order = inOrder(values);
        Worth worth = new Worth(board, order, values, least, most);
        if (!worth.go(0, room(board), 0)) {
            return Optional.empty();
        }
        for (int kind = 0; kind < kinds(); kind++) {
            if (isWhole(board, kind) && values[kind] >= least) {
                int[] alone = new int[kinds()];
                alone[kind] = 1;
                worth.found.add(pattern(board, alone));
            }
        }
        return Optional.of(List.copyOf(worth.found));
    }

    /** Kinds of pieces with those first that are worth most for their length. */
    private Integer[] inOrder(double[] values) {
        Integer[] order = new Integer[kinds()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(kind -> -values[kind] / weight(kind)));
        return order;
    }

    private boolean isFull(int[] counts, long room) {
        for (int kind = 0; kind < kinds(); kind++) {
            if (counts[kind] < wanted[kind] && weight(kind) <= room) {
                return false;
            }
        }
        return true;
    }

    /** Depth first, the kind with most value for its length first; what can't be worth enough any more is left. */
    private final class Worth {
        private final int board;
        private final Integer[] order;
        private final double[] values;
        private final double least;
        private final int most;
        private final int[] counts = new int[kinds()];
        private final Set<Pattern> found = new LinkedHashSet<>();
        private int steps;

        Worth(int board, Integer[] order, double[] values, double least, int most) {
            this.board = board;
            this.order = order;
            this.values = values;
            this.least = least;
            this.most = most;
        }

        /** False if it was given up. */
        boolean go(int next, long room, double value) {
            if (++steps > most * STEPS_FOR_ONE) {
                return false;
            }
            if (next == order.length) {
                if (value >= least && value > 0 && isFull(counts, room)) {
                    found.add(pattern(board, counts));
                }
                return found.size() <= most;
            }
            int kind = order[next];
            if (value + room * Math.max(0, values[kind]) / weight(kind) < least) {
                return true;
            }
            for (int count = (int) Math.max(0, Math.min(wanted[kind], room / weight(kind))); count >= 0; count--) {
                counts[kind] = count;
                if (!go(next + 1, room - count * weight(kind), value + count * values[kind])) {
                    return false;
                }
            }
            counts[kind] = 0;
            return true;
        }
    }

    private boolean addAll(int board, int kind, long room, int[] counts, Set<Pattern> into, int most) {
        if (++tried > (long) most * TRIED_FOR_ONE) {
            return false;
        }
        if (kind == kinds()) {
            if (isFull(counts, room) && Arrays.stream(counts).sum() > 0) {
                into.add(pattern(board, counts));
            }
            return into.size() <= most;
        }
        for (int count = (int) Math.max(0, Math.min(wanted[kind], room / weight(kind))); count >= 0; count--) {
            counts[kind] = count;
            if (!addAll(board, kind + 1, room - count * weight(kind), counts, into, most)) {
                return false;
            }
        }
        counts[kind] = 0;
        return true;
    }

    /** A piece with its kerf, micrometres. */
    private long weight(int kind) {
        return lengths.get(kind).micrometres() + saw.kerf().micrometres();
    }

    /** The board's length less its trim, and a kerf, since the last piece needs none. */
    private long room(int board) {
        return stock.get(board).length().micrometres()
                - saw.trim().micrometres()
                + saw.kerf().micrometres();
    }

    /** A piece that is a board as it is, or comes out of the longest only if its ends do as they are. */
    private boolean isWhole(int board, int kind) {
        long piece = lengths.get(kind).micrometres();
        long length = stock.get(board).length().micrometres();
        return piece == length
                || length == longest
                        && piece <= length
                        && piece > longest - saw.trim().micrometres();
    }

    /** Depth first, the kind with most value for its length first; what can't beat the best any more is left. */
    private final class Search {
        private final Integer[] order;
        private final double[] values;
        private final int[] counts = new int[kinds()];
        private int[] best = new int[kinds()];
        private double bestValue;
        private int steps;

        Search(Integer[] order, double[] values) {
            this.order = order;
            this.values = values;
        }

        void go(int next, long room, double value) {
            if (value > bestValue) {
                bestValue = value;
                best = counts.clone();
            }
            if (next == order.length || steps++ >= MOST_STEPS) {
                return;
            }
            int kind = order[next];
            if (values[kind] <= 0 || value + room * values[kind] / weight(kind) <= bestValue) {
                return;
            }
            for (int count = (int) Math.max(0, Math.min(wanted[kind], room / weight(kind))); count >= 0; count--) {
                counts[kind] = count;
                go(next + 1, room - count * weight(kind), value + count * values[kind]);
            }
            counts[kind] = 0;
        }
    }
}
