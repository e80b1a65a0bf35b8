package fairacre.frame;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPSolver;
import java.lang.reflect.Field;
import org.junit.jupiter.api.Test;

class NativeSolverTest {

    @Test
    void itsMemoryIsGivenBackAtOnce() throws Exception {
        Loader.loadNativeLibraries();
        NativeSolver glop = NativeSolver.of("GLOP");
        assertThat(address(glop.solver())).isNotZero();
        glop.close();
        assertThat(address(glop.solver())).isZero();
    }

    /** Where the solver lies: 0 is how the wrappers that SWIG generates say that there is nothing any more. */
    private static long address(MPSolver solver) throws Exception {
        Field address = MPSolver.class.getDeclaredField("swigCPtr");
        address.setAccessible(true);
        return address.getLong(solver);
    }
}
