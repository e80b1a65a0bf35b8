package fairacre.server.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.security.Principal;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class FairShareTest {

    private static final Duration NOT_AT_ALL = Duration.ZERO;

    private static MockHttpServletRequest from(String account) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        if (account != null) {
            request.setUserPrincipal((Principal) () -> account);
        }
        return request;
    }

    private static void begin(FairShare share, MockHttpServletRequest request) throws InterruptedException {
        assertThat(share.preHandle(request, new MockHttpServletResponse(), new Object())).isTrue();
    }

    private static void end(FairShare share, MockHttpServletRequest request) {
        share.afterCompletion(request, new MockHttpServletResponse(), new Object(), null);
    }

    @Test
    void oneAccountsWorkDoesNotHoldUpAnother() throws InterruptedException {
        FairShare share = new FairShare(2, 10, NOT_AT_ALL);
        MockHttpServletRequest first = from("rosa");
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
        MockHttpServletRequest request = from("rosa");
        begin(share, request);
        end(share, request);
        end(share, request);
        begin(share, from("rosa"));
        assertThatThrownBy(() -> begin(share, from("rosa"))).isInstanceOf(TooBusyException.class);
    }

    @Test
    void oneThatWaitsHasItsTurnWhenAnotherIsDone() throws InterruptedException {
        FairShare share = new FairShare(1, 10, Duration.ofMinutes(1));
        MockHttpServletRequest first = from("rosa");
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
        assertThatThrownBy(() -> begin(new FairShare(1, 0, Duration.ofMinutes(1)), from("rosa"))).isInstanceOf(TooBusyException.class);
    }
}
