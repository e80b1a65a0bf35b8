package fairacre.server.api;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.web.servlet.AsyncHandlerInterceptor;

/**
 * A fair share of the server for each account: so many of its requests are worked on at once, the others wait in line.
 * Where too many wait, or one too long, it is answered that too much is asked for.
 */
final class FairShare implements AsyncHandlerInterceptor {

    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);

    private final int atOnce;
    private final int mostWaiting;
    private final Duration patience;
    private final Cache<String, Semaphore> shares =
            Caffeine.newBuilder().expireAfterAccess(FORGOTTEN_AFTER).build();

    /**
     * @param atOnce requests of an account that are worked on at the same time
     * @param mostWaiting that wait for their turn
     * @param patience how long one waits
     */
    FairShare(int atOnce, int mostWaiting, Duration patience) {
        this.atOnce = atOnce;
        this.mostWaiting = mostWaiting;
        this.patience = patience;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws InterruptedException {
        Principal account = request.getUserPrincipal();
        if (account != null) {
            Semaphore share = shares.get(account.getName(), name -> new Semaphore(atOnce, true));
            if (share.getQueueLength() >= mostWaiting
                    || !share.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new TooBusyException();
            }
            request.setAttribute(FairShare.class.getName(), share);
        }
        return true;
    }

    /** Whoever follows a garden takes no share while nothing is written. */
    @Override
    public void afterConcurrentHandlingStarted(
            HttpServletRequest request, HttpServletResponse response, Object handler) {
        release(request);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        release(request);
    }

    private static void release(HttpServletRequest request) {
        if (request.getAttribute(FairShare.class.getName()) instanceof Semaphore share) {
            request.removeAttribute(FairShare.class.getName());
            share.release();
        }
    }
}
