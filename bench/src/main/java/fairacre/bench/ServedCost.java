package fairacre.bench;

import com.sun.management.ThreadMXBean;
import fairacre.server.Visitor.Answer;
import java.lang.management.ManagementFactory;
import java.util.function.Supplier;

/**
 * What a request costs the program: processor time and bytes of the threads that serve requests and share their work.
 * The compiler and the collector are left out, the database too, and the client, which runs in the same process on
 * threads of its own.
 */
record ServedCost(double milliseconds, double kilobytes) {

    private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();

    /**
     * The mean of some requests.
     *
     * @throws IllegalStateException if one is answered otherwise than 200 OK
     */
    static ServedCost of(Supplier<Answer> request, int times) {
        double[] before = spent();
        for (int i = 0; i < times; i++) {
            Answer answer = request.get();
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.text());
            }
        }
        double[] after = spent();
        return new ServedCost((after[0] - before[0]) / times / 1e6, (after[1] - before[1]) / times / 1e3);
    }

    /** Nanoseconds and bytes of all threads that serve requests, or share their work. */
    private static double[] spent() {
        double[] spent = new double[2];
        for (Thread thread : Thread.getAllStackTraces().keySet()) {
            if (thread.getName().contains("-exec-") || thread.getName().startsWith("ForkJoinPool.commonPool")) {
                spent[0] += THREADS.getThreadCpuTime(thread.getId());
                spent[1] += THREADS.getThreadAllocatedBytes(thread.getId());
            }
        }
        return spent;
    }
}
