package fairacre.frame;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import fairacre.frame.Patterns.Pattern;
import fairacre.limits.Stop;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The bound of Gilmore and Gomory (A linear programming approach to the cutting-stock problem, Operations Research 9,
 * 1961): what the boards would cost if patterns could be used in fractions. Patterns are added while one is worth more
 * than its board at the prices that the pieces have in the linear programme.
 */
final class PatternPrices {

    private static final double ROUNDING = 1e-7;
    private static final int MOST_ROUNDS = 500;
    /** Rounds times kinds of pieces: with many kinds each round takes longer, and the bound is sharp enough sooner. */
    private static final int MOST_WORK = 60_000;

    private final Patterns patterns;
    private final List<Stock> stock;
    private final long[] costs;
    private final Set<Pattern> columns;
    private double bound;
    /** What pieces are worth, and what one more board of a limited stock is, in the linear programme. */
    private double[] values = {};
    /**
     * How often the linear programme uses each column, fractions allowed; columns that were added since are missing.
     */
    private final Map<Pattern, Double> uses = new LinkedHashMap<>();

    private double[] boardValues = {};

    private PatternPrices(Patterns patterns, List<Stock> stock, long[] costs, List<Pattern> first) {
        this.patterns = patterns;
        this.stock = stock;
        this.costs = costs;
        this.columns = new LinkedHashSet<>(first);
    }

    /** @param first patterns with which the job can be done */
    static PatternPrices of(Patterns patterns, List<Stock> stock, long[] costs, List<Pattern> first) {
        PatternPrices prices = new PatternPrices(patterns, stock, costs, first);
        int most = Math.min(MOST_ROUNDS, MOST_WORK / Math.max(1, patterns.kinds()));
        int round = 0;
        while (prices.improve() && round < most) {
            Stop.look();
            round++;
        }
        return prices;
    }

    /**
     * What the boards cost at least. Where a pattern worth more than its board may have been missed, the prices of the
     * pieces are lowered until none can be (Farley, A note on bounding a class of linear programming problems,
     * Operations Research 38, 1990).
     */
    double bound() {
        return bound;
    }

    /**
     * What a layout costs over the bound at least if it uses a pattern (its reduced cost). So none that is cheaper than
     * a layout in hand uses a pattern for which this is more than that layout's cost over the bound, provided it is
     * negative for none.
     */
    double over(Pattern pattern) {
        double over = costs[pattern.board()] - boardValues[pattern.board()];
        for (int kind = 0; kind < patterns.kinds(); kind++) {
            over -= values[kind] * pattern.counts().get(kind);
        }
        return over;
    }

    /**
     * The patterns that no more than so much over the bound is lost with ({@link #over}).
     *
     * @param most for each kind of board
     * @return empty if there are more, or they can't be listed in time
     */
    Optional<List<Pattern>> within(double over, int most) {
        List<Pattern> within = new ArrayList<>();
        for (int board = 0; board < stock.size(); board++) {
            Optional<List<Pattern>> of =
                    patterns.worthAtLeast(board, values, costs[board] - boardValues[board] - over, most);
            if (of.isEmpty()) {
                return Optional.empty();
            }
            within.addAll(of.get());
        }
        return Optional.of(within);
    }

    /** How often the linear programme uses which pattern; fractions of boards among them. */
    Map<Pattern, Double> uses() {
        return uses;
    }

    /** What so many pieces of each kind are worth in the linear programme. */
    double worth(int[] pieces) {
        double worth = 0;
        for (int kind = 0; kind < pieces.length; kind++) {
            worth += values[kind] * pieces[kind];
        }
        return worth;
    }

    /** The patterns that were worth trying. */
    List<Pattern> columns() {
        return List.copyOf(columns);
    }

    /** Solves the linear programme over the patterns so far and adds those that are worth more than their board. */
    private boolean improve() {
        try (NativeSolver glop = NativeSolver.of("GLOP")) {
            return improve(glop.solver());
        }
    }

    private boolean improve(MPSolver solver) {
        List<MPConstraint> pieces = new ArrayList<>();
        for (int kind = 0; kind < patterns.kinds(); kind++) {
            pieces.add(solver.makeConstraint(patterns.wanted(kind), Double.POSITIVE_INFINITY));
        }
        List<MPConstraint> boards = new ArrayList<>();
        for (Stock board : stock) {
            boards.add(solver.makeConstraint(0, board.isLimited() ? board.most() : Double.POSITIVE_INFINITY));
        }
        MPObjective cost = solver.objective();
        Map<Pattern, MPVariable> variables = new LinkedHashMap<>();
        for (Pattern pattern : columns) {
            MPVariable used = solver.makeNumVar(0, Double.POSITIVE_INFINITY, "");
            cost.setCoefficient(used, (double) costs[pattern.board()]);
            variables.put(pattern, used);
            boards.get(pattern.board()).setCoefficient(used, 1);
            for (int kind = 0; kind < patterns.kinds(); kind++) {
                if (pattern.counts().get(kind) > 0) {
                    pieces.get(kind).setCoefficient(used, pattern.counts().get(kind));
                }
            }
        }
        cost.setMinimization();
        if (solver.solve() != MPSolver.ResultStatus.OPTIMAL) {
            return false;
        }
        uses.clear();
        variables.forEach((pattern, used) -> uses.put(pattern, used.solutionValue()));
        values = pieces.stream().mapToDouble(MPConstraint::dualValue).toArray();
        boardValues = boards.stream().mapToDouble(MPConstraint::dualValue).toArray();
        boolean better = false;
        double[] most = new double[stock.size()];
        for (int board = 0; board < stock.size(); board++) {
            Patterns.Found found = patterns.mostValuable(board, values);
            most[board] = found.most();
            double left = costs[board] - boardValues[board] - found.value();
            if (left < -ROUNDING * Math.max(1, costs[board])) {
                better |= columns.add(Patterns.pattern(board, found.counts()));
            }
        }
        bound = Math.max(bound, lowered(most));
        return better;
    }

    /** @param most what a board of each stock is worth at most at the prices of the pieces */
    private double lowered(double[] most) {
        double dearest = 1;
        for (int board = 0; board < most.length; board++) {
            if (!stock.get(board).isLimited()) {
                dearest = Math.max(dearest, most[board] / Math.max(1, costs[board]));
            }
        }
        double worth = 0;
        for (int kind = 0; kind < patterns.kinds(); kind++) {
            worth += values[kind] * patterns.wanted(kind);
        }
        for (int board = 0; board < most.length; board++) {
            if (stock.get(board).isLimited()) {
                worth -= stock.get(board).most() * Math.max(0, most[board] - dearest * costs[board]);
            }
        }
        return worth / dearest;
    }
}
