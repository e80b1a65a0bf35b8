package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.FeatureKind.Extent;
import java.util.List;
import java.util.UUID;

/**
 * Something that stands or lies on the plot and is no bed.
 *
 * @param places corners of an area (3 to 60), points of a line (2 to 60), or one spot
 * @param breadth thickness of a line, diameter of a trunk, width of a door or window; 0 to 5 m
 * @param margin what is kept off or looked after round it: radius of a crown, setback, strip of caution; 0 to 50 m
 * @param height above the ground, 0 to 60 m; 0 where it is not known or of no matter; of a drain, how deep its stone is
 * @param bareInWinter of a tree or hedge: whether it loses its leaves
 * @param lookout of a door or window: whether one wants to see the garden from it
 * @param lifetime the seasons in which it is there; what comes in none of them was there before the garden
 */
public record Feature(
        UUID id,
        String name,
        FeatureKind kind,
        List<Point> places,
        Length breadth,
        Length margin,
        Length height,
        boolean bareInWinter,
        boolean lookout,
        Lifetime lifetime) {

    private static final int MOST_PLACES = 60;
    private static final Length BROADEST = Length.metres(5);
    private static final Length FURTHEST_MARGIN = Length.metres(50);
    private static final Length HIGHEST = Length.metres(60);

    public Feature {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(kind, "kind");
        Limits.atMost(MOST_PLACES, places, "places");
        places = List.copyOf(places);
        for (int i = 0; i < places.size(); i++) {
            Point.near(places.get(i), "places/" + i);
        }
        checkPlaces(kind.extent(), places);
        Limits.between(breadth, Length.ZERO, BROADEST, "breadth");
        Limits.between(margin, Length.ZERO, FURTHEST_MARGIN, "margin");
        Limits.between(height, Length.ZERO, HIGHEST, "height");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** Something that was there before the garden and stays. */
    public Feature(
            UUID id,
            String name,
            FeatureKind kind,
            List<Point> places,
            Length breadth,
            Length margin,
            Length height,
            boolean bareInWinter,
            boolean lookout) {
        this(id, name, kind, places, breadth, margin, height, bareInWinter, lookout, Lifetime.ALWAYS);
    }

    public Feature withPlaces(List<Point> newPlaces) {
        return new Feature(id, name, kind, newPlaces, breadth, margin, height, bareInWinter, lookout, lifetime);
    }

    public Feature shifted(Length dx, Length dy) {
        return withPlaces(places.stream().map(place -> place.plus(dx, dy)).toList());
    }

    public Feature withLifetime(Lifetime newLifetime) {
        return new Feature(id, name, kind, places, breadth, margin, height, bareInWinter, lookout, newLifetime);
    }

    private static void checkPlaces(Extent extent, List<Point> places) {
        int least = switch (extent) {
            case AREA -> 3;
            case LINE -> 2;
            case SPOT -> 1;
        };
        if (places.size() < least || extent == Extent.SPOT && places.size() > 1) {
            throw new RefusedException(
                    "places",
                    places.size() + " places are not what it takes",
                    extent == Extent.SPOT ? "give one place" : "give at least " + least);
        }
        if (extent == Extent.AREA) {
            Polygons.checkSimple(places, "places", "outline");
        } else {
            for (int i = 1; i < places.size(); i++) {
                if (places.get(i).equals(places.get(i - 1))) {
                    throw new RefusedException(
                            "places/" + i, "it is the same place as the one before", "leave one of them out");
                }
            }
        }
    }
}
