package fairacre.fence;

import fairacre.build.Material;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Lines;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A fence along a line. Ways in open it where they lie on it.
 *
 * @param places 2 to 60, not more than 1 km in all; a ring ends where it begins
 * @param height above the ground, 0.3 to 3 m
 * @param fixed places at which a post stands whatever the spans, at most 200: the nearest place of the line counts
 * @param lifetime begins in the season in which it is put up and paid for; what comes in none was there before
 * @param timber what its boards, rails and gates are made of
 */
public record Fence(
        UUID id,
        String name,
        List<Point> places,
        FenceKind kind,
        Length height,
        FenceFoot foot,
        PostKind posts,
        List<Point> fixed,
        Lifetime lifetime,
        Material timber) {

    private static final int MOST_PLACES = 60;
    private static final int MOST_FIXED = 200;
    static final Length LOWEST = Length.metres(0.3);
    static final Length HIGHEST = Length.metres(3);
    private static final Length LONGEST = Length.metres(1000);
    /** How thick it stands on the plot. */
    static final Length THICKNESS = Length.millimetres(50);

    public Fence {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        places = Lines.check(places, MOST_PLACES, "fence");
        Lines.checkSimple(places, LONGEST, "fence");
        Limits.present(kind, "kind");
        Limits.between(height, LOWEST, HIGHEST, "height");
        foot = foot == null ? FenceFoot.OPEN : foot;
        Limits.present(posts, "posts");
        fixed = fixed == null ? List.of() : fixed;
        Limits.atMost(MOST_FIXED, fixed, "fixed");
        fixed = List.copyOf(fixed);
        for (int i = 0; i < fixed.size(); i++) {
            Point.near(fixed.get(i), "fixed/" + i);
        }
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        timber = timber == null ? Material.TREATED : timber;
    }

    /** Of pressure-treated wood, where it is of wood. */
    public Fence(
            UUID id,
            String name,
            List<Point> places,
            FenceKind kind,
            Length height,
            FenceFoot foot,
            PostKind posts,
            List<Point> fixed,
            Lifetime lifetime) {
        this(id, name, places, kind, height, foot, posts, fixed, lifetime, Material.TREATED);
    }

    /** Whether a line ends where it begins. */
    static boolean isRing(List<Point> places) {
        return places.size() > 3 && places.get(0).equals(places.get(places.size() - 1));
    }

    /** Whether it ends where it begins. */
    public boolean closed() {
        return isRing(places);
    }

    /** How long all of it lasts: as long as its mesh or its posts, whichever go first. */
    int years() {
        return Math.min(kind.years(), posts.years());
    }

    Fence shifted(Length dx, Length dy) {
        return new Fence(
                id,
                name,
                places.stream().map(place -> place.plus(dx, dy)).toList(),
                kind,
                height,
                foot,
                posts,
                fixed.stream().map(place -> place.plus(dx, dy)).toList(),
                lifetime,
                timber);
    }

    /** The same along other places; empty where it would cross itself or grow too long. */
    Optional<Fence> ifSoundAlong(List<Point> newPlaces) {
        try {
            return Optional.of(along(newPlaces));
        } catch (RefusedException unsound) {
            return Optional.empty();
        }
    }

    Fence named(String newName) {
        return new Fence(id, newName, places, kind, height, foot, posts, fixed, lifetime, timber);
    }

    Fence along(List<Point> newPlaces) {
        return new Fence(id, name, newPlaces, kind, height, foot, posts, fixed, lifetime, timber);
    }

    Fence high(Length newHeight) {
        return new Fence(id, name, places, kind, newHeight, foot, posts, fixed, lifetime, timber);
    }

    Fence of(FenceKind newKind) {
        return new Fence(id, name, places, newKind, height, foot, posts, fixed, lifetime, timber);
    }

    Fence on(FenceFoot newFoot) {
        return new Fence(id, name, places, kind, height, newFoot, posts, fixed, lifetime, timber);
    }

    Fence with(PostKind newPosts) {
        return new Fence(id, name, places, kind, height, foot, newPosts, fixed, lifetime, timber);
    }

    Fence withFixed(List<Point> newFixed) {
        return new Fence(id, name, places, kind, height, foot, posts, newFixed, lifetime, timber);
    }

    public Fence during(Lifetime newLifetime) {
        return new Fence(id, name, places, kind, height, foot, posts, fixed, newLifetime, timber);
    }

    /** The same fence that goes on to a place from its last one; empty where it can't. */
    Optional<Fence> goingOnTo(Point place) {
        return ifSoundAlong(Stream.concat(places.stream(), Stream.of(place)).toList());
    }

    /** The same fence that begins at a place before its first one; empty where it can't. */
    Optional<Fence> beginningAt(Point place) {
        return ifSoundAlong(Stream.concat(Stream.of(place), places.stream()).toList());
    }

    /** As it stands on the plot; in the soil of beds it takes no ground of its own. */
    Feature standing() {
        Length breadth = foot.way() == FenceFoot.Way.BED ? Length.ZERO : THICKNESS;
        return Feature.of(id, name, FeatureKind.FENCE, places, breadth, Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }
}
