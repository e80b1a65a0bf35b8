package fairacre.server.garden;

import static org.assertj.core.api.Assertions.assertThat;

import fairacre.judging.Failure;
import fairacre.testing.Gardens;
import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.util.List;
import org.junit.jupiter.api.Test;

class FailuresTest {

    @Test
    void everyPartThatFailedIsCounted() {
        SimpleMeterRegistry meters = new SimpleMeterRegistry();
        Failures failures = new Failures(meters);
        failures.tell(Gardens.generated(1, 1), List.of());
        assertThat(meters.counter(Failures.COUNTER).count()).isZero();
        failures.tell(
                Gardens.generated(1, 1),
                List.of(
                        new Failure("the walks", new IllegalStateException("one")),
                        new Failure("heights", new IllegalStateException("another"))));
        assertThat(meters.counter(Failures.COUNTER).count()).isEqualTo(2);
    }
}
