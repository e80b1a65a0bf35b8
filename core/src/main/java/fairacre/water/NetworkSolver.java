package fairacre.water;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.data.DMatrixSparseTriplet;
import org.ejml.interfaces.linsol.LinearSolverSparse;
import org.ejml.ops.DConvertMatrixStruct;
import org.ejml.sparse.FillReducing;
import org.ejml.sparse.csc.CommonOps_DSCC;
import org.ejml.sparse.csc.factory.LinearSolverFactory_DSCC;

/**
 * The global gradient method (Todini and Pilati 1988): each step linearizes what every link loses at its present flow
 * and solves for the heads at which what flows in flows out again, then takes the flows that go with them. The matrix
 * is symmetric and positive definite and has an entry where a link is, so a sparse Cholesky factorization (EJML) solves
 * it; junctions are taken from the ends of the branches inwards, which fills in nothing where there are no loops.
 *
 * <p>A reducer that holds its pressure is a head that is known below it, by a weight that outdoes all others; what
 * flows through it is what leaves below. It opens where there is less pressure above than is set, and shuts where water
 * would flow back.
 */
final class NetworkSolver {

    private static final int MOST_STEPS = 200;
    /** Of all flow. */
    private static final double ACCURACY = 1e-6;
    /** After so many steps each goes half as far: what swings to and fro comes to rest. */
    private static final int PATIENCE = 30;
    /** Flow in every link to begin with, as a velocity in pipes, metres a second. */
    private static final double FIRST_FLOW = 1e-5;
    /** Of the largest entry of the matrix. */
    private static final double OUTDOING = 1e6;

    private enum Reducing {
        HOLDING,
        OPEN,
        SHUT
    }

    private final Network network;
    private final List<Network.Link> links;
    /** Row of a node in the matrix; -1 of one whose head is known. */
    private final int[] rows;

    private final int unknown;
    private final double[] heads;
    private final double[] flows;
    private final Reducing[] reducers;

    NetworkSolver(Network network) {
        this.network = network;
        this.links = network.links();
        this.rows = new int[network.nodes().size()];
        this.unknown = number();
        this.heads = network.nodes().stream()
                .mapToDouble(node -> node.fixed().orElse(node.height()))
                .toArray();
        this.flows = new double[links.size()];
        Arrays.fill(flows, FIRST_FLOW);
        this.reducers = links.stream()
                .map(link -> link.set().isPresent() ? Reducing.HOLDING : null)
                .toArray(Reducing[]::new);
    }

    /** From the ends of the branches inwards: the reverse of how water comes to the junctions. */
    private int number() {
        List<List<Integer>> neighbours = new ArrayList<>();
        network.nodes().forEach(node -> neighbours.add(new ArrayList<>()));
        links.forEach(link -> {
            neighbours.get(link.from()).add(link.to());
            neighbours.get(link.to()).add(link.from());
        });
        List<Integer> order = new ArrayList<>();
        boolean[] seen = new boolean[rows.length];
        Deque<Integer> waiting = new ArrayDeque<>();
        for (int start = 0; start < rows.length; start++) {
            if (!seen[start]) {
                seen[start] = true;
                waiting.add(start);
            }
            while (!waiting.isEmpty()) {
                int node = waiting.remove();
                order.add(node);
                for (int next : neighbours.get(node)) {
                    if (!seen[next]) {
                        seen[next] = true;
                        waiting.add(next);
                    }
                }
            }
        }
        int row = 0;
        for (int i = order.size() - 1; i >= 0; i--) {
            int node = order.get(i);
            rows[node] = network.nodes().get(node).fixed().isPresent() ? -1 : row++;
        }
        return row;
    }

    NetworkSolution solve() {
        int unsettled = -1;
        for (int step = 1; step <= MOST_STEPS; step++) {
            solveHeads();
            double[] next = nextFlows();
            unsettled = unsettled(next);
            double share = step > PATIENCE ? 0.5 : 1;
            for (int link = 0; link < flows.length; link++) {
                flows[link] += share * (next[link] - flows[link]);
            }
            boolean switched = switchReducers();
            if (unsettled < 0 && !switched) {
                return new NetworkSolution(network, heads, flows, step, -1);
            }
        }
        return new NetworkSolution(network, heads, flows, MOST_STEPS, Math.max(0, unsettled));
    }

    /** Of a link in a step: how much more flows for a metre more of head, and what flows whatever the heads are. */
    private double conductance(int link) {
        return 1 / links.get(link).loss().slope(flows[link]);
    }

    private double standing(int link) {
        return flows[link] - links.get(link).loss().at(flows[link]) * conductance(link);
    }

