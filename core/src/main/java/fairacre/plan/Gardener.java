package fairacre.plan;

import fairacre.measure.Length;
import java.util.UUID;

/**
 * Someone who works the beds.
 *
 * @param reach how far in from the outside edge of a bed they reach with comfort, 0.1 to 1.5 m
 * @param passing the width they (with their barrow or chair) need to pass, 0.2 to 4 m
 */
public record Gardener(UUID id, String name, Length reach, Posture posture, Length passing) {

    private static final Length SHORTEST_REACH = Length.millimetres(100);
    private static final Length LONGEST_REACH = Length.metres(1.5);
    private static final Length SLIMMEST = Length.millimetres(200);
    private static final Length WIDEST = Length.metres(4);

    public Gardener {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.between(reach, SHORTEST_REACH, LONGEST_REACH, "reach");
        Limits.present(posture, "posture");
        Limits.between(passing, SLIMMEST, WIDEST, "passing");
    }
}
