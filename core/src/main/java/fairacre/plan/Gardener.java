package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.Optional;
import java.util.UUID;

/**
 * Someone who works the beds.
 *
 * @param reach how far in from the outside edge of a bed they reach with comfort, 0.1 to 1.5 m
 * @param passing the width they (with their barrow or chair) need to pass, 0.2 to 4 m
 * @param stature how tall they stand, 0.8 to 2.5 m; empty where nobody wants to know how far they stoop
 */
public record Gardener(UUID id, String name, Length reach, Posture posture, Length passing, Optional<Length> stature) {

    private static final Length SHORTEST_REACH = Length.millimetres(100);
    private static final Length LONGEST_REACH = Length.metres(1.5);
    private static final Length SLIMMEST = Length.millimetres(200);
    private static final Length WIDEST = Length.metres(4);
    private static final Length SHORTEST = Length.metres(0.8);
    private static final Length TALLEST = Length.metres(2.5);

    public Gardener {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.between(reach, SHORTEST_REACH, LONGEST_REACH, "reach");
        Limits.present(posture, "posture");
        Limits.between(passing, SLIMMEST, WIDEST, "passing");
        stature = stature == null ? Optional.empty() : stature;
        stature.ifPresent(tall -> Limits.between(tall, SHORTEST, TALLEST, "stature"));
    }

    public Gardener(UUID id, String name, Length reach, Posture posture, Length passing) {
        this(id, name, reach, posture, passing, Optional.empty());
    }

    /** Asked for at every step of a judgement: what tells gardeners apart. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /**
     * The gardener as something that has to get through: as wide as they need to pass, on wheels if they sit.
     *
     * @param turning diameter of the circle in which they turn round
     */
    public Carrier asCarrier(Length turning) {
        return new Carrier(id, name, passing, posture == Posture.SEATED, turning);
    }
}
