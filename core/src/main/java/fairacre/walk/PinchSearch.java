package fairacre.walk;

import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.shape.Closest;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;

/**
 * Pairs that come closer than a width, with what leans out over the walk, unless they are joined or something else
 * stands in between.
 */
final class PinchSearch {

    private final Layout layout;
    private final double widest;

    PinchSearch(Layout layout, Length width) {
        this.layout = layout;
        this.widest = width.metres() - 2 * WalkStudy.SLACK;
    }

    List<Pinch> all() {
        return IntStream.range(0, layout.beds())
                .mapToObj(this::of)
                .flatMap(List::stream)
                .toList();
    }

    private List<Pinch> of(int bed) {
        List<Pinch> pinches = new ArrayList<>();
        Ring ring = layout.ring(bed);
        int[] near = layout.within(ring, widest);
        for (int other : near) {
            if (other > bed) {
                add(bed, Optional.of(other), Closest.between(ring, layout.ring(other)), near, pinches);
            }
        }
        nearestSide(bed, near, pinches);
        return pinches;
    }

    /** Only the nearest side of the plot: in a corner the others say the same. */
    private void nearestSide(int bed, int[] near, List<Pinch> pinches) {
        Ring ring = layout.ring(bed);
        Closest nearest = null;
        for (Ring side : layout.plotSides()) {
            if (ring.bounds().distance(side.bounds()) >= widest + ring.lean()) {
                continue;
            }
            Closest closest = Closest.between(ring, side);
            if (isPinch(closest, ring.lean()) && (nearest == null || closest.distance() < nearest.distance())) {
                nearest = closest;
            }
        }
        if (nearest != null) {
            add(bed, Optional.empty(), nearest, near, pinches);
        }
    }

    private void add(int bed, Optional<Integer> other, Closest closest, int[] near, List<Pinch> pinches) {
        double lean =
                layout.ring(bed).lean() + other.map(o -> layout.ring(o).lean()).orElse(0.0);
        if (!isPinch(closest, lean)
                || !layout.onPlot(middleX(closest), middleY(closest))
                || screened(bed, other, closest, near)) {
            return;
        }
        UUID id = layout.id(bed);
        pinches.add(new Pinch(
                id,
                other.map(o -> layout.id(o)),
                Point.metres(closest.x1(), closest.y1()),
                Point.metres(closest.x2(), closest.y2()),
                Length.metres(Math.max(0, closest.distance() - lean)),
                Length.metres(lean)));
    }

    private boolean isPinch(Closest closest, double lean) {
        return closest.distance() - lean < widest && closest.distance() > WalkStudy.JOINED.metres();
    }

    private boolean screened(int bed, Optional<Integer> other, Closest closest, int[] near) {
        for (int third : near) {
            boolean party = third == bed || (other.isPresent() && third == other.get());
            if (!party && layout.ring(third).covers(middleX(closest), middleY(closest))) {
                return true;
            }
        }
        return false;
    }

    private static double middleX(Closest closest) {
        return (closest.x1() + closest.x2()) / 2;
    }

    private static double middleY(Closest closest) {
        return (closest.y1() + closest.y2()) / 2;
    }
}
