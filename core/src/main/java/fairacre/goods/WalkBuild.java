package fairacre.goods;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import java.util.List;

/**
 * How a walk is made. Without layers nothing is brought in: {@link #NONE}.
 *
 * @param layers at most eight, the lowest first
 * @param dugIn whether the ground is dug out for it, so that it lies level with the ground beside it
 * @param edged whether it gets an edging where it meets open ground
 */
public record WalkBuild(List<Layer> layers, boolean dugIn, boolean edged) {

    public static final WalkBuild NONE = new WalkBuild(List.of(), false, false);

    private static final int MOST_LAYERS = 8;

    public WalkBuild {
        layers = layers == null ? List.of() : layers;
        Limits.atMost(MOST_LAYERS, layers, "layers");
        layers = List.copyOf(layers);
    }

    /** All layers together. */
    public Length thickness() {
        return layers.stream().map(Layer::thickness).reduce(Length.ZERO, Length::plus);
    }

    /** How much higher than the ground beside it the finished walk lies. */
    public Length rises() {
        return dugIn ? Length.ZERO : thickness();
    }

    /** Whether something is bought or dug for it. */
    public boolean made() {
        return edged || !layers.isEmpty();
    }

    public WalkBuild withDugIn(boolean digs) {
        return new WalkBuild(layers, digs, edged);
    }

    public WalkBuild withLayers(List<Layer> newLayers) {
        return new WalkBuild(newLayers, dugIn, edged);
    }
}
