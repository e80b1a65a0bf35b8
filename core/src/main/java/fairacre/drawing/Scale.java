package fairacre.drawing;

import fairacre.limits.RefusedException;
import java.util.Arrays;

/** How many times smaller the drawing is than the ground. */
public enum Scale {
    ONE_TO_50("1:50", 50),
    ONE_TO_100("1:100", 100),
    ONE_TO_200("1:200", 200),
    /** A quarter of an inch on paper is a foot on the ground, which is 1:48. */
    QUARTER_INCH("1/4 in = 1 ft", 48);

    private final String label;
    private final int divisor;

    Scale(String label, int divisor) {
        this.label = label;
        this.divisor = divisor;
    }

    public String label() {
        return label;
    }

    /** Millimetres on paper for metres on the ground. */
    public double onPaper(double metres) {
        return metres * 1000 / divisor;
    }

    /** @throws RefusedException if there is no such scale */
    public static Scale of(String name) {
        return Arrays.stream(values())
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "scale", "there is no scale \"" + name + "\"", "give one of " + Arrays.toString(values())));
    }
}
