package fairacre.plan;

import fairacre.measure.Length;
import java.util.Optional;
import java.util.UUID;

/**
 * A gate or an opening in the edge of the plot. A piece of ground with a way in is taken to be closed everywhere else;
 * one without is open all round.
 *
 * @param place middle of the opening; it belongs to the nearest side of the nearest piece of ground
 * @param width clear opening, 0.3 to 12 m
 * @param from first season in which it is there; empty if always
 * @param until season in which a fence closes it; empty if it stays
 * @param sill height of a step or board across the opening, 0 to 0.6 m
 */
public record WayIn(
        UUID id,
        String name,
        Point place,
        Length width,
        Swing swing,
        Optional<Integer> from,
        Optional<Integer> until,
        Length sill) {

    private static final Length NARROWEST = Length.millimetres(300);
    private static final Length WIDEST = Length.metres(12);
    private static final Length HIGHEST_SILL = Length.metres(0.6);

    public WayIn {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.near(place, "place");
        Limits.between(width, NARROWEST, WIDEST, "width");
        Limits.present(swing, "swing");
        from = from == null ? Optional.empty() : from;
        from.ifPresent(season -> Limits.season(season, "from"));
        until = until == null ? Optional.empty() : until;
        until.ifPresent(season -> Limits.season(season, "until"));
        if (from.isPresent() && until.isPresent() && until.get() <= from.get()) {
            throw new RefusedException(
                    "until", "it would be closed before it is there", "give " + (from.get() + 1) + " or later");
        }
        sill = sill == null ? Length.ZERO : sill;
        Limits.between(sill, Length.ZERO, HIGHEST_SILL, "sill");
    }

    /** One that stays, without a sill. */
    public WayIn(UUID id, String name, Point place, Length width, Swing swing, Optional<Integer> from) {
        this(id, name, place, width, swing, from, Optional.empty(), Length.ZERO);
    }

    public WayIn withPlace(Point newPlace) {
        return new WayIn(id, name, newPlace, width, swing, from, until, sill);
    }

    public WayIn withWidth(Length newWidth) {
        return new WayIn(id, name, place, newWidth, swing, from, until, sill);
    }

    public WayIn withSill(Length newSill) {
        return new WayIn(id, name, place, width, swing, from, until, newSill);
    }

    public boolean isThere(int season) {
        return (from.isEmpty() || from.get() <= season) && (until.isEmpty() || season < until.get());
    }
}
