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
 * <p>EPANET has one exponent for all emitters of a network: one with outlets of several exponents, with outlets that
 * compensate, or with a tap whose pressure falls with the flow, can't be written.
 */
public final class InpText {

    /** Of which EPANET counts viscosity as a multiple: 1.1e-5 square feet a second. */
    private static final double EPANETS_VISCOSITY = 1.1e-5 * 0.3048 * 0.3048;

    private static final double LITRES_A_MINUTE = 60_000;
    private static final double MILLIMETRES = 1000;

    private final Network network;
    private final StringBuilder text = new StringBuilder();

    private InpText(Network network) {
        this.network = network;
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
                .forEach(node ->
                        line("N%d %s 0", node, figure(network.nodes().get(node).height())));
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
        return !own.isEmpty() && own.stream().allMatch(link -> link.loss() instanceof HeadLoss.Outlet);
    }

    /** Of all outlets at a node together, cubic metres a second under a metre of head. */
    private Map<Integer, Double> emitters() {
        Map<Integer, Double> emitters = new TreeMap<>();
        network.links().forEach(link -> {
            if (link.loss() instanceof HeadLoss.Outlet outlet) {
                emitters.merge(link.from(), outlet.coefficient(), Double::sum);
            }
        });
        return emitters;
    }

    private double exponent() {
        List<Double> exponents = network.links().stream()
                .map(Network.Link::loss)
                .filter(HeadLoss.Outlet.class::isInstance)
                .map(loss -> ((HeadLoss.Outlet) loss).exponent())
                .distinct()
                .toList();
        if (exponents.size() > 1) {
            throw new IllegalArgumentException(
                    "the outlets have exponents " + exponents + ", and EPANET has one for all");
        }
        return exponents.isEmpty() ? 0.5 : exponents.get(0);
    }

    private void pipe(int number) {
        Network.Link link = network.links().get(number);
        HeadLoss loss = link.loss() instanceof HeadLoss.OneWay oneWay ? oneWay.open() : link.loss();
        if (link.set().isPresent() || loss instanceof HeadLoss.Outlet) {
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
