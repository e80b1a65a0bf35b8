package fairacre.frame;

import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.plan.Fastener;
import fairacre.plan.Fittings;
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
public record Hardware(Fittings fittings, List<Timber> timber, Map<Fastener, Integer> fasteners, Length ties, Area liner, Area underlay) {

    public Hardware {
        timber = List.copyOf(timber);
        SortedMap<Fastener, Integer> counted = new TreeMap<>(fasteners);
        counted.values().removeIf(count -> count == 0);
        fasteners = counted;
    }
}
