package fairacre.sun;

import static fairacre.testing.Gardens.bed;
import static fairacre.testing.Gardens.compost;
import static fairacre.testing.Gardens.feature;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.plot;
import static fairacre.testing.Gardens.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.appraisal.Appraisal;
import fairacre.compost.CompostKinds;
import fairacre.judging.Snag;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.GroundChange;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Ref;
import fairacre.plan.Site;
import fairacre.testing.Gardens;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShadeSnagsTest {

    /** A bed of 4 x 1 m with a trellis of 4 m on one of its long sides. */
    private static Plan trellised(double latitude, double y, double height) {
        Plan plan = with(
                plot(12, 12, List.of(), bed("Lettuce", 6, 6, 4, 1)),
                Put.of(feature("Trellis", FeatureKind.TRELLIS, 0.05, 0, 4, y, 8, y)
                        .withHeight(Length.metres(height))));
        return with(plan, new GroundChange.SetSite(new Site(plan.site().corners(), 0, latitude)));
    }

    private static Optional<Snag> snag(Plan plan) {
        return Appraisal.of(plan, Gardens.SEASON).snags().stream()
                .filter(each -> each.rule() == SunRule.TRELLIS_SHADES)
                .findFirst();
    }

    @ParameterizedTest
    @ValueSource(doubles = {50, -40})
    @DisplayName("on the side of the noon sun it takes hours, on the other less, on either half of the earth")
    void onTheSunnySide(double latitude) {
        double sunny = latitude > 0 ? 5.4 : 6.6;
        double shady = 12 - sunny;
        Snag snag = snag(trellised(latitude, sunny, 2)).orElseThrow();
        assertThat(snag.things()).extracting(Ref::id).containsExactly(id("Trellis"));
        assertThat(snag.beds()).containsExactly(id("Lettuce"));
        assertThat(snag(trellised(latitude, shady, 2))).isEmpty();
        Plan moved = trellised(latitude, sunny, 2)
                .apply(snag.remedies().get(0).change())
                .orThrow();
        assertThat(snag.remedies().get(0).words()).isEqualTo("Move Trellis to the other side of Lettuce");
        assertThat(snag(moved)).isEmpty();
    }

    @Test
    void aLowOneTakesNothing() {
        assertThat(snag(trellised(50, 5.4, 0.2))).isEmpty();
    }

    @Test
    @DisplayName("it weighs more where the bed is good for less on account of it")
    void itsWeight() {
        Snag open = snag(trellised(50, 5.4, 1)).orElseThrow();
        assertThat(open.weight()).isEqualTo(Weight.NOTE);
        Plan walled = with(
                trellised(50, 5.4, 2),
                Put.of(feature("Wall", FeatureKind.WALL, 0.2, 0, 3, 4, 3, 8).withHeight(Length.metres(3))),
                Put.of(feature("Shed", FeatureKind.SHED, 0, 0, 9, 4, 11, 4, 11, 8, 9, 8)
                        .withHeight(Length.metres(3))));
        assertThat(snag(walled).orElseThrow().weight()).isEqualTo(Weight.WARNING);
    }

    private static Plan composting(double latitude, double y, double turn, Change... changes) {
        Plan plan = with(
                plot(14, 14, List.of(), Gardens.bed("Lettuce", 7, 7, 4, 1, turn, Optional.empty())),
                Put.of(compost("Heaps", 7, y, 0)));
        return with(with(plan, new GroundChange.SetSite(new Site(plan.site().corners(), 0, latitude))), changes);
    }

    private static Optional<Snag> tall(Plan plan) {
        return Appraisal.of(plan, Gardens.SEASON).snags().stream()
                .filter(each -> each.rule() == SunRule.TALL_THING_SHADES)
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({"50, 0", "50, 180", "-40, 0"})
    @DisplayName("compost on the sunny side of a bed goes to the other side, where there is room for it")
    void aTallThingOnTheSunnySide(double latitude, double turn) {
        double sunny = latitude > 0 ? 5.9 : 8.1;
        Plan plan = composting(latitude, sunny, turn);
        Snag snag = tall(plan).orElseThrow();
        assertThat(snag.words()).contains("on the other side of Lettuce");
        Plan moved = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(moved.list(CompostKinds.BAYS).get(0).place().centre().y().metres())
                .isCloseTo(14 - sunny, within(1e-5));
        assertThat(tall(moved)).isEmpty();
        // On the shady side it is right.
        assertThat(tall(composting(latitude, 14 - sunny, turn))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {50, -40})
    @DisplayName("where another bed stands on the other side, it goes to the nearest free place that takes less")
    void toTheNearestPlace(double latitude) {
        double sunny = latitude > 0 ? 5.9 : 8.1;
        Plan plan = composting(latitude, sunny, 0, new Change.PlaceBed(bed("Kale", 7, 14 - sunny, 4, 1)));
        double now = taken(plan);
        Snag snag = tall(plan).orElseThrow();
        assertThat(snag.remedies().get(0).words()).startsWith("Move Heaps").doesNotContain("other side");
        Plan moved = plan.apply(snag.remedies().get(0).change()).orThrow();
        assertThat(taken(moved)).isLessThanOrEqualTo(now - 0.5);
    }

    @Test
    @DisplayName("on a plot with no other room for it nothing is said of it")
    void nowhereElse() {
        Plan plan = with(plot(2, 2.1, List.of(), bed("Lettuce", 1, 1.55, 1.9, 1)), Put.of(compost("Heaps", 1, 0.5, 0)));
        assertThat(tall(plan)).isEmpty();
    }

    private static double taken(Plan plan) {
        return SunStudy.of(plan, Gardens.SEASON).growing().takenBy(bays(plan)).stream()
                .mapToDouble(SunHours.Taken::hours)
                .sum();
    }

    private static UUID bays(Plan plan) {
        return plan.list(CompostKinds.BAYS).get(0).id();
    }

    @Test
    void besideTheEndOfABedItGoesToTheOtherEnd() {
        // The bed lies north and south: its sunny end is in the south.
        Plan plan = composting(50, 4.4, 90);
        tall(plan).ifPresent(snag -> {
            Plan moved = plan.apply(snag.remedies().get(0).change()).orThrow();
            assertThat(moved.list(CompostKinds.BAYS).get(0).place().centre().y().metres())
                    .isCloseTo(9.6, within(1e-5));
        });
        assertThat(tall(plan)).isPresent();
    }
}
