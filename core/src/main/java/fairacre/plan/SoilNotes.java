package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.Optional;

/**
 * What is known of the ground.
 *
 * @param percolation how far the water falls in an hour in a hole that was filled once before, 0 to 2 m; empty if not
 *     tried
 */
public record SoilNotes(SqueezeTest squeeze, Optional<Length> percolation, Cover cover, Clearing clearing) {

    /** No work of clearing is reckoned with until somebody says what grows there. */
    public static final SoilNotes NOTHING_KNOWN =
            new SoilNotes(SqueezeTest.NOT_DONE, Optional.empty(), Cover.BARE, Clearing.NOTHING);

    public SoilNotes {
        Limits.present(squeeze, "squeeze");
        percolation = percolation == null ? Optional.empty() : percolation;
        percolation.ifPresent(fall -> Limits.between(fall, Length.ZERO, Length.metres(2), "percolation"));
        Limits.present(cover, "cover");
        Limits.present(clearing, "clearing");
    }
}
