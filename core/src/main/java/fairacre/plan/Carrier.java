package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.UUID;

/**
 * Something that has to get through the garden: somebody on foot, a barrow, a wheelchair, a mower, a loader.
 *
 * @param width it needs to pass, 0.2 to 4 m
 * @param wheels whether steps and loose ground stop it
 * @param turning diameter of the circle in which it turns round; no more than its width if it turns on the spot
 */
public record Carrier(UUID id, String name, Length width, boolean wheels, Length turning) {

    private static final Length SLIMMEST = Length.millimetres(200);
    private static final Length WIDEST = Length.metres(4);
    private static final Length LARGEST_TURN = Length.metres(20);

    public Carrier {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.between(width, SLIMMEST, WIDEST, "width");
        Limits.between(turning, Length.ZERO, LARGEST_TURN, "turning");
    }
}
