package fairacre.ground;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.height;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.fill.Loads;
import fairacre.ground.BedLevel.Meaning;
import fairacre.limits.RefusedException;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Bed;
import fairacre.plan.Clearing;
import fairacre.plan.Cover;
import fairacre.plan.Site;
import fairacre.plan.SoilNotes;
import fairacre.plan.SpotHeight;
import fairacre.plan.SqueezeTest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

class LevelsTest {

    private static final List<SpotHeight> SLOPE =
            List.of(height(0, 0, 0), height(10, 0, 0), height(0, 10, 1), height(10, 10, 1));

    private static Levels levels(List<SpotHeight> heights) {
        return Levels.of(heights).orElseThrow();
    }

    @Nested
    class Ground {

        @Test
        @DisplayName("Slope = fall / run: 1 m in 10 m is 1 in 10 and falls straight down the drawing [definition]")
        void aPlaneHasTheSlopeOfItsFall() {
            assertThat(levels(SLOPE).slope()).isCloseTo(0.1, within(1e-9));
            assertThat(levels(SLOPE).fallsTo()).isCloseTo(180, within(1e-9));
            assertThat(levels(SLOPE).fall(Point.metres(5, 10), Point.metres(5, 5)))
                    .isEqualTo(Length.metres(0.5));
        }

