package fairacre.plan;

import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import java.util.List;
import java.util.UUID;

/**
 * An area of walk with its surface. Only what is free of beds inside of it is walk: beds may be drawn over it.
 *
 * @param corners 3 to 60, a simple polygon
 * @param build what it is made of
 * @param lifetime the seasons in which it is there: it is made in the first of them
 */
public record Walk(
        UUID id,
        String name,
        WalkGrade grade,
        Surfacing surface,
        List<Point> corners,
        WalkBuild build,
        Lifetime lifetime) {

    public static final int MOST_CORNERS = 60;

    public Walk {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(grade, "grade");
        Limits.present(surface, "surface");
        Limits.atMost(MOST_CORNERS, corners, "corners");
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new RefusedException(
                    "corners",
                    "an area of " + corners.size() + " corners has no ground",
                    "give at least three corners");
        }
        for (int i = 0; i < corners.size(); i++) {
            Point.near(corners.get(i), "corners/" + i);
        }
        Polygons.checkSimple(corners, "corners", "walk");
        build = build == null ? WalkBuild.NONE : build;
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    /** One that stays from the garden's first season on. */
    public Walk(UUID id, String name, WalkGrade grade, Surfacing surface, List<Point> corners, WalkBuild build) {
        this(id, name, grade, surface, corners, build, Lifetime.ALWAYS);
    }

    /** For which nothing is brought in. */
    public Walk(UUID id, String name, WalkGrade grade, Surfacing surface, List<Point> corners) {
        this(id, name, grade, surface, corners, WalkBuild.NONE);
    }

    /** Laid in another surface. */
    public Walk laidIn(Surfacing newSurface, WalkBuild newBuild) {
        return new Walk(id, name, grade, newSurface, corners, newBuild, lifetime);
    }

    public Walk withGrade(WalkGrade newGrade) {
        return new Walk(id, name, newGrade, surface, corners, build, lifetime);
    }

    public Walk withBuild(WalkBuild newBuild) {
        return new Walk(id, name, grade, surface, corners, newBuild, lifetime);
    }

    public Walk withLifetime(Lifetime newLifetime) {
        return new Walk(id, name, grade, surface, corners, build, newLifetime);
    }
}
