package fairacre.trellis;

import fairacre.fence.PostKind;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Lines;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.UUID;

/**
 * What plants climb on, along a line.
 *
 * @param places 2 to 20, 0.3 to 100 m in all
 * @param height above the ground, 0.3 to 3 m
 * @param base how far the feet of an A-frame are apart, or how wide a teepee is at the ground, 0.3 to 3 m; of no matter
 *     for what stands upright
 * @param apart how far posts, stakes or feet stand apart at most, 0.1 to 6 m; of no matter for teepees
 * @param posts any but canes; of no matter for what stands on none
 * @param lifetime begins in the season in which it is put up; what comes in none was there before
 */
public record Trellis(
        UUID id,
        String name,
        List<Point> places,
        TrellisKind kind,
        Length height,
        Length base,
        Length apart,
        PostKind posts,
        TrellisWind wind,
        Lifetime lifetime) {

    private static final int MOST_PLACES = 20;
    static final Length LOWEST = Length.metres(0.3);
    private static final Length HIGHEST = Length.metres(3);
    static final Length SHORTEST = Length.metres(0.3);
    private static final Length LONGEST = Length.metres(100);
    private static final Length SLIMMEST = Length.metres(0.3);
    private static final Length WIDEST = Length.metres(3);
    static final Length NEAREST = Length.metres(0.1);
    private static final Length FURTHEST = Length.metres(6);
    /** How thick what stands upright is taken to be. */
    private static final Length THICKNESS = Length.millimetres(50);

    public Trellis {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        places = Lines.check(places, MOST_PLACES, "trellis");
        Lines.checkSimple(places, LONGEST, "trellis");
        if (Polygons.line(places).getLength() < SHORTEST.metres()) {
            throw new RefusedException(
                    "places", "the trellis is shorter than " + SHORTEST.metres() + " m", "draw a longer one");
        }
        Limits.present(kind, "kind");
        Limits.between(height, LOWEST, HIGHEST, "height");
        Limits.between(base, SLIMMEST, WIDEST, "base");
        Limits.between(apart, NEAREST, FURTHEST, "apart");
        posts = posts == null ? PostKind.DRIVEN_STEEL : posts;
        if (posts == PostKind.CANES) {
            throw new RefusedException("posts", "canes don't hold a trellis up", "choose posts, or teepees of canes");
        }
        wind = wind == null ? TrellisWind.SHELTERED : wind;
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
    }

    public Length length() {
        return Length.metres(Polygons.line(places).getLength());
    }

    /** Whether posts are set for it. */
    boolean setsPosts() {
        return kind.onPosts() && posts != PostKind.EXISTING;
    }

    /** How long a side of it is that leans, from its foot to the top. */
    Length slant() {
        return Length.metres(Math.hypot(height.metres(), base.metres() / 2));
    }

    /** How wide it is at the ground. */
    Length breadth() {
        return kind.leans() ? base : THICKNESS;
    }

    Trellis shifted(Length dx, Length dy) {
        return along(places.stream().map(place -> place.plus(dx, dy)).toList());
    }

    Trellis along(List<Point> newPlaces) {
        return new Trellis(id, name, newPlaces, kind, height, base, apart, posts, wind, lifetime);
    }

    Trellis high(Length newHeight) {
        return new Trellis(id, name, places, kind, newHeight, base, apart, posts, wind, lifetime);
    }

    Trellis spaced(Length newApart) {
        return new Trellis(id, name, places, kind, height, base, newApart, posts, wind, lifetime);
    }

    Trellis of(TrellisKind newKind) {
        return new Trellis(id, name, places, newKind, height, base, apart, posts, wind, lifetime);
    }

    Trellis on(PostKind newPosts) {
        return new Trellis(id, name, places, kind, height, base, apart, newPosts, wind, lifetime);
    }

    /** As it stands on the plot: nobody reaches or walks through it. */
    Feature standing() {
        return Feature.of(id, name, FeatureKind.TRELLIS, places, breadth(), Length.ZERO)
                .withHeight(height)
                .withLifetime(lifetime);
    }
}
