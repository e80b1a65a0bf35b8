package fairacre.walk;

import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Setting;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import java.util.List;

/** The ground that a feature takes from whoever walks. */
final class Obstacles {

    private Obstacles() {}

    static List<Ring> of(Feature feature, Setting setting, boolean wheels) {
        boolean stops = feature.kind().inTheWay() || wheels && feature.kind() == FeatureKind.STEPS;
        return stops ? Footprint.of(feature, setting) : List.of();
    }
}
