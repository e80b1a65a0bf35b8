package fairacre.server.api;

import fairacre.limits.Stop;
import fairacre.server.turn.Turns;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import org.springframework.web.servlet.AsyncHandlerInterceptor;

/**
 * Lets requests work in the turns of their accounts, and gives one up that takes too much work: it is counted in
 * processor time of its thread, so that a busy machine ends nothing that it would get through by itself. One that only
 * waits is given up later.
 */
final class Deadline implements AsyncHandlerInterceptor {

    /** A request may wait so many times as long as it may work. */
    private static final int WAITS = 6;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final Turns turns;
    private final Duration work;

    /** @param work processor time that a request may take */
    Deadline(Turns turns, Duration work) {
        this.turns = turns;
        this.work = work;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        BooleanSupplier tooLate = tooLate();
        if (request.getUserPrincipal() == null) {
            Stop.when(tooLate);
            return true;
        }
        Turns.Turn turn = turns.begin(UUID.fromString(request.getUserPrincipal().getName()));
        request.setAttribute(Turns.class.getName(), turn);
        turn.look();
        Stop.when(() -> {
            turn.look();
            return tooLate.getAsBoolean();
        });
        return true;
    }

    @Override
    public void afterConcurrentHandlingStarted(
            HttpServletRequest request, HttpServletResponse response, Object handler) {
        end(request);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception failure) {
        end(request);
    }

    private static void end(HttpServletRequest request) {
        Stop.never();
        if (request.getAttribute(Turns.class.getName()) instanceof Turns.Turn turn) {
            request.removeAttribute(Turns.class.getName());
            turn.end();
        }
    }

    private BooleanSupplier tooLate() {
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
