package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.pest;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.testing.Gardens;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;

class FenceLinesTest {

    private static final int SEASON = Gardens.SEASON;
    /** 3 ft. */
    private static final double WALK = 0.9144;

    private static Supplier<UUID> ids() {
        AtomicInteger next = new AtomicInteger();
        return () -> id("new " + next.incrementAndGet());
    }

    private static List<FenceProposals.FenceProposal> proposals(Plan plan) {
        return FenceProposals.of(plan, SEASON, List.of(), ids());
    }

    private static FenceProposals.FenceProposal round(Plan plan) {
        return proposals(plan).get(1);
    }

    static Stream<Long> seeds() {
        return IntStream.range(0, 40).mapToObj(i -> 13L * i + 1);
    }

    /**
     * The hull is walked round by gift wrapping; moved outwards by d with sharp corners its perimeter grows by 2 d
     * times the sum of the tangents of half its turns.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    @DisplayName("round the beds: the perimeter of the hull by gift wrapping, moved a walk outwards in closed form")
    void theHullOfTheBeds(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Bed[] beds = IntStream.range(0, random.nextInt(1, 7))
                .mapToObj(i -> bed(
                        "Bed " + i,
                        random.nextDouble(25, 75),
                        random.nextDouble(25, 75),
                        random.nextDouble(0.5, 5),
                        random.nextDouble(0.5, 2),
                        random.nextDouble(0, 90),
                        java.util.Optional.empty()))
                .toArray(Bed[]::new);
        Plan plan = plot(100, 100, List.of(), beds);
        List<Coordinate> hull = wrapped(plan.standing(SEASON));
        double longer = IntStream.range(0, hull.size())
                .mapToDouble(i -> Math.tan(turn(hull, i) / 2))
                .sum();
        double expected = perimeter(hull) + 2 * WALK * longer;
        FenceProposals.FenceProposal round = round(plan);
        assertThat(round.length().metres() + gateWidth(round)).isCloseTo(expected, within(0.02));
        assertThat(round.saved()).isEqualTo(proposals(plan).get(0).length().minus(round.length()));
    }

    private static double gateWidth(FenceProposals.FenceProposal round) {
        return Polygons.line(round.fence().places()).getLength()
                - round.length().metres();
    }

    private static double perimeter(List<Coordinate> hull) {
        return IntStream.range(0, hull.size())
                .mapToDouble(i -> hull.get(i).distance(hull.get((i + 1) % hull.size())))
                .sum();
    }

    private static double turn(List<Coordinate> hull, int i) {
        Coordinate before = hull.get((i + hull.size() - 1) % hull.size());
        Coordinate here = hull.get(i);
        Coordinate after = hull.get((i + 1) % hull.size());
        double turn = Math.atan2(after.y - here.y, after.x - here.x) - Math.atan2(here.y - before.y, here.x - before.x);
        return Math.abs(Math.IEEEremainder(turn, 2 * Math.PI));
    }

    private static List<Coordinate> wrapped(List<StandingBed> beds) {
        List<Coordinate> all = beds.stream()
                .flatMap(bed -> Arrays.stream(Polygons.of(bed.corners()).getCoordinates()))
                .toList();
        Coordinate first = all.stream()
                .min(Comparator.comparingDouble((Coordinate c) -> c.x).thenComparingDouble(c -> c.y))
                .orElseThrow();
        List<Coordinate> hull = new java.util.ArrayList<>();
        Coordinate at = first;
        do {
            hull.add(at);
            Coordinate from = at;
            Coordinate next = all.get(0).equals2D(from) ? all.get(1) : all.get(0);
            for (Coordinate each : all) {
                double side = (next.x - from.x) * (each.y - from.y) - (next.y - from.y) * (each.x - from.x);
                boolean further = Math.abs(side) < 1e-9 && each.distance(from) > next.distance(from);
                if (side < -1e-9 || further) {
                    next = each;
                }
            }
            at = next;
        } while (!at.equals2D(first, 1e-9));
        return hull;
    }

    @Test
    void alongThePlotTakesItsEdgeLessTheGates() {
        Plan plan = with(plot(20, 10, List.of(), bed("Beans", 10, 5, 2, 1)), Put.of(gate("Gate", 4, 0, 1.2)));
        FenceProposals.FenceProposal along = proposals(plan).get(0);
        assertThat(along.length()).isEqualTo(Length.metres(60 - 1.2));
        assertThat(along.saved()).isEqualTo(Length.ZERO);
        assertThat(plan.apply(along.change()).orThrow().waysIn()).hasSize(1);
    }

    @Test
    void aRingWithoutAWayInGetsAGateWideEnoughForTheBarrow() {
        Plan plan =
                with(plot(20, 10, List.of(), bed("Beans", 10, 5, 2, 1)), Put.of(Gardens.carrier("Cart", 1.3, true, 0)));
        for (FenceProposals.FenceProposal each : proposals(plan)) {
            Plan after = plan.apply(each.change()).orThrow();
            assertThat(after.waysIn())
                    .singleElement()
                    .satisfies(way -> assertThat(way.width()).isEqualTo(Length.metres(1.3)));
        }
    }

    @Test
    void theMakeThatIsProposedHoldsAgainstAllPests() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                Put.of(gate("Gate", 10, 0, 1.2)),
                Put.of(pest("Deer", PestKind.DEER, Pest.Pressing.HIGH)),
                Put.of(pest("Rabbits", PestKind.RABBITS, Pest.Pressing.LOW)));
        List<FenceProposals.FenceProposal> all = proposals(plan);
        assertThat(all).extracting(FenceProposals.FenceProposal::way).containsExactly(FenceProposals.Way.values());
        assertThat(all.get(0).holds()).containsExactlyInAnyOrder(id("Deer"), id("Rabbits"));
        assertThat(all.get(1).holds()).containsExactlyInAnyOrder(id("Deer"), id("Rabbits"));
        assertThat(all.get(2).holds()).containsExactlyInAnyOrder(id("Deer"), id("Rabbits"));
        assertThat(all.get(3).holds()).containsExactlyInAnyOrder(id("Deer"), id("Rabbits"));
        assertThat(all.get(4).holds()).containsExactly(id("Deer"));
        assertThat(all.get(4).fence().lifetime().until()).contains(SEASON + 1);
        for (FenceProposals.FenceProposal each : all.subList(0, 4)) {
            Plan after = plan.apply(each.change()).orThrow();
            assertThat(Appraisal.of(after, SEASON).snags()).noneMatch(snag -> snag.rule() instanceof FenceRule);
        }
    }

    @Test
    @DisplayName("two low rings 4 1/2 ft apart: the inner is 8 times as much shorter, with a gate behind each way in")
    void twoRings() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                Put.of(gate("Gate", 10, 0, 1.2)),
                Put.of(pest("Deer", PestKind.DEER, Pest.Pressing.HIGH)));
        FenceProposals.FenceProposal two = proposals(plan).get(2);
        assertThat(two.way()).isEqualTo(FenceProposals.Way.TWO_RINGS);
        assertThat(two.length().metres()).isCloseTo(80 + (80 - 8 * 4.5 * 0.3048) - 2 * 1.2, within(1e-4));
        Plan after = plan.apply(two.change()).orThrow();
        assertThat(after.waysIn()).hasSize(2).allMatch(way -> way.width().equals(Length.metres(1.2)));
        assertThat(after.list(FenceKinds.FENCES))
                .allMatch(fence -> fence.height().equals(Length.metres(1.2)));
        // Where a bed stands in the line of the inner one there is no such proposal.
        Plan blocked = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1), bed("Kale", 10, 18.6, 2, 1)),
                Put.of(gate("Gate", 10, 0, 1.2)),
                Put.of(pest("Deer", PestKind.DEER, Pest.Pressing.HIGH)));
        assertThat(proposals(blocked)).noneMatch(each -> each.way() == FenceProposals.Way.TWO_RINGS);
    }

    @Test
    void theRingGoesRoundAHouseInItsLine() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                Put.of(feature("House", FeatureKind.HOUSE, 0, 0, 11, 10.8, 16, 10.8, 16, 16, 11, 16)));
        assertThat(Polygons.line(round(plan).fence().places())
                        .distance(Polygons.of(plan.features().get(0).places())))
                .isCloseTo(0.05, within(0.011));
    }

    @Test
    void whatNoFenceHoldsIsRefusedWithTheReason() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                Put.of(pest("Deer", PestKind.DEER, Pest.Pressing.HIGH)),
                Put.of(Gardens.postGround("Winter", 1.9, 0)));
        assertThatThrownBy(() -> proposals(plan))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no fence");
    }

    @Test
    void otherMakesOfAFenceSayWhatEachHolds() {
        Plan plan = with(
                plot(20, 20, List.of(), bed("Beans", 10, 10, 2, 1)),
                Put.of(gate("Gate", 10, 0, 1.2)),
                Put.of(pest("Rabbits", PestKind.RABBITS, Pest.Pressing.LOW)),
                Put.of(Gardens.fence("Edge", FenceKind.WELDED_MESH, 1.2, 0, 0, 20, 0, 20, 20, 0, 20, 0, 0)));
        List<FenceProposals.FenceMake> makes = FenceProposals.makes(plan, SEASON, id("Edge"));
        assertThat(makes.get(0).holds()).isEmpty();
        assertThat(makes.stream().filter(make -> make.fence().kind() != FenceKind.WELDED_MESH))
                .hasSize(6)
                .allMatch(make -> make.holds().equals(List.of(id("Rabbits"))));
        assertThat(makes.stream().map(make -> make.fence().posts()).distinct()).hasSize(3);
    }
}
