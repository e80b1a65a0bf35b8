package fairacre.water;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.UUID;

/**
 * Valves side by side, fixed to the side of a bed, a post or a wall: what begins at it is opened by one of them, so
 * each is a zone of its own.
 *
 * @param from the source or run that it is fed by
 * @param valves 2 to 4
 * @param height of the handles above the ground, 0.05 to 2 m
 */
public record Manifold(UUID id, String name, UUID from, Point place, int valves, Length height, Lifetime lifetime) {

    static final int FEWEST = 2;
    static final int MOST = 4;
    private static final Length LOWEST = Length.millimetres(50);
    private static final Length HIGHEST = Length.metres(2);

    public Manifold {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(from, "from");
        if (from.equals(id)) {
            throw new RefusedException("from", "a manifold can't feed itself", "choose a source or a run");
        }
        Point.near(Limits.present(place, "place"), "place");
        Limits.between(valves, FEWEST, MOST, "valves");
        Limits.between(height, LOWEST, HIGHEST, "height");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    Manifold shifted(Length dx, Length dy) {
        return at(place.plus(dx, dy));
    }

    Manifold at(Point newPlace) {
        return new Manifold(id, name, from, newPlace, valves, height, lifetime);
    }

    Manifold fedBy(UUID other) {
        return new Manifold(id, name, other, place, valves, height, lifetime);
    }

    Manifold withValves(int newValves) {
        return new Manifold(id, name, from, place, newValves, height, lifetime);
    }

    /** As it stands on the plot, to be come to and reached. */
    Feature standing() {
        return Feature.of(id, name, FeatureKind.VALVE, List.of(place), Length.ZERO, Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }
}
