package fairacre.reach;

import static fairacre.testing.Gardens.SEASON;
import static fairacre.testing.Gardens.cedar;
import static fairacre.testing.Gardens.id;
import static fairacre.testing.Gardens.rectangle;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.build.Board;
import fairacre.build.Build;
import fairacre.build.Cap;
import fairacre.build.Frame;
import fairacre.measure.Length;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.reach.WorkingHeight.Ease;
import fairacre.testing.Gardens;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeightStudyTest {

    private static final Gardener INES = Gardens.seated("Ines", 0.5, 0.92);

    private static BedRevision bed(double length, double width, Optional<Frame> frame, double legs, Optional<Cap> cap) {
        return new BedRevision(
                SEASON,
                rectangle(5, 5, length, width, 0),
                Shape.RECTANGLE,
                frame,
                false,
                new Build(Optional.empty(), cap, Length.inches(legs), Length.ZERO, Length.ZERO));
    }

    @ParameterizedTest(name = "{0} courses of 7 1/4 in: {1}")
    @DisplayName("15 in lowest, and 34 in highest to reach over sideways [2010 ADA Standards 308.3.1, 308.3.2]")
    @CsvSource({"1, TOO_LOW", "2, TOO_LOW", "3, SIDE_ON", "4, SIDE_ON", "5, TOO_HIGH"})
    void whoSitsReachesDownToFifteenInches(int courses, Ease ease) {
        BedRevision bed = bed(2, 0.9, Optional.of(cedar(Board.B2X8, courses)), 0, Optional.empty());
        assertThat(HeightStudy.of(bed, INES).ease()).isEqualTo(ease);
    }

    @ParameterizedTest(name = "legs {0} in, {1} x {2} m")
    @DisplayName("Knees: 27 in high, 30 in wide between legs of 3 1/2 in, 11 in deep [2010 ADA Standards 306.3]")
    @CsvSource({
        "27, 1.2, 0.6, KNEES_UNDER",
        "26.9, 1.2, 0.6, TOO_HIGH",
        "27, 0.939, 0.6, TOO_HIGH",
        "27, 0.94, 0.28, KNEES_UNDER",
        "27, 0.94, 0.279, TOO_HIGH",
        "20, 1.2, 0.6, SIDE_ON",
        "39, 1.2, 0.6, KNEES_UNDER"
    })
    void aTableBedHasRoomForKneesOrNot(double legs, double length, double width, Ease ease) {
        BedRevision bed = bed(length, width, Optional.of(cedar(Board.B2X8, 1)), legs, Optional.empty());
        assertThat(HeightStudy.of(bed, INES).ease()).isEqualTo(ease);
    }

    @ParameterizedTest(name = "a rim of {0} m")
    @DisplayName("A person of 1.70 m: wrists at 0.825 m, fingertips at 0.641 m [Drillis and Contini 1966, from memory]")
    @CsvSource({"0, 0.8245, KNEELING", "1, 0.59, KNEELING", "2, 0.355, KNEELING", "3, 0.120, BENT", "4, 0, UPRIGHT"})
    void theStoopIsMeasuredFromTheWrists(int courses, double stoop, Ease ease) {
        Gardener tall = new Gardener(
                id("Ada"),
                "Ada",
                Length.metres(0.6),
                Posture.STANDING,
                Length.metres(0.6),
                Optional.of(Length.metres(1.7)));
        Optional<Frame> frame = courses == 0 ? Optional.empty() : Optional.of(cedar(Board.B2X10, courses));
        WorkingHeight height = HeightStudy.of(bed(2, 1, frame, 0, Optional.empty()), tall);
        assertThat(height.stoop().orElseThrow().metres()).isCloseTo(stoop, within(0.001));
        assertThat(height.ease()).isEqualTo(ease);
        assertThat(HeightStudy.of(bed(2, 1, frame, 0, Optional.empty()), Gardens.gardener("Bo", 0.6, 0.6))
                        .ease())
                .isEqualTo(Ease.UNKNOWN);
    }

    @Test
    @DisplayName("A bench is 17 to 19 in high [2010 ADA Standards 903.5]")
    void aWideCapAtTheHeightOfABenchCanBeSatOn() {
        Optional<Cap> board = Optional.of(new Cap(Length.inches(5.5), false));
        assertThat(HeightStudy.canBeSatOn(bed(2, 1, Optional.of(cedar(Board.B2X10, 2)), 0, board)))
                .isTrue();
        assertThat(HeightStudy.canBeSatOn(bed(2, 1, Optional.of(cedar(Board.B2X12, 2)), 0, board)))
                .isFalse();
        assertThat(HeightStudy.canBeSatOn(bed(2, 1, Optional.of(cedar(Board.B2X8, 2)), 0, board)))
                .isFalse();
        Optional<Cap> slat = Optional.of(new Cap(Length.inches(3.5), false));
        assertThat(HeightStudy.canBeSatOn(bed(2, 1, Optional.of(cedar(Board.B2X10, 2)), 0, slat)))
                .isFalse();
    }
}
