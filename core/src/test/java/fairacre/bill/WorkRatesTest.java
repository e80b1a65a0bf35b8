package fairacre.bill;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.build.Masonry;
import fairacre.frame.FrameRates;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WorkRatesTest {

    @Test
    void everyRateHasAKeyOfItsOwnAndSaysWhereItComesFrom() {
        assertThat(WorkRates.all().map(WorkRate::key)).doesNotHaveDuplicates().hasSize(63);
        assertThat(WorkRates.all()).allSatisfy(rate -> {
            assertThat(rate.minutes()).isPositive();
            assertThat(rate.label()).isNotBlank();
            assertThat(rate.source()).containsAnyOf("guess", "common practice");
        });
    }

    @Test
    @DisplayName("Worked by hand: five pieces at 12 minutes an hour, half a tonne of stone at 5 hours two and a half")
    void hoursAreMinutesTimesTheCount() {
        assertThat(FrameRates.PIECE.hours(5)).isEqualTo(1);
        assertThat(FrameRates.laying(Masonry.STONE).hours(0.5)).isEqualTo(2.5);
    }
}
