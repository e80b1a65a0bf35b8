package fairacre.solve;

import com.google.ortools.Loader;

/** Loads the solvers of OR-Tools once. */
public final class OrTools {

    private static final boolean THERE = load();

    private OrTools() {}

    /** Whether there are solvers for this machine; where there are none, quick answers stand. */
    public static boolean isThere() {
        return THERE;
    }

    private static boolean load() {
        try {
            Loader.loadNativeLibraries();
            return true;
        } catch (UnsatisfiedLinkError | RuntimeException missing) {
            return false;
        }
    }
}
