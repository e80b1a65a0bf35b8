package fairacre.water;

/**
 * The steady state of a network: head at every node and flow in every link. Where Newton's method does not settle it
 * says so, and where.
 */
public final class NetworkSolution {

    private final Network network;
    private final double[] heads;
    private final double[] flows;
    private final int steps;
    private final int unsettled;

    NetworkSolution(Network network, double[] heads, double[] flows, int steps, int unsettled) {
        this.network = network;
        this.heads = heads.clone();
        this.flows = flows.clone();
        this.steps = steps;
        this.unsettled = unsettled;
    }

    public static NetworkSolution of(Network network) {
        return new NetworkSolver(network).solve();
    }

    /** Whether the flows changed by no more than a millionth of all flow in the last step. */
    public boolean hasConverged() {
        return unsettled < 0;
    }

    /** The link whose flow changed most in the last step; only where it has not converged. */
    public int unsettledLink() {
        if (hasConverged()) {
            throw new IllegalStateException("the network is solved");
        }
        return unsettled;
    }

    /** So many steps were taken. */
    public int steps() {
        return steps;
    }

    /** Of a node, metres above the level from which heights count. */
    public double head(int node) {
        return heads[node];
    }

    /** Head of a node above its height, metres: 1 m is 9.81 kPa of water. */
    public double pressure(int node) {
        return heads[node] - network.nodes().get(node).height();
    }

    /** Of a link in the direction in which it was put in, cubic metres a second. */
    public double flow(int link) {
        return flows[link];
    }
}
