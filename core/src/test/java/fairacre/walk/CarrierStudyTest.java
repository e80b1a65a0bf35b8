package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.carrier;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.gate;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.plan.Carrier;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange.PutFeature;
import fairacre.plan.GroundChange.PutWayIn;
import fairacre.plan.Plan;
import fairacre.plan.Point;
import fairacre.plan.StandingBed;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;

class CarrierStudyTest {

    private static final Carrier BARROW = carrier("Barrow", 1, true, 0);
    private static final Carrier CHAIR = carrier("Chair", 0.9144, true, 1.524);

    private static CarrierGround ground(Plan plan, Carrier carrier) {
        List<StandingBed> standing = plan.standing(SEASON);
        return CarrierStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing).of(carrier);
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
            Plan plan = with(plot(10, 4, List.of(), bed("Across", 5, 1.6, 1, 3.2), bed("Behind", 8, 2, 1, 1)),
                    new PutWayIn(gate("Gate", 0, 2, 1.2)));
            CarrierGround ground = ground(plan, BARROW);
            assertThat(ground.alongside()).containsExactly(id("Across"));
            assertThat(ground.shutOut()).containsExactly(id("Behind"));
            assertThat(ground.area().squareMetres()).isBetween(4.5 * 4 - (4 - Math.PI) * 0.25, 4.5 * 4.0);
            assertThat(ground.pinches()).anySatisfy(p -> assertThat(p.width().metres()).isCloseTo(0.8, within(1e-6)));
        }

        @Test
        void aGateTooNarrowLetsNobodyIn() {
            Plan plan = with(plot(5, 5, List.of(), bed("Beans", 2, 2, 1, 1)), new PutWayIn(gate("Gate", 0, 2, 0.9)));
            assertThat(ground(plan, BARROW).ground()).isEmpty();
            assertThat(ground(plan, carrier("Foot", 0.5, false, 0)).alongside()).hasSize(1);
        }

        @Test
        void aBedBehindTheGateBlocksIt() {
            Plan plan = with(plot(5, 5, List.of(), bed("Beans", 0.9, 2, 1.2, 3)), new PutWayIn(gate("Gate", 0, 2, 1.2)));
            assertThat(ground(plan, BARROW).ground()).isEmpty();
        }

        @Test
        void stepsStopWheelsAndNotFeet() {
            Plan plan = with(plot(10, 3, List.of(), bed("Beans", 8, 1.5, 1, 1)), new PutWayIn(gate("Gate", 0, 1.5, 1.5)),
                    new PutFeature(feature("Steps", FeatureKind.STEPS, 0, 0, 4, 0, 5, 0, 5, 3, 4, 3)));
            assertThat(ground(plan, BARROW).shutOut()).hasSize(1);
            assertThat(ground(plan, carrier("Foot", 1, false, 0)).alongside()).hasSize(1);
        }

        @Test
        void aFenceWithAGapLetsThroughWhatFitsTheGap() {
            Change fence = new PutFeature(feature("Fence", FeatureKind.FENCE, 0.1, 0, 5, 0, 5, 3.05));
            Plan plan = with(plot(10, 4, List.of(), bed("Beans", 8, 2, 1, 1)), new PutWayIn(gate("Gate", 0, 2, 1.5)), fence);
            assertThat(ground(plan, carrier("Slim", 0.9, true, 0)).alongside()).hasSize(1);
            assertThat(ground(plan, BARROW).shutOut()).hasSize(1);
        }

        @Test
        void severalPiecesOfGroundHaveTheirOwnWaysIn() {
            var site = new fairacre.plan.Site(fairacre.plan.Site.rectangle(4, 4),
                    List.of(List.of(Point.metres(10, 0), Point.metres(14, 0), Point.metres(14, 4), Point.metres(10, 4))), 0, 50,
                    false, List.of(), fairacre.plan.SoilNotes.NOTHING_KNOWN);
            Plan plan = with(plot(4, 4, List.of(), bed("Here", 2, 2, 1, 1), bed("There", 12, 2, 1, 1)), new Change.SetSite(site),
                    new PutWayIn(gate("Gate", 2, 0, 0.6)));
            assertThat(ground(plan, BARROW).alongside()).containsExactly(id("There"));
        }
    }

    @Nested
    class Turning {

        @Test
        @DisplayName("A circle of 60 in is free exactly if the room is 60 in wide [2010 ADA Standards 304.3.1]")
        void aRoomAsWideAsTheCircleLetsItTurn() {
            Plan just = with(plot(4, 1.524, List.of()), new PutWayIn(gate("Gate", 0, 0.76, 1)));
            Plan short2 = with(plot(4, 1.50, List.of()), new PutWayIn(gate("Gate", 0, 0.76, 1)));
            assertThat(ground(just, CHAIR).turning()).isNotEmpty();
            assertThat(ground(short2, CHAIR).turning()).isEmpty();
        }

        @Test
        void aWalkBetweenTwoBedsThatEndsAtTheWallIsADeadEnd() {
            Plan plan = with(plot(6, 4, List.of(), bed("Low", 3, 0.9, 4, 1.2), bed("High", 3, 3.1, 4, 1.2)),
                    new PutWayIn(gate("Gate", 0, 2, 1.2)),
                    new PutFeature(feature("Wall", FeatureKind.WALL, 0.2, 0, 5, 0, 5, 4)));
            CarrierGround ground = ground(plan, CHAIR);
            assertThat(ground.deadEnds()).isNotEmpty();
            assertThat(ground.deadEnds().get(0).back().metres()).isGreaterThan(3);
        }

        @Test
        void aWalkThatLeadsRoundIsNone() {
            Plan plan = with(plot(9, 9, List.of(), bed("Island", 4.5, 4.5, 3, 3)), new PutWayIn(gate("Gate", 0, 4.5, 1.2)));
            assertThat(ground(plan, CHAIR).deadEnds()).isEmpty();
        }

        @Test
        void whatTurnsOnTheSpotHasNoDeadEnds() {
            Plan plan = with(plot(6, 1.2, List.of()), new PutWayIn(gate("Gate", 0, 0.6, 1.1)));
            assertThat(ground(plan, BARROW).deadEnds()).isEmpty();
            assertThat(ground(plan, CHAIR).deadEnds()).hasSize(1);
        }
    }

    @Nested
    class Routes {

        private static List<Route> routes(Plan plan, Carrier carrier, double x, double y) {
            List<StandingBed> standing = plan.standing(SEASON);
            return RouteStudy.of(WalkStudy.of(plan.setting(SEASON), standing), standing, carrier).from(Point.metres(x, y));
        }

        @Test
        @DisplayName("Nothing in between: the straight line [closed form]")
        void overOpenGroundTheWayIsStraight() {
            List<Route> routes = routes(plot(10, 10, List.of(), bed("Beans", 7, 5, 2, 2)), carrier("Foot", 0.6, false, 0), 2, 5);
            assertThat(routes.get(0).length().metres()).isCloseTo(4 - 0.3, within(0.01));
        }

        @Test
        @DisplayName("Round a box: two tangents and two quarter turns at most [taut string, closed form]")
        void roundAnObstacleTheWayIsATautString() {
            double r = 0.3;
            Plan plan = with(plot(12, 10, List.of(), bed("Beans", 10, 5, 1, 0.2)),
                    new PutFeature(feature("Shed", FeatureKind.SHED, 0, 0, 4, 3, 6, 3, 6, 7, 4, 7)));
            double half = 2;
            // From (1, 5) tangent to the arc round (4, 7), along the top, round (6, 7), and down to the bed's left end at (9.2, 5).
            double firstLeg = tangent(3, half, r);
            double lastLeg = tangent(3.2, half, r);
            double turns = r * (turn(3, half, r) + turn(3.2, half, r));
            List<Route> routes = routes(plan, carrier("Foot", 2 * r, false, 0), 1, 5);
            Route beans = routes.stream().filter(route -> route.bed().equals(id("Beans"))).findFirst().orElseThrow();
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
            Plan plan = with(plot(10, 4, List.of(), bed("Across", 5, 1.6, 1, 3.2), bed("Behind", 8, 2, 1, 1)),
                    new PutWayIn(gate("Gate", 0, 2, 1.2)));
            assertThat(routes(plan, BARROW, 1, 1)).extracting(Route::bed).containsExactly(id("Across"));
            assertThat(routes(plan, BARROW, 8, 30)).isEmpty();
        }
    }
}
