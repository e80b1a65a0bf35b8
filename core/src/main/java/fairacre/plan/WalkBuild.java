package fairacre.plan;

import fairacre.measure.Length;
import java.util.List;
import java.util.Optional;

/**
 * How a walk is made. Without layers nothing is brought in: {@link #NONE}.
 *
 * @param season in which it is made; empty for the garden's first
 * @param layers at most eight, the lowest first
 * @param dugIn whether the ground is dug out for it, so that it lies level with the ground beside it
 * @param edged whether it gets an edging where it meets open ground
 */
public record WalkBuild(Optional<Integer> season, List<Layer> layers, boolean dugIn, boolean edged) {

    public static final WalkBuild NONE = new WalkBuild(Optional.empty(), List.of(), false, false);

    private static final int MOST_LAYERS = 8;

    public WalkBuild {
        season = season == null ? Optional.empty() : season;
        season.ifPresent(s -> Limits.season(s, "season"));
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

    public WalkBuild withSeason(int newSeason) {
        return new WalkBuild(Optional.of(newSeason), layers, dugIn, edged);
    }

    public WalkBuild withDugIn(boolean digs) {
        return new WalkBuild(season, layers, digs, edged);
    }

    public WalkBuild withLayers(List<Layer> newLayers) {
        return new WalkBuild(season, newLayers, dugIn, edged);
    }
}
