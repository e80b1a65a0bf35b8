package fairacre.water;

import fairacre.ground.Levels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;

/** Solves one zone as it runs, and works out what it wants of its source. */
final class ZoneSolver {

    private static final double SHORTEST = 0.01;

    private final WaterSource source;
    private final SourceCurve curve;
    private final double gearLoss;
    private final List<LaidLines> open;
    private final List<WorkingPoint> working;
    private final ZonePipes pipes;

    /**
     * @param curve what the source gives
     * @param gearLoss of what stands at the source but for a reducer, in velocity heads
     */
    ZoneSolver(
            WaterSource source,
            SourceCurve curve,
            double gearLoss,
            List<LaidRun> runs,
            List<LaidManifold> manifolds,
            List<LaidLines> open,
            List<WorkingPoint> working,
            Optional<Levels> ground) {
        this.source = source;
        this.curve = curve;
        this.gearLoss = gearLoss;
        this.open = open;
        this.working = working;
        this.pipes = new ZonePipes(source, runs, manifolds, open, ground);
    }

    /**
     * A zone as it runs.
     *
     * @param heads pressure at each outlet of each lines, metres
     * @param flows of each outlet of each lines, cubic metres a second
     * @param velocities the greatest in each run, metres a second
     * @param wants what its outlets give where they work as they should, cubic metres a second
     * @param gives what a tap gives at the head that this takes, cubic metres a second
     * @param losses on the way to the outlet with the least pressure
     */
    record Solved(
            List<double[]> heads,
            List<double[]> flows,
            Map<UUID, Double> velocities,
            double wants,
            double gives,
            List<PressureLoss> losses) {}

    /**
     * The zone as a network.
     *
     * @param tap the node of the source itself, before what stands there
     * @param nodes of the pipes
     * @param links of the pipes
     * @param outlets of the pipes
     */
    private record Built(Network network, int tap, int[] nodes, int[] links, int[] outlets) {}

    /** The zone as it is solved. */
    Network network() {
        return build().network();
    }

    private Built build() {
        Network.Builder network = Network.builder();
        int[] nodes = new int[pipes.heights().size()];
        int tap = source(network);
        int beginning = gear(network, tap);
        for (int node = 0; node < nodes.length; node++) {
            nodes[node] =
                    node == 0 ? beginning : network.junction(pipes.heights().get(node));
        }
        int[] links = pipes.links().stream()
                .mapToInt(link -> network.pipe(
                        nodes[link.from()],
                        nodes[link.to()],
                        link.length(),
                        link.bore(),
                        PipeKind.ROUGHNESS,
                        link.loss()))
                .toArray();
        int[] outlets = pipes.outlets().stream()
                .mapToInt(outlet ->
                        open.get(outlet.lines()).lines().outlet(network, nodes[outlet.node()], outlet.share()))
                .toArray();
        return new Built(network.build(), tap, nodes, links, outlets);
    }

    /** @throws IllegalStateException if no steady state is found */
    Solved solve() {
        Built built = build();
        NetworkSolution solved = NetworkSolution.of(built.network());
        if (!solved.hasConverged()) {
            throw new IllegalStateException("no steady flow was found behind " + source.name() + " in " + solved.steps()
                    + " steps; link " + solved.unsettledLink() + " of the network swings");
        }
        List<ZonePipes.Link> links = pipes.links();
        List<ZonePipes.Outlet> outlets = pipes.outlets();
        Map<UUID, Double> velocities = new HashMap<>();
        IntStream.range(0, links.size())
                .forEach(i -> links.get(i)
                        .run()
                        .ifPresent(run -> velocities.merge(
                                run,
                                velocity(
                                        solved.flow(built.links()[i]),
                                        links.get(i).bore()),
                                Math::max)));
        double wants = outlets.stream()
                .mapToDouble(outlet -> working.get(outlet.lines()).flow() * outlet.share())
                .sum();
        return new Solved(
                byLines(i -> solved.pressure(built.nodes()[outlets.get(i).node()])),
                byLines(i -> solved.flow(built.outlets()[i])),
                velocities,
                wants,
                curve.flowAt(needs()),
                losses(built, solved));
    }

    /** Where the head goes on the way to the outlet that has the least pressure; the whole adds up to the source's. */
    private List<PressureLoss> losses(Built built, NetworkSolution solved) {
        ZonePipes.Outlet weakest = pipes.outlets().stream()
                .min(Comparator.comparingDouble(outlet -> solved.pressure(built.nodes()[outlet.node()])))
                .orElseThrow();
        int[] through = feeding().through();
        double first = pipes.heights().get(0);
        Map<PressureLoss.Place, Double> lost = new LinkedHashMap<>();
        lost.put(
                PressureLoss.Place.of(PressureLoss.Part.HEIGHT), pipes.heights().get(weakest.node()) - first);
        for (int node = weakest.node(); node != 0; ) {
            ZonePipes.Link link = pipes.links().get(through[node]);
            int above = other(link, node);
            lost.merge(place(link), solved.head(built.nodes()[above]) - solved.head(built.nodes()[node]), Double::sum);
            node = above;
        }
        double atTap = solved.head(built.tap());
        lost.put(PressureLoss.Place.of(PressureLoss.Part.GEAR), atTap - solved.head(built.nodes()[0]));
        lost.put(PressureLoss.Place.of(PressureLoss.Part.SOURCE), curve.closed() + first - atTap);
        List<PressureLoss> losses = new ArrayList<>();
        lost.forEach((place, head) -> losses.add(PressureLoss.of(place, head)));
        Collections.reverse(losses);
        return losses;
    }

