package fairacre.surface;

import fairacre.goods.LayerKind;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import java.util.List;
import java.util.UUID;

/**
 * What a drain takes: a trench, or the ground behind a wall, filled with stone round a perforated pipe and wrapped in
 * fabric so that it doesn't silt up. The pipe is 4 in wide, and where no depth is given the stone is 18 in deep (common
 * practice).
 *
 * @param season in which it is laid
 * @param pipe as long as the drain
 * @param stone loose, without the room of the pipe, with what stone is ordered more
 * @param fabric once round the stone, with its laps
 */
public record DrainTakeoff(UUID drain, int season, Length pipe, Volume stone, Area fabric) {

    public static final Length USUAL_DEPTH = Length.inches(18);
    static final Length PIPE = Length.inches(4);

    /** Of every drain that is still to be laid. */
    public static List<DrainTakeoff> of(Plan plan) {
        return plan.features().stream()
                .filter(feature -> feature.kind() == FeatureKind.DRAIN
                        && feature.lifetime().from().isPresent())
                .map(Feature.LineFeature.class::cast)
                .map(DrainTakeoff::of)
                .toList();
    }

    private static DrainTakeoff of(Feature.LineFeature drain) {
        double length = Polygons.line(drain.places()).getLength();
        double width = Math.max(PIPE.metres(), drain.breadth().metres());
        double depth = Math.max(
                PIPE.metres(), drain.depth().isPositive() ? drain.depth().metres() : USUAL_DEPTH.metres());
        double hollow = Math.PI * PIPE.metres() * PIPE.metres() / 4;
        return new DrainTakeoff(
                drain.id(),
                drain.lifetime().from().orElseThrow(),
                Length.metres(length),
                Volume.prism(
                        Area.squareMetres((width * depth - hollow) * LayerKind.STONE.ordered()), Length.metres(length)),
                Area.squareMetres(2 * (width + depth) * length * LayerKind.FABRIC.ordered()));
    }
}
