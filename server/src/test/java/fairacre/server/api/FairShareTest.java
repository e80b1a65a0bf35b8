package fairacre.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class FairShareTest {

    private static final Duration NOT_AT_ALL = Duration.ZERO;

    /** A request that keeps its attributes. */
    private static HttpServletRequest from(String account) {
        Map<String, Object> attributes = new HashMap<>();
        HttpServletRequest request = mock(HttpServletRequest.class);
        if (account != null) {
            Principal principal = () -> account;
            when(request.getUserPrincipal()).thenReturn(principal);
        }
        doAnswer(call -> attributes.put(call.getArgument(0), call.getArgument(1)))
                .when(request)
                .setAttribute(any(), any());
        doAnswer(call -> attributes.remove(call.<String>getArgument(0)))
                .when(request)
                .removeAttribute(any());
        when(request.getAttribute(any())).thenAnswer(call -> attributes.get(call.<String>getArgument(0)));
        return request;
    }

    private static void begin(FairShare share, HttpServletRequest request) throws InterruptedException {
        assertThat(share.preHandle(request, mock(HttpServletResponse.class), new Object()))
                .isTrue();
    }

    private static void end(FairShare share, HttpServletRequest request) {
        share.afterCompletion(request, mock(HttpServletResponse.class), new Object(), null);
    }

    @Test
    void oneAccountsWorkDoesNotHoldUpAnother() throws InterruptedException {
        FairShare share = new FairShare(2, 10, NOT_AT_ALL);
        HttpServletRequest first = from("rosa");
        begin(share, first);
        begin(share, from("rosa"));
        assertThatThrownBy(() -> begin(share, from("rosa"))).isInstanceOf(TooBusyException.class);
        begin(share, from("ines"));
        end(share, first);
        begin(share, from("rosa"));
    }

    @Test
    void whoeverIsNotSignedInHasNoShareToUseUp() throws InterruptedException {
        FairShare share = new FairShare(1, 10, NOT_AT_ALL);
        begin(share, from(null));
        begin(share, from(null));
    }

    @Test
    void aRequestGivesItsPlaceBackOnce() throws InterruptedException {
        FairShare share = new FairShare(1, 10, NOT_AT_ALL);
        HttpServletRequest request = from("rosa");
        begin(share, request);
        end(share, request);
        end(share, request);
        begin(share, from("rosa"));
        assertThatThrownBy(() -> begin(share, from("rosa"))).isInstanceOf(TooBusyException.class);
    }

    @Test
    void oneThatWaitsHasItsTurnWhenAnotherIsDone() throws InterruptedException {
        FairShare share = new FairShare(1, 10, Duration.ofMinutes(1));
        HttpServletRequest first = from("rosa");
        begin(share, first);
        CountDownLatch turn = new CountDownLatch(1);
        Thread waiting = new Thread(() -> {
            try {
                begin(share, from("rosa"));
                turn.countDown();
            } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
            }
        });
        waiting.start();
        end(share, first);
        assertThat(turn.await(1, TimeUnit.MINUTES)).isTrue();
        waiting.join();
    }

    @Test
    void aLineThatIsTooLongIsNotJoined() {
        assertThatThrownBy(() -> begin(new FairShare(1, 0, Duration.ofMinutes(1)), from("rosa")))
                .isInstanceOf(TooBusyException.class);
    }
}
