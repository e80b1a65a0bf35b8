package fairacre.sun;

import static fairacre.testing.Gardens.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairacre.limits.RefusedException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SkyTest {

    private static final Sky HILLS = new Sky(
            id("Sky"),
            List.of(new Sky.Skyline(270, 10), new Sky.Skyline(90, 4), new Sky.Skyline(180, 0)),
            Optional.empty());

    @ParameterizedTest
    @CsvSource({"90, 4", "135, 2", "180, 0", "225, 5", "270, 10", "0, 7", "360, 7", "45, 5.5", "-90, 10"})
    @DisplayName("the skyline runs straight between the directions that are told, through north too, by hand")
    void runsStraight(double direction, double height) {
        assertThat(Math.toDegrees(HILLS.horizonAt(Math.toRadians(direction)))).isCloseTo(height, within(1e-9));
    }

    @Test
    void aFlatHorizonHidesNothing() {
        assertThat(new Sky(id("Sky"), List.of(), Optional.empty()).horizonAt(1)).isZero();
    }

    @Test
    void whatCantBeIsRefused() {
        assertThatThrownBy(() -> new Sky.Skyline(361, 5)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> new Sky.Skyline(10, 81)).isInstanceOf(RefusedException.class);
        List<Sky.Skyline> twice = List.of(new Sky.Skyline(10, 5), new Sky.Skyline(10, 6));
        assertThatThrownBy(() -> new Sky(id("Sky"), twice, Optional.empty())).hasMessageContaining("10.0 degrees");
        assertThatThrownBy(() -> new Sky(id("Sky"), List.of(), Optional.of("Atlantis")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("Atlantis");
    }
}
