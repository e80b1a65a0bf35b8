package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.built;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.leaning;
import static fairacre.testing.Gardens.on;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

class CarrierStudyTest {

    private static final Carrier BARROW = carrier("Barrow", 1, true, 0);
    private static final Carrier CHAIR = carrier("Chair", 0.9144, true, 1.524);

    private static CarrierGround ground(Plan plan, Carrier carrier) {
        List<StandingBed> standing = plan.standing(SEASON);
        return CarrierStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing)
                .judge(carrier);
    }

    @Nested
    class Ground {

        @Test
        @DisplayName("Opening of a square of side s by a disk of radius r: s^2 - (4 - pi) r^2 [closed form]")
        void anEmptySquareIsUsableButForItsCorners() {
            CarrierGround ground = ground(plot(5, 5, List.of()), BARROW);
            assertThat(ground.area().squareMetres()).isCloseTo(25 - (4 - Math.PI) * 0.25, within(0.01));
        }

        @Test
        void whatLiesBehindATooNarrowWalkIsCutOff() {
            Plan plan = with(
                    plot(10, 4, List.of(), bed("Across", 5, 1.6, 1, 3.2), bed("Behind", 8, 2, 1, 1)),
                    Put.of(gate("Gate", 0, 2, 1.2)));
            CarrierGround ground = ground(plan, BARROW);
            assertThat(ground.alongside()).containsExactly(id("Across"));
            assertThat(ground.shutOut()).containsExactly(id("Behind"));
            assertThat(ground.area().squareMetres()).isBetween(4.5 * 4 - (4 - Math.PI) * 0.25, 4.5 * 4.0);
            assertThat(ground.pinches())
                    .anySatisfy(p -> assertThat(p.width().metres()).isCloseTo(0.8, within(1e-6)));
        }

        @Test
        void aGateTooNarrowLetsNobodyIn() {
            Plan plan = with(plot(5, 5, List.of(), bed("Beans", 2, 2, 1, 1)), Put.of(gate("Gate", 0, 2, 0.9)));
            assertThat(ground(plan, BARROW).ground()).isEmpty();
            assertThat(ground(plan, carrier("Foot", 0.5, false, 0)).alongside()).hasSize(1);
        }

        @Test
        void aBedBehindTheGateBlocksIt() {
            Plan plan = with(plot(5, 5, List.of(), bed("Beans", 0.9, 2, 1.2, 3)), Put.of(gate("Gate", 0, 2, 1.2)));
            assertThat(ground(plan, BARROW).ground()).isEmpty();
        }

        @Test
        void stepsStopWheelsAndNotFeet() {
            Plan plan = with(
                    plot(10, 3, List.of(), bed("Beans", 8, 1.5, 1, 1)),
                    Put.of(gate("Gate", 0, 1.5, 1.5)),
                    Put.of(feature("Steps", FeatureKind.STEPS, 0, 0, 4, 0, 5, 0, 5, 3, 4, 3)));
            assertThat(ground(plan, BARROW).shutOut()).hasSize(1);
            assertThat(ground(plan, carrier("Foot", 1, false, 0)).alongside()).hasSize(1);
        }

        @Test
        void aFenceWithAGapLetsThroughWhatFitsTheGap() {
            Change fence = Put.of(feature("Fence", FeatureKind.FENCE, 0.1, 0, 5, 0, 5, 3.05));
            Plan plan = with(plot(10, 4, List.of(), bed("Beans", 8, 2, 1, 1)), Put.of(gate("Gate", 0, 2, 1.5)), fence);
            assertThat(ground(plan, carrier("Slim", 0.9, true, 0)).alongside()).hasSize(1);
            assertThat(ground(plan, BARROW).shutOut()).hasSize(1);
        }

        @Test
        void severalPiecesOfGroundHaveTheirOwnWaysIn() {
            var site = new fairacre.plan.Site(
                    fairacre.plan.Site.rectangle(4, 4),
                    List.of(List.of(
                            Point.metres(10, 0), Point.metres(14, 0), Point.metres(14, 4), Point.metres(10, 4))),
                    0,
                    50,
                    Optional.empty(),
                    false,
                    List.of(),
                    fairacre.plan.SoilNotes.NOTHING_KNOWN);
            Plan plan = with(
                    plot(4, 4, List.of(), bed("Here", 2, 2, 1, 1), bed("There", 12, 2, 1, 1)),
                    new Change.SetSite(site),
                    Put.of(gate("Gate", 2, 0, 0.6)));
            assertThat(ground(plan, BARROW).alongside()).containsExactly(id("There"));
        }
    }

    @Nested
    class LeaningOut {

        @Test
        @DisplayName(
                "A square of side a whose crops lean out by l takes a^2 + 4 a l + pi l^2 of the ground [closed form]")
        void cropsTakeAStripRoundTheirBed() {
            Plan plan = plot(6, 6, List.of(), built("Squash", rectangle(3, 3, 1, 1, 0), leaning(0.4)));
            assertThat(ground(plan, BARROW).area().squareMetres())
                    .isCloseTo(36 - (4 - Math.PI) * 0.25 - (1 + 4 * 0.4 + Math.PI * 0.16), within(0.035));
        }

        @Test
        void aWalkShrinksByWhatLeansOutFromEitherSide() {
            Plan plan = with(
                    plot(
                            10,
                            4,
                            List.of(),
                            built("Left", rectangle(3, 0.9, 2, 1.7, 0), leaning(0.2)),
                            built("Right", rectangle(3, 3.1, 2, 1.7, 0), leaning(0.15))),
                    Put.of(gate("Gate", 0, 2, 1.2)));
            List<StandingBed> standing = plan.standing(SEASON);
            WalkStudy walks = WalkStudy.of(plan.setting(SEASON), standing);
            assertThat(walks.pinches(Length.millimetres(150))).isEmpty();
            assertThat(walks.pinches(Length.metres(0.4))).anySatisfy(pinch -> {
                assertThat(pinch.width().metres()).isCloseTo(0.5 - 0.35, within(1e-6));
                assertThat(pinch.lean().metres()).isCloseTo(0.35, within(1e-6));
            });
        }
    }

    @Nested
    class InATee {

        private static Plan tee(double arms, double base) {
            double w = 0.9144;
            double side = (arms - w) / 2;
            List<Point> corners = List.of(
                    Point.metres(side, 0),
                    Point.metres(side + w, 0),
                    Point.metres(side + w, base),
                    Point.metres(arms, base),
                    Point.metres(arms, base + w),
                    Point.metres(0, base + w),
                    Point.metres(0, base),
                    Point.metres(side, base));
            return with(on(corners, List.of()), Put.of(gate("Gate", arms / 2, 0, 0.92)));
        }

        @Test
        @DisplayName(
                "A T of 36 in arms and base within 60 in: 12 in beside the base, a base of 24 in [2010 ADA Standards 304.3.2]")
        void theTeeOfTheStandardIsJustEnough() {
            CarrierGround just = ground(tee(1.524, 0.6096), CHAIR);
            assertThat(just.turning()).isEmpty();
            assertThat(just.tees()).hasSize(1);
            assertThat(just.deadEnds()).isEmpty();
            assertThat(ground(tee(1.50, 0.6096), CHAIR).tees()).isEmpty();
            assertThat(ground(tee(1.524, 0.59), CHAIR).tees()).isEmpty();
        }

        @ParameterizedTest(name = "random plot {0} [trying places and turns one by one]")
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
        void aTeeIsFoundWhereTryingFindsOneAndLiesOnFreeGround(long seed) {
            Random random = new Random(seed);
            Plan plan = with(
                    plot(
                            5,
                            4,
                            List.of(),
                            bed("A", 1.2 + random.nextDouble(), 1, 1.4, 0.9),
                            bed("B", 3 + random.nextDouble(), 2 + random.nextDouble(), 1, 1.2),
                            bed("C", 1 + random.nextDouble(), 3.2, 1.1, 0.7)),
                    Put.of(gate("Gate", 0, 2, 1)));
            Geometry free = plan.site().ground();
            for (StandingBed bed : plan.standing(SEASON)) {
                free = free.difference(Polygons.of(bed.corners()));
            }
            CarrierGround ground = ground(plan, CHAIR);
            for (Tee tee : ground.tees()) {
                assertThat(free.buffer(0.002).covers(Polygons.of(tee.outline())))
                        .isTrue();
            }
            boolean turns = !ground.tees().isEmpty() || !ground.turning().isEmpty();
            assertThat(turns || !tried(free, ground)).isTrue();
        }

        /** Whether a T a little larger fits somewhere on the carrier's ground, along or across the plot. */
        private static boolean tried(Geometry free, CarrierGround ground) {
            PreparedGeometry prepared = PreparedGeometryFactory.prepare(free);
            for (double x = 0; x <= 5; x += 0.05) {
                for (double y = 0; y <= 4; y += 0.05) {
                    for (int quarter = 0; quarter < 4; quarter++) {
                        if (prepared.covers(teeAt(x, y, quarter)) && comesTo(ground, x, y)) {
                            return true;
                        }
                    }
                }
            }
            return false;
        }

        private static Geometry teeAt(double x, double y, int quarter) {
            double w = 0.93 / 2;
            double s = 1.54;
            Geometry tee = Polygons.of(List.of(
                    Point.metres(-w, w - s),
                    Point.metres(w, w - s),
                    Point.metres(w, -w),
                    Point.metres(s / 2, -w),
                    Point.metres(s / 2, w),
                    Point.metres(-s / 2, w),
                    Point.metres(-s / 2, -w),
                    Point.metres(-w, -w)));
            return AffineTransformation.rotationInstance(quarter * Math.PI / 2)
                    .translate(x, y)
                    .transform(tee);
        }

        private static boolean comesTo(CarrierGround ground, double x, double y) {
            Geometry place = Polygons.line(List.of(Point.metres(x, y)));
            return ground.ground().stream()
                    .anyMatch(patch -> Polygons.of(patch.outer()).covers(place)
                            && patch.holes().stream()
                                    .noneMatch(hole -> Polygons.of(hole).covers(place)));
        }
    }

    @Nested
    class Passing {

        @Test
        @DisplayName("60 in let two chairs pass [2010 ADA Standards 403.5.3]")
        void aWideMiddlePartsALongWalkInTwo() {
            List<Point> corners = List.of(
                    Point.metres(0, 0),
                    Point.metres(20, 0),
                    Point.metres(20, -0.4),
                    Point.metres(23, -0.4),
                    Point.metres(23, 0),
                    Point.metres(40, 0),
                    Point.metres(40, 1.2),
                    Point.metres(0, 1.2));
            CarrierGround ground = ground(with(on(corners, List.of()), Put.of(gate("Gate", 0, 0.6, 1.1))), CHAIR);
            assertThat(ground.passing()).hasSize(1);
            assertThat(ground.unpassable().metres()).isCloseTo(20, within(1.2));
            Plan straight = with(plot(40, 1.2, List.of()), Put.of(gate("Gate", 0, 0.6, 1.1)));
            assertThat(ground(straight, CHAIR).unpassable().metres()).isCloseTo(40, within(1.0));
            Plan round =
                    with(plot(20, 10, List.of(), bed("Island", 10, 5, 17.6, 7.6)), Put.of(gate("Gate", 0, 5, 1.1)));
            assertThat(ground(round, CHAIR).unpassable().metres()).isCloseTo(2 * (18.8 + 8.8) / 2, within(0.8));
            assertThat(ground(plot(5, 5, List.of()), CHAIR).unpassable().metres())
                    .isLessThan(0.5);
        }
    }

    @Nested
    class Turning {

        @Test
        @DisplayName("A circle of 60 in is free exactly if the room is 60 in wide [2010 ADA Standards 304.3.1]")
        void aRoomAsWideAsTheCircleLetsItTurn() {
            Plan just = with(plot(4, 1.524, List.of()), Put.of(gate("Gate", 0, 0.76, 1)));
            Plan short2 = with(plot(4, 1.50, List.of()), Put.of(gate("Gate", 0, 0.76, 1)));
            assertThat(ground(just, CHAIR).turning()).isNotEmpty();
            assertThat(ground(short2, CHAIR).turning()).isEmpty();
        }

        @Test
        void aWalkBetweenTwoBedsThatEndsAtTheWallIsADeadEnd() {
            Plan plan = with(
                    plot(6, 4, List.of(), bed("Low", 3, 0.9, 4, 1.2), bed("High", 3, 3.1, 4, 1.2)),
                    Put.of(gate("Gate", 0, 2, 1.2)),
                    Put.of(feature("Wall", FeatureKind.WALL, 0.2, 0, 5, 0, 5, 4)));
            CarrierGround ground = ground(plan, CHAIR);
            assertThat(ground.deadEnds()).isNotEmpty();
            assertThat(ground.deadEnds().get(0).back().metres()).isGreaterThan(3);
        }

        @Test
        void aWalkThatLeadsRoundIsNone() {
            Plan plan = with(plot(9, 9, List.of(), bed("Island", 4.5, 4.5, 3, 3)), Put.of(gate("Gate", 0, 4.5, 1.2)));
            assertThat(ground(plan, CHAIR).deadEnds()).isEmpty();
        }

        @Test
        void whatTurnsOnTheSpotHasNoDeadEnds() {
            Plan plan = with(plot(6, 1.2, List.of()), Put.of(gate("Gate", 0, 0.6, 1.1)));
            assertThat(ground(plan, BARROW).deadEnds()).isEmpty();
            assertThat(ground(plan, CHAIR).deadEnds()).hasSize(1);
        }
    }

    @Nested
    class Routes {

        private static List<Route> routes(Plan plan, Carrier carrier, double x, double y) {
            List<StandingBed> standing = plan.standing(SEASON);
            return RouteStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing, carrier)
                    .from(Point.metres(x, y));
        }

        @Test
        @DisplayName("Nothing in between: the straight line [closed form]")
        void overOpenGroundTheWayIsStraight() {
            List<Route> routes =
                    routes(plot(10, 10, List.of(), bed("Beans", 7, 5, 2, 2)), carrier("Foot", 0.6, false, 0), 2, 5);
            assertThat(routes.get(0).length().metres()).isCloseTo(4 - 0.3, within(0.01));
        }

        @Test
        @DisplayName("Round a box: two tangents and two quarter turns at most [taut string, closed form]")
        void roundAnObstacleTheWayIsATautString() {
            double r = 0.3;
            Plan plan = with(
                    plot(12, 10, List.of(), bed("Beans", 10, 5, 1, 0.2)),
                    Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 4, 3, 6, 3, 6, 7, 4, 7)));
            double half = 2;
            // From (1, 5) tangent to the arc round (4, 7), along the top, round (6, 7), and down to the bed's left end
            // at (9.2, 5).
            double firstLeg = tangent(3, half, r);
            double lastLeg = tangent(3.2, half, r);
            double turns = r * (turn(3, half, r) + turn(3.2, half, r));
            List<Route> routes = routes(plan, carrier("Foot", 2 * r, false, 0), 1, 5);
            Route beans = routes.stream()
                    .filter(route -> route.bed().equals(id("Beans")))
                    .findFirst()
                    .orElseThrow();
            assertThat(beans.length().metres()).isCloseTo(firstLeg + 2 + lastLeg + turns, within(0.12));
            assertThat(beans.length().metres()).isGreaterThan(Math.hypot(3, 2) + 2 + Math.hypot(3, 2) - 0.4);
        }

        /** Length of the tangent from a place to a circle of radius r whose centre lies (dx, dy) off. */
        private static double tangent(double dx, double dy, double r) {
            return Math.sqrt(dx * dx + dy * dy - r * r);
        }

        /** Turn of the string round the circle until it runs along x. */
        private static double turn(double dx, double dy, double r) {
            return Math.atan2(dy, dx) + Math.asin(r / Math.hypot(dx, dy));
        }

        @Test
        void whatCantBeComeToHasNoRoute() {
            Plan plan = with(
                    plot(10, 4, List.of(), bed("Across", 5, 1.6, 1, 3.2), bed("Behind", 8, 2, 1, 1)),
                    Put.of(gate("Gate", 0, 2, 1.2)));
            assertThat(routes(plan, BARROW, 1, 1)).extracting(Route::bed).containsExactly(id("Across"));
            assertThat(routes(plan, BARROW, 8, 30)).isEmpty();
        }
    }
}
