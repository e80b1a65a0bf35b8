package fairacre.walk;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import fairacre.plan.Bed;
import fairacre.plan.Plan;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WalkStudyTest {

    private static final Length FOOT = Length.metres(0.6);

    @Test
    void aFreeBedIsOpenAllRound() {
        assertThat(study(bed("A", 5, 5, 2, 1)).stretches(id("A"), FOOT))
                .hasSize(4)
                .allMatch(Stretch::wholeEdge);
    }

    @Test
    void anEdgeOnThePlotsEdgeDoesNotCount() {
        assertThat(study(bed("A", 5, 0.5, 2, 1)).stretches(id("A"), FOOT))
                .extracting(Stretch::edge)
                .doesNotContain(0)
                .contains(1, 2, 3);
    }

    @ParameterizedTest(name = "a walk of {0} m and a width of 0.6 m: {1}")
    @CsvSource({"0.59, false", "0.6, true", "0.61, true"})
    void aWalkExactlyAsWideAsACarrierLetsItThrough(double walk, boolean passes) {
        WalkStudy study = study(bed("A", 5, 5, 4, 1), bed("B", 5, 6 + walk, 4, 1));
        assertThat(study.stretches(id("A"), FOOT).stream().anyMatch(s -> s.edge() == 2 && s.wholeEdge()))
                .isEqualTo(passes);
    }

    @Test
    void aWheelchairSquareTurnsNoCornerThatIsTooTight() {
        WalkStudy study = study(bed("A", 5, 5, 4, 1), bed("B", 5, 6.6, 4, 1));
        List<Stretch> above = study.stretches(id("A"), Length.metres(0.9)).stream()
                .filter(s -> s.edge() == 2)
                .toList();
        assertThat(above).as("only where the chair can stand off the corner").allMatch(s -> s.end() - s.start() < 0.5);
    }

    @Test
    void groundShutInByBedsIsNoWayIn() {
        Bed[] ring = {bed("S", 5, 3, 5, 1), bed("N", 5, 7, 5, 1), bed("W", 3, 5, 1, 3), bed("E", 7, 5, 1, 3)};
        assertThat(study(ring).stretches(id("S"), FOOT)).noneMatch(s -> s.edge() == 2 && s.end() - s.start() > 0.01);
        ring[3] = bed("E", 7.2, 5, 1, 1.6);
        assertThat(study(ring).stretches(id("S"), FOOT)).anyMatch(s -> s.edge() == 2 && s.end() - s.start() > 1);
    }

    @Test
    void aBedBuriedUnderAnotherHasNoEdge() {
        assertThat(study(bed("A", 5, 5, 1, 1), bed("B", 5, 5, 4, 4)).stretches(id("A"), FOOT))
                .isEmpty();
    }

    @Test
    void aBedThatDoesNotStandHasNoEdge() {
        assertThat(study().stretches(id("nowhere"), FOOT)).isEmpty();
    }

    @Test
    @DisplayName("A 24 in walk is too narrow for a wheelchair's 36 in [2010 ADA Standards 403.5.1]")
    void pinchForAWheelchair() {
        WalkStudy study = study(bed("A", 5, 5, 4, 1), bed("B", 5, 6.6096, 4, 1));
        assertThat(study.pinches(PassingPreset.WHEELCHAIR_CLEAR))
                .singleElement()
                .satisfies(p -> {
                    assertThat(p.width()).isEqualTo(Length.inches(24));
                    assertThat(p.start().x()).isEqualTo(Length.metres(5));
                });
        assertThat(study.pinches(Length.inches(24))).isEmpty();
    }

    @Test
    void bedsBuiltAgainstEachOtherAreNoWalk() {
        assertThat(study(bed("A", 5, 5, 2, 1), bed("B", 5, 6.02, 2, 1)).pinches(FOOT))
                .isEmpty();
    }

    @Test
    void cornersThatComeCloseAreAPinchToo() {
        WalkStudy study = study(bed("A", 3, 3, 2, 2), bed("B", 5.3, 5.4, 2, 2));
        assertThat(study.pinches(FOOT))
                .singleElement()
                .satisfies(p -> assertThat(p.width().metres()).isCloseTo(0.5, within(1e-6)));
    }

    @Test
    void whatStandsInBetweenHidesAPinch() {
        WalkStudy study = study(bed("A", 5, 5, 2, 1), bed("between", 5, 5.7, 2, 0.3), bed("B", 5, 6.4, 2, 1));
        assertThat(study.pinches(FOOT))
                .noneMatch(p -> p.bed().equals(id("A")) && p.other().equals(Optional.of(id("B"))));
    }

    @Test
    void gapsAreMeasuredSquareToTheEdgesOnceEach() {
        WalkStudy study = study(bed("A", 3, 5, 2, 1), bed("B", 3, 6.8, 2, 1));
        assertThat(study.gaps())
                .filteredOn(g -> g.to().isPresent())
                .singleElement()
                .satisfies(g -> assertThat(g.distance()).isEqualTo(Length.metres(0.8)));
        assertThat(study.gaps()).filteredOn(g -> g.to().isEmpty()).hasSize(6);
    }

    @Test
    void aNeighbourThatStandsAsideStillFacesWithWhatFaces() {
        WalkStudy study = study(bed("A", 3, 5, 2, 1), bed("B", 4.9, 7, 2, 1));
        assertThat(study.gaps()).filteredOn(g -> g.to().isPresent()).anySatisfy(g -> {
            assertThat(g.distance()).isEqualTo(Length.metres(1));
            assertThat(g.start().x().metres()).isCloseTo(3.95, within(0.01));
        });
    }

    private static WalkStudy study(Bed... beds) {
        Plan plan = Gardens.plot(10, 10, List.of(), beds);
        return WalkStudy.of(plan.site(), plan.standing(SEASON));
    }

    @Test
    void theFingersOfACombAreNotMeasuredAgainstEachOther() {
        var plan = fairacre.testing.Gardens.plot(
                10,
                10,
                java.util.List.of(),
                fairacre.testing.Gardens.shaped(
                        "Comb",
                        fairacre.testing.Gardens.rectangle(5, 5, 4, 2, 0),
                        fairacre.testing.Gardens.comb(3, 0.5, 0.5)));
        var gaps = WalkStudy.of(plan.site(), plan.standing(fairacre.testing.Gardens.SEASON))
                .gaps();
        assertThat(gaps).allSatisfy(gap -> assertThat(gap.to()).isEmpty());
        assertThat(gaps)
                .extracting(gap -> gap.distance().metres())
                .allSatisfy(d -> assertThat(d).isIn(3.0, 4.0, 5.5));
    }
}
