package fairacre.shape;

import java.util.ArrayList;
import java.util.List;

/** What is left of a stretch [0, length] after parts of it have been taken away; in order, none touching another. */
public final class Intervals {

    /** An interval with start less than or equal to end. */
    public record Interval(double start, double end) {
        public double length() {
            return end - start;
        }

        public double middle() {
            return (start + end) / 2;
        }
    }

    private final List<Interval> left;

    private Intervals(List<Interval> left) {
        this.left = left;
    }

    public static Intervals whole(double length) {
        return new Intervals(List.of(new Interval(0, length)));
    }

    public Intervals without(double start, double end) {
        List<Interval> rest = new ArrayList<>();
        for (Interval part : left) {
            if (end <= part.start() || start >= part.end()) {
                rest.add(part);
                continue;
            }
            if (start > part.start()) {
                rest.add(new Interval(part.start(), start));
            }
            if (end < part.end()) {
                rest.add(new Interval(end, part.end()));
            }
        }
        return new Intervals(rest);
    }

    public List<Interval> parts() {
        return left;
    }
}
