package fairacre.water;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Lines;
import fairacre.outline.Point;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A pipe from a source, or from another run, along which beds are watered.
 *
 * @param from the source or the run that it is fed by; where there is none any more, it is fed by nothing
 * @param places 2 to 60: it begins at the place of what feeds it that is nearest to the first
 * @param valve whether it has a valve at its beginning, so that what it waters is a zone of its own
 * @param handle of that valve above the ground, 0 to 2 m; 0 if nobody told
 */
public record WaterRun(
        UUID id,
        String name,
        UUID from,
        List<Point> places,
        PipeKind pipe,
        boolean valve,
        Length handle,
        Lifetime lifetime) {

    private static final int MOST_PLACES = 60;
    private static final Length HIGHEST = Length.metres(2);

    public WaterRun {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(from, "from");
        if (from.equals(id)) {
            throw new RefusedException("from", "a run can't feed itself", "choose a source or another run");
        }
        places = Lines.check(places, MOST_PLACES, "run");
        Limits.present(pipe, "pipe");
        handle = handle == null ? Length.ZERO : handle;
        Limits.between(handle, Length.ZERO, HIGHEST, "handle");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    WaterRun shifted(Length dx, Length dy) {
        return withPlaces(places.stream().map(place -> place.plus(dx, dy)).toList());
    }

    WaterRun withPlaces(List<Point> newPlaces) {
        return new WaterRun(id, name, from, newPlaces, pipe, valve, handle, lifetime);
    }

    /** Begun at another place. */
    WaterRun begunAt(Point place) {
        return withPlaces(
                Stream.concat(Stream.of(place), places.stream().skip(1)).toList());
    }

    WaterRun fedBy(UUID newFrom) {
        return new WaterRun(id, name, newFrom, places, pipe, valve, handle, lifetime);
    }

    WaterRun of(PipeKind newPipe) {
        return new WaterRun(id, name, from, places, newPipe, valve, handle, lifetime);
    }

    /** @param newHandle above the ground */
    public WaterRun withValve(Length newHandle) {
        return new WaterRun(id, name, from, places, pipe, true, newHandle, lifetime);
    }

    WaterRun withoutValve() {
        return new WaterRun(id, name, from, places, pipe, false, Length.ZERO, lifetime);
    }
}
