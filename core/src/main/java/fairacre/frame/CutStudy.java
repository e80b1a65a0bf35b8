package fairacre.frame;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPSolverParameters;
import com.google.ortools.linearsolver.MPVariable;
import fairacre.frame.Patterns.Pattern;
import fairacre.limits.Stop;
import fairacre.measure.Length;
import fairacre.solve.OrTools;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/**
 * The cheapest layout of pieces on boards of several lengths and prices, offcuts that are there already among them.
 *
 * <p>It begins with the layout of {@link CutList}, collects the patterns that are worth cutting
 * ({@link PatternPrices}), rounds what the linear programme makes of them to whole boards ({@link RoundedCut}), and
 * lets SCIP choose how often each is cut, by branch and bound. Where all patterns of a job can be listed the choice is
 * the best there is. The search is limited by its nodes and not by a clock, so the answer is the same on every machine.
 */
public final class CutStudy {

    /** Limits of the two searches: so many nodes of the tree are looked into. */
    private static final int CHOICE_NODES = 500;

    private static final int PROOF_NODES = 2000;
    /** So many patterns may be left for the proof that none is cheaper. */
    private static final int MOST_TO_PROVE = 2000;
    /**
     * From which share of their price on boards are filled out of the linear programme; the cheapest of these layouts
     * is where the search begins.
     */
    private static final double[] WELL_USED = {0.97, 0.94, 0.9, 0.8, 0.6};
    /** Parts of what the layout in hand loses over the bound within which patterns are tried, one after the other. */
    private static final double[] SHARES_OF_THE_LOSS = {0.1, 0.3, 1};
    /** Up to this part of the least price a layout costs about the same: the one with fewer boards is wanted. */
    private static final BigDecimal ABOUT_EQUAL = new BigDecimal("0.0025");
    /**
     * Of jobs with more kinds of pieces than this only the bound is worked out, and the linear programme rounded: a
     * search through patterns would take minutes and find little.
     */
    private static final int MOST_KINDS = 60;
    /** Nodes of the search for fewer boards. */
    private static final int FEWER_NODES = 100;
    /** Part of the least price that an answer of the linear programme may be off by rounding. */
    private static final double ROUNDING = 1e-6;

    private final Saw saw;
    private final List<Stock> stock;
    private final List<Length> pieces;
    private final long[] costs;
    /** Prices are whole numbers of this many to the unit. */
    private final int scale;

    private CutStudy(List<Length> pieces, List<Stock> stock, Saw saw) {
        this.pieces = List.copyOf(pieces);
        this.stock = List.copyOf(stock);
        this.saw = saw;
        this.scale = stock.stream().mapToInt(s -> s.price().scale()).max().orElse(0);
        this.costs = stock.stream()
                .mapToLong(s -> s.price().setScale(scale).unscaledValue().longValueExact())
                .toArray();
    }

    /**
     * @param stock boards that can be bought, at least one that is as long as the longest piece, and offcuts
     * @throws IllegalArgumentException if a piece is longer than every board that can be bought
     */
    public static BestCut of(List<Length> pieces, List<Stock> stock, Saw saw) {
        return new CutStudy(pieces, stock, saw).best();
    }

    private BestCut best() {
        Map<Length, BigDecimal> bought = bought();
        CutList quick = CutList.of(pieces, bought.keySet().stream().sorted().toList(), shed(), saw, bought::get);
        BigDecimal cost = quick.boards().stream()
                .map(b -> bought.get(b.stock()).multiply(BigDecimal.valueOf(b.count())))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        if (pieces.isEmpty() || !OrTools.isThere()) {
            return new BestCut(quick, cost, BigDecimal.ZERO);
        }
        Patterns patterns = new Patterns(pieces, stock, saw);
        List<Pattern> first = quick.cuts().stream()
                .map(cut -> patterns.of(boardOf(cut, bought), cut.pieces()))
                .toList();
        PatternPrices prices = PatternPrices.of(patterns, stock, costs, first);
        BigDecimal bound = roundedUp(prices.bound());
        List<BestCut> found = new ArrayList<>(List.of(new BestCut(quick, cost, bound)));
        BestCut known = found.get(0);
        if (!known.isLeast()) {
            for (double wellUsed : WELL_USED) {
                Choice rounded = rounded(patterns, prices, wellUsed);
                found.add(new BestCut(rounded.cutList(), rounded.cost(), bound));
                known = cheaper(known, rounded);
            }
        }
        boolean large = patterns.kinds() > MOST_KINDS;
        BestCut best = known.isLeast() || large ? known : search(patterns, prices, known);
        BestCut fewest = found.stream().reduce(best, (one, other) -> fewer(one, other, best));
        return large ? fewest : fewer(fewest, fewest(patterns, prices, fewest, best), best);
    }

