package fairacre.sun;

import fairacre.ground.Levels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * How much of a day's sun gets to places: each step of the sun's way counts by the share of the light that comes
 * through. What can't stand between the sun and a group of places is left out before their lines are drawn.
 */
final class Light {

    /**
     * Places that lie together.
     *
     * @param bed that they are the soil of, whose own sides shade nothing; empty on open ground
     * @param places with their heights as z, metres
     */
    record Group(Optional<UUID> bed, List<Coordinate> places, Envelope around, double lowest) {

        static Group of(Optional<UUID> bed, List<Coordinate> places) {
            Envelope around = new Envelope();
            places.forEach(around::expandToInclude);
            double lowest = places.stream().mapToDouble(Coordinate::getZ).min().orElseThrow();
            return new Group(bed, List.copyOf(places), around, lowest);
        }
    }

    /**
     * Of a group on a day.
     *
     * @param steps that each place has, those behind mesh and bare crowns counted in part
     * @param level the same, each by the sine of the sun's height: so much more falls on level ground from a high sun
     * @param taken how many more steps the mean place would have without each thing
     */
    record Had(double[] steps, double[] level, Map<UUID, Double> taken) {

        static Had none(int places) {
            return new Had(new double[places], new double[places], new HashMap<>());
        }

        double mean() {
            return Arrays.stream(steps).average().orElseThrow();
        }

        double least() {
            return Arrays.stream(steps).min().orElseThrow();
        }

        double meanOnTheLevel() {
            return Arrays.stream(level).average().orElseThrow();
        }

        private void add(int place, double share, Beam beam) {
            steps[place] += share;
            level[place] += share * beam.sine;
        }
    }

    private final List<Group> groups;
    private final double north;
    private final Optional<Levels> ground;

    /**
     * @param north clockwise from straight up, radians
     * @param ground that may hide a low sun itself; empty for level ground
     */
    Light(List<Group> groups, double north, Optional<Levels> ground) {
        this.groups = List.copyOf(groups);
        this.north = north;
        this.ground = ground;
    }

    /** Of each group, in their order. */
    List<Had> on(List<SunTrack.Place> sun, List<Caster> casters) {
        List<Had> had =
                groups.stream().map(group -> Had.none(group.places.size())).toList();
        for (SunTrack.Place at : sun) {
            Beam beam = Beam.to(at, north);
            List<Span> spans =
                    casters.stream().map(caster -> beam.span(caster.ring())).toList();
            for (int i = 0; i < groups.size(); i++) {
                add(groups.get(i), beam, between(groups.get(i), beam, casters, spans), had.get(i));
            }
        }
        return had;
    }

    /** For each group those of the casters that stand between it and the sun at any time, or may. */
    List<List<Caster>> reaching(List<SunTrack.Place> sun, List<Caster> casters) {
        boolean[][] reaches = new boolean[groups.size()][casters.size()];
        for (SunTrack.Place at : sun) {
            Beam beam = Beam.to(at, north);
            List<Span> spans =
                    casters.stream().map(caster -> beam.span(caster.ring())).toList();
            for (int i = 0; i < reaches.length; i++) {
                Group group = groups.get(i);
                Span own = beam.span(group.around);
                for (int j = 0; j < spans.size(); j++) {
                    reaches[i][j] |= isBetween(group, own, beam, casters.get(j), spans.get(j));
                }
            }
        }
        return Arrays.stream(reaches)
                .map(some -> IntStream.range(0, some.length)
                        .filter(j -> some[j])
                        .mapToObj(casters::get)
                        .toList())
                .toList();
    }

    /**
     * The way to the sun.
     *
     * @param dx along the ground, of length 1 with {@code dy}
     * @param slope how much it climbs in a metre
     * @param sine of the sun's height
     */
    private record Beam(double dx, double dy, double slope, double sine) {

        /** @param north clockwise from straight up, radians */
        static Beam to(SunTrack.Place sun, double north) {
            return new Beam(
                    Math.sin(north + sun.azimuth()),
                    Math.cos(north + sun.azimuth()),
                    Math.tan(sun.altitude()),
                    Math.sin(sun.altitude()));
        }

        Span span(Coordinate[] ring) {
            Span span = new Span();
            for (Coordinate place : ring) {
                span.add(place.x * dx + place.y * dy, place.x * dy - place.y * dx);
            }
            return span;
        }

        Span span(Envelope around) {
            return span(new Coordinate[] {
                new Coordinate(around.getMinX(), around.getMinY()),
                new Coordinate(around.getMaxX(), around.getMinY()),
                new Coordinate(around.getMaxX(), around.getMaxY()),
                new Coordinate(around.getMinX(), around.getMaxY())
            });
        }
    }

    /** How far something reaches towards the sun and across, metres. */
    private static final class Span {
        private double near = Double.MAX_VALUE;
        private double far = -Double.MAX_VALUE;
        private double left = Double.MAX_VALUE;
        private double right = -Double.MAX_VALUE;

        void add(double along, double across) {
            near = Math.min(near, along);
            far = Math.max(far, along);
            left = Math.min(left, across);
            right = Math.max(right, across);
        }
    }

    private static List<Caster> between(Group group, Beam beam, List<Caster> casters, List<Span> spans) {
        Span own = beam.span(group.around);
        List<Caster> between = new ArrayList<>();
        for (int i = 0; i < spans.size(); i++) {
            if (isBetween(group, own, beam, casters.get(i), spans.get(i))) {
                between.add(casters.get(i));
            }
        }
        return between;
    }

    /** Whether it can stand between the sun and a place of the group; what spans of it and of the group say. */
    private static boolean isBetween(Group group, Span own, Beam beam, Caster caster, Span span) {
        double off = Math.max(0, span.near - own.far);
        return caster.shade() > 0
                && span.far >= own.near
                && span.left <= own.right
                && span.right >= own.left
                && group.lowest + off * beam.slope < caster.high()
                && group.bed.filter(caster.thing()::equals).isEmpty();
    }

    private void add(Group group, Beam beam, List<Caster> between, Had had) {
        for (int i = 0; i < had.steps.length; i++) {
            Coordinate place = group.places.get(i);
            if (ground.filter(lie -> lie.risesAbove(place, beam.dx, beam.dy, beam.slope))
                    .isEmpty()) {
                add(i, place, beam, between, had);
            }
        }
    }

    private static void add(int index, Coordinate place, Beam beam, List<Caster> between, Had had) {
        Map<UUID, Double> through = between.isEmpty() ? Map.of() : through(place, beam, between);
        double share = product(through, null);
        had.add(index, share, beam);
        for (UUID thing : through.keySet()) {
            double more = product(through, thing) - share;
            if (more > 0) {
                had.taken.merge(thing, more / had.steps.length, Double::sum);
            }
        }
    }

    /** How much of the light each thing lets through that stands in its way. */
    private static Map<UUID, Double> through(Coordinate place, Beam beam, List<Caster> between) {
        Map<UUID, Double> through = Map.of();
        for (Caster caster : between) {
            if (caster.hides(place.x, place.y, place.getZ(), beam.dx, beam.dy, beam.slope)) {
                if (through.isEmpty()) {
                    through = new LinkedHashMap<>();
                }
                through.merge(caster.thing(), 1 - caster.shade(), (one, other) -> one * other);
            }
        }
        return through;
    }

    private static double product(Map<UUID, Double> through, UUID but) {
        double light = 1;
        for (Map.Entry<UUID, Double> each : through.entrySet()) {
            if (!each.getKey().equals(but)) {
                light *= each.getValue();
            }
        }
        return light;
    }
}
