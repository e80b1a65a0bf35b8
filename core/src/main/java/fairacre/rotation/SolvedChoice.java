package fairacre.rotation;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import fairacre.solve.OrTools;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * A choice solved as a whole (OR-Tools CP-SAT): one worker, a fixed seed and a limit by work instead of time, so that
 * the answer is the same every time.
 *
 * @param chosen numbers of candidates
 * @param bound no choice costs less
 */
record SolvedChoice(BitSet chosen, long bound) {

    private static final int SEED = 1;
    /** Relaxes all constraints: bounds are much better, and so are answers. */
    private static final int ALL_LINEAR = 2;

    /** The variables of a choice. */
    private static final class Model {
        private final CpModel model = new CpModel();
        private final Choice choice;
        private final BoolVar[] taken;
        private final Map<Integer, List<int[]>> rivalsOf;

        Model(Choice choice) {
            this.choice = choice;
            this.taken = IntStream.range(0, choice.candidates().size())
                    .mapToObj(i -> model.newBoolVar(""))
                    .toArray(BoolVar[]::new);
            this.rivalsOf = IntStream.range(0, taken.length)
                    .boxed()
                    .collect(Collectors.toMap(Function.identity(), i -> new ArrayList<>()));
            choice.rivals().forEach(some -> {
                model.addAtMostOne(of(some));
                Arrays.stream(some).forEach(each -> rivalsOf.get(each).add(some));
            });
            choice.barred().stream().forEach(i -> model.addEquality(taken[i], 0));
        }

        private BoolVar[] of(int[] some) {
            return Arrays.stream(some).mapToObj(i -> taken[i]).toArray(BoolVar[]::new);
        }

        /** What is met of a demand by candidates, in thousandths. */
        private LinearExprBuilder met(int demand) {
            LinearExprBuilder met = LinearExpr.newBuilder();
            for (int i = 0; i < taken.length; i++) {
                if (choice.candidates().get(i).demand() == demand) {
                    met.addTerm(taken[i], choice.candidates().get(i).share());
                }
            }
            return met;
        }

        void cost() {
            LinearExprBuilder cost = LinearExpr.newBuilder();
            for (int i = 0; i < taken.length; i++) {
                cost.addTerm(taken[i], choice.candidates().get(i).cost());
            }
            for (int d = 0; d < choice.demands().size(); d++) {
                Choice.Demand demand = choice.demands().get(d);
                int missing = Math.max(0, Choice.WHOLE - demand.met());
                IntVar left = model.newIntVar(0, missing, "");
                model.addGreaterOrEqual(met(d).add(left), missing);
                cost.addTerm(left, demand.weight());
            }
            for (Choice.Followers pair : choice.followers()) {
                BoolVar both = model.newBoolVar("");
                model.addGreaterOrEqual(
                        LinearExpr.newBuilder().add(both).add(1), sum(any(pair.before()), any(pair.after())));
                cost.addTerm(both, pair.cost());
            }
            model.minimize(cost);
        }

        private static LinearExpr sum(BoolVar one, BoolVar other) {
            return LinearExpr.newBuilder().add(one).add(other).build();
        }

        /** True if one of them is taken; rivals among them are told together, which makes the bound much better. */
        private BoolVar any(int[] some) {
            BoolVar any = model.newBoolVar("");
            for (BoolVar each : of(some)) {
                model.addImplication(each, any);
            }
            Set<Integer> among = Arrays.stream(some).boxed().collect(Collectors.toSet());
            Arrays.stream(some)
                    .boxed()
                    .flatMap(each -> rivalsOf.get(each).stream())
                    .map(rivals -> Arrays.stream(rivals).filter(among::contains).toArray())
                    .filter(rivals -> rivals.length > 1)
                    .map(rivals -> Arrays.stream(rivals).boxed().toList())
                    .distinct()
                    .forEach(rivals -> model.addLessOrEqual(
                            LinearExpr.sum(rivals.stream().map(i -> taken[i]).toArray(BoolVar[]::new)), any));
            return any;
        }

        void meet(Set<Integer> demands) {
            demands.forEach(d -> model.addGreaterOrEqual(
                    met(d), Choice.WHOLE - choice.demands().get(d).met()));
        }

        void begin(BitSet start) {
            for (int i = 0; i < taken.length; i++) {
                model.addHint(taken[i], start.get(i) ? 1 : 0);
            }
        }
    }

    private static CpSolver solver(double work) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(SEED)
                .setLinearizationLevel(ALL_LINEAR)
                .setMaxDeterministicTime(work);
        return solver;
    }

    /**
     * The cheapest choice, or the best that is found.
     *
     * @param start a choice that is allowed; what is found costs no more
     * @param work deterministic seconds of the solver
     */
    static SolvedChoice of(Choice choice, BitSet start, double work) {
        if (!OrTools.isThere() || choice.candidates().isEmpty()) {
            return new SolvedChoice(start, choice.candidates().isEmpty() ? choice.cost(start) : 0);
        }
        Model model = new Model(choice);
        model.cost();
        model.begin(start);
        CpSolver solver = solver(work);
        CpSolverStatus status = solver.solve(model.model);
        long bound = (long) Math.ceil(solver.bestObjectiveBound() - 1e-6);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            return new SolvedChoice(start, bound);
        }
        BitSet chosen = new BitSet();
        for (int i = 0; i < model.taken.length; i++) {
            chosen.set(i, solver.booleanValue(model.taken[i]));
        }
        return new SolvedChoice(choice.cost(chosen) <= choice.cost(start) ? chosen : start, bound);
    }

    /** Whether all of some demands can be met together; empty if the work was too much to say. */
    static Optional<Boolean> canMeet(Choice choice, Set<Integer> demands, double work) {
        if (!OrTools.isThere()) {
            return Optional.empty();
        }
        Model model = new Model(choice);
        model.meet(demands);
        return switch (solver(work).solve(model.model)) {
            case OPTIMAL, FEASIBLE -> Optional.of(true);
            case INFEASIBLE -> Optional.of(false);
            default -> Optional.empty();
        };
    }
}
