package fairacre.frame;

import fairacre.build.Fastener;
import fairacre.build.Fittings;
import fairacre.measure.Area;
import fairacre.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What holds a frame together and lines it, besides the boards of its courses.
 *
 * @param ties how long rods or straps across the bed are together
 * @param liner of its sides
 * @param underlay of its ground
 */
public record Hardware(
        Fittings fittings,
        List<Timber> timber,
        Map<Fastener, Integer> fasteners,
        Length ties,
        Area liner,
        Area underlay) {

    public Hardware {
        timber = List.copyOf(timber);
        SortedMap<Fastener, Integer> counted = new TreeMap<>(fasteners);
        counted.values().removeIf(count -> count == 0);
        fasteners = counted;
    }

    /** What this has more than what is there already; another underlay is laid anew, one that is there stays. */
    public Hardware beyond(Hardware there) {
        List<Timber> more = new ArrayList<>();
        for (Timber piece : timber) {
            int count = piece.count()
                    - there.timber.stream()
                            .filter(other -> other.withCount(piece.count()).equals(piece))
                            .mapToInt(Timber::count)
                            .sum();
            if (count > 0) {
                more.add(piece.withCount(count));
            }
        }
        Map<Fastener, Integer> added = new TreeMap<>();
        fasteners.forEach((kind, count) -> added.put(kind, Math.max(0, count - there.fasteners.getOrDefault(kind, 0))));
        boolean sameTies = fittings.support() == there.fittings.support();
        boolean sameGround = fittings.underlay() == there.fittings.underlay();
        return new Hardware(
                fittings,
                more,
                added,
                sameTies ? Length.max(Length.ZERO, ties.minus(there.ties)) : ties,
                liner.lessOrNone(there.liner),
                sameGround ? underlay.lessOrNone(there.underlay) : underlay);
    }

    public boolean nothing() {
        return timber.isEmpty() && fasteners.isEmpty() && !ties.isPositive() && liner.isZero() && underlay.isZero();
    }
}
