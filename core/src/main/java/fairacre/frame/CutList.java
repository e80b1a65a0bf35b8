package fairacre.frame;

import fairacre.measure.Length;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * Pieces laid out on boards from stock.
 *
 * <p>First-fit decreasing: longest piece first, each on the first board that still has room. It is tried with boards of
 * each stock length in turn, every board is then exchanged for the cheapest length that holds its pieces, and the
 * cheapest layout is kept; of equals the one with the fewest boards, then the one tried first. First-fit decreasing
 * needs at most 11/9 of the least number of boards of one length, plus 6/9 (Dosa 2007). What lies in the shed is filled
 * before, shortest board first, in the same manner.
 *
 * @param boards what to buy, shortest first; empty if there are no pieces
 * @param shed boards from the shed that are cut, shortest first
 * @param offcut length of all these boards less the pieces: kerfs, trims and offcuts together
 * @param cuts how the boards are cut, boards that are cut alike together, the shed's first, then longest boards first
 * @param least no layout whatever buys fewer boards: all pieces with their kerfs, less what the shed holds, over the
 *     longest board less its trim
 */
public record CutList(
        List<BoardsOfLength> boards, List<BoardsOfLength> shed, Length offcut, List<Cut> cuts, int least) {

    /**
     * Boards that are cut alike.
     *
     * @param pieces of one board, longest first
     * @param rest what is left of one board: offcut and trim, its kerfs not counted
     * @param times how many boards are cut so
     * @param fromShed whether they are there already
     */
    public record Cut(Length stock, List<Length> pieces, Length rest, int times, boolean fromShed) {

        public Cut {
            pieces = List.copyOf(pieces);
        }
    }

    /** A board and what is cut from it. */
    record LaidBoard(Length stock, List<Length> pieces, boolean fromShed) {}

    public CutList {
        boards = List.copyOf(boards);
        shed = List.copyOf(shed);
        cuts = List.copyOf(cuts);
    }

    /** With an empty shed. */
    public static CutList of(List<Length> pieces, List<Length> stock, Saw saw, Function<Length, BigDecimal> price) {
        return of(pieces, stock, List.of(), saw, price);
    }

    /**
     * @param pieces lengths, none longer than the longest board
     * @param stock stock lengths, shortest first, at least one
     * @param shed boards that are there already
     * @param price what a board of a stock length costs, or any figure that grows with its length where prices are
     *     unknown
     * @throws IllegalArgumentException if a piece is longer than every board that can be bought
     */
    public static CutList of(
            List<Length> pieces,
            List<Length> stock,
            List<BoardsOfLength> shed,
            Saw saw,
            Function<Length, BigDecimal> price) {
        List<Length> longestFirst =
                pieces.stream().sorted(Comparator.reverseOrder()).toList();
        Map<Length, BigDecimal> prices = new HashMap<>();
        stock.forEach(length -> prices.put(length, price.apply(length)));
        List<Length> cheapestFirst =
                stock.stream().sorted(Comparator.comparing(prices::get)).toList();
        List<Laid> filled = new ArrayList<>();
        List<Length> left = filledFrom(shed, longestFirst, saw, filled);
        Layout best = null;
        for (Length opened : stock) {
            Layout layout = Layout.firstFit(left, opened, stock, saw);
            layout.exchange(cheapestFirst, saw);
            if (best == null || layout.isCheaperThan(best, prices)) {
                best = layout;
            }
        }
        best.boards.addAll(0, filled);
        return best.result(pieces, saw, least(pieces, stock, shed, saw));
    }

    /**
     * Boards of the shed that take something are added to those that are filled.
     *
     * @return pieces that found no place
     */
    private static List<Length> filledFrom(
            List<BoardsOfLength> shed, List<Length> longestFirst, Saw saw, List<Laid> filled) {
        List<Length> left = new ArrayList<>(longestFirst);
        for (BoardsOfLength offcuts : shed.stream()
                .sorted(Comparator.comparing(BoardsOfLength::stock))
                .toList()) {
            for (int i = 0; i < offcuts.count(); i++) {
                Laid board = new Laid(offcuts.stock());
                board.fromShed = true;
                left.removeIf(piece -> board.fill(piece, 1, saw) > 0);
                if (!board.laid.isEmpty()) {
                    filled.add(board);
                }
            }
        }
        return left;
    }

    /** @param laid a layout of the pieces that was found elsewhere */
    static CutList of(
            List<LaidBoard> laid, List<Length> pieces, List<Length> stock, List<BoardsOfLength> shed, Saw saw) {
        Layout layout = new Layout();
        for (LaidBoard board : laid) {
            Laid taken = new Laid(board.stock());
            taken.laid.addAll(board.pieces());
            taken.fromShed = board.fromShed();
            layout.boards.add(taken);
        }
        return layout.result(pieces, saw, least(pieces, stock, shed, saw));
    }

    /**
     * Every piece takes its kerf, but for the last of a board; a board has its trim to lose unless it is used whole,
     * and then it holds no other piece. A board of the shed is taken for used up to its last micrometre.
     */
    private static int least(List<Length> pieces, List<Length> stock, List<BoardsOfLength> shed, Saw saw) {
        Length longest = stock.get(stock.size() - 1);
        long kerf = saw.kerf().micrometres();
        long room = longest.micrometres() - saw.trim().micrometres() + kerf;
        long sum = pieces.stream()
                .mapToLong(piece -> isWhole(piece, longest, saw) ? room : piece.micrometres() + kerf)
                .sum();
        long there = shed.stream()
                .mapToLong(board -> (board.stock().micrometres() + kerf) * board.count())
                .sum();
        return (int) ((Math.max(0, sum - there) + room - 1) / room);
    }

    /** A piece of the longest board's length, or so near to it that nothing else comes out of that board. */
    private static boolean isWhole(Length piece, Length longest, Saw saw) {
        return piece.plus(saw.trim()).compareTo(longest) > 0;
    }

    public int boardCount() {
        return boards.stream().mapToInt(BoardsOfLength::count).sum();
    }

    /** Boards with the pieces that go on them. */
    private static final class Layout {
        private final List<Laid> boards = new ArrayList<>();
        /** Boards that may still take a piece, in the order in which they were opened. */
        private final List<Laid> open = new ArrayList<>();

        /** Equal pieces go on together: each board in turn takes as many of them as it has room for. */
        static Layout firstFit(List<Length> longestFirst, Length opened, List<Length> stock, Saw saw) {
            Layout layout = new Layout();
            long shortest = longestFirst.isEmpty()
                    ? 0
                    : longestFirst.get(longestFirst.size() - 1).micrometres();
            int next = 0;
            while (next < longestFirst.size()) {
                Length piece = longestFirst.get(next);
                int equal = next;
                while (equal < longestFirst.size() && longestFirst.get(equal).equals(piece)) {
                    equal++;
                }
                layout.add(piece, equal - next, opened, stock, saw);
                layout.open.removeIf(board -> !board.takes(shortest, saw));
                next = equal;
            }
            return layout;
        }

        private void add(Length piece, int count, Length opened, List<Length> stock, Saw saw) {
            int left = count;
            for (int i = 0; i < open.size() && left > 0; i++) {
                left -= open.get(i).fill(piece, left, saw);
            }
            while (left > 0) {
                Laid board = opened(piece, opened, stock, saw);
                boards.add(board);
                open.add(board);
                left -= board.fill(piece, left, saw);
            }
        }

        private static Laid opened(Length piece, Length opened, List<Length> stock, Saw saw) {
            Laid preferred = new Laid(opened);
            if (preferred.takes(piece.micrometres(), saw)) {
                return preferred;
            }
            return stock.stream()
                    .map(Laid::new)
                    .filter(b -> b.takes(piece.micrometres(), saw))
                    .findFirst()
                    .orElseGet(() -> lastResort(piece, stock));
        }

        /** A piece that comes out of the longest board only if it is not trimmed: the ends have to do as they are. */
        private static Laid lastResort(Length piece, List<Length> stock) {
            Length longest = stock.get(stock.size() - 1);
            if (piece.compareTo(longest) > 0) {
                throw new IllegalArgumentException("a piece of " + piece + " is longer than every board");
            }
            Laid board = new Laid(longest);
            board.untrimmed = true;
            return board;
        }

        /** Every board becomes the cheapest that holds its pieces; of equally cheap ones the shortest. */
        void exchange(List<Length> cheapestFirst, Saw saw) {
            for (Laid board : boards) {
                for (Length other : cheapestFirst) {
                    if (other.equals(board.stock) || board.fits(other, saw)) {
                        board.stock = other;
                        break;
                    }
                }
            }
        }

        boolean isCheaperThan(Layout other, Map<Length, BigDecimal> prices) {
            int byCost = cost(prices).compareTo(other.cost(prices));
            return byCost != 0 ? byCost < 0 : boards.size() < other.boards.size();
        }

        private BigDecimal cost(Map<Length, BigDecimal> prices) {
            return boards.stream().map(b -> prices.get(b.stock)).reduce(BigDecimal.ZERO, BigDecimal::add);
        }

        CutList result(List<Length> pieces, Saw saw, int least) {
            Length cut = boards.stream().map(b -> b.stock).reduce(Length.ZERO, Length::plus);
            Length used = pieces.stream().reduce(Length.ZERO, Length::plus);
            List<Cut> cuts = new ArrayList<>();
            addCuts(true, saw, cuts);
            addCuts(false, saw, cuts);
            return new CutList(counted(false), counted(true), cut.minus(used), cuts, least);
        }

        private List<BoardsOfLength> counted(boolean fromShed) {
            Map<Length, Integer> counts = new TreeMap<>();
            boards.stream().filter(b -> b.fromShed == fromShed).forEach(b -> counts.merge(b.stock, 1, Integer::sum));
            return counts.entrySet().stream()
                    .map(e -> new BoardsOfLength(e.getKey(), e.getValue()))
                    .toList();
        }

        private void addCuts(boolean fromShed, Saw saw, List<Cut> cuts) {
            Map<Length, Map<List<Length>, Integer>> alike = new TreeMap<>(Comparator.reverseOrder());
            boards.stream()
                    .filter(b -> b.fromShed == fromShed)
                    .forEach(b -> alike.computeIfAbsent(b.stock, s -> new LinkedHashMap<>())
                            .merge(b.laid, 1, Integer::sum));
            alike.forEach((stock, patterns) -> patterns.forEach((pieces, times) -> {
                Length taken = pieces.stream()
                        .reduce(Length.ZERO, Length::plus)
                        .plus(saw.kerf().times(pieces.size() - 1));
                cuts.add(new Cut(stock, pieces, stock.minus(taken), times, fromShed));
            }));
        }
    }

    private static final class Laid {
        private Length stock;
        /** Micrometres of pieces on it. */
        private long used;

        private int pieces;
        private final List<Length> laid = new ArrayList<>();
        private boolean untrimmed;
        private boolean fromShed;

        Laid(Length stock) {
            this.stock = stock;
        }

        boolean takes(long piece, Saw saw) {
            return holds(stock, used + piece, pieces + 1, saw);
        }

        /** Takes as many pieces as there is room for, at most so many; an untrimmed board takes its one piece. */
        int fill(Length piece, int most, Saw saw) {
            int taken = 0;
            while (taken < most && (takes(piece.micrometres(), saw) || untrimmed && pieces == 0)) {
                used += piece.micrometres();
                pieces++;
                laid.add(piece);
                taken++;
            }
            return taken;
        }

        boolean fits(Length otherStock, Saw saw) {
            return holds(otherStock, used, pieces, saw);
        }

        /** One piece of exactly the board's length needs no cut; otherwise a trim, and a kerf between pieces. */
        private static boolean holds(Length stock, long length, int count, Saw saw) {
            if (count == 1 && length == stock.micrometres()) {
                return true;
            }
            long room = stock.micrometres() - saw.trim().micrometres();
            return length + saw.kerf().micrometres() * (count - 1L) <= room;
        }
    }
}
