package fairacre.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths, heads and flows are SI; litres are said where they are meant. */
class NetworkSolutionTest {

    private static final double LITRE_A_MINUTE = 1e-3 / 60;
    private static final double KILOPASCAL = 1 / 9.80665;
    private static final double HOSE = 0.0159;

    private static double solved(DoubleUnaryOperator equation, double least, double most) {
        return new BracketingNthOrderBrentSolver(1e-15, 5).solve(500, equation::applyAsDouble, least, most);
    }

    private static double loss(double length, double diameter, double roughness, double fittings, double flow) {
        double area = Math.PI * diameter * diameter / 4;
        double velocity = flow / area;
        double factor = Friction.factor(velocity * diameter / Network.VISCOSITY, roughness / diameter);
        return (factor * length / diameter + fittings) * velocity * velocity / (2 * 9.80665);
    }

    @Test
    @DisplayName(
            "a 1/8 in hole gives about 2.4 L/min at 35 kPa; seventeen want more than a tap of 20 L/min gives [derived: orifice equation]")
    void holesSettleWhereSupplyAndDemandMeet() {
        Network.Builder builder = Network.builder();
        int barrel = builder.level(35 * KILOPASCAL);
        int end = builder.junction(0);
        builder.pipe(barrel, end, 0.01, 0.1, 0, 0);
        int single = builder.hole(end, 0.003175);
        assertThat(NetworkSolution.of(builder.build()).flow(single) / LITRE_A_MINUTE)
                .isCloseTo(2.4, within(0.05));

        Network.Builder loop = Network.builder();
        int tap = loop.tap(0, 275 * KILOPASCAL, 20 * LITRE_A_MINUTE);
        List<Integer> holes =
                IntStream.range(0, 17).mapToObj(i -> loop.hole(tap, 0.003175)).toList();
        NetworkSolution solution = NetworkSolution.of(loop.build());
        double drawn = holes.stream().mapToDouble(solution::flow).sum();
        double pressure = solution.pressure(tap);
        double one17 = 0.6 * Math.PI * 0.003175 * 0.003175 / 4 * Math.sqrt(2 * 9.80665);
        double expected = solved(
                p -> 17 * one17 * Math.sqrt(p) - 20 * LITRE_A_MINUTE * Math.sqrt(1 - p / (275 * KILOPASCAL)), 1e-6, 28);
        assertThat(pressure).isCloseTo(expected, within(1e-6));
        assertThat(drawn / LITRE_A_MINUTE).isBetween(18.0, 20.0);
        assertThat(solution.hasConverged()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"5, 0.0127", "30, 0.0159", "60, 0.0208", "200, 0.0136"})
    @DisplayName("tap, hose and outlet in a row: the one equation for their flow, solved by bracketing")
    void tapHoseAndOutletInARow(double length, double diameter) {
        Network.Builder builder = Network.builder();
        int tap = builder.tap(0.8, 30, 4e-4);
        int end = builder.junction(0.3);
        int hose = builder.pipe(tap, end, length, diameter, 1.5e-6, 3);
        builder.outlet(end, 5e-5, 0.5);
        NetworkSolution solution = NetworkSolution.of(builder.build());
        double flow = solved(
                q -> 0.8
                        + 30 * (1 - q * q / 1.6e-7)
                        - 0.3
                        - loss(length, diameter, 1.5e-6, 3, q)
                        - Math.pow(q / 5e-5, 2),
                1e-8,
                4e-4);
        assertThat(solution.flow(hose) / flow).isCloseTo(1, within(1e-6));
        assertThat(solution.hasConverged()).isTrue();
    }

