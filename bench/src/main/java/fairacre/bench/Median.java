package fairacre.bench;

import java.util.List;

/** The middle of some figures; of an even number the mean of the two in the middle. */
final class Median {

    private Median() {}

    static double of(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }
}
