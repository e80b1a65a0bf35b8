package fairacre.cost;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Shares out whole things by weights: each gets the whole part of its share, and what is left goes to the largest
 * remainders, at equal ones to the first (method of Hamilton, 1792). All shares together are as many as there are.
 */
final class WholeShares {

    /** What is less than that is out of rounding. */
    private static final double HAIR = 1e-9;

    private WholeShares() {}

    /** @param weights each more than 0 */
    static <T> Map<T, Double> of(int count, Map<T, Double> weights) {
        double all = weights.values().stream().mapToDouble(Double::doubleValue).sum();
        Map<T, Double> shares = new LinkedHashMap<>();
        Map<T, Double> rest = new LinkedHashMap<>();
        weights.forEach((thing, weight) -> {
            double share = count * weight / all;
            shares.put(thing, Math.floor(share + HAIR));
            rest.put(thing, share - Math.floor(share + HAIR));
        });
        long left = Math.round(count
                - shares.values().stream().mapToDouble(Double::doubleValue).sum());
        List<T> byRest = rest.entrySet().stream()
                .sorted(Comparator.comparing(each -> -each.getValue()))
                .map(Map.Entry::getKey)
                .toList();
        byRest.stream().limit(left).forEach(thing -> shares.merge(thing, 1.0, Double::sum));
        return shares;
    }
}
