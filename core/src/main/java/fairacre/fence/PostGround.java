package fairacre.fence;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.UUID;

/**
 * What the ground and the winter are like for fences.
 *
 * @param snow how deep it usually lies, 0 to 2 m: a fence is so much lower then
 * @param frost how deep the ground freezes, 0 to 2.5 m: posts in concrete go below it
 */
public record PostGround(UUID id, Length snow, Length frost) {

    private static final Length DEEPEST_SNOW = Length.metres(2);
    private static final Length DEEPEST_FROST = Length.metres(2.5);

    public PostGround {
        Limits.present(id, "id");
        Limits.between(snow, Length.ZERO, DEEPEST_SNOW, "snow");
        Limits.between(frost, Length.ZERO, DEEPEST_FROST, "frost");
    }
}
