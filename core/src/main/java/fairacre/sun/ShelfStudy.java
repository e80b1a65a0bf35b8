package fairacre.sun;

import fairacre.judging.Wording;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.sun.ShelfZone.ShelfReach;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Where a shelf, a wire or the edge of a roof can hang on something so that its shadow never falls on the soil of a bed
 * in the months that matter.
 *
 * <p>The sun is followed every fifth day in steps of ten minutes. Below 15 degrees it is left out: its light is weak
 * then, and every shadow is long (common practice). While it stands behind a wall or a house that is as high as the
 * shelf, the shelf hangs in a shadow that is there anyway. The ground is taken as level.
 */
public final class ShelfStudy {

    private static final double LOWEST_SUN = Math.toRadians(15);
    private static final int DAYS = 5;
    private static final int MONTHS = 12;
    /** Heights are tried from 0.3 m up in steps of 0.1 m, to the top of the thing, or to 2.4 m where nobody told it. */
    private static final double LOWEST = 0.3;

    private static final double STEP = 0.1;
    private static final double USUAL_TOP = 2.4;
    private static final double HIGHEST = 3;
    /** No shelf is deeper, metres. */
    private static final double DEEPEST = 1;
    /** Shorter sides bear no shelf, metres. */
    private static final double SHORTEST = 0.5;

    private static final double HAIR = 1e-9;
    private static final double MILLIMETRES = 1000;

    /** Nothing hangs on a tree or over a heap. */
    private static final Set<FeatureKind> HANGS = EnumSet.of(
            FeatureKind.HOUSE,
            FeatureKind.SHED,
            FeatureKind.WALL,
            FeatureKind.RETAINING_WALL,
            FeatureKind.FENCE,
            FeatureKind.TRELLIS);
    /** No light comes through. */
    private static final Set<FeatureKind> DARK =
            EnumSet.of(FeatureKind.HOUSE, FeatureKind.SHED, FeatureKind.WALL, FeatureKind.RETAINING_WALL);

    private final Plan plan;
    private final List<StandingBed> standing;
    private final List<SunTrack.Place> sun;

    private ShelfStudy(Plan plan, int season, List<SunTrack.Place> sun) {
        this.plan = plan;
        this.standing = plan.standing(season);
        this.sun = sun;
    }

    /** On what a shelf can hang. */
    public static Set<FeatureKind> bearers() {
        return Collections.unmodifiableSet(HANGS);
    }

