package fairacre.arch;

import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Lifetime;
import java.util.List;
import java.util.UUID;

/**
 * A stiff panel bent over from one foot to the other.
 *
 * @param from middle of one foot
 * @param to middle of the other, 0.3 to 6 m from it
 * @param panel its length, which is bent over, 0.5 to 12 m
 * @param width of the panel, and so of its feet, 0.3 to 3 m
 * @param lifetime begins in the season in which it is bought; what comes in none was there before
 */
public record Arch(UUID id, String name, Point from, Point to, Length panel, Length width, Lifetime lifetime) {

    /** The usual panel is 16 ft long and 50 in wide (common practice). */
    public static final Length USUAL_PANEL = Length.feet(16);

    public static final Length USUAL_WIDTH = Length.inches(50);

    static final Length LONGEST = Length.metres(12);
    private static final Length SHORTEST = Length.metres(0.5);
    private static final Length SLIMMEST = Length.metres(0.3);
    private static final Length WIDEST = Length.metres(3);
    static final Length NEAREST = Length.metres(0.3);
    static final Length FURTHEST = Length.metres(6);

    public Arch {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(from, "from");
        Limits.present(to, "to");
        Limits.between(panel, SHORTEST, LONGEST, "panel");
        Limits.between(width, SLIMMEST, WIDEST, "width");
        lifetime = lifetime == null ? Lifetime.ALWAYS : lifetime;
        Length apart = Length.metres(distance(from, to));
        if (apart.compareTo(NEAREST) < 0 || apart.compareTo(FURTHEST) > 0) {
            throw new RefusedException(
                    "to",
                    "its feet are " + apart.metres() + " m apart",
                    "set them " + NEAREST.metres() + " to " + FURTHEST.metres() + " m apart");
        }
    }

    /** Between the middles of its feet. */
    public Length span() {
        return Length.metres(distance(from, to));
    }

    /** Metres. */
    static double distance(Point one, Point other) {
        return Math.hypot(
                other.x().minus(one.x()).metres(), other.y().minus(one.y()).metres());
    }

    Point middle() {
        return new Point(from.x().plus(to.x()).half(), from.y().plus(to.y()).half());
    }

    /** The two ends of each foot, which lies square to the line between them. */
    List<List<Point>> feet() {
        double dx = to.x().minus(from.x()).metres() / distance(from, to);
        double dy = to.y().minus(from.y()).metres() / distance(from, to);
        double half = width.metres() / 2;
        return List.of(from, to).stream()
                .map(foot -> List.of(at(foot, -dy * half, dx * half), at(foot, dy * half, -dx * half)))
                .toList();
    }

    /** The same arch with its feet so far apart, about the same middle. */
    Arch withSpan(Length span) {
        double share = (1 - span.metres() / distance(from, to)) / 2;
        double dx = to.x().minus(from.x()).metres() * share;
        double dy = to.y().minus(from.y()).metres() * share;
        return withFeet(at(from, dx, dy), at(to, -dx, -dy));
    }

    Arch withFeet(Point newFrom, Point newTo) {
        return new Arch(id, name, newFrom, newTo, panel, width, lifetime);
    }

    Arch withPanel(Length newPanel) {
        return new Arch(id, name, from, to, newPanel, width, lifetime);
    }

    private static Point at(Point from, double dx, double dy) {
        return Point.metres(from.x().metres() + dx, from.y().metres() + dy);
    }
}
