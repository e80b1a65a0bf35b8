package fairacre.frame;

import com.google.ortools.linearsolver.MPSolver;

/**
 * A solver whose memory lies outside the Java heap. It is given back at once: the garbage collector sees only a small
 * object, and takes it long after gigabytes have piled up.
 */
record NativeSolver(MPSolver solver) implements AutoCloseable {

    /** @param kind as OR-Tools names it, such as "GLOP" or "SCIP" */
    static NativeSolver of(String kind) {
        return new NativeSolver(MPSolver.createSolver(kind));
    }

    @Override
    public void close() {
        solver.delete();
    }
}
