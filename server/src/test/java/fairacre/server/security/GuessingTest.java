package fairacre.server.security;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GuessingTest {

    @ParameterizedTest
    @DisplayName("by hand: nothing up to the fifth, then five seconds and twice as long each time, at most 640")
    @CsvSource({"0, 0", "4, 0", "5, 5", "6, 10", "7, 20", "11, 320", "12, 640", "13, 640", "1000000, 640"})
    void waits(int failures, long seconds) {
        assertThat(Guessing.waitAfter(failures)).hasSeconds(seconds);
    }
}