    private void solveHeads() {
        if (unknown == 0) {
            return;
        }
        DMatrixSparseTriplet matrix = new DMatrixSparseTriplet(unknown, unknown, links.size() * 4);
        DMatrixRMaj right = new DMatrixRMaj(unknown, 1);
        double[] diagonal = new double[unknown];
        for (int i = 0; i < links.size(); i++) {
            Network.Link link = links.get(i);
            if (reducers[i] == Reducing.HOLDING) {
                add(right, link.from(), -flows[i]);
                add(right, link.to(), flows[i]);
            } else if (reducers[i] != Reducing.SHUT) {
                addLink(i, link, matrix, diagonal, right);
            }
        }
        double outdoing =
                OUTDOING * Math.max(1e-9, Arrays.stream(diagonal).max().orElse(1));
        for (int i = 0; i < links.size(); i++) {
            Network.Link link = links.get(i);
            int row = rows[link.to()];
            if (reducers[i] == Reducing.HOLDING && row >= 0) {
                diagonal[row] += outdoing;
                right.add(row, 0, outdoing * link.set().getAsDouble());
            }
        }
        for (int row = 0; row < unknown; row++) {
            // A junction behind a shut reducer and nothing else keeps the head that it has.
            matrix.addItem(row, row, diagonal[row] > 0 ? diagonal[row] : 1);
        }
        solve(matrix, right);
    }

    private void addLink(int i, Network.Link link, DMatrixSparseTriplet matrix, double[] diagonal, DMatrixRMaj right) {
        double conductance = conductance(i);
        double standing = standing(i);
        add(right, link.from(), -standing);
        add(right, link.to(), standing);
        int from = rows[link.from()];
        int to = rows[link.to()];
        if (from >= 0) {
            diagonal[from] += conductance;
            if (to < 0) {
                right.add(from, 0, conductance * heads[link.to()]);
            }
        }
        if (to >= 0) {
            diagonal[to] += conductance;
            if (from < 0) {
                right.add(to, 0, conductance * heads[link.from()]);
            }
        }
        if (from >= 0 && to >= 0) {
            matrix.addItem(from, to, -conductance);
            matrix.addItem(to, from, -conductance);
        }
    }

    private void add(DMatrixRMaj right, int node, double flow) {
        if (rows[node] >= 0) {
            right.add(rows[node], 0, flow);
        }
    }

    private void solve(DMatrixSparseTriplet triplets, DMatrixRMaj right) {
        DMatrixSparseCSC matrix = DConvertMatrixStruct.convert(triplets, (DMatrixSparseCSC) null);
        // Two pipes between the same junctions are one entry.
        matrix.sortIndices(null);
        CommonOps_DSCC.duplicatesAdd(matrix, null);
        LinearSolverSparse<DMatrixSparseCSC, DMatrixRMaj> solver = LinearSolverFactory_DSCC.cholesky(FillReducing.NONE);
        if (!solver.setA(matrix)) {
            throw new IllegalStateException("the network has a part that nothing holds at a pressure");
        }
        DMatrixRMaj found = new DMatrixRMaj(unknown, 1);
        solver.solve(right, found);
        for (int node = 0; node < rows.length; node++) {
            if (rows[node] >= 0) {
                heads[node] = found.get(rows[node], 0);
            }
        }
    }

    private double[] nextFlows() {
        double[] next = new double[flows.length];
        double[] leaving = new double[rows.length];
        for (int i = 0; i < links.size(); i++) {
            Network.Link link = links.get(i);
            if (reducers[i] == null || reducers[i] == Reducing.OPEN) {
                next[i] = standing(i) + conductance(i) * (heads[link.from()] - heads[link.to()]);
                leaving[link.from()] += next[i];
                leaving[link.to()] -= next[i];
            }
        }
        // From the last put in to the first: a reducer behind another passes on what it takes.
        for (int i = links.size() - 1; i >= 0; i--) {
            if (reducers[i] == Reducing.HOLDING) {
                next[i] = leaving[links.get(i).to()];
                leaving[links.get(i).from()] += next[i];
            }
        }
        return next;
    }

    /** The link that changes most if all together change too much; else -1. */
    private int unsettled(double[] next) {
        double change = 0;
        double all = 0;
        int most = 0;
        for (int i = 0; i < flows.length; i++) {
            change += Math.abs(next[i] - flows[i]);
            all += Math.abs(next[i]);
            if (Math.abs(next[i] - flows[i]) > Math.abs(next[most] - flows[most])) {
                most = i;
            }
        }
        return change > ACCURACY * all + 1e-15 ? most : -1;
    }

    private boolean switchReducers() {
        boolean switched = false;
        for (int i = 0; i < links.size(); i++) {
            if (reducers[i] != null) {
                Reducing next = next(i, links.get(i));
                switched |= next != reducers[i];
                reducers[i] = next;
            }
        }
        return switched;
    }

    private Reducing next(int i, Network.Link link) {
        double set = link.set().getAsDouble();
        double above = heads[link.from()];
        double below = heads[link.to()];
        double slack = 1e-6;
        return switch (reducers[i]) {
            case HOLDING ->
                flows[i] < 0
                        ? Reducing.SHUT
                        : above < set + link.loss().at(flows[i]) - slack ? Reducing.OPEN : Reducing.HOLDING;
            case OPEN -> below > set + slack ? Reducing.HOLDING : Reducing.OPEN;
            case SHUT -> above <= below + slack ? Reducing.SHUT : above > set ? Reducing.HOLDING : Reducing.OPEN;
        };
    }
}
