package fairacre.frame;

import static fairacre.testing.Gardens.comb;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Cap;
import fairacre.build.Fastener;
import fairacre.build.Fittings;
import fairacre.build.Fittings.CornerPost;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.Frame;
import fairacre.build.GroundFall;
import fairacre.build.Joint;
import fairacre.build.Material;
import fairacre.frame.Timber.Use;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HardwareStudyTest {

    private static final Fittings BARE = new Fittings(CornerPost.NONE, Support.NONE, false, Underlay.NONE);

    @ParameterizedTest(name = "a 4 x 7 ft box of {1} {0}, {2}: {4} {3}")
    @DisplayName(
            "Three screws a board's end, four in a 2 x 10; two coach screws a joint of sleepers [common practice], times four corners")
    @CsvSource({
        "2x8, 1, SIDES_PAST, LONG_SCREW, 12",
        "2x10, 1, SIDES_PAST, LONG_SCREW, 16",
        "2x10, 2, PINWHEEL, LONG_SCREW, 32",
        "2x10, 1, MITRE, LONG_SCREW, 32",
        "5/4x6, 1, ENDS_PAST, SHORT_SCREW, 12",
        "sleeper 100x200 mm, 1, SIDES_PAST, COACH_SCREW, 8",
        "sleeper 50x200 mm, 2, SIDES_PAST, COACH_SCREW, 16"
    })
    void joints(String board, int courses, Joint joint, Fastener fastener, int count) {
        Hardware hardware = of(7, 4, new Frame(Material.CEDAR, Board.of(board), courses, joint), BARE);
        assertThat(hardware.fasteners()).isEqualTo(Map.of(fastener, count));
        assertThat(hardware.timber()).isEmpty();
    }

    @Test
    @DisplayName(
            "First course of 4 x 4 pinned to the ground with 6 rods a 4 x 8 ft bed, others about 12 in apart in plan: 8 + 8 + 4 + 4; a rod of 24 in holds six courses of 3 1/2 in, 21 in [common practice]")
    void coursesOfPostsArePinned() {
        assertThat(of(8, 4, posts(1), BARE).fasteners()).isEqualTo(Map.of(Fastener.PIN, 6));
        // Ends between the sides are 41 in: four pins.
        for (int courses : List.of(2, 3, 6)) {
            assertThat(of(8, 4, posts(courses), BARE).fasteners()).isEqualTo(Map.of(Fastener.PIN, 6 + (8 + 8 + 4 + 4)));
        }
        assertThat(of(8, 4, posts(7), BARE).fasteners()).isEqualTo(Map.of(Fastener.PIN, 6 + 2 * (8 + 8 + 4 + 4)));
        assertThat(of(8, 4, posts(11), BARE).fasteners()).isEqualTo(Map.of(Fastener.PIN, 6 + 2 * (8 + 8 + 4 + 4)));
        assertThat(of(8, 4, posts(12), BARE).fasteners()).isEqualTo(Map.of(Fastener.PIN, 6 + 3 * (8 + 8 + 4 + 4)));
    }

    @ParameterizedTest(name = "{0} courses of {1} along {2} ft")
    @CsvSource({"1, 1x8, 16", "2, 1x8, 16", "3, 2x10, 20", "4, 2x6, 24", "1, 22x150 mm, 10", "4, 38x150 mm, 18"})
    @DisplayName(
            "A stake bends no further than it bears: M = K rho g H^3 / 6 a metre, f = 6 M / b d^2 at most 16 x 0.5 / 1.3 MPa [EN 338 C16, EN 1995-1-1 from memory]")
    void stakesHoldTheSoil(int courses, String board, double feet) {
        Frame frame = new Frame(Material.CEDAR, Board.of(board), courses, Joint.SIDES_PAST);
        BedRevision bed = bed(feet, 4, frame, BARE);
        for (Bowing.Side side : BowStudy.of(bed).orElseThrow().sides()) {
            side.stakes().ifPresent(stakes -> {
                double height = frame.height().metres();
                double moment = 0.5
                        * 1800
                        * 9.81
                        * Math.pow(height, 3)
                        / 6
                        * side.length().metres()
                        / (stakes.count() + 1);
                double stress = 6
                        * moment
                        / (stakes.board().width().metres()
                                * Math.pow(stakes.board().thickness().metres(), 2));
                assertThat(stress).isLessThanOrEqualTo(16e6 * 0.5 / 1.3 * 1.0001);
                assertThat(stakes.count()).isGreaterThanOrEqualTo(side.ties());
                assertThat(stakes.length().metres()).isCloseTo(height + Math.max(0.4572, height), within(1e-6));
            });
        }
    }

    @Test
    @DisplayName(
            "A 2 x 2 every 8 ft breaks behind 22 in of soil: 47 MPa, more than wet softwood of 40 MPa bears at all [wood handbook, from memory]")
    void slimStakesBehindDeepSoilAreNotProposed() {
        double moment = StakeStudy.moment(0.5588) * 1.6;
        assertThat(6 * moment / Math.pow(0.0381, 3)).isGreaterThan(40e6);
        BedRevision bed = bed(16, 4, new Frame(Material.CEDAR, Board.B2X6, 4, Joint.SIDES_PAST), BARE);
        assertThat(BowStudy.of(bed)
                        .orElseThrow()
                        .sides()
                        .get(0)
                        .stakes()
                        .orElseThrow()
                        .board())
                .isEqualTo(Board.B4X4);
    }

    @Test
    void postsAndStakesReachDownToThePartCourses() {
        Fittings posted = new Fittings(CornerPost.SLIM, Support.STAKES, false, Underlay.NONE);
        BedRevision level = bed(16, 4, new Frame(Material.CEDAR, Board.B1X8, 1, Joint.SIDES_PAST), posted);
        BedRevision sloped = level.withBuild(level.build().withFall(new GroundFall(Length.inches(5), Length.ZERO)));
        for (Use use : List.of(Use.CORNER_POST, Use.STAKE)) {
            assertThat(longest(sloped, use).minus(longest(level, use)).inches()).isGreaterThan(4.9);
        }
    }

    private static Length longest(BedRevision bed, Use use) {
        return HardwareStudy.of(bed).orElseThrow().timber().stream()
                .filter(timber -> timber.use() == use)
                .map(Timber::length)
                .reduce(Length.ZERO, Length::max);
    }

    @Test
    void cornerPostsTakeTheEndsOfBothBoards() {
        Hardware hardware = of(8, 4, planks(2), new Fittings(CornerPost.SLIM, Support.NONE, false, Underlay.NONE));
        assertThat(hardware.timber()).containsExactly(new Timber(Use.CORNER_POST, Board.B2X2, Length.inches(14.5), 4));
        assertThat(hardware.fasteners()).isEqualTo(Map.of(Fastener.LONG_SCREW, 2 * 4 * 2 * 3));
    }

    @Test
    void thinBoardsAndCoursesOfPlanksHavePostsUnlessSaidOtherwise() {
        assertThat(Fittings.usual(new Frame(Material.CEDAR, Board.FENCE_5_8X6, 1, Joint.SIDES_PAST))
                        .posts())
                .isEqualTo(CornerPost.SLIM);
        assertThat(Fittings.usual(planks(2)).posts()).isEqualTo(CornerPost.SLIM);
        assertThat(Fittings.usual(planks(1)).posts()).isEqualTo(CornerPost.NONE);
        assertThat(Fittings.usual(posts(3)).posts()).isEqualTo(CornerPost.NONE);
    }

    @Test
    @DisplayName(
            "The supports of a long bed are those of the bowing, a tie across for both sides or a stake for each, 18 in in the ground")
    void supportsGoByTheBowing() {
        BedRevision bed = bed(16, 4, new Frame(Material.CEDAR, Board.B1X8, 1, Joint.SIDES_PAST), BARE);
        Bowing.Side side = BowStudy.of(bed).orElseThrow().sides().get(0);
        assertThat(side.ties()).isPositive();
        int ends = BowStudy.of(bed).orElseThrow().sides().get(1).ties();
        assertThat(stakes(supported(bed, Support.STAKES))).isEqualTo(2 * side.ties() + 2 * ends);
        assertThat(supported(bed, Support.STAKES).timber().get(0).length()).isEqualTo(Length.inches(7.25 + 18));
        assertThat(supported(bed, Support.RODS).ties().inches())
                .isCloseTo(side.ties() * (48 + 2) + ends * (192 + 2), within(0.001));
        assertThat(supported(bed, Support.BOARDS).timber())
                .contains(new Timber(Use.TIE, Board.B1X8, Length.inches(46.5), side.ties()));
        assertThat(supported(bed, Support.NONE).timber()).isEmpty();
    }

    @Test
    @DisplayName(
            "Splices stand over a post [common practice]: two joints a side of 18 ft in 6 ft boards, with a second staggered course three more")
    void splicesStandOverStakes() {
        assertThat(stakes(of(18, 3, new Frame(Material.CEDAR, Board.FENCE_5_8X6, 1, Joint.SIDES_PAST), BARE)))
                .isEqualTo(2 * 2);
        assertThat(stakes(of(18, 3, new Frame(Material.CEDAR, Board.FENCE_5_8X6, 2, Joint.SIDES_PAST), BARE)))
                .isEqualTo(2 * (2 + 3));
    }

    @Test
    void aTableBedHasNoStakes() {
        BedRevision bed = bed(18, 3, new Frame(Material.CEDAR, Board.FENCE_5_8X6, 1, Joint.SIDES_PAST), BARE);
        Build legs = new Build(Optional.empty(), Optional.empty(), Length.metres(0.6), Length.ZERO, Length.ZERO)
                .withFittings(new Fittings(CornerPost.STOUT, Support.STAKES, false, Underlay.NONE));
        Hardware hardware = HardwareStudy.of(bed.withBuild(legs)).orElseThrow();
        assertThat(hardware.timber())
                .extracting(Timber::use)
                .doesNotContain(Use.STAKE, Use.CORNER_POST)
                .contains(Use.LEG);
    }

    @Test
    @DisplayName(
            "A mitred 5 1/2 in cap flush with the inside of 1 1/2 in boards, worked by hand: 4 in out each way, so 8 ft 8 in and 4 ft 8 in on the long face")
    void capBoards() {
        Build capped = new Build(
                        Optional.empty(),
                        Optional.of(new Cap(Length.inches(5.5), true)),
                        Length.ZERO,
                        Length.ZERO,
                        Length.ZERO)
                .withFittings(BARE);
        Hardware hardware =
                HardwareStudy.of(bed(8, 4, planks(1), BARE).withBuild(capped)).orElseThrow();
        assertThat(hardware.timber())
                .containsExactly(
                        new Timber(Use.CAP, Board.B1X6, Length.inches(104), 2),
                        new Timber(Use.CAP, Board.B1X6, Length.inches(56), 2));
        // 104 in take 7 spaces of 16 in and 56 in take 4.
        assertThat(hardware.fasteners())
                .isEqualTo(Map.of(Fastener.LONG_SCREW, 12, Fastener.SHORT_SCREW, 2 * 8 + 2 * 5));
    }

    @Test
    @DisplayName(
            "4 x 8 ft: a liner of 24 ft x 7 1/4 in at the sides; cloth of the area and 6 in turned up, 32 + 12 sq ft; cardboard with laps of 28 per cent [common practice: 25 to 30]")
    void liningAndUnderlay() {
        Hardware lined = of(8, 4, planks(1), new Fittings(CornerPost.NONE, Support.NONE, true, Underlay.CLOTH));
        assertThat(lined.liner().squareFeet()).isCloseTo(24 * 7.25 / 12, within(0.001));
        assertThat(lined.underlay().squareFeet()).isCloseTo(44, within(0.001));
        assertThat(of(8, 4, planks(1), new Fittings(CornerPost.NONE, Support.NONE, false, Underlay.CARDBOARD))
                        .underlay()
                        .squareFeet())
                .isCloseTo(32 * 1.28, within(0.001));
    }

    @Test
    @DisplayName(
            "A second course on a standing box: screws and liner for it alone, longer posts, nothing beneath; worked by hand")
    void coursesOnTop() {
        BedRevision bed = bed(8, 4, planks(2), new Fittings(CornerPost.SLIM, Support.NONE, true, Underlay.CLOTH));
        Hardware added =
                HardwareStudy.onTop(bed, bed.withFrame(Optional.of(planks(1)))).orElseThrow();
        assertThat(added.fasteners()).isEqualTo(Map.of(Fastener.LONG_SCREW, 2 * 4 * 3));
        assertThat(added.timber()).containsExactly(new Timber(Use.CORNER_POST, Board.B2X2, Length.inches(14.5), 4));
        assertThat(added.liner().squareFeet()).isCloseTo(24 * 7.25 / 12, within(0.001));
        assertThat(added.underlay().isZero()).isTrue();
        assertThat(HardwareStudy.onTop(bed(8, 4, posts(3), BARE), bed(8, 4, posts(2), BARE))
                        .orElseThrow()
                        .fasteners())
                .isEqualTo(Map.of(Fastener.PIN, 8 + 8 + 4 + 4));
    }

    @Test
    void partCoursesThatComeInWithACourseOnTopAreFastenedToo() {
        BedRevision level = bed(8, 4, planks(2), BARE);
        BedRevision before = level.withFrame(Optional.of(planks(1)));
        BedRevision madeUp = level.withBuild(level.build().withFall(new GroundFall(Length.inches(6), Length.ZERO)));
        int pieces = PartCourses.of(madeUp, planks(2)).size();
        assertThat(pieces).isPositive();
        int more = HardwareStudy.onTop(madeUp, before).orElseThrow().fasteners().get(Fastener.LONG_SCREW)
                - HardwareStudy.onTop(level, before).orElseThrow().fasteners().get(Fastener.LONG_SCREW);
        assertThat(more).isEqualTo(pieces * 2 * 3);
        BedRevision both = before.withBuild(madeUp.build());
        assertThat(HardwareStudy.onTop(madeUp, both).orElseThrow().fasteners())
                .isEqualTo(HardwareStudy.onTop(level, before).orElseThrow().fasteners());
    }

    @Test
    void aCapThatWasThereIsLaidOnAgainAndANewOneIsBought() {
        Build capped = new Build(
                        Optional.empty(),
                        Optional.of(new Cap(Length.inches(5.5), true)),
                        Length.ZERO,
                        Length.ZERO,
                        Length.ZERO)
                .withFittings(BARE);
        BedRevision low = bed(8, 4, planks(1), BARE);
        BedRevision high = bed(8, 4, planks(2), BARE).withBuild(capped);
        assertThat(HardwareStudy.onTop(high, low.withBuild(capped))
                        .orElseThrow()
                        .timber())
                .isEmpty();
        assertThat(HardwareStudy.onTop(high, low).orElseThrow().timber())
                .extracting(Timber::use)
                .containsOnly(Use.CAP);
    }

    @Test
    void aShapedBedHasAPostAtEveryCornerAndStakesInPlaceOfTies() {
        BedRevision plain = bed(16, 8, new Frame(Material.CEDAR, Board.B1X8, 1, Joint.SIDES_PAST), BARE);
        BedRevision shaped = plain.withShape(plain.outline(), comb(2, 0.9, 0.9))
                .withBuild(Build.PLAIN.withFittings(new Fittings(CornerPost.SLIM, Support.RODS, false, Underlay.NONE)));
        Hardware hardware = HardwareStudy.of(shaped).orElseThrow();
        assertThat(hardware.timber())
                .first()
                .satisfies(post -> assertThat(post.count()).isEqualTo(8));
        assertThat(stakes(hardware)).isPositive();
        assertThat(hardware.ties()).isEqualTo(Length.ZERO);
    }

    private static int stakes(Hardware hardware) {
        return hardware.timber().stream()
                .filter(timber -> timber.use() == Use.STAKE)
                .mapToInt(Timber::count)
                .sum();
    }

    private static Hardware supported(BedRevision bed, Support support) {
        return HardwareStudy.of(bed.withBuild(
                        Build.PLAIN.withFittings(new Fittings(CornerPost.NONE, support, false, Underlay.NONE))))
                .orElseThrow();
    }

    private static Frame planks(int courses) {
        return new Frame(Material.TREATED, Board.B2X8, courses, Joint.SIDES_PAST);
    }

    private static Frame posts(int courses) {
        return new Frame(Material.TREATED, Board.B4X4, courses, Joint.SIDES_PAST);
    }

    private static Hardware of(double lengthFeet, double widthFeet, Frame frame, Fittings fittings) {
        return HardwareStudy.of(bed(lengthFeet, widthFeet, frame, fittings)).orElseThrow();
    }

    private static BedRevision bed(double lengthFeet, double widthFeet, Frame frame, Fittings fittings) {
        Rectangle outline = new Rectangle(Point.metres(5, 5), Length.feet(lengthFeet), Length.feet(widthFeet), 0);
        return new BedRevision(
                2027, outline, Shape.RECTANGLE, Optional.of(frame), false, Build.PLAIN.withFittings(fittings));
    }
}