    /** Of two layouts the one with fewer boards to buy, if it costs about as little as the best. */
    private static BestCut fewer(BestCut one, BestCut other, BestCut best) {
        int order = Integer.compare(other.boards(), one.boards());
        boolean wins = order < 0 || order == 0 && other.cost().compareTo(one.cost()) < 0;
        return wins && other.cost().compareTo(most(best)) <= 0
                ? new BestCut(other.cutList(), other.cost(), best.cost(), best.bound())
                : one;
    }

    /** As much as a layout may cost that is about as cheap as the best. */
    private static BigDecimal most(BestCut best) {
        return best.cost().add(best.cost().multiply(ABOUT_EQUAL));
    }

    /**
     * The layout with fewest boards that costs about as little as the best; what is known if there is none, or none was
     * found in time.
     */
    private BestCut fewest(Patterns patterns, PatternPrices prices, BestCut known, BestCut best) {
        if (best.cost().signum() == 0 || known.boards() <= leastBoards(known)) {
            return known;
        }
        List<Pattern> all = patterns.all(MOST_TO_PROVE);
        List<Pattern> tried = all.isEmpty() ? columns(patterns, prices, known) : all;
        long budget = most(best).movePointRight(scale).longValue();
        Choice choice = choose(
                patterns,
                tried,
                known.cutList(),
                FEWER_NODES,
                board -> stock.get(board).isLimited() ? 0 : budget + costs[board],
                budget);
        return choice.cutList() == null ? known : new BestCut(choice.cutList(), choice.cost(), best.bound());
    }

    /** No fewer boards than the pieces are long together, when what is in the shed is used as it is. */
    private int leastBoards(BestCut known) {
        double inShed = known.cutList().shed().stream()
                .mapToDouble(there -> there.stock().metres() * there.count())
                .sum();
        double wanted = pieces.stream().mapToDouble(Length::metres).sum() - inShed;
        return Math.max(0, (int) Math.ceil(wanted
                        / bought().keySet().stream()
                                .reduce(Length.ZERO, Length::max)
                                .metres()
                - ROUNDING));
    }

    /** The patterns that the linear programme found worth trying, with those of a layout. */
    private List<Pattern> columns(Patterns patterns, PatternPrices prices, BestCut known) {
        return Stream.concat(prices.columns().stream(), laid(patterns, known))
                .distinct()
                .toList();
    }

