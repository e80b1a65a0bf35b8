package fairacre.hoop;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.hoop.HoopsOverBed.HoopFeet;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.over.Fabric;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Polygon;

class HoopStudyTest {

    private static final double FOOT = 0.3048;
    private static final Optional<Length> NONE = Optional.empty();

    private static HoopTold told(Plan plan) {
        return HoopStudy.of(plan, SEASON, plan.standing(SEASON)).told().get(0);
    }

    private static Plan under(HoopSet set, Bed... beds) {
        return with(plot(40, 40, List.of(), beds), Put.of(set));
    }

    private static Bed boxed(String name, double length, double width, double turn) {
        return bed(name, 10, 10, length, width, turn, Optional.of(cedar(Board.B2X10, 1)));
    }

    private static HoopSet set(HoopPipe pipe, Optional<Length> rise, Optional<Length> length, String... beds) {
        return Gardens.hoops("Tunnel", pipe, rise, length, Fabric.FLEECE, beds);
    }

    @Test
    @DisplayName("Worked by hand: a box 4 x 8 ft of 1 1/2 in boards, bows of 20 mm 18 in high")
    void overABoxOfFourByEightFeet() {
        HoopTold told =
                told(under(Gardens.hoops("Tunnel", 1.5 * FOOT, "Beans"), boxed("Beans", 8 * FOOT, 4 * FOOT, 0)));
        double half = (48 - 3) * 0.0254 / 2 - 0.01;
        double rise = 18 * 0.0254;
        double radius = (half * half + rise * rise) / (2 * rise);
        double arc = 2 * radius * Math.asin(half / radius);
        HoopsOverBed over = told.over().get(0);
        assertThat(over.span().metres()).isCloseTo(2 * half, within(1e-6));
        assertThat(over.rise()).isEqualTo(Length.inches(18));
        assertThat(over.tightest().metres()).isCloseTo(radius, within(1e-6));
        assertThat(told.cut().orElseThrow().metres()).isCloseTo(arc + 2 * 0.3, within(2e-6));
        // 93 in less 20 mm from the first bow to the last: two bays of at most 4 ft.
        assertThat(over.bows()).isEqualTo(3);
        assertThat(over.apart().metres()).isCloseTo((93 * 0.0254 - 0.02) / 2, within(1e-6));
        assertThat(over.sheet().orElseThrow().width().metres()).isCloseTo(arc + 24 * 0.0254, within(2e-6));
        assertThat(over.sheet().orElseThrow().length()).isEqualTo(Length.inches(96 + 2 * (18 + 12)));
        assertThat(told.ties()).isEqualTo(Length.feet(12));
        assertThat(told.kilograms()).isCloseTo(3 * 0.12 * (arc + 0.6), within(1e-4));
    }

    @ParameterizedTest
    @DisplayName("A bow more as soon as two are further apart than 4, 3 or 2 ft, in feet as in metres")
    @CsvSource({
        "SHELTERED, 4, 0, 2",
        "SHELTERED, 4, 0.001, 3",
        "SHELTERED, 8, -0.001, 3",
        "SHELTERED, 8, 0, 3",
        "WINDY, 9, 0, 4",
        "WINDY, 9, 0.001, 5",
        "SNOWY, 10, 0, 6",
        "SNOWY, 10, 0.001, 7",
        "SHELTERED, 7.8740157, 0, 3"
    })
    void bowsStandAsCloseAsTheWeatherWants(HoopWeather weather, double feet, double more, int bows) {
        HoopSet plain = Gardens.hoops("Tunnel", 0.45, "Beans");
        HoopSet set = new HoopSet(
                plain.id(),
                plain.name(),
                plain.form(),
                plain.pipe(),
                plain.rise(),
                NONE,
                plain.anchor(),
                plain.depth(),
                weather,
                plain.cover(),
                plain.places(),
                plain.lifetime());
        HoopsOverBed over = told(under(set, bed("Beans", 10, 10, feet * FOOT + 0.02 + more, 1)))
                .over()
                .get(0);
        assertThat(over.bows()).isEqualTo(bows);
        assertThat(over.apart()).isLessThanOrEqualTo(weather.apart());
    }

