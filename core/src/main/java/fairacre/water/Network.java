package fairacre.water;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Pipes and what they join, to be solved by {@link NetworkSolution#of}. Build one with {@link #builder}: it gives every
 * node and link a number, from 0 on in the order in which they are added.
 *
 * <p>All figures are SI: metres, metres of head above the same level as heights, cubic metres a second, square metres a
 * second. Every node has a way to a fixed head; one without is refused, since nothing says what its pressure is.
 */
public final class Network {

    /** Standard gravity, metres by square second (ISO 80000-3). */
    static final double GRAVITY = 9.80665;

    /** Kinematic viscosity of water at 20 degrees, square metres a second (IAPWS 2008, rounded). */
    public static final double VISCOSITY = 1.0e-6;

    /** @param fixed head of a node that has one whatever flows; empty of a junction */
    record Node(double height, OptionalDouble fixed) {}

    /**
     * @param to the number of a node
     * @param set of a reducer: the most head that it lets through, above the same level as heights
     */
    record Link(int from, int to, HeadLoss loss, OptionalDouble set) {}

    private final List<Node> nodes;
    private final List<Link> links;

    private Network(List<Node> nodes, List<Link> links) {
        this.nodes = List.copyOf(nodes);
        this.links = List.copyOf(links);
    }

    public static Builder builder() {
        return new Builder();
    }

    List<Node> nodes() {
        return nodes;
    }

    List<Link> links() {
        return links;
    }

    /** Puts a network together. */
    public static final class Builder {

        private final List<Node> nodes = new ArrayList<>();
        private final List<Link> links = new ArrayList<>();

        private Builder() {}

        /** Where links meet. */
        public int junction(double height) {
            return node(height, OptionalDouble.empty());
        }

        /** Where the head is the same whatever flows: the water in a barrel, up to its surface. */
        public int level(double head) {
            return node(head, OptionalDouble.of(head));
        }

        /**
         * A tap by its pressure closed and its flow wide open, as a node of its own.
         *
         * @param closed metres of head at the tap, more than 0
         * @param open cubic metres a second, more than 0
         */
        public int tap(double height, double closed, double open) {
            positive(closed, "the pressure of a tap that is closed");
            positive(open, "the flow of an open tap");
            int source = level(height + closed);
            int tap = junction(height);
            link(source, tap, new HeadLoss.OneWay(new HeadLoss.Draw(closed, open)));
            return tap;
        }

        /**
         * @param roughness height of the wall's roughness, metres; 0 of a smooth one
         * @param fittings sum of the local loss coefficients of its fittings, in velocity heads
         */
        public int pipe(int from, int to, double length, double diameter, double roughness, double fittings) {
            return link(from, to, pipe(length, diameter, roughness, fittings));
        }

        /** The same, but nothing flows back. */
        public int oneWayPipe(int from, int to, double length, double diameter, double roughness, double fittings) {
            return link(from, to, new HeadLoss.OneWay(pipe(length, diameter, roughness, fittings)));
        }

        private static HeadLoss pipe(double length, double diameter, double roughness, double fittings) {
            positive(length, "the length of a pipe");
            positive(diameter, "the diameter of a pipe");
            return new HeadLoss.Pipe(length, diameter, roughness, fittings, VISCOSITY);
        }

        /** An outlet into the air: {@code q = coefficient * head^exponent}. */
        public int outlet(int at, double coefficient, double exponent) {
            positive(coefficient, "the coefficient of an outlet");
            positive(exponent, "the exponent of an outlet");
            return link(at, air(at), new HeadLoss.Outlet(coefficient, exponent));
        }

        /** A round hole: the orifice equation with a discharge coefficient of 0.6. */
        public int hole(int at, double diameter) {
            positive(diameter, "the diameter of a hole");
            double area = Math.PI * diameter * diameter / 4;
            return outlet(at, 0.6 * area * Math.sqrt(2 * GRAVITY), 0.5);
        }

        /** An outlet that gives the same from the least head up to the most. */
        public int compensatingOutlet(int at, double flow, double least, double most) {
            positive(flow, "the flow of an outlet");
            positive(least, "the least head of an outlet");
            positive(most - least, "what the most head of an outlet is above the least");
            return link(at, air(at), new HeadLoss.Compensating(flow, least, most));
        }

        /**
         * A reducer: it lets no more head through than is set, and nothing back.
         *
         * @param set metres of head at its height
         * @param loss in velocity heads when it is wide open, of a pipe of this diameter
         */
        public int reducer(int from, int to, double set, double diameter, double loss) {
            positive(set, "the set pressure of a reducer");
            positive(diameter, "the diameter of a reducer");
            positive(loss, "the loss of an open reducer");
            links.add(new Link(
                    from,
                    to,
                    new HeadLoss.OneWay(new HeadLoss.Pipe(0, diameter, 0, loss, VISCOSITY)),
                    OptionalDouble.of(nodes.get(to).height() + set)));
            return links.size() - 1;
        }

        /** The air at a node's height, where water leaves the network. */
        private int air(int at) {
            return level(nodes.get(at).height());
        }

        private int node(double height, OptionalDouble fixed) {
            finite(height, "a height");
            nodes.add(new Node(height, fixed));
            return nodes.size() - 1;
        }

        private int link(int from, int to, HeadLoss loss) {
            links.add(new Link(from, to, loss, OptionalDouble.empty()));
            return links.size() - 1;
        }

        /** @throws IllegalArgumentException if a node has no way to a fixed head */
        public Network build() {
            Network network = new Network(nodes, links);
            boolean[] fed = network.fed();
            for (int node = 0; node < fed.length; node++) {
                if (!fed[node]) {
                    throw new IllegalArgumentException("node " + node + " has no way to a source or an outlet");
                }
            }
            return network;
        }

        private static void positive(double value, String what) {
            finite(value, what);
            if (value <= 0) {
                throw new IllegalArgumentException(what + " is " + value + ": give more than 0");
            }
        }

        private static void finite(double value, String what) {
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException(what + " is " + value + ": give a number");
            }
        }
    }

    /** Which nodes have a way to a fixed head, reducers counted as open. */
    private boolean[] fed() {
        List<List<Integer>> neighbours = new ArrayList<>();
        nodes.forEach(node -> neighbours.add(new ArrayList<>()));
        links.forEach(link -> {
            neighbours.get(link.from()).add(link.to());
            neighbours.get(link.to()).add(link.from());
        });
        boolean[] fed = new boolean[nodes.size()];
        Deque<Integer> waiting = new ArrayDeque<>();
        for (int node = 0; node < fed.length; node++) {
            if (nodes.get(node).fixed().isPresent()) {
                fed[node] = true;
                waiting.add(node);
            }
        }
        while (!waiting.isEmpty()) {
            for (int next : neighbours.get(waiting.remove())) {
                if (!fed[next]) {
                    fed[next] = true;
                    waiting.add(next);
                }
            }
        }
        return fed;
    }
}
