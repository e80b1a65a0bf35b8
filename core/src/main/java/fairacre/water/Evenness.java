package fairacre.water;

import java.util.Arrays;

/**
 * How evenly outlets water: the mean of the lowest quarter over the mean of all (low-quarter distribution uniformity,
 * as in ASABE EP405 and EP458). 1 where all give the same.
 */
final class Evenness {

    private Evenness() {}

    /** @param flows of each outlet, or what each gives of what it should; 1 for none, 0 where nothing flows */
    static double of(double[] flows) {
        if (flows.length == 0) {
            return 1;
        }
        double[] sorted = flows.clone();
        Arrays.sort(sorted);
        int quarter = Math.max(1, sorted.length / 4);
        double mean = Arrays.stream(sorted).average().orElse(0);
        double lowest = Arrays.stream(sorted, 0, quarter).average().orElse(0);
        return mean <= 0 ? 0 : lowest / mean;
    }
}
