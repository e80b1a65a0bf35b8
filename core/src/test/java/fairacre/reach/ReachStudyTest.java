package fairacre.reach;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.gardener;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.testing.Gardens;
import fairacre.walk.PassingPreset;
import fairacre.walk.WalkStudy;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReachStudyTest {

    @ParameterizedTest(name = "square of {0} m, reach {1} m: (s - 2r)^2 is out of reach [closed form]")
    @CsvSource({"2.4, 0.6", "2.4384, 0.6096", "3, 0.7", "1.2, 0.6", "1, 0.6", "1.5, 0.4"})
    void aSquareBedReachedFromAllSides(double side, double reach) {
        double expected = Math.pow(Math.max(0, side - 2 * reach), 2);
        assertThat(unreached(reach, bed("A", 5, 5, side, side))).isCloseTo(expected, within(1e-4));
    }

    @Test
    @DisplayName("The middle of an 8 ft square bed with a 2 ft reach: 4 ft square is dead [closed form]")
    void eightFootSquare() {
        double side = Length.feet(8).metres();
        BedReach reach = study(List.of(gardener("Ada", 0.6096, 0.6)), bed("A", 5, 5, side, side));
        assertThat(reach.byNobody().area().squareFeet()).isCloseTo(16, within(0.01));
        assertThat(reach.byNobody().parts()).hasSize(1);
    }

    @Test
    void aBedAgainstThePlotsEdgeMayBeOneReachWide() {
        assertThat(unreached(0.6, bed("A", 5, 0.3, 2, 0.6))).isZero();
    }

    @Test
    @DisplayName(
            "Reached from one long side and the ends but for the corners by the wall, closed form by circular segments")
    void aBedAgainstThePlotsEdgeThatIsTooWide() {
        double reach = 0.6;
        double half = 0.3;
        double width = 1;
        // The middle strip beyond the long side's reach, 0.8 x 0.4, and at each end what lies beyond a circle about the
        // lowest place
        // on the end at which one can stand, half a passing width above the wall.
        double beyond = 0;
        int steps = 100_000;
        for (int i = 0; i < steps; i++) {
            double y = (i + 0.5) * (width - reach) / steps;
            double inward = y >= half ? reach : Math.sqrt(reach * reach - (half - y) * (half - y));
            beyond += (2 - 2 * inward) * (width - reach) / steps;
        }
        assertThat(unreached(reach, bed("A", 5, width / 2, 2, width))).isCloseTo(beyond, within(0.0015));
    }

    @Test
    void theFramesThicknessTakesOfTheReach() {
        Bed framed = bed("A", 5, 5, 3, 1.3, 0, Optional.of(Gardens.cedar(Board.B2X10, 1)));
        BedReach reach = study(List.of(gardener("Ada", 0.6, 0.6)), framed);
        double thickness = Length.inches(1.5).metres();
        assertThat(reach.soil().squareMetres()).isCloseTo((3 - 2 * thickness) * (1.3 - 2 * thickness), within(1e-4));
        assertThat(reach.byNobody().area().squareMetres()).isCloseTo((3 - 1.2) * 0.1, within(1e-4));
    }

    @Test
    void turningABedChangesNothing() {
        Bed turned = bed("A", 5, 5, 2, 1.6, 33.3, Optional.empty());
        assertThat(unreached(0.6, turned)).isCloseTo(unreached(0.6, bed("A", 5, 5, 2, 1.6)), within(2e-4));
    }

    @Test
    @DisplayName("Touched at one corner only, a quarter circle is within reach [closed form]")
    void aCornerReachesAQuarterCircle() {
        // Built in on all sides, the upper and the right neighbour ending half a passing width before the corner they
        // share.
        Bed[] beds = {
            bed("A", 5, 5, 2, 2),
            bed("left", 3.5, 5.5, 1, 3),
            bed("below", 5, 3.5, 4, 1),
            bed("above", 4.85, 6.5, 1.7, 1),
            bed("right", 6.5, 4.85, 1, 1.7)
        };
        double reached = 4 - unreached(0.6, beds);
        assertThat(reached).isCloseTo(Math.PI * 0.6 * 0.6 / 4, within(0.001));
    }

    @Test
    void eachGardenerIsJudgedAndWhatNobodyReachesIsKnownApart() {
        BedReach reach =
                study(List.of(gardener("Long", 0.7, 0.6), gardener("Short", 0.5, 0.6)), bed("A", 5, 5, 4, 1.6));
        assertThat(areaFor(reach, "Short")).isCloseTo(3 * 0.6, within(1e-4));
        assertThat(areaFor(reach, "Long")).isCloseTo(2.6 * 0.2, within(1e-4));
        assertThat(reach.byNobody().area().squareMetres()).isCloseTo(2.6 * 0.2, within(1e-4));
    }

    @Test
    void aWalkTooNarrowForAChairTakesThatSideFromWhoeverSitsInIt() {
        Bed[] beds = {bed("A", 5, 5, 4, 1), bed("B", 5, 6.7, 4, 1)};
        BedReach reach = study(List.of(gardener("Foot", 0.5, 0.6), gardener("Chair", 0.5, 0.9)), beds);
        assertThat(areaFor(reach, "Foot")).isZero();
        assertThat(areaFor(reach, "Chair")).isGreaterThan(1);
        assertThat(reach.byNobody().area().isZero()).isTrue();
    }

    @Test
    void withoutGardenersNothingIsSaid() {
        assertThat(study(List.of(), bed("A", 5, 5, 4, 4)).byNobody()).isEqualTo(Unreached.NOTHING);
    }

    @Test
    @DisplayName(
            "Presets: clear width 36 in (403.5.1), turning circle 60 in (304.3.1), reach 15 to 48 in high, 24 in deep (308) [2010 ADA Standards]")
    void presetsOfTheStandard() {
        assertThat(PassingPreset.WHEELCHAIR.width())
                .isEqualTo(Length.inches(36))
                .isEqualTo(PassingPreset.WHEELCHAIR_CLEAR);
        assertThat(PassingPreset.WHEELCHAIR_TURNING).isEqualTo(Length.inches(60));
        assertThat(ReachPreset.SEATED_LOWEST).isEqualTo(Length.inches(15));
        assertThat(ReachPreset.SEATED_HIGHEST).isEqualTo(Length.inches(48));
        assertThat(ReachPreset.SEATED.reach()).isLessThanOrEqualTo(ReachPreset.SEATED_DEEPEST);
    }

    @ParameterizedTest(name = "{0}: {1} in [common practice]")
    @CsvSource({"AVERAGE_ADULT, 24", "SHORTER_ARMS, 21", "LONG_ARMS, 27", "STIFF_BACK, 18", "CHILD, 16", "SEATED, 20"})
    void presetsOfReach(ReachPreset preset, double inches) {
        assertThat(preset.reach()).isEqualTo(Length.inches(inches));
    }

    private static double areaFor(BedReach reach, String gardener) {
        return reach.byGardener().stream()
                .filter(r -> r.gardener().equals(Gardens.id(gardener)))
                .findFirst()
                .orElseThrow()
                .unreached()
                .area()
                .squareMetres();
    }

    private static double unreached(double reach, Bed... beds) {
        return study(List.of(gardener("Ada", reach, 0.6)), beds)
                .byNobody()
                .area()
                .squareMetres();
    }

    private static BedReach study(List<Gardener> gardeners, Bed... beds) {
        Plan plan = Gardens.plot(10, 10, gardeners, beds);
        List<StandingBed> standing = plan.standing(SEASON);
        StandingBed first = standing.stream()
                .filter(b -> b.id().equals(beds[0].id()))
                .findFirst()
                .orElseThrow();
        return ReachStudy.of(WalkStudy.of(plan.site(), standing), gardeners).reach(first);
    }
}
