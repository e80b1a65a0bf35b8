package fairacre.hoop;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;

/**
 * A bow of arcs that run into each other without a kink, on straight legs.
 *
 * @param arcs from left to right, as if there were no legs
 */
record ArcLine(double legs, List<Arc> arcs) implements BowLine {

    /**
     * An arc from left to right, so from the larger angle to the smaller.
     *
     * @param x of its centre
     * @param from radians, counter-clockwise from the right
     */
    record Arc(double x, double y, double radius, double from, double to) {

        double length() {
            return radius * (from - to);
        }

        /** Whether a place from the middle of the span lies below it. */
        private boolean isOver(double place) {
            return at(from).x <= place && place <= at(to).x;
        }

        private double heightAt(double place) {
            double aside = place - x;
            return y + Math.sqrt(Math.max(0, radius * radius - aside * aside));
        }

        private Coordinate at(double angle) {
            return new Coordinate(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
        }
    }

    @Override
    public double length() {
        return 2 * legs + arcs.stream().mapToDouble(Arc::length).sum();
    }

    @Override
    public double tightest() {
        return arcs.stream().mapToDouble(Arc::radius).min().orElseThrow();
    }

    @Override
    public double turn() {
        return arcs.stream().mapToDouble(arc -> arc.from - arc.to).sum();
    }

    /** At a foot with a straight leg it is as high as the leg. */
    @Override
    public double heightAt(double x) {
        double arched = arcs.stream()
                .filter(arc -> arc.isOver(x))
                .findFirst()
                .map(arc -> arc.heightAt(x))
                .orElse(0.0);
        return legs + arched;
    }

    @Override
    public List<Coordinate> places(int onEach) {
        List<Coordinate> places = new ArrayList<>();
        Arc first = arcs.get(0);
        Arc last = arcs.get(arcs.size() - 1);
        if (legs > 0) {
            places.add(first.at(first.from()));
        }
        for (Arc arc : arcs) {
            IntStream.range(arc == first ? 0 : 1, onEach)
                    .mapToObj(i -> arc.at(arc.from() + (arc.to() - arc.from()) * i / (onEach - 1)))
                    .map(place -> new Coordinate(place.x, place.y + legs))
                    .forEach(places::add);
        }
        if (legs > 0) {
            places.add(last.at(last.to()));
        }
        return places;
    }
}
