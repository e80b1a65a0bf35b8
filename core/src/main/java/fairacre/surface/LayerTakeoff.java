package fairacre.surface;

import fairacre.goods.Layer;
import fairacre.measure.Area;
import fairacre.measure.Volume;

/**
 * What a layer of one walk takes.
 *
 * @param covered what is ordered by area, with laps and cuts; zero for loose stuff
 * @param volume what is ordered by volume, loose; zero for what is bought by area
 */
public record LayerTakeoff(Layer layer, Area covered, Volume volume) {

    static LayerTakeoff of(Layer layer, Area ground) {
        double ordered = layer.kind().ordered();
        return layer.kind().good().isPresent()
                ? new LayerTakeoff(
                        layer,
                        Area.ZERO,
                        Volume.litres(Volume.prism(ground, layer.depth()).litres() * ordered))
                : new LayerTakeoff(layer, Area.squareMetres(ground.squareMetres() * ordered), Volume.ZERO);
    }
}
