package fairacre.water;

import fairacre.ground.Levels;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntConsumer;
import java.util.stream.Stream;

/**
 * The pipes of one zone as nodes and links: all that water goes through from the source's gear to the last outlet while
 * the zone's valve alone is open. Node 0 is where the pipes begin. Lengths and heights are metres.
 */
final class ZonePipes {

    /** Fittings count as so much more pipe: a first guess (common practice). */
    private static final double FITTINGS = 1.1;
    /** Of an open valve, velocity heads of its pipe: a rough guess, from memory. */
    private static final double VALVE_LOSS = 6;
    /** What is screwed on directly still has a length. */
    private static final double SHORTEST = 0.01;

    /**
     * @param loss of what is built in, in velocity heads
     * @param run that it belongs to; empty of what belongs to a bed
     */
    record Link(int from, int to, double length, double bore, double loss, Optional<UUID> run) {}

    /**
     * @param lines the index of the lines to which it belongs
     * @param share of what a full outlet gives, 0 to 1
     */
    record Outlet(int node, int lines, double share) {}

    /** Something that branches off, and how it goes on from a node. */
    private record Branch(double at, IntConsumer build) {}

    private final List<LaidRun> runs;
    private final List<LaidManifold> manifolds;
    private final List<LaidLines> open;
    private final Optional<Levels> ground;
    private final List<Double> heights = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();
    private final List<Outlet> outlets = new ArrayList<>();

    /**
     * @param runs all that lead to the open lines
     * @param manifolds all on the way to them
     */
    ZonePipes(
            WaterSource source,
            List<LaidRun> runs,
            List<LaidManifold> manifolds,
            List<LaidLines> open,
            Optional<Levels> ground) {
        this.runs = runs;
        this.manifolds = manifolds;
        this.open = open;
        this.ground = ground;
        int beginning = node(height(source.place()) + source.height().metres());
        branches(source.id()).forEach(branch -> branch.build().accept(beginning));
    }

    List<Double> heights() {
        return heights;
    }

    List<Link> links() {
        return links;
    }

    List<Outlet> outlets() {
        return outlets;
    }

    private double height(Point place) {
        return ground.map(levels -> levels.at(place)).orElse(0.0);
    }

    private int node(double height) {
        heights.add(height);
        return heights.size() - 1;
    }

    private void link(int from, int to, double length, double bore, double loss, Optional<UUID> run) {
        links.add(new Link(from, to, Math.max(SHORTEST, length) * FITTINGS, bore, loss, run));
    }

    /** In the order in which they come along what feeds them. */
    private List<Branch> branches(UUID feeding) {
        Stream<Branch> further = runs.stream()
                .filter(run -> run.run().from().equals(feeding))
                .map(run -> new Branch(run.at(), node -> lead(run, node)));
        Stream<Branch> beds = Stream.iterate(0, i -> i < open.size(), i -> i + 1)
                .filter(i -> open.get(i).lines().from().equals(feeding))
                .map(i -> new Branch(open.get(i).at(), node -> water(i, node)));
        Stream<Branch> valves = manifolds.stream()
                .filter(hung -> hung.manifold().from().equals(feeding))
                .map(hung -> new Branch(hung.at(), node -> hang(hung, node)));
        return Stream.of(further, valves, beds)
                .flatMap(part -> part)
                .sorted(Comparator.comparingDouble(Branch::at))
                .toList();
    }

    private void hang(LaidManifold hung, int from) {
        Manifold manifold = hung.manifold();
        int node = node(height(manifold.place()) + manifold.height().metres());
        link(from, node, hung.stub().length(), hung.pipe().bore().metres(), 0, Optional.empty());
        branches(manifold.id()).forEach(branch -> branch.build().accept(node));
    }

    private void lead(LaidRun laid, int from) {
        double bore = laid.run().pipe().bore().metres();
        Optional<UUID> run = Optional.of(laid.run().id());
        int node = from;
        if (laid.valve()) {
            node = node(heights.get(from));
            link(from, node, SHORTEST, bore, VALVE_LOSS, run);
        }
        double reached = 0;
        for (Branch branch : branches(laid.run().id())) {
            if (branch.at() > reached + SHORTEST) {
                int next = node(height(laid.course().at(branch.at())));
                link(node, next, branch.at() - reached, bore, 0, run);
                node = next;
                reached = branch.at();
            }
            branch.build().accept(node);
        }
    }

    private void water(int index, int from) {
        LaidLines laid = open.get(index);
        BedLayout layout = laid.layout();
        int offset = heights.size();
        layout.nodes().forEach(place -> node(soilHeight(laid.bed(), place)));
        link(
                from,
                offset + laid.inlet(),
                laid.stub().length(),
                laid.pipe().bore().metres(),
                laid.valve() ? VALVE_LOSS : 0,
                Optional.empty());
        layout.pipes()
                .forEach(pipe -> link(
                        offset + pipe.from(), offset + pipe.to(), pipe.length(), laid.bore(), 0, Optional.empty()));
        for (int i = 0; i < layout.outlets().size(); i++) {
            outlets.add(new Outlet(offset + layout.outlets().get(i), index, layout.share(i)));
        }
    }

    /** The top of a raised bed is level; soil in the ground lies as the ground does. */
    private double soilHeight(StandingBed bed, Point place) {
        Length raised = bed.revision().height();
        return raised.isPositive() ? height(bed.outline().centre()) + raised.metres() : height(place);
    }
}