    /**
     * On each side of a thing, the one with the widest shelf first.
     *
     * @param first month that matters, 1 to 12, {@code last} the last one; before the first, it is one of the next year
     * @throws RefusedException if nothing can hang on the thing, or it isn't there in the season
     */
    public static List<ShelfZone> of(Plan plan, int season, UUID thing, int first, int last) {
        Limits.between(first, 1, MONTHS, "first");
        Limits.between(last, 1, MONTHS, "last");
        Feature feature = plan.setting(season).features().stream()
                .filter(each -> each.id().equals(thing))
                .filter(each -> HANGS.contains(each.kind()))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "thing", "no shelf can hang on it in " + season, "choose a wall, a fence or a house"));
        List<SunTrack.Place> sun = days(season, first, last)
                .flatMap(day -> SunTrack.of(day, plan.site().latitude()).stream())
                .toList();
        return on(plan, season, feature, sun);
    }

    /** @param sun every place of it that matters */
    static List<ShelfZone> on(Plan plan, int season, Feature feature, List<SunTrack.Place> sun) {
        ShelfStudy study = new ShelfStudy(
                plan,
                season,
                sun.stream().filter(place -> place.altitude() >= LOWEST_SUN).toList());
        return sides(feature)
                .map(side -> study.zone(feature, side))
                .sorted(Comparator.comparing((ShelfZone zone) -> zone.best().depth())
                        .reversed())
                .toList();
    }

    private static Stream<LocalDate> days(int season, int first, int last) {
        YearMonth end = YearMonth.of(last < first ? season + 1 : season, last);
        LocalDate until = end.atEndOfMonth();
        return Stream.concat(
                Stream.iterate(LocalDate.of(season, first, 1), day -> day.isBefore(until), day -> day.plusDays(DAYS)),
                Stream.of(until));
    }

    /** A side with what is before it at its left hand. */
    private record Side(double x, double y, double length, double alongX, double alongY) {

        static Side of(Point from, Point to) {
            double dx = to.x().minus(from.x()).metres();
            double dy = to.y().minus(from.y()).metres();
            double length = Math.hypot(dx, dy);
            return new Side(from.x().metres(), from.y().metres(), length, dx / length, dy / length);
        }

        double outX() {
            return -alongY;
        }

        double outY() {
            return alongX;
        }

        Point at(double along) {
            return Point.metres(x + along * alongX, y + along * alongY);
        }
    }

    /** Both sides of each stretch of a line; those of an area that look outwards. */
    private static Stream<Side> sides(Feature feature) {
        List<Point> places = feature.places();
        boolean isLine = feature.kind().extent() == FeatureKind.Extent.LINE;
        int count = isLine ? places.size() - 1 : places.size();
        boolean clockwise = !isLine && isClockwise(places);
        return IntStream.range(0, count)
                .boxed()
                .flatMap(i -> {
                    Point from = places.get(i);
                    Point to = places.get((i + 1) % places.size());
                    Stream<Side> there = Stream.of(Side.of(from, to));
                    Stream<Side> back = Stream.of(Side.of(to, from));
                    return isLine ? Stream.concat(there, back) : clockwise ? there : back;
                })
                .filter(side -> side.length >= SHORTEST);
    }

    private static boolean isClockwise(List<Point> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point one = corners.get(i);
            Point other = corners.get((i + 1) % corners.size());
            twice += one.x().metres() * other.y().metres()
                    - other.x().metres() * one.y().metres();
        }
        return twice < 0;
    }

    private ShelfZone zone(Feature feature, Side side) {
        List<Soil> soils = standing.stream().map(bed -> Soil.of(bed, side)).toList();
        double top = feature.height().isPositive() ? feature.height().metres() : USUAL_TOP;
        boolean dark = DARK.contains(feature.kind());
        List<ShelfReach> reaches = new ArrayList<>();
        for (int i = 0; LOWEST + i * STEP <= Math.min(top, HIGHEST) + HAIR; i++) {
            double height = LOWEST + i * STEP;
            double depth = depth(side, soils, height, dark);
            reaches.add(
                    new ShelfReach(Length.metres(height), Length.millimetres(Math.floor(depth * MILLIMETRES + HAIR))));
        }
        ShelfReach best = reaches.stream()
                .max(Comparator.comparing(ShelfReach::depth).thenComparing(ShelfReach::height))
                .orElse(new ShelfReach(Length.ZERO, Length.ZERO));
        return new ShelfZone(
                Wording.quarter(side.outX(), side.outY(), plan.site().north()),
                side.at(0),
                side.at(side.length),
                reaches,
                best);
    }

    private double depth(Side side, List<Soil> soils, double height, boolean dark) {
        double north = Math.toRadians(plan.site().north());
        double depth = DEEPEST;
        for (SunTrack.Place place : sun) {
            if (depth <= 0) {
                break;
            }
            double towardsX = Math.sin(north + place.azimuth());
            double towardsY = Math.cos(north + place.azimuth());
            double out = towardsX * side.outX() + towardsY * side.outY();
            if (dark && out <= 0) {
                continue;
            }
            double along = towardsX * side.alongX + towardsY * side.alongY;
            double flat = 1 / Math.tan(place.altitude());
            for (Soil soil : soils) {
                double above = height - soil.top;
                if (above > 0) {
                    depth = Math.min(depth, soil.nearest(along * flat * above, out * flat * above, side.length, depth));
                }
            }
        }
        return depth;
    }

    /**
     * The soil of a bed as seen from a side.
     *
     * @param along of each corner, from the beginning of the side, metres
     * @param out of each corner, away from the side
     * @param top above the ground
     */
    private record Soil(double[] along, double[] out, double top) {

        static Soil of(StandingBed bed, Side side) {
            List<Point> corners = bed.corners();
            double[] along = new double[corners.size()];
            double[] out = new double[corners.size()];
            for (int i = 0; i < along.length; i++) {
                double dx = corners.get(i).x().metres() - side.x;
                double dy = corners.get(i).y().metres() - side.y;
                along[i] = dx * side.alongX + dy * side.alongY;
                out[i] = dx * side.outX() + dy * side.outY();
            }
            return new Soil(along, out, bed.revision().height().metres());
        }

        /**
         * How near to the side its part before the side comes when it is moved towards the sun: a shelf that is no
         * deeper shades nothing of it.
         */
        double nearest(double byAlong, double byOut, double length, double atMost) {
            if (least(along) + byAlong >= length - HAIR
                    || most(along) + byAlong <= HAIR
                    || least(out) + byOut >= atMost
                    || most(out) + byOut <= HAIR) {
                return atMost;
            }
            if (covers(length / 2 - byAlong, HAIR - byOut)) {
                return 0;
            }
            double nearest = atMost;
            for (int i = 0; i < along.length; i++) {
                int next = (i + 1) % along.length;
                nearest = Math.min(
                        nearest,
                        nearest(
                                along[i] + byAlong,
                                out[i] + byOut,
                                along[next] + byAlong,
                                out[next] + byOut,
                                length,
                                nearest));
            }
            return nearest;
        }

        private static double least(double[] values) {
            double least = values[0];
            for (double value : values) {
                least = Math.min(least, value);
            }
            return least;
        }

        private static double most(double[] values) {
            double most = values[0];
            for (double value : values) {
                most = Math.max(most, value);
            }
            return most;
        }

        /** Whether a place is on it: a line from there crosses its edges an odd number of times. */
        private boolean covers(double a, double o) {
            boolean inside = false;
            for (int i = 0; i < along.length; i++) {
                int next = (i + 1) % along.length;
                boolean crosses = (out[i] > o) != (out[next] > o)
                        && a < (along[next] - along[i]) * (o - out[i]) / (out[next] - out[i]) + along[i];
                inside ^= crosses;
            }
            return inside;
        }

        /** Of one edge of it: along the side, and before it. */
        private static double nearest(double a1, double o1, double a2, double o2, double length, double atMost) {
            if (Math.max(a1, a2) <= HAIR
                    || Math.min(a1, a2) >= length - HAIR
                    || Math.max(o1, o2) <= HAIR
                    || Math.min(o1, o2) >= atMost) {
                return atMost;
            }
            double from = Math.abs(a2 - a1) < HAIR ? 0 : clamped((0 - a1) / (a2 - a1));
            double to = Math.abs(a2 - a1) < HAIR ? 1 : clamped((length - a1) / (a2 - a1));
            double first = o1 + from * (o2 - o1);
            double second = o1 + to * (o2 - o1);
            return Math.max(first, second) <= HAIR ? atMost : Math.max(0, Math.min(atMost, Math.min(first, second)));
        }

        private static double clamped(double share) {
            return Math.max(0, Math.min(1, share));
        }
    }
}
