package fairacre.water;

import fairacre.measure.Flow;
import fairacre.measure.Length;
import fairacre.measure.Pressure;
import fairacre.outline.Point;
import java.util.List;
import java.util.UUID;

/**
 * How one bed is watered while its zone runs.
 *
 * @param lines the dripline or drilled hose
 * @param drawn as it lies in the soil
 * @param length of the line in the bed, its feed included
 * @param stub the pipe to the bed
 * @param outlets where water leaves
 * @param flow of all outlets
 * @param least pressure at an outlet
 * @param most pressure at an outlet
 * @param needed at each outlet, at least
 * @param weakest the outlet with the least, by its index
 * @param evenness the lowest quarter of its outlets over the mean, each by what it should give; 0 to 1
 * @param sprays what each outlet wets, in their order; empty where outlets don't throw
 */
public record BedWater(
        UUID lines,
        UUID bed,
        List<List<Point>> drawn,
        Length length,
        List<Point> stub,
        List<Point> outlets,
        Flow flow,
        Pressure least,
        Pressure most,
        Pressure needed,
        int weakest,
        double evenness,
        List<Spray> sprays) {

    public BedWater {
        drawn = drawn.stream().map(List::copyOf).toList();
        stub = List.copyOf(stub);
        outlets = List.copyOf(outlets);
        sprays = List.copyOf(sprays);
    }

    /** Whether an outlet has less pressure than it needs. */
    boolean isWeak() {
        return least.compareTo(needed) < 0;
    }
}