    private static PressureLoss.Place place(ZonePipes.Link link) {
        return new PressureLoss.Place(
                link.run().isPresent() ? PressureLoss.Part.RUN : PressureLoss.Part.BED, link.run());
    }

    private interface OfOutlet {
        double at(int outlet);
    }

    private List<double[]> byLines(OfOutlet value) {
        List<ZonePipes.Outlet> outlets = pipes.outlets();
        return IntStream.range(0, open.size())
                .mapToObj(lines -> IntStream.range(0, outlets.size())
                        .filter(i -> outlets.get(i).lines() == lines)
                        .mapToDouble(value::at)
                        .toArray())
                .toList();
    }

    private static double velocity(double flow, double bore) {
        return Math.abs(flow) / (Math.PI * bore * bore / 4);
    }

    /** The tap or barrel itself. */
    private int source(Network.Builder network) {
        double height = pipes.heights().get(0);
        OptionalDouble mostOpen = curve.open();
        return mostOpen.isPresent()
                ? network.tap(height, curve.closed(), mostOpen.getAsDouble())
                : network.level(height + curve.closed());
    }

    /** Where the pipes begin: behind what stands at the source. */
    private int gear(Network.Builder network, int tap) {
        double height = pipes.heights().get(0);
        int node = tap;
        if (gearLoss > 0 || curve.open().isEmpty()) {
            int behind = network.junction(height);
            network.pipe(node, behind, SHORTEST, Gear.BORE, PipeKind.ROUGHNESS, gearLoss);
            node = behind;
        }
        if (source.gear().reducer().isPresent()) {
            int behind = network.junction(height);
            network.reducer(node, behind, source.gear().reducer().get().headMetres(), Gear.BORE, Gear.REDUCER_LOSS);
            node = behind;
        }
        return node;
    }

    /**
     * The head that the source's outlet must have so that every outlet works as it should and gives what it should:
     * what flows in each pipe is then known, from the ends inwards. A loop is cut where water from both sides would
     * meet.
     */
    private double needs() {
        List<ZonePipes.Link> links = pipes.links();
        Feeding feeding = feeding();
        int[] above = feeding.through();
        int[] order = feeding.order();
        double[] flow = new double[pipes.heights().size()];
        pipes.outlets()
                .forEach(outlet ->
                        flow[outlet.node()] += working.get(outlet.lines()).flow() * outlet.share());
        for (int i = order.length - 1; i > 0; i--) {
            ZonePipes.Link link = links.get(above[order[i]]);
            flow[other(link, order[i])] += flow[order[i]];
        }
        double[] lost = new double[flow.length];
        for (int i = 1; i < order.length; i++) {
            ZonePipes.Link link = links.get(above[order[i]]);
            HeadLoss pipe =
                    new HeadLoss.Pipe(link.length(), link.bore(), PipeKind.ROUGHNESS, link.loss(), Network.VISCOSITY);
            lost[order[i]] = lost[other(link, order[i])] + pipe.at(flow[order[i]]);
        }
        double gear = gearLoss + (source.gear().reducer().isPresent() ? Gear.REDUCER_LOSS : 0);
        double through =
                new HeadLoss.Pipe(SHORTEST, Gear.BORE, PipeKind.ROUGHNESS, gear, Network.VISCOSITY).at(flow[0]);
        double beginning = pipes.heights().get(0);
        return pipes.outlets().stream()
                        .mapToDouble(outlet -> working.get(outlet.lines()).head()
                                + lost[outlet.node()]
                                + pipes.heights().get(outlet.node())
                                - beginning)
                        .max()
                        .orElse(0)
                + through;
    }

    private static int other(ZonePipes.Link link, int node) {
        return link.from() == node ? link.to() : link.from();
    }

    /**
     * The nodes as water comes to them, by the fewest links from the beginning on.
     *
     * @param order node 0 first
     * @param through of each node the link through which it is fed; -1 of node 0
     */
    private record Feeding(int[] order, int[] through) {}

    private Feeding feeding() {
        List<List<Integer>> touching = new ArrayList<>();
        pipes.heights().forEach(height -> touching.add(new ArrayList<>()));
        for (int i = 0; i < pipes.links().size(); i++) {
            touching.get(pipes.links().get(i).from()).add(i);
            touching.get(pipes.links().get(i).to()).add(i);
        }
        int[] through = new int[touching.size()];
        Arrays.fill(through, -1);
        int[] order = new int[touching.size()];
        int count = 1;
        for (int next = 0; next < count; next++) {
            for (int link : touching.get(order[next])) {
                int far = other(pipes.links().get(link), order[next]);
                if (far != 0 && through[far] < 0) {
                    through[far] = link;
                    order[count++] = far;
                }
            }
        }
        return new Feeding(order, through);
    }
}