    @ParameterizedTest
    @DisplayName("The feet stand within the boards, across the shorter side, however the bed is turned")
    @CsvSource({"2.4, 1.2, 0", "2.4, 1.2, 37.5", "1.2, 2.4, 0", "1.2, 2.4, -12.3", "1.2, 1.2, 90"})
    void feetStandWithinTheBoards(double length, double width, double turn) {
        Bed beans = boxed("Beans", length, width, turn);
        HoopsOverBed over =
                told(under(Gardens.hoops("Tunnel", 0.5, "Beans"), beans)).over().get(0);
        Polygon inside = (Polygon) Polygons.of(beans.revisions().get(0).corners())
                .buffer(-Length.inches(1.5).metres() - 0.01 + 1e-5);
        assertThat(over.feet()).hasSize(over.bows());
        for (HoopFeet feet : over.feet()) {
            assertThat(distance(feet.left(), feet.right()))
                    .isCloseTo(Math.min(length, width) - 2 * Length.inches(1.5).metres() - 0.02, within(1e-5));
            assertThat(inside.covers(Polygons.line(List.of(feet.left(), feet.right()))))
                    .isTrue();
        }
    }

    private static double distance(Point one, Point other) {
        return Math.hypot(
                one.x().minus(other.x()).metres(), one.y().minus(other.y()).metres());
    }

    @Test
    void aSetIsCutForTheWidestOfItsBedsAndRisesHigherOverOthers() {
        Plan plan = under(
                Gardens.hoops("Tunnel", 0.5, "Wide", "Slim"), bed("Wide", 5, 5, 2, 1.2), bed("Slim", 5, 10, 2, 0.9));
        HoopTold told = told(plan);
        assertThat(told.over().get(0).rise()).isEqualTo(Length.metres(0.5));
        assertThat(told.over().get(1).rise()).isGreaterThan(Length.metres(0.58));
        Bow slim = Bow.rising(
                BowForm.CIRCLE, Length.metres(0.88), told.over().get(1).rise());
        assertThat(slim.length().plus(Length.metres(0.6)).metres())
                .isCloseTo(told.cut().orElseThrow().metres(), within(5e-6));
    }

    @Test
    void aPipeOfOneLengthTellsItsRise() {
        HoopTold told = told(
                under(set(HoopPipe.PE_20, NONE, Optional.of(Length.feet(8)), "Beans"), bed("Beans", 5, 5, 2, 1.22)));
        Bow bow = Bow.ofLength(
                        BowForm.CIRCLE, Length.metres(1.2), Length.feet(8).minus(Length.metres(0.6)))
                .orElseThrow();
        assertThat(told.cut()).contains(Length.feet(8));
        assertThat(told.over().get(0).rise()).isEqualTo(bow.rise());
    }

    @Test
    void itTellsWhichOtherBedsItFits() {
        Plan plan = under(
                set(HoopPipe.CONDUIT_18, Optional.of(Length.metres(0.5)), NONE, "Beans"),
                bed("Beans", 5, 5, 2, 1.2),
                bed("Same", 5, 10, 3, 1.2),
                bed("An inch wider", 5, 15, 2, 1.2254),
                bed("A hair more", 5, 20, 2, 1.225401),
                Gardens.shaped("Comb", Gardens.rectangle(15, 5, 3, 1.2, 0), Gardens.comb(2, 0.4, 0.5)));
        assertThat(told(plan).fits()).containsExactlyInAnyOrder(id("Same"), id("An inch wider"));
        Plan sprung = under(
                set(HoopPipe.PE_20, Optional.of(Length.metres(0.5)), NONE, "Beans"),
                bed("Beans", 5, 5, 2, 1.2),
                bed("Slim", 5, 10, 2, 0.82),
                bed("Too slim", 5, 15, 2, 0.8));
        assertThat(told(sprung).fits()).containsExactly(id("Slim"));
    }

    @Test
    void withoutBedsOfTheSeasonThereIsNothingToTell() {
        HoopTold told = told(under(Gardens.hoops("Tunnel", 0.5), bed("Beans", 5, 5, 2, 1.2)));
        assertThat(told.over()).isEmpty();
        assertThat(told.cut()).isEmpty();
        assertThat(told.bows()).isZero();
        assertThat(told.fits()).containsExactly(id("Beans"));
    }
}
