package fairacre.fence;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.pest;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.build.Board;
import fairacre.build.Frame;
import fairacre.cost.CostStudy;
import fairacre.cost.KnownCuts;
import fairacre.cost.PricedFence;
import fairacre.fence.FenceFlaw.Reason;
import fairacre.fence.FenceProposals.FenceProposal;
import fairacre.fence.FenceProposals.Way;
import fairacre.judging.Snag;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.shape.Memo;
import fairacre.takeoff.Job;
import fairacre.takeoff.Takeoff;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

class EdgeBedsTest {

    private static final int SEASON = Gardens.SEASON;
    private static final Length HAIR = new Length(1);
    private static final double WALK = 0.9144;
    private static final Change IN_FEET = new Change.DescribeGarden("Test garden", Units.FEET_AND_INCHES);
    private static final Change RABBITS = Put.of(pest("Rabbits", PestKind.RABBITS, Pest.Pressing.LOW));
    private static final Change DEER = Put.of(pest("Deer", PestKind.DEER, Pest.Pressing.HIGH));

    private static Optional<FenceProposal> edge(Plan plan) {
        AtomicInteger next = new AtomicInteger();
        return FenceProposals.of(plan, SEASON, List.of(), () -> id("new " + next.incrementAndGet())).stream()
                .filter(proposal -> proposal.way() == Way.EDGE_BEDS)
                .findFirst();
    }

    private static List<StandingBed> added(Plan before, Plan after) {
        return after.standing(SEASON).stream()
                .filter(bed -> before.beds().stream().noneMatch(old -> old.id().equals(bed.id())))
                .toList();
    }

    private static double area(List<StandingBed> beds) {
        return beds.stream()
                .mapToDouble(bed -> Polygons.of(bed.corners()).getArea())
                .sum();
    }

