package fairacre.arch;

import fairacre.hoop.StakesHold;
import fairacre.measure.Length;
import fairacre.outline.Point;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is told of an arch.
 *
 * @param beds in whose soil its feet stand; fewer than two where a foot stands in none
 * @param span between its feet
 * @param rise of its middle above the lower of its feet; empty if the panel is no longer than the span
 * @param headroom of its middle above the ground; empty where nobody walks below it
 * @param picked length of the panel at either foot that somebody who sits reaches from the walk; empty where nobody of
 *     the garden sits, or nobody gets below it
 * @param widest span that gives enough headroom, from soil as high as that of its feet
 * @param side seen from its end, from foot to foot; the middle of the span at x = 0
 * @param feet the two ends of each foot on the plot
 * @param kilograms of the panel
 * @param hold what holds its feet in the wind; empty if the panel is no longer than the span
 */
public record ArchTold(
        UUID arch,
        List<UUID> beds,
        Length span,
        Optional<Length> rise,
        Optional<Length> headroom,
        Optional<Length> picked,
        Optional<Length> widest,
        List<Point> side,
        List<List<Point>> feet,
        double kilograms,
        Optional<StakesHold> hold) {}
