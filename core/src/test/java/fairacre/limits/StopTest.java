package fairacre.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fairacre.frame.CutStudy;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import fairacre.shape.Memo;
import java.math.BigDecimal;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class StopTest {

    @AfterEach
    void goOn() {
        Stop.never();
    }

    @Test
    @DisplayName("work ends when it is wanted, in this thread alone, and not after that")
    void endsTheWorkOfItsThread() {
        assertThatCode(Stop::look).doesNotThrowAnyException();
        Stop.when(() -> true);
        assertThatThrownBy(Stop::look).isInstanceOf(StoppedException.class);
        CompletableFuture<Void> elsewhere = CompletableFuture.runAsync(Stop::look);
        assertThatCode(elsewhere::join).doesNotThrowAnyException();
        Stop.never();
        assertThatCode(Stop::look).doesNotThrowAnyException();
    }

    @Test
    @DisplayName("whatever is worked out for a memo ends, what it knows is told")
    void memos() {
        Memo memo = new Memo(10);
        assertThat(memo.<Integer>recall("known", () -> 7)).isEqualTo(7);
        Stop.when(() -> true);
        assertThat(memo.<Integer>recall("known", () -> 8)).isEqualTo(7);
        assertThatThrownBy(() -> memo.recall("unknown", () -> 8)).isInstanceOf(StoppedException.class);
    }

    @Test
    @DisplayName("the cutting of boards ends within one of its steps")
    void cutting() {
        List<Length> pieces = IntStream.range(0, 70)
                .mapToObj(i -> Length.metres(0.5 + i * 0.017))
                .toList();
        List<Stock> stock = List.of(
                Stock.bought(Length.metres(2.4), new BigDecimal("14.00")),
                Stock.bought(Length.metres(3.6), new BigDecimal("21.90")));
        AtomicInteger looks = new AtomicInteger();
        Stop.when(() -> looks.incrementAndGet() > 3);
        assertThatThrownBy(() -> CutStudy.of(pieces, stock, Saw.USUAL)).isInstanceOf(StoppedException.class);
        assertThat(looks).hasValue(4);
    }
}
