package fairacre.fence;

import fairacre.ground.Levels;
import fairacre.measure.Length;
import java.util.List;
import java.util.stream.IntStream;

/**
 * How a fence follows the ground. What bends, and boards on slanting rails, runs along it (raked); stiff mesh does so
 * up to a fall of 1 in 10 and is stepped at its posts where the ground is steeper (common practice).
 */
final class FenceLie {

    private static final double STEEPEST = 0.1;
    private static final double ROUNDING = 1e-6;

    private FenceLie() {}

    /** The highest step between two spans; zero where the fence follows the ground. */
    static Length step(FenceKind kind, List<Post> posts, List<Double> at, Levels levels) {
        if (kind != FenceKind.WELDED_MESH) {
            return Length.ZERO;
        }
        List<Double> heights =
                posts.stream().map(post -> levels.at(post.place())).toList();
        boolean steep = spans(posts)
                .anyMatch(i -> Math.abs(heights.get(i) - heights.get(i - 1))
                        > STEEPEST * (at.get(i) - at.get(i - 1)) + ROUNDING);
        return steep
                ? Length.metres(spans(posts)
                        .mapToDouble(i -> Math.abs(heights.get(i) - heights.get(i - 1)))
                        .max()
                        .orElse(0))
                : Length.ZERO;
    }

    private static IntStream spans(List<Post> posts) {
        return IntStream.range(1, posts.size());
    }
}