    private static List<Reason> flaws(Plan plan, String pest) {
        return FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none()).pests().stream()
                .filter(row -> row.pest().equals(id(pest)))
                .flatMap(row -> row.holes().stream())
                .flatMap(hole -> hole.flaws().stream())
                .map(FenceFlaw::reason)
                .distinct()
                .toList();
    }

    private static List<Point> corners(double turn, double... places) {
        AffineTransformation turned = AffineTransformation.rotationInstance(Math.toRadians(turn), 10, 10);
        return Stream.iterate(0, i -> i + 2)
                .limit(places.length / 2)
                .map(i -> turned.transform(new Coordinate(places[i], places[i + 1]), new Coordinate()))
                .map(corner -> Point.metres(corner.x, corner.y))
                .toList();
    }

    static Stream<List<Point>> plots() {
        return Stream.of(
                corners(0, 0, 0, 20, 0, 20, 20, 0, 20),
                corners(17, 0, 0, 20, 0, 20, 20, 0, 20),
                corners(211, 0, 0, 20, 0, 20, 20, 0, 20),
                // Corners that are not quite square, a plot drawn the other way round, and one with a corner inwards.
                corners(0, 0, 0, 20.3, 0.2, 19.6, 20.4, -0.4, 19),
                corners(8, -0.4, 19, 19.6, 20.4, 20.3, 0.2, 0, 0),
                corners(0, 0, 0, 20, 0, 20, 12, 14, 12, 14, 20, 0, 20));
    }

    private static Plan plan(List<Point> corners, List<Gardener> gardeners) {
        Point from = corners.get(0);
        Point to = corners.get(1);
        double x = (from.x().metres() + to.x().metres()) / 2;
        double y = (from.y().metres() + to.y().metres()) / 2;
        return with(on(corners, gardeners, bed("Beans", 8, 8, 2, 1)), RABBITS, DEER, Put.of(gate("Gate", x, y, 1.6)));
    }

    @ParameterizedTest
    @MethodSource("plots")
    @DisplayName("beds and mouth of the gate are the strip between the edge and JTS's mitred inset of it")
    void theBedsFillTheStrip(List<Point> corners) {
        Plan plan = plan(corners, List.of());
        List<StandingBed> beds =
                added(plan, plan.apply(edge(plan).orElseThrow().change()).orThrow());
        double strip = Polygons.of(corners).getArea() - inset(corners, 0.6);
        assertThat(area(beds)).isCloseTo(strip - 1.6 * 0.6, within(0.005));
    }

    @ParameterizedTest
    @MethodSource("plots")
    void theyHoldAndBringNoFlaw(List<Point> corners) {
        Plan plan = plan(corners, List.of(gardener("Ada", 0.6, 0.6), gardener("Ben", 0.9, 0.9)));
        FenceProposal edge = edge(plan).orElseThrow();
        assertThat(edge.holds()).containsExactlyInAnyOrder(id("Deer"), id("Rabbits"));
        // Nothing overlaps, leaves the plot, is out of reach or in the way.
        List<Snag> before = Appraisal.of(plan, SEASON).snags();
        Plan after = plan.apply(edge.change()).orThrow();
        assertThat(Appraisal.of(after, SEASON).snags().stream()
                        .filter(snag -> before.stream().noneMatch(old -> isSame(old, snag)))
                        .map(Snag::words))
                .isEmpty();
    }

    private static boolean isSame(Snag one, Snag other) {
        return one.rule() == other.rule() && one.beds().equals(other.beds());
    }

    private static double inset(List<Point> corners, double by) {
        BufferParameters mitred = new BufferParameters();
        mitred.setJoinStyle(BufferParameters.JOIN_MITRE);
        return BufferOp.bufferOp(Polygons.of(corners), -by, mitred).getArea();
    }

    @Test
    @DisplayName("40 x 60 ft in feet: 2 ft deep, a board 7 1/4 in high, 8 ft of fence above its soil, by hand")
    void inFeet() {
        Plan plan = with(
                on(corners(0, 0, 0, 18.288, 0, 18.288, 12.192, 0, 12.192), List.of()),
                IN_FEET,
                RABBITS,
                DEER,
                Put.of(gate("Gate", 9, 0, 1.2192)));
        FenceProposal edge = edge(plan).orElseThrow();
        List<StandingBed> beds = added(plan, plan.apply(edge.change()).orThrow());
        double foot = 0.3048;
        assertThat(area(beds)).isCloseTo((60 * 40 - 56 * 36 - 4 * 2) * foot * foot, within(0.001));
        assertThat(beds).allMatch(bed -> bed.revision().height().equals(Length.inches(7.25)));
        assertThat(edge.fence().height()).isEqualTo(Length.inches(96 + 7.25));
        double off = 1.5 * 0.0254 + 0.05;
        assertThat(edge.length().metres()).isCloseTo(2 * (18.288 + 12.192) - 8 * off - 1.2192, within(1e-4));
    }

    @Test
    void nothingDigsSoNothingIsProposed() {
        assertThat(edge(with(Gardens.plot(20, 20, List.of()), DEER, Put.of(gate("Gate", 10, 0, 1.2)))))
                .isEmpty();
    }

    /** Half the turn of a corner that is cut off from a square one. */
    private static final double TAN = Math.tan(Math.PI / 8);

    @Test
    @DisplayName(
            "into a cut corner one reaches 50 cm with 60 cm of arm and width, by hand: 0.5² + (0.8 tan 22.5°)² < 0.6²")
    void asDeepAsEverybodyReaches() {
        Plan plan =
                with(Gardens.plot(20, 20, List.of(gardener("Ada", 0.6, 0.6))), RABBITS, Put.of(gate("Gate", 10, 0, 1)));
        FenceProposal edge = edge(plan).orElseThrow();
        List<StandingBed> beds = added(plan, plan.apply(edge.change()).orThrow());
        // Of each corner so much is cut off that the new side is 3 ft wide on the inside.
        double leg = (2 * 0.5 * TAN + WALK) / Math.sqrt(2);
        double round = 80 + 4 * leg * (Math.sqrt(2) - 2);
        assertThat(area(beds)).isCloseTo(round * 0.5 - 8 * TAN * 0.25 - 0.5, within(0.002));
        Plan shorter = with(
                Gardens.plot(20, 20, List.of(gardener("Ada", 0.38, 0.6))), RABBITS, Put.of(gate("Gate", 10, 0, 1)));
        assertThat(edge(shorter)).isEmpty();
    }

    @Test
    void aWayInThatTheFenceWouldCloseIsRespected() {
        Plan plan = with(
                Gardens.plot(20, 20, List.of(gardener("Ada", 0.6, 0.6))), RABBITS, Put.of(gate("Gate", 0.51, 0, 1)));
        assertThat(edge(plan)).isEmpty();
    }

    @Test
    void whereNoWalkIsLeftBesideABedThereIsNone() {
        double free = 0.6 + WALK;
        assertThat(edge(beside(free))).isPresent();
        assertThat(edge(beside(free - 0.001))).isEmpty();
    }

    private static Plan beside(double x) {
        return with(
                Gardens.plot(20, 20, List.of(), bed("Beans", x + 1, 10, 2, 1)),
                RABBITS,
                Put.of(gate("Gate", 10, 0, 1)));
    }

    private static final Length SIX = Length.millimetres(150);

    /** A fence 9 cm within four beds of 20 m round a square, each of one board. */
    private static Plan bedded(Length mesh, Length height, Length board, String... gone) {
        Optional<Frame> frame = Optional.of(
                Gardens.cedar(Board.own("board", Length.millimetres(38), board, List.of(Length.metres(4))), 1));
        Plan plan = with(
                Gardens.plot(
                        40,
                        40,
                        List.of(),
                        bed("Beans", 20, 20, 2, 1),
                        edgeBed("South", 20, 10.31, 20.18, 0.8, frame),
                        edgeBed("North", 20, 29.69, 20.18, 0.8, frame),
                        edgeBed("West", 10.31, 20, 0.8, 18.58, frame),
                        edgeBed("East", 29.69, 20, 0.8, 18.58, frame)),
                RABBITS,
                Put.of(Gardens.fence("Ring", FenceKind.WELDED_MESH, 1, 10, 10, 30, 10, 30, 30, 10, 30, 10, 10)
                        .high(height)
                        .on(new FenceFoot(
                                FenceFoot.Way.BED, Optional.of(FenceFoot.Mesh.NETTING), Length.metres(0.6), mesh))));
        for (String bed : gone) {
            plan = with(plan, new Change.RemoveBed(id(bed)));
        }
        return plan;
    }

    private static Bed edgeBed(String name, double x, double y, double length, double width, Optional<Frame> frame) {
        return Bed.of(id(name), name, new BedRevision(SEASON, Gardens.rectangle(x, y, length, width, 0), frame));
    }

    @Test
    @DisplayName(
            "against rabbits mesh and boards reach 15 cm down and the fence 60 cm above the soil (common practice)")
    void atTheLimits() {
        Length high = Length.metres(0.75);
        assertThat(flaws(bedded(SIX, high, SIX), "Rabbits")).isEmpty();
        assertThat(flaws(bedded(SIX, high, SIX.minus(HAIR)), "Rabbits")).containsExactly(Reason.FOOT_TOO_SHORT);
        assertThat(flaws(bedded(SIX.minus(HAIR), high, SIX), "Rabbits")).containsExactly(Reason.FOOT_TOO_SHORT);
        assertThat(flaws(bedded(SIX, high.minus(HAIR), SIX), "Rabbits")).containsExactly(Reason.TOO_LOW);
        assertThat(flaws(bedded(SIX, high, SIX, "East"), "Rabbits")).containsExactly(Reason.OUT_OF_BEDS);
    }

    @Test
    void bedsThatAreTooLowAreBuiltHigherAndTheFenceWithThem() {
        Plan plan = bedded(SIX, Length.metres(0.75), SIX.minus(HAIR));
        Snag snag = Appraisal.of(plan, SEASON).snags().stream()
                .filter(each -> each.rule() == FenceRule.FENCE_FOOT_OPEN)
                .findFirst()
                .orElseThrow();
        assertThat(snag.remedies().get(0).words()).startsWith("Build ");
        Plan cured = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(flaws(cured, "Rabbits")).isEmpty();
        assertThat(cured.standing(SEASON).stream().filter(bed -> bed.frame().isPresent()))
                .allMatch(bed -> bed.frame().orElseThrow().courses() == 2);
    }

    @Test
    void aBedMayStandUnderAFenceOnlyIfTheFenceIsToStandInIt() {
        Plan plan = bedded(SIX, Length.metres(0.75), SIX);
        assertThat(snags(plan)).doesNotContain("BED_ON_FEATURE", "POST_BLOCKED");
        Fence ring = plan.list(FenceKinds.FENCES).get(0);
        FenceFoot dug = FenceFoot.buried(FenceFoot.Mesh.NETTING, Length.metres(0.6), SIX);
        assertThat(snags(with(plan, Put.of(ring.on(dug))))).contains("BED_ON_FEATURE", "POST_BLOCKED");
    }

    private static List<String> snags(Plan plan) {
        return Appraisal.of(plan, SEASON).snags().stream()
                .map(snag -> snag.rule().name())
                .toList();
    }

    @Test
    @DisplayName("mesh that is let into soil takes neither pegs nor a trench: 4 minutes a metre (a rough guess)")
    void whatStandsInBedsTakesNoTrenchAndNoPegs() {
        Plan plan = bedded(SIX, Length.metres(0.75), SIX);
        FenceTold told = FenceStudy.of(plan, SEASON, plan.standing(SEASON), Memo.none())
                .fences()
                .get(0);
        assertThat(told.soil()).contains(SIX);
        assertThat(told.steps()).anyMatch(step -> step.words().contains("before the beds are filled"));
        Takeoff takeoff = Takeoff.of(plan, Memo.none());
        assertThat(Job.bySeason(takeoff.jobs()).get(SEASON))
                .containsEntry(FenceRates.IN_BED, 80.0)
                .doesNotContainKeys(FenceRates.BURYING, FenceRates.APRON);
        assertThat(takeoff.sold()).noneMatch(sold -> sold.line().item().equals(FencePrices.PEG));
    }

    @Test
    @DisplayName("the price of a fence in edge beds is what the whole bill grows by, boards and soil too")
    void theBedsArePartOfThePrice() {
        Plan plan = with(Gardens.plot(20, 20, List.of()), RABBITS, Put.of(gate("Gate", 10, 0, 1)));
        PricedFence edge = PricedFence.proposals(plan, SEASON, List.of(), UUID::randomUUID).stream()
                .filter(priced -> priced.proposal().way() == Way.EDGE_BEDS)
                .findFirst()
                .orElseThrow();
        Plan after = plan.apply(edge.proposal().change()).orThrow();
        Money grown = total(after).minus(total(plan));
        assertThat(edge.cost().cost()).contains(grown);
        assertThat(grown).isGreaterThan(fence(after));
        assertThat(edge.cost().aYear()).isEmpty();
        assertThat(edge.cost().hours()).isGreaterThan(0);
    }

    private static Money total(Plan plan) {
        return sum(plan, line -> true);
    }

    private static Money fence(Plan plan) {
        return sum(plan, line -> line.part() == BillPart.FENCE);
    }

    private static Money sum(Plan plan, Predicate<BillLine> which) {
        return CostStudy.of(plan, Memo.none()).bill(KnownCuts.NONE).lines().stream()
                .filter(which)
                .map(line -> line.amount().orElseThrow())
                .reduce(Money.zero(plan.currency()), Money::plus);
    }
}
