package fairacre.surface;

import fairacre.fill.Loads;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import java.util.List;
import java.util.UUID;

/**
 * What one walk takes.
 *
 * @param season in which it is made
 * @param area its ground: of what is drawn, what lies on the plot and is free of beds, of what stands there and of
 *     walks counted before
 * @param edging along what of its edge meets open ground; zero if it gets none
 * @param thickness of all layers
 * @param rises how much higher than the ground beside it the finished walk lies
 * @param spoil what is dug out for it, loose, so with the swell of the garden's soil; zero if nothing is
 * @param away how that leaves
 */
public record WalkTakeoff(
        UUID walk,
        int season,
        Area area,
        Length edging,
        List<LayerTakeoff> layers,
        Length thickness,
        Length rises,
        Volume spoil,
        Loads away) {

    public WalkTakeoff {
        layers = List.copyOf(layers);
    }
}
