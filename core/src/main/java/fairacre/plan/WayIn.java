package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.Optional;
import java.util.UUID;

/**
 * A gate or an opening in the edge of the plot, or in a fence within it. A piece of ground with a way in is taken to be
 * closed everywhere else; one without is open all round.
 *
 * @param place middle of the opening; it belongs to the nearest side of the nearest piece of ground, or to the nearest
 *     stretch of its fence
 * @param width clear opening, 0.3 to 12 m
 * @param lifetime the seasons in which it is there; afterwards a fence closes it
 * @param sill height of a step or board across the opening, 0 to 0.6 m
 * @param fence the fence within the plot in which it is; empty for one in the edge of the plot, which leads onto it
 */
public record WayIn(
        UUID id,
        String name,
        Point place,
        Length width,
        Swing swing,
        Lifetime lifetime,
        Length sill,
        Optional<UUID> fence) {

    public static final Length NARROWEST = Length.millimetres(300);
    private static final Length WIDEST = Length.metres(12);
    private static final Length HIGHEST_SILL = Length.metres(0.6);

    public WayIn {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Point.near(place, "place");
        Limits.between(width, NARROWEST, WIDEST, "width");
        Limits.present(swing, "swing");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        sill = sill == null ? Length.ZERO : sill;
        Limits.between(sill, Length.ZERO, HIGHEST_SILL, "sill");
        fence = fence == null ? Optional.empty() : fence;
    }

    /** One in the edge of the plot. */
    public WayIn(UUID id, String name, Point place, Length width, Swing swing, Lifetime lifetime, Length sill) {
        this(id, name, place, width, swing, lifetime, sill, Optional.empty());
    }

    /** One in the edge of the plot that is always there, without a sill. */
    public WayIn(UUID id, String name, Point place, Length width, Swing swing) {
        this(id, name, place, width, swing, Lifetime.ALWAYS, Length.ZERO);
    }

    public WayIn withPlace(Point newPlace) {
        return new WayIn(id, name, newPlace, width, swing, lifetime, sill, fence);
    }

    public WayIn withWidth(Length newWidth) {
        return new WayIn(id, name, place, newWidth, swing, lifetime, sill, fence);
    }

    public WayIn withSill(Length newSill) {
        return new WayIn(id, name, place, width, swing, lifetime, newSill, fence);
    }

    public WayIn withLifetime(Lifetime newLifetime) {
        return new WayIn(id, name, place, width, swing, newLifetime, sill, fence);
    }

    public WayIn withSwing(Swing newSwing) {
        return new WayIn(id, name, place, width, newSwing, lifetime, sill, fence);
    }

    /** The same in a fence within the plot. */
    public WayIn in(UUID newFence) {
        return new WayIn(id, name, place, width, swing, lifetime, sill, Optional.of(newFence));
    }
}