    @Test
    @DisplayName(
            "Torricelli: under 1 m of water a plain hole gives its coefficient, whatever lies a metre lower twice the square root")
    void aBarrelGivesByItsHeight() {
        Network.Builder builder = Network.builder();
        int barrel = builder.level(1);
        List<Integer> outlets = new ArrayList<>();
        for (double height : new double[] {0, -1, -3}) {
            int end = builder.junction(height);
            builder.pipe(barrel, end, 0.01, 0.2, 0, 0);
            outlets.add(builder.outlet(end, 1e-6, 0.5));
        }
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.flow(outlets.get(0))).isCloseTo(1e-6, within(1e-12));
        assertThat(solution.flow(outlets.get(1))).isCloseTo(Math.sqrt(2) * 1e-6, within(1e-12));
        assertThat(solution.flow(outlets.get(2))).isCloseTo(2e-6, within(1e-12));
    }

    @Test
    void anOutletAboveTheWaterGivesNothingAndSucksNothingIn() {
        Network.Builder builder = Network.builder();
        int barrel = builder.level(0.5);
        int high = builder.junction(0.8);
        int low = builder.junction(0);
        builder.pipe(barrel, high, 2, HOSE, 0, 0);
        builder.pipe(high, low, 2, HOSE, 0, 0);
        int above = builder.outlet(high, 1e-6, 0.5);
        int below = builder.outlet(low, 1e-6, 0.5);
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.flow(above)).isBetween(-1e-12, 0.0);
        assertThat(solution.flow(below)).isCloseTo(1e-6 * Math.sqrt(solution.pressure(low)), within(1e-11));
    }

    @Test
    void twoEqualHosesShareTheFlow() {
        Network.Builder builder = Network.builder();
        int barrel = builder.level(10);
        int end = builder.junction(0);
        int one = builder.pipe(barrel, end, 20, HOSE, 0, 0);
        int other = builder.pipe(barrel, end, 20, HOSE, 0, 0);
        int outlet = builder.outlet(end, 1e-4, 0.5);
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.flow(one)).isCloseTo(solution.flow(other), within(1e-15));
        assertThat(2 * solution.flow(one)).isCloseTo(solution.flow(outlet), within(1e-10));
    }

    @Test
    @DisplayName("a network of two loops: the flows that Hardy Cross' method balances [std: Cross 1936]")
    void twoLoopsBalance() {
        // 0 is fed; water leaves by compensating outlets, so that what leaves is known: 1, 2, 3 l/s/10.
        double[][] pipes = {{0, 1, 12}, {1, 2, 10}, {0, 3, 15}, {1, 4, 11}, {2, 5, 9}, {3, 4, 14}, {4, 5, 8}};
        double[] leaving = {0, 0.5e-4, 0.8e-4, 0.6e-4, 0.7e-4, 0.9e-4};
        Network.Builder builder = Network.builder();
        int barrel = builder.level(40);
        int[] nodes = IntStream.range(0, 6).map(i -> builder.junction(0)).toArray();
        builder.pipe(barrel, nodes[0], 0.01, 0.5, 0, 0);
        int[] links = new int[pipes.length];
        for (int i = 0; i < pipes.length; i++) {
            links[i] = builder.pipe(nodes[(int) pipes[i][0]], nodes[(int) pipes[i][1]], pipes[i][2], HOSE, 1e-5, 0);
        }
        for (int i = 1; i < 6; i++) {
            builder.compensatingOutlet(nodes[i], leaving[i], 1, 1e6);
        }
        NetworkSolution solution = NetworkSolution.of(builder.build());
        // First guess that is continuous: everything along 0-1-2-5 and 0-3-4.
        double[] flows = {2.2e-4, 1.7e-4, 1.3e-4, 0, 0.9e-4, 0.7e-4, 0};
        int[][] loops = {{0, 3, -5, -2}, {1, 4, -6, -3}};
        for (int round = 0; round < 5000; round++) {
            for (int[] loop : loops) {
                double head = 0;
                double slope = 0;
                for (int signed : loop) {
                    int pipe = Math.abs(signed);
                    double loss = flows[pipe] == 0 ? 0 : loss(pipes[pipe][2], HOSE, 1e-5, 0, Math.abs(flows[pipe]));
                    double direction = signed >= 0 ? 1 : -1;
                    head += direction * Math.signum(flows[pipe]) * loss;
                    slope += 2 * loss / Math.max(1e-7, Math.abs(flows[pipe]));
                }
                for (int signed : loop) {
                    flows[Math.abs(signed)] -= (signed >= 0 ? 1 : -1) * head / slope;
                }
            }
        }
        for (int i = 0; i < pipes.length; i++) {
            assertThat(solution.flow(links[i])).as("pipe %d", i).isCloseTo(flows[i], within(2e-7));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {5, 10, 20, 40})
    @DisplayName(
            "many equal outlets along a line lose F of what the whole flow would lose, F = 1/(m+1) + 1/(2N) + sqrt(m-1)/(6 N^2), m 1.75 of smooth pipes [std: Christiansen 1942]")
    void aLineOfOutletsLosesChristiansensShare(int outlets) {
        double each = 12e-4 / outlets;
        Network.Builder builder = Network.builder();
        int from = builder.level(100);
        int before = from;
        for (int i = 0; i < outlets; i++) {
            int next = builder.junction(0);
            builder.pipe(before, next, 40.0 / outlets, 0.025, 0, 0);
            builder.compensatingOutlet(next, each, 1, 1e9);
            before = next;
        }
        NetworkSolution solution = NetworkSolution.of(builder.build());
        double m = 1.75;
        double share = 1 / (m + 1) + 1.0 / (2 * outlets) + Math.sqrt(m - 1) / (6.0 * outlets * outlets);
        double whole = loss(40, 0.025, 0, 0, 12e-4);
        assertThat((100 - solution.head(before)) / whole).isCloseTo(share, within(0.02 * share));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.8, 1.2, 1.8})
    @DisplayName(
            "a smooth 4 in main loses what Hazen and Williams with C 150 say, within 5 per cent at 0.8 to 1.8 m/s [std: Hazen and Williams]")
    void mainsFollowHazenAndWilliams(double velocity) {
        double diameter = 0.1023;
        double flow = velocity * Math.PI * diameter * diameter / 4;
        double hazen = 10.67 * 30 * Math.pow(flow, 1.852) / (Math.pow(150, 1.852) * Math.pow(diameter, 4.8704));
        assertThat(new HeadLoss.Pipe(30, diameter, 1.5e-6, 0, Network.VISCOSITY).at(flow) / hazen)
                .isCloseTo(1, within(0.05));
    }

    @ParameterizedTest(name = "{0} m above, {1} m set: {2} m below")
    @CsvSource({"28, 17.2, 17.2", "17.3, 17.2, 17.2", "10, 17.2, 10"})
    void aReducerHoldsWhatIsSetAndLosesLittleBelowIt(double above, double set, double below) {
        Network.Builder builder = Network.builder();
        int source = builder.level(above);
        int inlet = builder.junction(0);
        int outlet = builder.junction(0);
        builder.pipe(source, inlet, 0.1, 0.05, 0, 0);
        int reducer = builder.reducer(inlet, outlet, set, 0.02, 4);
        int drip = builder.outlet(outlet, 1e-5, 0.5);
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.pressure(outlet)).isCloseTo(below, within(0.02));
        assertThat(solution.flow(reducer)).isCloseTo(solution.flow(drip), within(1e-9));
        assertThat(solution.hasConverged()).isTrue();
    }

    @Test
    void nothingFlowsBackThroughAReducer() {
        Network.Builder builder = Network.builder();
        int low = builder.junction(0);
        builder.pipe(builder.level(5), low, 1, HOSE, 0, 0);
        int high = builder.junction(0);
        int reducer = builder.reducer(low, high, 10, 0.02, 4);
        builder.pipe(builder.level(20), high, 1, HOSE, 0, 0);
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.flow(reducer)).isEqualTo(0);
        assertThat(solution.pressure(high)).isCloseTo(20, within(1e-6));
    }

    @Test
    void nothingFlowsBackThroughACheckValve() {
        Network.Builder builder = Network.builder();
        int low = builder.level(1);
        int high = builder.junction(0);
        int pipe = builder.oneWayPipe(low, high, 5, HOSE, 0, 0);
        builder.pipe(builder.level(4), high, 5, HOSE, 0, 0);
        builder.outlet(high, 1e-6, 0.5);
        assertThat(NetworkSolution.of(builder.build()).flow(pipe)).isBetween(-1e-11, 0.0);
    }

    @Test
    void compensatingOutletsGiveTheSameNearAndFar() {
        Network.Builder builder = Network.builder();
        int before = builder.level(25);
        List<Integer> outlets = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            int next = builder.junction(0);
            builder.pipe(before, next, 0.3, 0.0136, 0, 0);
            outlets.add(builder.compensatingOutlet(next, 2e-3 / 3600, 7, 40));
            before = next;
        }
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(outlets)
                .allSatisfy(outlet -> assertThat(solution.flow(outlet) / (2e-3 / 3600))
                        .isCloseTo(1, within(HeadLoss.Compensating.SPREAD)));
    }

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName(
            "in random networks with loops what flows in flows out, and every pipe loses the head between its ends")
    void whatFlowsInFlowsOut(long seed) {
        Random random = new Random(seed);
        Network.Builder builder = Network.builder();
        List<Integer> nodes = new ArrayList<>(List.of(builder.tap(0, 20 + random.nextInt(20), 4e-4)));
        List<int[]> pipes = new ArrayList<>();
        List<double[]> sizes = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            int node = builder.junction(random.nextDouble());
            int to = nodes.get(random.nextInt(nodes.size()));
            double[] size = {1 + 10 * random.nextDouble(), 0.012 + 0.01 * random.nextDouble()};
            pipes.add(new int[] {builder.pipe(to, node, size[0], size[1], 1e-5, 0.5), to, node});
            sizes.add(size);
            nodes.add(node);
        }
        for (int i = 0; i < random.nextInt(8); i++) {
            int from = nodes.get(random.nextInt(nodes.size()));
            int to = nodes.get(random.nextInt(nodes.size()));
            if (from != to) {
                double[] size = {5, HOSE};
                pipes.add(new int[] {builder.pipe(from, to, size[0], size[1], 1e-5, 0.5), from, to});
                sizes.add(size);
            }
        }
        double[] net = new double[nodes.size() * 4 + 10];
        List<int[]> outlets = new ArrayList<>();
        for (int node : nodes.subList(1, nodes.size())) {
            outlets.add(new int[] {
                builder.outlet(node, 1e-6 * (1 + random.nextInt(9)), 0.3 + 0.4 * random.nextDouble()), node
            });
        }
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.hasConverged()).isTrue();
        assertThat(solution.steps()).isLessThan(40);
        for (int i = 0; i < pipes.size(); i++) {
            int[] pipe = pipes.get(i);
            double flow = solution.flow(pipe[0]);
            net[pipe[1]] -= flow;
            net[pipe[2]] += flow;
            if (Math.abs(flow) > 1e-9) {
                double lost = Math.signum(flow) * loss(sizes.get(i)[0], sizes.get(i)[1], 1e-5, 0.5, Math.abs(flow));
                assertThat(solution.head(pipe[1]) - solution.head(pipe[2])).isCloseTo(lost, within(1e-5));
            }
        }
        outlets.forEach(outlet -> net[outlet[1]] -= solution.flow(outlet[0]));
        for (int node : nodes.subList(1, nodes.size())) {
            assertThat(net[node]).isCloseTo(0, within(1e-10));
        }
    }

    @Test
    void aPartWithoutASourceIsRefused() {
        Network.Builder builder = Network.builder();
        builder.tap(0, 30, 4e-4);
        int a = builder.junction(0);
        int b = builder.junction(0);
        builder.pipe(a, b, 1, HOSE, 0, 0);
        builder.pipe(b, a, 2, HOSE, 0, 0);
        assertThatThrownBy(builder::build).hasMessageContaining("no way to a source");
    }

    @Test
    void figuresThatMakeNoSenseAreRefusedWithWhatTheyAre() {
        Network.Builder builder = Network.builder();
        int a = builder.level(1);
        int b = builder.junction(0);
        assertThatThrownBy(() -> builder.pipe(a, b, 1, 0, 0, 0)).hasMessageContaining("diameter of a pipe is 0.0");
        assertThatThrownBy(() -> builder.pipe(a, b, Double.NaN, HOSE, 0, 0)).hasMessageContaining("length of a pipe");
        assertThatThrownBy(() -> builder.tap(0, 30, 0)).hasMessageContaining("flow of an open tap");
        assertThatThrownBy(() -> builder.junction(Double.POSITIVE_INFINITY)).hasMessageContaining("height");
        assertThatThrownBy(() -> builder.outlet(b, -1, 0.5)).hasMessageContaining("coefficient");
    }

    @Test
    void manyOutletsTakeNoMoreStepsThanFew() {
        assertThat(grid(3000).steps()).isLessThan(2 * grid(300).steps());
    }

    /** Dripline: so many outlets on ten lines from one header. */
    private static NetworkSolution grid(int outlets) {
        Network.Builder builder = Network.builder();
        int header = builder.tap(0, 28, 5e-4);
        for (int line = 0; line < 10; line++) {
            int before = header;
            for (int i = 0; i < outlets / 10; i++) {
                int next = builder.junction(0);
                builder.pipe(before, next, 0.3, 0.0136, 1.5e-6, 0);
                builder.outlet(next, 2e-3 / 3600 / Math.sqrt(10), 0.5);
                before = next;
            }
        }
        NetworkSolution solution = NetworkSolution.of(builder.build());
        assertThat(solution.hasConverged()).isTrue();
        return solution;
    }
}
