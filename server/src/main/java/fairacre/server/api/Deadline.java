package fairacre.server.api;

import fairacre.limits.Stop;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.function.BooleanSupplier;
import org.springframework.web.servlet.AsyncHandlerInterceptor;

/**
 * Gives a request up that takes too much work: it is counted in processor time of its thread, so that a busy machine
 * ends nothing that it would get through by itself. One that only waits is given up later.
 */
final class Deadline implements AsyncHandlerInterceptor {

    /** A request may wait so many times as long as it may work. */
    private static final int WAITS = 6;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final Duration work;

    /** @param work processor time that a request may take */
    Deadline(Duration work) {
        this.work = work;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Stop.when(end());
        return true;
    }

    @Override
    public void afterConcurrentHandlingStarted(
            HttpServletRequest request, HttpServletResponse response, Object handler) {
        Stop.never();
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        Stop.never();
    }

    private BooleanSupplier end() {
        long begun = System.nanoTime();
        long worked = THREADS.getCurrentThreadCpuTime();
        long most = work.toNanos();
        return () -> {
            long passed = System.nanoTime() - begun;
            // Asking for processor time costs more than asking the clock.
            return passed > most && (passed > WAITS * most || THREADS.getCurrentThreadCpuTime() - worked > most);
        };
    }
}
