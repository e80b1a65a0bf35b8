package fairacre.hoop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairacre.measure.Length;
import java.util.stream.IntStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HoopPipeTest {

    @ParameterizedTest
    @DisplayName("Common practice: PE bends to 20 diameters, 1/2 in PVC goes over a 4 ft bed, conduit to 4 in")
    @CsvSource({"PE_20, 0.4", "PE_25, 0.5", "PVC_21, 0.5325", "WIRE_4, 0.02", "CONDUIT_18, 0.1016"})
    void aPipeBendsSoTightly(HoopPipe pipe, double metres) {
        assertThat(pipe.tightest().metres()).isCloseTo(metres, within(2e-4));
    }

    @ParameterizedTest
    @DisplayName("Exhaustive: bow after bow is cut from the stick with the most left that still has room")
    @CsvSource({"3, 1", "3, 1.5", "3, 1.4999", "3, 1.5001", "3, 3", "3, 3.0001", "3, 4", "3, 6", "3.048, 2.4", "3, 7.2"
    })
    void sticksAreCutAsFarAsTheyGo(double stick, double bow) {
        for (int bows : IntStream.rangeClosed(1, 13).toArray()) {
            HoopSticks told = HoopSticks.of(bows, Length.metres(bow), Length.metres(stick));
            assertThat(told.sticks()).isEqualTo(bought(bows, Length.metres(bow), Length.metres(stick)));
            assertThat(told.couplings()).isEqualTo(bows * (int) Math.floor((bow - 1e-7) / stick));
        }
    }

    private static int bought(int bows, Length bow, Length stick) {
        int bought = 0;
        long left = 0;
        for (int i = 0; i < bows; i++) {
            long wanted = bow.micrometres();
            while (wanted >= stick.micrometres()) {
                bought++;
                wanted -= stick.micrometres();
            }
            if (wanted > left) {
                bought++;
                left = stick.micrometres();
            }
            left -= wanted;
        }
        return bought;
    }

    @Test
    void metalStaysBentAndPlasticSprings() {
        assertThat(HoopPipe.WIRE_4.staysBent()).isTrue();
        assertThat(HoopPipe.CONDUIT_18.staysBent()).isTrue();
        assertThat(HoopPipe.PE_20.staysBent()).isFalse();
        assertThat(HoopPipe.PVC_21.staysBent()).isFalse();
    }
}
