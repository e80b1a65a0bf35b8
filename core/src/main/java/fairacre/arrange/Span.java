package fairacre.arrange;

import fairacre.outline.Point;
import fairacre.plan.StandingBed;
import java.util.List;

/** From where to where a bed goes along an axis, metres. */
record Span(double from, double to) {

    static Span of(StandingBed bed, Axis axis) {
        return of(bed.corners(), axis);
    }

    static Span of(List<Point> places, Axis axis) {
        double from = places.stream().mapToDouble(p -> along(p, axis)).min().orElseThrow();
        double to = places.stream().mapToDouble(p -> along(p, axis)).max().orElseThrow();
        return new Span(from, to);
    }

    static double along(Point place, Axis axis) {
        return axis == Axis.ACROSS ? place.x().metres() : place.y().metres();
    }

    double length() {
        return to - from;
    }

    double middle() {
        return (from + to) / 2;
    }
}
