package fairacre.fence;

import fairacre.shape.Intervals.Interval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Where posts stand along a straight side, metres from its beginning, without the two at its ends: as few as the
 * greatest span allows, as even as places where nothing may be dug allow. Without such places all spans are equal.
 *
 * @param fits whether no span is longer than the greatest; false where ground that may not be dug is wider than that
 */
record Spans(List<Double> posts, boolean fits) {

    /** Lengths are whole micrometres: so much may be missing or too much, metres. */
    private static final double ROUNDING = 2e-6;

    Spans {
        posts = List.copyOf(posts);
    }

    /**
     * @param length of the side, more than 0
     * @param greatest span, more than 0
     * @param blocked where no post may stand; one at the very edge of such a place may
     */
    static Spans of(double length, double greatest, List<Interval> blocked) {
        Side side = new Side(length, greatest, merged(blocked));
        List<Double> furthest = side.furthest();
        boolean fits = side.fits(furthest);
        return new Spans(fits ? side.even(furthest) : furthest, fits);
    }

    private static List<Interval> merged(List<Interval> blocked) {
        List<Interval> merged = new ArrayList<>();
        blocked.stream().sorted(Comparator.comparingDouble(Interval::start)).forEach(next -> {
            Interval last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null && next.start() < last.end() - ROUNDING) {
                merged.set(merged.size() - 1, new Interval(last.start(), Math.max(last.end(), next.end())));
            } else {
                merged.add(next);
            }
        });
        return merged;
    }

    private record Side(double length, double greatest, List<Interval> blocked) {

        /** Each post as far from the one before as may be: no way takes fewer. */
        List<Double> furthest() {
            List<Double> posts = new ArrayList<>();
            double at = 0;
            while (length - at > greatest + ROUNDING) {
                double next = lastFree(at + greatest);
                if (next <= at + ROUNDING) {
                    next = firstFree(at + greatest);
                }
                if (next >= length - ROUNDING) {
                    break;
                }
                posts.add(next);
                at = next;
            }
            return posts;
        }

        boolean fits(List<Double> posts) {
            double at = 0;
            for (double post : posts) {
                if (post - at > greatest + ROUNDING) {
                    return false;
                }
                at = post;
            }
            return length - at <= greatest + ROUNDING;
        }

        /** As many posts, each as near to where it would stand in even spans as the others still find a place. */
        List<Double> even(List<Double> furthest) {
            int count = furthest.size();
            double[] earliest = new double[count + 1];
            earliest[count] = length;
            for (int i = count - 1; i >= 0; i--) {
                earliest[i] = firstFree(earliest[i + 1] - greatest);
            }
            List<Double> posts = new ArrayList<>();
            double at = 0;
            for (int i = 0; i < count; i++) {
                double target = length * (i + 1) / (count + 1);
                at = nearest(Math.max(target, earliest[i]), earliest[i], Math.min(at + greatest, furthest.get(i)));
                posts.add(at);
            }
            return posts;
        }

        private double nearest(double target, double least, double most) {
            double wanted = Math.min(target, most);
            double before = lastFree(wanted);
            double after = firstFree(wanted);
            boolean canBefore = before >= least - ROUNDING;
            boolean canAfter = after <= most + ROUNDING;
            if (canBefore && canAfter) {
                return wanted - before <= after - wanted ? before : after;
            }
            return canAfter ? after : before;
        }

        private double lastFree(double limit) {
            return blocked.stream()
                    .filter(each -> limit > each.start() + ROUNDING && limit < each.end() - ROUNDING)
                    .findFirst()
                    .map(Interval::start)
                    .orElse(limit);
        }

        private double firstFree(double limit) {
            return blocked.stream()
                    .filter(each -> limit > each.start() + ROUNDING && limit < each.end() - ROUNDING)
                    .findFirst()
                    .map(Interval::end)
                    .orElse(limit);
        }
    }
}
