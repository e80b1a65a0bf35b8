package fairacre.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.format.GardenJson;
import fairacre.testing.NodeScript;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Networks solved by the EPANET engine too, in its build for Node.js (epanet-js), which is installed by the test
 * command.
 */
class EpanetTest {

    private static final double LITRES_A_MINUTE = 60_000;

    private static JsonNode solvedByEpanet(List<String> texts) throws IOException, InterruptedException {
        String answer = NodeScript.run("solve.mjs", GardenJson.mapper().writeValueAsString(texts));
        return GardenJson.mapper().readTree(answer);
    }

    /** Pipes from a source, with loops, check valves and outlets of one exponent. */
    private static Network random(long seed) {
        Random random = new Random(seed);
        Network.Builder builder = Network.builder();
        List<Integer> nodes = new ArrayList<>(List.of(builder.level(15 + random.nextInt(20))));
        double exponent = 0.4 + 0.2 * random.nextDouble();
        for (int i = 0; i < 25; i++) {
            int node = builder.junction(2 * random.nextDouble());
            int from = nodes.get(random.nextInt(nodes.size()));
            double length = 1 + 15 * random.nextDouble();
            double diameter = 0.012 + 0.012 * random.nextDouble();
            if (random.nextInt(6) == 0) {
                builder.oneWayPipe(from, node, length, diameter, 7e-6, 0.5);
            } else {
                builder.pipe(from, node, length, diameter, 7e-6, random.nextDouble());
            }
            nodes.add(node);
        }
        for (int i = 0; i < 4; i++) {
            int from = nodes.get(1 + random.nextInt(24));
            int to = nodes.get(1 + random.nextInt(24));
            if (from != to) {
                builder.pipe(from, to, 6, 0.0136, 7e-6, 0);
            }
        }
        for (int node : nodes.subList(1, nodes.size())) {
            builder.outlet(node, 1e-6 * (1 + random.nextInt(12)), exponent);
        }
        return builder.build();
    }

    /** Forty beds along a main behind a reducer, four driplines of eight outlets in each. */
    private static Network fortyBeds() {
        Network.Builder builder = Network.builder();
        int source = builder.level(28);
        int tap = builder.junction(0.6);
        builder.pipe(source, tap, 2, 0.0191, 7e-6, 2);
        int main = builder.junction(0.6);
        builder.reducer(tap, main, 17.2, 0.0191, 4);
        for (int bed = 0; bed < 40; bed++) {
            int next = builder.junction(0);
            builder.pipe(main, next, 1.5, 0.0266, 7e-6, 0.3);
            main = next;
            int header = builder.junction(0.3);
            builder.pipe(main, header, 1.2, 0.0136, 7e-6, 1);
            for (int line = 0; line < 4; line++) {
                int before = header;
                for (int drip = 0; drip < 8; drip++) {
                    int outlet = builder.junction(0.3);
                    builder.pipe(before, outlet, 0.3, 0.0136, 7e-6, 0);
                    builder.outlet(outlet, 2e-3 / 3600 / Math.sqrt(10), 0.5);
                    before = outlet;
                }
            }
        }
        return builder.build();
    }

    /**
     * A tap of so many metres with gear and a reducer, and drippers that compensate, all of them or the nearer ones.
     */
    private static Network aTapThatFalls(double open) {
        Network.Builder builder = Network.builder();
        int tap = builder.tap(0.6, 28, open / LITRES_A_MINUTE);
        int behind = builder.junction(0.6);
        builder.pipe(tap, behind, 0.01, 0.0191, 7e-6, 20);
        int before = builder.junction(0.6);
        builder.reducer(behind, before, 17.6, 0.0191, 10);
        for (int drip = 0; drip < 60; drip++) {
            int outlet = builder.junction(0.2);
            builder.pipe(before, outlet, 0.6, 0.0136, 7e-6, 0);
            builder.compensatingOutlet(outlet, 2e-3 / 3600, 5, 40);
            before = outlet;
        }
        return builder.build();
    }

    @Test
    @DisplayName(
            "twelve random networks, a garden of forty beds and two at a tap that gives less the more is drawn: heads within 1 per cent or 10 mm of EPANET's [EPANET 2.2]")
    void headsAndFlowsAreThoseOfEpanet() throws Exception {
        List<Network> networks = new ArrayList<>(
                IntStream.range(0, 12).mapToObj(seed -> random(seed)).toList());
        networks.add(fortyBeds());
        networks.add(aTapThatFalls(7));
        networks.add(aTapThatFalls(2));
        JsonNode answers = solvedByEpanet(networks.stream().map(InpText::of).toList());
        for (int i = 0; i < networks.size(); i++) {
            Network network = networks.get(i);
            NetworkSolution solution = NetworkSolution.of(network);
            assertThat(solution.hasConverged()).isTrue();
            int which = i;
            answers.get(i).get("heads").properties().forEach(each -> {
                int node = Integer.parseInt(each.getKey().substring(1));
                double head = each.getValue().doubleValue();
                assertThat(solution.head(node))
                        .as("network %d, node %d", which, node)
                        .isCloseTo(head, within(Math.max(0.01, 0.01 * Math.abs(head))));
            });
            answers.get(i).get("flows").properties().forEach(each -> {
                int link = Integer.parseInt(each.getKey().substring(1));
                double flow = each.getValue().doubleValue();
                assertThat(solution.flow(link) * LITRES_A_MINUTE)
                        .as("network %d, link %d", which, link)
                        .isCloseTo(flow, within(Math.max(0.02, 0.01 * Math.abs(flow))));
            });
            assertThat(answers.get(i).get("heads").size()).isGreaterThan(20);
        }
    }

    @Test
    void whatEpanetCantBeToldOfIsRefused() {
        Network.Builder several = Network.builder();
        int end = several.junction(0);
        several.pipe(several.level(5), end, 1, 0.02, 0, 0);
        several.outlet(end, 1e-6, 0.5);
        several.outlet(end, 1e-6, 0.7);
        assertThatThrownBy(() -> InpText.of(several.build())).hasMessageContaining("one for all");
    }
}
