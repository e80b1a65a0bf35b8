package fairacre.fence;

import fairacre.plan.Lifetime;
import java.util.stream.IntStream;

/** When something is bought that doesn't last as long as it is wanted. */
final class FenceYears {

    private FenceYears() {}

    /**
     * The season in which it comes, and each in which it is renewed while the gardener wants it. Of what is wanted for
     * good nobody can say how often that is: it is bought once. What came in none was there before.
     *
     * @param years that it lasts, at least 1
     */
    static IntStream of(Lifetime lifetime, int years) {
        return lifetime.from().stream()
                .flatMapToInt(from -> IntStream.iterate(from, season -> season + years)
                        .limit(lifetime.until()
                                .map(until -> (until - from + years - 1) / years)
                                .orElse(1)));
    }
}