        @Test
        void betweenThreeHeightsTheGroundIsPlaneAndBeyondThemTheBestPlane() {
            Levels ridge = levels(List.of(height(0, 0, 0), height(4, 0, 1), height(8, 0, 0), height(4, 8, 1)));
            assertThat(ridge.at(2, 0)).isCloseTo(0.5, within(1e-9));
            assertThat(ridge.at(4, 3)).isCloseTo(1, within(1e-9));
            assertThat(levels(SLOPE).at(5, 20)).isCloseTo(2, within(1e-9));
        }

        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6})
        @DisplayName(
                "A step of a millimetre changes the height of the ground by no more than the steepest slope takes [continuity]")
        void theGroundHasNoStepWhereTheHeightsEnd(long seed) {
            Random random = new Random(seed);
            List<SpotHeight> heights = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                heights.add(
                        height(2 + random.nextDouble() * 6, 2 + random.nextDouble() * 6, random.nextDouble() * 0.4));
            }
            Levels ground = levels(heights);
            for (int line = 0; line < 12; line++) {
                double angle = random.nextDouble() * 2 * Math.PI;
                for (double far = 0; far < 7; far += 0.001) {
                    double here = ground.at(5 + far * Math.cos(angle), 5 + far * Math.sin(angle));
                    double there = ground.at(5 + (far + 0.001) * Math.cos(angle), 5 + (far + 0.001) * Math.sin(angle));
                    assertThat(Math.abs(here - there)).as("at %.3f m", far).isLessThan(0.02);
                }
            }
        }

        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
        @DisplayName(
                "Ground is steep where its height changes so fast over a tenth of a millimetre [finite differences]")
        void steepGroundIsWhereHeightsChangeFast(long seed) {
            Random random = new Random(seed);
            List<SpotHeight> heights = new ArrayList<>();
            for (int i = 0; i < (seed == 8 ? 2 : 3 + random.nextInt(9)); i++) {
                heights.add(
                        height(2 + random.nextDouble() * 6, 2 + random.nextDouble() * 6, random.nextDouble() * 0.4));
            }
            Levels ground = levels(heights);
            Geometry area = Polygons.of(rectangle(5, 5, 10, 10, 0).corners());
            for (double limit : new double[] {0.02, 0.05, 1 / 12.0}) {
                Geometry steep = ground.steeperThan(limit, area);
                for (int i = 0; i < 400; i++) {
                    double x = random.nextDouble() * 10;
                    double y = random.nextDouble() * 10;
                    double slope = Math.hypot(
                                    ground.at(x + 1e-4, y) - ground.at(x, y), ground.at(x, y + 1e-4) - ground.at(x, y))
                            / 1e-4;
                    Geometry place = Polygons.line(List.of(Point.metres(x, y)));
                    boolean nearAnEdge = steep.isEmpty()
                            ? Math.abs(slope - limit) < 1e-6
                            : steep.getBoundary().isWithinDistance(place, 3e-4);
                    if (!nearAnEdge) {
                        assertThat(steep.intersects(place))
                                .as("%.3f, %.3f slopes %.4f", x, y, slope)
                                .isEqualTo(slope > limit);
                    }
                }
            }
        }

        @ParameterizedTest(name = "turned {0}")
        @ValueSource(doubles = {0, 30, 45, 123.4})
        void groundExactlyAsSteepAsMayBeIsNotSteeper(double degrees) {
            double sin = Math.sin(Math.toRadians(degrees)) / 20;
            double cos = Math.cos(Math.toRadians(degrees)) / 20;
            Levels ground = levels(List.of(
                    height(0, 0, 0),
                    height(10, 0, 10 * sin),
                    height(0, 10, 10 * cos),
                    height(10, 10, 10 * (sin + cos))));
            Geometry area = Polygons.of(rectangle(6, 6, 12, 12, 0).corners());
            assertThat(ground.steeperThan(1 / 20.0, area).isEmpty()).isTrue();
            assertThat(ground.steeperThan(1 / 20.1, area).getArea()).isCloseTo(144, within(1e-6));
        }

        @Test
        @DisplayName(
                "A bed over the edge of the measured ground does not fall where both sides are level [worked by hand]")
        void aBedAcrossTheOutermostHeightsDoesNotFall() {
            // Level at 0.2 m in the west half, a hollow in the east: the plane through all of it lies lower at the west
            // edge.
            Levels ground = levels(List.of(
                    height(2, 2, 0.2),
                    height(2, 8, 0.2),
                    height(5, 2, 0.2),
                    height(5, 8, 0.2),
                    height(8, 2, 0),
                    height(8, 8, 0)));
            double slope = Math.abs(ground.at(1.5, 5) - ground.at(2.5, 5));
            assertThat(slope).isLessThan(0.04);
        }

        @Test
        void oneHeightSaysNothing() {
            assertThat(Levels.of(List.of())).isEmpty();
            assertThat(Levels.of(List.of(height(3, 4, 1)))).isEmpty();
            assertThat(Levels.of(List.of(height(3, 4, 1), height(3, 4, 1)))).isEmpty();
        }

        @ParameterizedTest(name = "turned by {0}°")
        @ValueSource(doubles = {0, 17, 45, 90, 133, 180, 271.5})
        @DisplayName("Slope between two heights = fall / run: 0.5 m in 10 m is 1 in 20, level across [definition]")
        void twoHeightsSayHowTheGroundFallsBetweenThem(double degrees) {
            double cos = Math.cos(Math.toRadians(degrees));
            double sin = Math.sin(Math.toRadians(degrees));
            Levels two = levels(List.of(height(1, 2, 0.5), height(1 + 10 * cos, 2 + 10 * sin, 0)));
            assertThat(two.slope()).isCloseTo(1 / 20.0, within(1e-6));
            assertThat(two.fallsTo()).isCloseTo((90 - degrees + 360) % 360, within(1e-3));
            assertThat(two.onALine()).isTrue();
            for (double across : new double[] {-30, -1, 0, 2, 50}) {
                assertThat(two.at(1 + 4 * cos - across * sin, 2 + 4 * sin + across * cos))
                        .isCloseTo(0.3, within(1e-5));
                assertThat(two.at(1 + 16 * cos - across * sin, 2 + 16 * sin + across * cos))
                        .isCloseTo(-0.3, within(1e-5));
            }
        }

        @Test
        void heightsOnOneLineAreJoinedAlongIt() {
            Levels line = levels(List.of(height(0, 0, 0), height(1, 1, 1), height(2, 2, 0)));
            assertThat(line.at(0.5, 0.5)).isCloseTo(0.5, within(1e-9));
            assertThat(line.at(1, 0)).isCloseTo(0.5, within(1e-9));
            assertThat(line.at(1, 1)).isCloseTo(1, within(1e-9));
        }

        @ParameterizedTest(name = "{0} m beside the line: {1}")
        @CsvSource({"0.05, true", "0.0999, true", "0.1001, false", "1, false"})
        @DisplayName(
                "What heights within a hand of a line say of the ground beside it is lost in the measuring [common practice]")
        void heightsNearlyOnALineLieOnIt(double beside, boolean onALine) {
            Levels ground = levels(
                    List.of(height(0, 0, 0), height(10, 0, 0), height(5, beside * 1.1547, 0.02), height(5, 0, 0)));
            assertThat(ground.onALine()).isEqualTo(onALine);
        }

        @Test
        void twoHeightsForOnePlaceContradictAndAreRefused() {
            assertThatThrownBy(() ->
                            new Site(Site.rectangle(5, 5), 0, 0).withLevels(List.of(height(1, 1, 0), height(1, 1, 2))))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("two heights");
        }
    }

    @Nested
    class Beds {

        @ParameterizedTest(name = "fall of {0} m across a bed of 9 1/4 in boards: {1}")
        @CsvSource({"0.02, LEVEL", "0.1, DIG_IN", "0.2, PART_COURSE", "0.5, STEP"})
        void theFallUnderABedSaysWhatToDo(double fall, Meaning meaning) {
            List<SpotHeight> heights =
                    List.of(height(0, 0, 0), height(10, 0, 0), height(0, 1, fall), height(10, 1, fall));
            Bed bed = bed("Beans", 5, 0.5, 3, 1, 0, Optional.of(cedar(Board.B2X10, 1)));
            BedLevel level = LevelStudy.of(levels(heights))
                    .level(plot(10, 10, List.of(), bed).standing(SEASON).get(0));
            assertThat(level.across().metres()).isCloseTo(fall, within(1e-6));
            assertThat(level.along()).isEqualTo(Length.ZERO);
            assertThat(level.meaning()).isEqualTo(meaning);
        }
    }

    @Nested
    class Earth {

        @Test
        @DisplayName(
                "Unit-area grid: one cell with cuts of 1, 2, 3, 4 m over 100 m2 is 250 m3 [borrow-pit formula A (h1 + h2 + h3 + h4) / 4]")
        void aCellThatIsAllCutIsTheMeanOfItsCorners() {
            double[] sum = new double[2];
            EarthworkStudy.addCell(new double[] {1, 2, 3, 4}, 100, sum);
            assertThat(sum[0]).isCloseTo(250, within(1e-9));
            assertThat(sum[1]).isCloseTo(0, within(1e-9));
        }

        @Test
        @DisplayName(
                "Depths of -1, 1, 1, -1: cut and fill are the two halves, each a wedge of 1/2 x 1 x 1/2 [closed form]")
        void aCellInWhichCutMeetsFillIsPartedAlongTheZeroLine() {
            double[] sum = new double[2];
            EarthworkStudy.addCell(new double[] {-1, 1, 1, -1}, 1, sum);
            assertThat(sum[0]).isCloseTo(0.25, within(1e-9));
            assertThat(sum[1]).isCloseTo(0.25, within(1e-9));
        }

        /**
         * Share of a plane slope from its top that is cut when what is cut, 15 per cent less once packed, fills the
         * rest: x^2 0.85 = (1 - x)^2.
         */
        private static final double CUT_SHARE = 1 / (1 + Math.sqrt(0.85));

        @Test
        @DisplayName(
                "A plane slope of fall F over area A: cut = F A x^2 / 2, fill = F A (1 - x)^2 / 2, at the level where they balance [closed form]")
        void aSlopeIsLevelledSoThatWhatIsCutFillsTheHollows() {
            Earthwork work = EarthworkStudy.of(levels(SLOPE), rectangle(5, 5, 10, 10, 0))
                    .to(Optional.empty(), SqueezeTest.HOLDS_AND_CRUMBLES, Volume.ZERO);
            assertThat(work.level().metres()).isCloseTo(1 - CUT_SHARE, within(1e-4));
            assertThat(cubicMetres(work.cut())).isCloseTo(50 * CUT_SHARE * CUT_SHARE, within(0.01));
            assertThat(cubicMetres(work.fill())).isCloseTo(50 * (1 - CUT_SHARE) * (1 - CUT_SHARE), within(0.01));
            assertThat(cubicMetres(work.missing())).isCloseTo(0, within(0.001));
            assertThat(cubicMetres(work.spare())).isCloseTo(0, within(0.001));
        }

        @Test
        @DisplayName(
                "Common earth swells by a quarter, clay by 30, sand by 12 per cent [earthmoving handbooks, memory]")
        void dugSoilSwellsAndWhatTheBedsDoNotTakeHasToLeave() {
            EarthworkStudy study = EarthworkStudy.of(levels(SLOPE), rectangle(5, 5, 10, 10, 0));
            Earthwork clay = study.to(
                    Optional.of(Length.ZERO),
                    SqueezeTest.MAKES_A_RIBBON,
                    Volume.prism(Area.squareMetres(10), Length.metres(1)));
            assertThat(cubicMetres(clay.cut())).isCloseTo(50, within(0.01));
            assertThat(cubicMetres(clay.loose())).isCloseTo(65, within(0.02));
            assertThat(cubicMetres(clay.intoBeds())).isCloseTo(10, within(0.01));
            assertThat(cubicMetres(clay.away())).isCloseTo(55, within(0.02));
            assertThat(study.to(Optional.of(Length.metres(1)), SqueezeTest.FALLS_APART, Volume.ZERO)
                            .missing())
                    .isNotEqualTo(Volume.ZERO);
        }

        @ParameterizedTest(name = "{0} terraces")
        @DisplayName(
                "Ground of 10 x 10 m that falls 1 m in n terraces: steps of 1/n m, cut = area x fall of a terrace x^2 / 2 [closed form]")
        @ValueSource(ints = {1, 2, 4, 5})
        void terracesShareTheFallAndMoveLessSoil(int count) {
            Terraces terraces = TerraceStudy.of(
                    levels(SLOPE), rectangle(5, 5, 10, 10, 0), count, SqueezeTest.NOT_DONE, Volume.ZERO);
            assertThat(terraces.terraces()).hasSize(count);
            assertThat(terraces.steps())
                    .hasSize(count - 1)
                    .allSatisfy(step -> assertThat(step.height().metres()).isCloseTo(1.0 / count, within(1e-6)));
            for (int i = 1; i < count; i++) {
                double up = 10.0 * i / count;
                assertThat(terraces.steps().get(i - 1).line())
                        .extracting(place -> place.y().metres())
                        .allSatisfy(y -> assertThat(y).isCloseTo(up, within(1e-6)));
                assertThat(terraces.steps().get(i - 1).line())
                        .extracting(place -> place.x().metres())
                        .containsExactly(0.0, 10.0);
            }
            assertThat(cubicMetres(terraces.cut())).isCloseTo(50 * CUT_SHARE * CUT_SHARE / count, within(0.01));
            assertThat(terraces.licensed()).isFalse();
        }

        @Test
        void stepsOverFourFeetAreForALicensedDesign() {
            List<SpotHeight> steep = List.of(height(0, 0, 0), height(10, 0, 0), height(0, 10, 4), height(10, 10, 4));
            assertThat(TerraceStudy.of(levels(steep), rectangle(5, 5, 10, 10, 0), 2, SqueezeTest.NOT_DONE, Volume.ZERO)
                            .licensed())
                    .isTrue();
            assertThat(TerraceStudy.of(levels(steep), rectangle(5, 5, 10, 10, 0), 5, SqueezeTest.NOT_DONE, Volume.ZERO)
                            .licensed())
                    .isFalse();
            assertThatThrownBy(() -> TerraceStudy.of(
                            levels(SLOPE), rectangle(5, 5, 10, 10, 0), 0, SqueezeTest.NOT_DONE, Volume.ZERO))
                    .isInstanceOf(RefusedException.class);
        }

        @ParameterizedTest(name = "{0} m3: {1} barrows, {2} trailers, {3} skips")
        @DisplayName("A barrow of 85 L, a trailer of 500 kg: about half a cubic yard, a skip of 4 m3 [common practice]")
        @CsvSource({"0, 0, 0, 0", "0.085, 1, 1, 1", "1, 12, 3, 1", "4.01, 48, 12, 2"})
        void loadsFollowFromVolumeAndPayload(double cubicMetres, long barrows, long trailers, long skips) {
            Volume soil = Volume.prism(Area.squareMetres(1), Length.metres(cubicMetres));
            assertThat(Loads.of(soil)).isEqualTo(new Loads(barrows, trailers, skips, List.of()));
        }

        @Test
        @DisplayName(
                "Straight up a plane of 1 in 10 the slope is 0.1, along its contour 0, across both 0.1 / sqrt 2 [plane geometry]")
        void theSlopeAlongALine() {
            Levels plane = levels(SLOPE);
            assertThat(plane.slope(Point.metres(3, 1), Point.metres(3, 8))).isCloseTo(0.1, within(1e-9));
            assertThat(plane.slope(Point.metres(9, 4), Point.metres(1, 4))).isCloseTo(0, within(1e-9));
            assertThat(plane.slope(Point.metres(1, 1), Point.metres(6, 6))).isCloseTo(0.1 / Math.sqrt(2), within(1e-9));
            assertThatThrownBy(() -> plane.slope(Point.metres(1, 1), Point.metres(1, 1)))
                    .isInstanceOf(RefusedException.class);
        }

        @ParameterizedTest(name = "a slope of {0}: {1}")
        @DisplayName("1 in 48 and 1 in 20 [2010 ADA Standards 403.3], 1 in 12 [common practice]")
        @CsvSource({
            "0, LEVEL",
            "0.0208, LEVEL",
            "0.0209, WHEELS",
            "0.05, WHEELS",
            "0.0501, FEET",
            "0.0833, FEET",
            "0.0834, TERRACES"
        })
        void aSlopeHasAGrade(double slope, LevelStudy.Grade grade) {
            assertThat(LevelStudy.grade(slope)).isEqualTo(grade);
        }

        private static double cubicMetres(Volume volume) {
            return volume.millilitres() / 1e6;
        }
    }

    @Nested
    class SettingOutOfBeds {

        @Test
        @DisplayName(
                "A corner 3 along and 4 off lies 5 from the peg; in a plot of 12 ft by 9 ft the triangle is 9-12-15 [Pythagoras]")
        void tapesFollowFromOffsets() {
            double ft = 0.3048;
            var plan = plot(12, 9, List.of(), bed("Beans", 4, 4.5, 2, 1));
            SettingOut out = SettingOutStudy.of(plan.site(), plan.standing(SEASON), Units.METRIC);
            SettingOut.Mark first = out.beds().get(0).corners().get(0);
            assertThat(first.along()).isEqualTo(Length.metres(3));
            assertThat(first.off()).isEqualTo(Length.metres(4));
            assertThat(first.fromFirst()).isEqualTo(Length.metres(5));
            assertThat(first.fromSecond().metres()).isCloseTo(Math.hypot(9, 4), within(1e-6));
            assertThat(out.beds().get(0).diagonals().metres()).isCloseTo(Math.sqrt(5), within(1e-6));
            assertThat(out.stakes()).isEqualTo(4);
            assertThat(out.string()).isEqualTo(Length.metres(6));
            Site feet = new Site(Site.rectangle(12 * ft, 9 * ft), 0, 0);
            assertThat(SettingOutStudy.of(feet, List.of(), Units.FEET_AND_INCHES)
                            .triangle())
                    .containsExactly(Length.feet(9), Length.feet(12), Length.feet(15));
        }
    }

    @Test
    void theSoilIsReadInSentences() {
        assertThat(SoilReading.of(SoilNotes.NOTHING_KNOWN))
                .singleElement()
                .asString()
                .startsWith("Squeeze");
        assertThat(SoilReading.of(new SoilNotes(
                        SqueezeTest.MAKES_A_RIBBON, Optional.of(Length.inches(0.5)), Cover.LAWN, Clearing.NOTHING)))
                .satisfiesExactly(
                        s -> assertThat(s).startsWith("Clay"),
                        s -> assertThat(s).contains("raised beds"));
        assertThat(SoilReading.schools()).extracting(s -> s.way()).containsExactlyInAnyOrder(Clearing.values());
    }

    @Nested
    class Hills {

        @Test
        @DisplayName("a bank that climbs 1 in 2: hidden below 26.6 degrees, from any place at its foot")
        void aBankHidesWhatStandsLower() {
            Levels bank = levels(List.of(height(0, 0, 0), height(20, 0, 0), height(0, 4, 2), height(20, 4, 2)));
            Coordinate foot = new Coordinate(10, 0.5, bank.at(10, 0.5));
            assertThat(bank.risesAbove(foot, 0, 1, 0.499)).isTrue();
            assertThat(bank.risesAbove(foot, 0, 1, 0.5)).isFalse();
            assertThat(bank.risesAbove(foot, 0, -1, 0.1)).isFalse();
            // Aslant the bank climbs by the cosine of the angle.
            double aslant = 0.5 * Math.cos(Math.PI / 4);
            double half = Math.sqrt(0.5);
            assertThat(bank.risesAbove(foot, half, half, aslant - 0.001)).isTrue();
            assertThat(bank.risesAbove(foot, half, half, aslant + 0.001)).isFalse();
        }

        @ParameterizedTest
        @ValueSource(longs = {1, 2, 3})
        @DisplayName("random hills against a march along the line in steps of 2 cm")
        void randomHills(long seed) {
            Random random = new Random(seed);
            List<SpotHeight> heights = new ArrayList<>();
            for (int i = 0; i < 25; i++) {
                heights.add(height(20 * random.nextDouble(), 20 * random.nextDouble(), 3 * random.nextDouble()));
            }
            Levels hills = levels(heights);
            int differing = 0;
            for (int i = 0; i < 400; i++) {
                double x = 5 + 10 * random.nextDouble();
                double y = 5 + 10 * random.nextDouble();
                double angle = 2 * Math.PI * random.nextDouble();
                double slope = 1.5 * random.nextDouble();
                double z = hills.at(x, y) + 0.3 * random.nextDouble();
                boolean marched = false;
                for (double t = 0.02; t < 8 && !marched; t += 0.02) {
                    double atX = x + t * Math.cos(angle);
                    double atY = y + t * Math.sin(angle);
                    marched = atX > 0.5 && atX < 19.5 && atY > 0.5 && atY < 19.5 && hills.at(atX, atY) > z + t * slope;
                }
                boolean hidden = hills.risesAbove(new Coordinate(x, y, z), Math.cos(angle), Math.sin(angle), slope);
                differing += marched && !hidden ? 1 : 0;
                differing += hidden && !marched && slope > 0.6 ? 1 : 0;
            }
            // What grazes a crest within a step, or lies beyond the heights, may be judged either way.
            assertThat(differing).isLessThanOrEqualTo(4);
        }
    }
}