    /**
     * What the linear programme uses in whole boards, the rest laid out by the quick rule on boards that are bought.
     */
    private Choice rounded(Patterns patterns, PatternPrices prices, double wellUsed) {
        RoundedCut.Part part = RoundedCut.of(patterns, prices, stock, costs, wellUsed);
        Map<Length, BigDecimal> bought = bought();
        List<CutList.LaidBoard> boards = new ArrayList<>(part.laid());
        if (!part.left().isEmpty()) {
            CutList.of(part.left(), bought.keySet().stream().sorted().toList(), saw, bought::get)
                    .cuts()
                    .forEach(cut -> boards.addAll(
                            Collections.nCopies(cut.times(), new CutList.LaidBoard(cut.stock(), cut.pieces(), false))));
        }
        BigDecimal cost = boards.stream()
                .filter(board -> !board.fromShed())
                .map(board -> bought.get(board.stock()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return new Choice(
                CutList.of(boards, pieces, bought.keySet().stream().sorted().toList(), shed(), saw), cost, false);
    }

    /** The cheapest board of each length. */
    private Map<Length, BigDecimal> bought() {
        Map<Length, BigDecimal> bought = new HashMap<>();
        stock.stream().filter(s -> !s.isLimited()).forEach(s -> bought.merge(s.length(), s.price(), BigDecimal::min));
        return bought;
    }

    private List<BoardsOfLength> shed() {
        return stock.stream()
                .filter(Stock::isLimited)
                .map(s -> new BoardsOfLength(s.length(), s.most()))
                .toList();
    }

    private int boardOf(CutList.Cut cut, Map<Length, BigDecimal> bought) {
        for (int board = 0; board < stock.size(); board++) {
            Stock candidate = stock.get(board);
            boolean same = candidate.isLimited()
                    ? cut.fromShed()
                    : !cut.fromShed() && candidate.price().compareTo(bought.get(candidate.length())) == 0;
            if (same && candidate.length().equals(cut.stock())) {
                return board;
            }
        }
        throw new IllegalStateException("the quick layout used a board that is not there");
    }

    /**
     * First among the patterns that the linear programme found worth trying, then among those that lose little over the
     * bound, more of them step by step: a layout that is cheaper than the one in hand uses only patterns that lose less
     * than that one.
     */
    private BestCut search(Patterns patterns, PatternPrices prices, BestCut known) {
        BestCut best = cheaper(known, choose(patterns, columns(patterns, prices, known), known, CHOICE_NODES));
        double slack = ROUNDING * LongStream.of(costs).max().orElse(0);
        for (double share : SHARES_OF_THE_LOSS) {
            double loss = share * loss(best, prices) + slack;
            Optional<List<Pattern>> useful = best.isLeast() || isUnsettled(prices, slack)
                    ? Optional.empty()
                    : prices.within(loss, MOST_TO_PROVE);
            if (useful.isEmpty() || useful.get().size() > MOST_TO_PROVE) {
                return best;
            }
            BestCut now = best;
            List<Pattern> tried = Stream.concat(useful.get().stream(), laid(patterns, now))
                    .distinct()
                    .toList();
            Choice choice = choose(patterns, tried, now, PROOF_NODES);
            best = cheaper(best, choice);
            if (choice.isBest() && loss(best, prices) + slack <= loss) {
                return new BestCut(best.cutList(), best.cost(), best.cost());
            }
        }
        return best;
    }

    /** What a layout costs over the bound. */
    private double loss(BestCut layout, PatternPrices prices) {
        return layout.cost().movePointRight(scale).doubleValue() * (1 + ROUNDING) - prices.bound();
    }

    /** Whether a pattern worth more than its board may have been missed. */
    private boolean isUnsettled(PatternPrices prices, double slack) {
        return prices.within(-2 * slack, MOST_TO_PROVE).filter(List::isEmpty).isEmpty();
    }

    private Stream<Pattern> laid(Patterns patterns, BestCut layout) {
        return layout.cutList().cuts().stream().map(cut -> patterns.of(boardOf(cut, bought()), cut.pieces()));
    }

    private static BestCut cheaper(BestCut one, Choice other) {
        return other.cutList() == null || other.cost().compareTo(one.cost()) > 0
                ? one
                : new BestCut(other.cutList(), other.cost(), one.bound());
    }

    /**
     * How often to use which pattern.
     *
     * @param cutList null if none was found
     * @param isBest whether these patterns allow of no cheaper layout
     */
    private record Choice(CutList cutList, BigDecimal cost, boolean isBest) {}

    /** The cheapest, and of equally cheap layouts the one with fewest boards. */
    private Choice choose(Patterns patterns, List<Pattern> tried, BestCut known, int nodes) {
        double weight = pieces.size() + 1;
        return choose(patterns, tried, known.cutList(), nodes, board -> costs[board] * weight + 1, Long.MAX_VALUE);
    }

    /**
     * @param weight of each kind of board in the sum that is made least
     * @param budget the most that all boards together may cost
     */
    private Choice choose(
            Patterns patterns, List<Pattern> tried, CutList known, int nodes, IntToDoubleFunction weight, long budget) {
        Stop.look();
        try (NativeSolver scip = NativeSolver.of("SCIP")) {
            return choose(scip.solver(), patterns, tried, known, nodes, weight, budget);
        }
    }

    private Choice choose(
            MPSolver solver,
            Patterns patterns,
            List<Pattern> tried,
            CutList known,
            int nodes,
            IntToDoubleFunction weight,
            long budget) {
        MPVariable[] times = new MPVariable[tried.size()];
        MPObjective objective = solver.objective();
        MPConstraint spent =
                solver.makeConstraint(0, budget == Long.MAX_VALUE ? MPSolver.infinity() : (double) budget, "");
        for (int i = 0; i < times.length; i++) {
            times[i] = solver.makeIntVar(0, most(patterns, tried.get(i)), "");
            objective.setCoefficient(times[i], weight.applyAsDouble(tried.get(i).board()));
            spent.setCoefficient(times[i], (double) costs[tried.get(i).board()]);
        }
        objective.setMinimization();
        addWanted(patterns, tried, solver, times);
        addAvailable(tried, solver, times);
        hint(patterns, known, tried, solver, times);
        MPSolverParameters exactly = new MPSolverParameters();
        exactly.setDoubleParam(MPSolverParameters.DoubleParam.RELATIVE_MIP_GAP, 0);
        solver.setSolverSpecificParametersAsString("limits/nodes = " + nodes);
        MPSolver.ResultStatus status = solver.solve(exactly);
        exactly.delete();
        if (status != MPSolver.ResultStatus.OPTIMAL && status != MPSolver.ResultStatus.FEASIBLE) {
            return new Choice(null, null, false);
        }
        return layout(patterns, tried, times, status == MPSolver.ResultStatus.OPTIMAL);
    }

    private static int most(Patterns patterns, Pattern pattern) {
        int most = 0;
        for (int kind = 0; kind < patterns.kinds(); kind++) {
            int each = pattern.counts().get(kind);
            most = each == 0 ? most : Math.max(most, (patterns.wanted(kind) + each - 1) / each);
        }
        return most;
    }

    private static void addWanted(Patterns patterns, List<Pattern> tried, MPSolver solver, MPVariable[] times) {
        for (int kind = 0; kind < patterns.kinds(); kind++) {
            MPConstraint enough = solver.makeConstraint(patterns.wanted(kind), MPSolver.infinity(), "");
            for (int i = 0; i < times.length; i++) {
                enough.setCoefficient(times[i], tried.get(i).counts().get(kind));
            }
        }
    }

    private void addAvailable(List<Pattern> tried, MPSolver solver, MPVariable[] times) {
        for (int board = 0; board < stock.size(); board++) {
            if (stock.get(board).isLimited()) {
                MPConstraint atMost = solver.makeConstraint(0, stock.get(board).most(), "");
                for (int i = 0; i < times.length; i++) {
                    atMost.setCoefficient(times[i], tried.get(i).board() == board ? 1 : 0);
                }
            }
        }
    }

    private void hint(Patterns patterns, CutList known, List<Pattern> tried, MPSolver solver, MPVariable[] times) {
        Map<Pattern, Integer> uses = known.cuts().stream()
                .collect(Collectors.toMap(
                        cut -> patterns.of(boardOf(cut, bought()), cut.pieces()), CutList.Cut::times, Integer::sum));
        solver.setHint(
                times,
                tried.stream()
                        .mapToDouble(pattern -> uses.getOrDefault(pattern, 0))
                        .toArray());
    }

    /** What is cut too often is left out where it comes last. */
    private Choice layout(Patterns patterns, List<Pattern> tried, MPVariable[] times, boolean isBest) {
        Map<Length, Long> left =
                pieces.stream().collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        List<CutList.LaidBoard> boards = new ArrayList<>();
        BigDecimal cost = BigDecimal.ZERO;
        for (int i = 0; i < times.length; i++) {
            Stock board = stock.get(tried.get(i).board());
            List<Length> onBoard = patterns.pieces(tried.get(i));
            for (long n = Math.round(times[i].solutionValue()); n > 0; n--) {
                List<Length> needed = onBoard.stream()
                        .filter(piece -> left.merge(piece, -1L, Long::sum) >= 0)
                        .toList();
                if (!needed.isEmpty()) {
                    boards.add(new CutList.LaidBoard(board.length(), needed, board.isLimited()));
                    cost = cost.add(board.price());
                }
            }
        }
        List<Length> lengths = stock.stream()
                .filter(s -> !s.isLimited())
                .map(Stock::length)
                .distinct()
                .sorted()
                .toList();
        return new Choice(CutList.of(boards, pieces, lengths, shed(), saw), cost, isBest);
    }

    /** Every sum of prices is a multiple of what divides them all. */
    private BigDecimal roundedUp(double bound) {
        BigInteger step = BigInteger.ZERO;
        for (long cost : costs) {
            step = step.gcd(BigInteger.valueOf(cost));
        }
        if (step.signum() == 0) {
            return BigDecimal.ZERO;
        }
        double steps = bound / step.doubleValue();
        steps = Math.ceil(steps - ROUNDING * Math.max(1, steps));
        return new BigDecimal(step.multiply(BigInteger.valueOf((long) steps)), scale);
    }
}
