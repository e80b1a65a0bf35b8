package fairacre.water;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A network as EPANET reads it (INP text, EPANET 2.2 user manual, appendix C): metric, litres a minute, friction by
 * Darcy and Weisbach, with the viscosity that is counted with here. Nodes are called N and links L with their numbers.
 *
 * <p>A tap whose pressure falls with the flow is written as a reservoir behind a throttle valve, whose loss goes by the
 * square of the flow as the tap's does. An outlet that compensates takes what it takes at the solution: a demand where
 * it compensates, an emitter below. EPANET has one exponent for all emitters of a network: one with outlets of several
 * exponents can't be written.
 */
public final class InpText {

    /** Of which EPANET counts viscosity as a multiple: 1.1e-5 square feet a second. */
    private static final double EPANETS_VISCOSITY = 1.1e-5 * 0.3048 * 0.3048;

    private static final double LITRES_A_MINUTE = 60_000;
    private static final double MILLIMETRES = 1000;
    /** Of the valve that stands for a tap, metres: any will do, since its loss is reckoned for it. */
    private static final double TAP_DIAMETER = 0.1;

    private static final double PLAIN = 0.5;

    private final Network network;
    private final NetworkSolution solution;
    private final StringBuilder text = new StringBuilder();

    private InpText(Network network) {
        this.network = network;
        this.solution = NetworkSolution.of(network);
    }

    /** @throws IllegalArgumentException if EPANET can't be told of a link */
    public static String of(Network network) {
        InpText inp = new InpText(network);
        inp.write();
        return inp.text.toString();
    }

    private void write() {
        Map<Integer, Double> emitters = emitters();
        section("TITLE");
        section("RESERVOIRS");
        nodes(true).filter(node -> !isAir(node)).forEach(node -> line("N%d %s", node, figure(head(node))));
        section("JUNCTIONS");
        nodes(false)
                .forEach(node -> line(
                        "N%d %s %s",
                        node, figure(network.nodes().get(node).height()), figure(demand(node) * LITRES_A_MINUTE)));
        section("PIPES");
        links().forEach(this::pipe);
        section("VALVES");
        links().forEach(this::valve);
        section("EMITTERS");
        emitters.forEach((node, coefficient) -> line("N%d %s", node, figure(coefficient * LITRES_A_MINUTE)));
        section("OPTIONS");
        line("Units LPM");
        line("Headloss D-W");
        line("Viscosity %s", figure(Network.VISCOSITY / EPANETS_VISCOSITY));
        line("Emitter Exponent %s", figure(exponent()));
        line("Accuracy 0.000001");
        line("Trials 500");
        section("END");
    }

    private IntStream links() {
        return IntStream.range(0, network.links().size());
    }

    private Stream<Integer> nodes(boolean fixed) {
        return IntStream.range(0, network.nodes().size())
                .filter(node -> network.nodes().get(node).fixed().isPresent() == fixed)
                .boxed();
    }

    private double head(int node) {
        return network.nodes().get(node).fixed().orElseThrow();
    }

    /** Whether it is what an outlet opens to, which EPANET doesn't draw. */
    private boolean isAir(int node) {
        List<Network.Link> own = network.links().stream()
                .filter(link -> link.from() == node || link.to() == node)
                .toList();
        return !own.isEmpty() && own.stream().allMatch(link -> isOutlet(link.loss()));
    }

    private static boolean isOutlet(HeadLoss loss) {
        return loss instanceof HeadLoss.Outlet || loss instanceof HeadLoss.Compensating;
    }

    private boolean compensates(int link) {
        return network.links().get(link).loss() instanceof HeadLoss.Compensating outlet
                && solution.flow(link) >= outlet.flow();
    }

    /** What outlets that compensate take at a node, cubic metres a second. */
    private double demand(int node) {
        return links().filter(link -> network.links().get(link).from() == node && compensates(link))
                .mapToDouble(solution::flow)
                .sum();
    }

    /** Of all outlets at a node together, cubic metres a second under a metre of head. */
    private Map<Integer, Double> emitters() {
        Map<Integer, Double> emitters = new TreeMap<>();
        links().filter(link -> isOutlet(network.links().get(link).loss()) && !compensates(link))
                .forEach(link -> emitters.merge(
                        network.links().get(link).from(),
                        coefficient(network.links().get(link).loss()),
                        Double::sum));
        return emitters;
    }

    private static double coefficient(HeadLoss loss) {
        return loss instanceof HeadLoss.Compensating outlet
                ? outlet.flow() / Math.sqrt(outlet.least())
                : ((HeadLoss.Outlet) loss).coefficient();
    }

    private double exponent() {
        List<Double> exponents = links().filter(
                        link -> isOutlet(network.links().get(link).loss()) && !compensates(link))
                .mapToObj(link -> network.links().get(link).loss())
                .map(loss -> loss instanceof HeadLoss.Outlet outlet ? outlet.exponent() : PLAIN)
                .distinct()
                .toList();
        if (exponents.size() > 1) {
            throw new IllegalArgumentException(
                    "the outlets have exponents " + exponents + ", and EPANET has one for all");
        }
        return exponents.isEmpty() ? PLAIN : exponents.get(0);
    }

    private void pipe(int number) {
        Network.Link link = network.links().get(number);
        HeadLoss loss = link.loss() instanceof HeadLoss.OneWay oneWay ? oneWay.open() : link.loss();
        if (link.set().isPresent() || isOutlet(loss) || loss instanceof HeadLoss.Draw) {
            return;
        }
        if (!(loss instanceof HeadLoss.Pipe pipe)) {
            throw new IllegalArgumentException("EPANET has nothing like link " + number);
        }
        line(
                "L%d N%d N%d %s %s %s %s %s",
                number,
                link.from(),
                link.to(),
                figure(pipe.length()),
                figure(pipe.diameter() * MILLIMETRES),
                figure(pipe.roughness() * MILLIMETRES),
                figure(pipe.fittings()),
                loss == link.loss() ? "Open" : "CV");
    }

    private void valve(int number) {
        Network.Link link = network.links().get(number);
        if (link.loss() instanceof HeadLoss.OneWay oneWay && oneWay.open() instanceof HeadLoss.Draw draw) {
            line(
                    "L%d N%d N%d %s TCV %s 0",
                    number, link.from(), link.to(), figure(TAP_DIAMETER * MILLIMETRES), figure(throttle(draw)));
        }
        link.set().ifPresent(set -> {
            HeadLoss.Pipe open = (HeadLoss.Pipe) ((HeadLoss.OneWay) link.loss()).open();
            double pressure = set - network.nodes().get(link.to()).height();
            line(
                    "L%d N%d N%d %s PRV %s %s",
                    number,
                    link.from(),
                    link.to(),
                    figure(open.diameter() * MILLIMETRES),
                    figure(pressure),
                    figure(open.fittings()));
        });
    }

    /** The loss of a tap in velocity heads of the valve that stands for it. */
    private static double throttle(HeadLoss.Draw draw) {
        double area = Math.PI * TAP_DIAMETER * TAP_DIAMETER / 4;
        return draw.closed() * 2 * Network.GRAVITY * area * area / (draw.open() * draw.open());
    }

    private void section(String name) {
        line("[%s]", name);
    }

    private void line(String format, Object... values) {
        text.append(String.format(Locale.ROOT, format, values)).append('\n');
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, "%.9g", value);
    }
}
