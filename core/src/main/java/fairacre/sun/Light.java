package fairacre.sun;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
     * @param taken how many more the mean place would have without each thing
     */
    record Had(double[] steps, Map<UUID, Double> taken) {

        static Had none(int places) {
            return new Had(new double[places], new HashMap<>());
        }

        double mean() {
            return Arrays.stream(steps).average().orElseThrow();
        }

        double least() {
            return Arrays.stream(steps).min().orElseThrow();
        }
    }

    private final List<Group> groups;
    private final double north;

    /** @param north clockwise from straight up, radians */
    Light(List<Group> groups, double north) {
        this.groups = List.copyOf(groups);
        this.north = north;
    }

    /** Of each group, in their order. */
    List<Had> on(List<SunTrack.Place> sun, List<Caster> casters) {
        List<Had> had =
                groups.stream().map(group -> Had.none(group.places.size())).toList();
        for (SunTrack.Place at : sun) {
            Beam beam =
                    new Beam(Math.sin(north + at.azimuth()), Math.cos(north + at.azimuth()), Math.tan(at.altitude()));
            List<Span> spans =
                    casters.stream().map(caster -> beam.span(caster.ring())).toList();
            for (int i = 0; i < groups.size(); i++) {
                add(groups.get(i), beam, between(groups.get(i), beam, casters, spans), had.get(i));
            }
        }
        return had;
    }

    /**
     * The way to the sun.
     *
     * @param dx along the ground, of length 1 with {@code dy}
     * @param slope how much it climbs in a metre
     */
    private record Beam(double dx, double dy, double slope) {

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
            Span span = spans.get(i);
            Caster caster = casters.get(i);
            double off = Math.max(0, span.near - own.far);
            if (caster.shade() > 0
                    && span.far >= own.near
                    && span.left <= own.right
                    && span.right >= own.left
                    && group.lowest + off * beam.slope < caster.high()
                    && group.bed.filter(caster.thing()::equals).isEmpty()) {
                between.add(caster);
            }
        }
        return between;
    }

    private static void add(Group group, Beam beam, List<Caster> between, Had had) {
        if (between.isEmpty()) {
            for (int i = 0; i < had.steps.length; i++) {
                had.steps[i]++;
            }
            return;
        }
        for (int i = 0; i < had.steps.length; i++) {
            Map<UUID, Double> through = through(group.places.get(i), beam, between);
            had.steps[i] += product(through, null);
            for (UUID thing : through.keySet()) {
                double more = product(through, thing) - product(through, null);
                if (more > 0) {
                    had.taken.merge(thing, more / had.steps.length, Double::sum);
                }
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
