package fairacre.plan;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;

/** What all features are held to. */
final class FeatureChecks {

    static final int MOST_PLACES = 60;
    private static final Length BROADEST = Length.metres(5);
    private static final Length FURTHEST_MARGIN = Length.metres(50);
    private static final Length HIGHEST = Length.metres(60);

    private FeatureChecks() {}

    static void kind(FeatureKind kind, FeatureKind.Extent extent) {
        if (Limits.present(kind, "kind").extent() != extent) {
            throw new RefusedException(
                    "kind",
                    "a " + kind.noun() + " is drawn otherwise",
                    "give " + kind.extent().places());
        }
    }

    static List<Point> places(List<Point> places, int least, int most) {
        Limits.atMost(MOST_PLACES, places, "places");
        for (int i = 0; i < places.size(); i++) {
            Point.near(places.get(i), "places/" + i);
        }
        if (places.size() < least || places.size() > most) {
            throw new RefusedException(
                    "places",
                    places.size() + " places are not what it takes",
                    most == 1 ? "give one place" : "give at least " + least);
        }
        return List.copyOf(places);
    }

    static void goesOn(List<Point> places) {
        for (int i = 1; i < places.size(); i++) {
            if (places.get(i).equals(places.get(i - 1))) {
                throw new RefusedException(
                        "places/" + i, "it is the same place as the one before", "leave one of them out");
            }
        }
    }

    static void breadth(Length breadth) {
        Limits.between(breadth, Length.ZERO, BROADEST, "breadth");
    }

    static void margin(Length margin) {
        Limits.between(margin, Length.ZERO, FURTHEST_MARGIN, "margin");
    }

    static void height(Length height) {
        Limits.between(height, Length.ZERO, HIGHEST, "height");
    }

    static void ridge(Optional<Length> ridge, Length eaves) {
        ridge.ifPresent(top -> {
            Limits.between(top, Length.ZERO, HIGHEST, "ridge");
            if (top.compareTo(eaves) < 0) {
                throw new RefusedException(
                        "ridge", "the ridge is lower than the eaves", "give a greater height, or none for a flat roof");
            }
        });
    }

    static void only(boolean fits, String field, FeatureKind kind, String what) {
        if (!fits) {
            throw new RefusedException(field, "a " + kind.noun() + " has no " + what, "leave it out");
        }
    }
}
