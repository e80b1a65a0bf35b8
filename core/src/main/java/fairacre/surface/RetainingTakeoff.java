package fairacre.surface;

import fairacre.build.Masonry;
import fairacre.frame.MasonryTakeoff;
import fairacre.ground.LevelStudy;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Polygons;
import fairacre.plan.Feature;
import fairacre.plan.Plan;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What a low retaining wall takes that is still to be built. Its lowest course lies in the ground; where mortar closes
 * its joints a pipe lets water out every 6 ft above the ground (common practice). The drain behind it is a thing of its
 * own. Of a wall over 4 ft (1.2 m) nothing is told: that is for local code and a licensed designer.
 *
 * @param season in which it is built
 * @param courses with the one in the ground
 * @param length along its middle
 * @param face with what of it is in the ground
 * @param pieces blocks with their waste; of stone, tonnes
 * @param bags of mortar of 80 lb (36 kg)
 * @param footing crushed base as it is ordered, before it is compacted
 * @param weeps pipes through it
 */
public record RetainingTakeoff(
        UUID wall,
        int season,
        Masonry masonry,
        int courses,
        Length length,
        Area face,
        double pieces,
        double bags,
        Volume footing,
        int weeps) {

    private static final Length BETWEEN_WEEPS = Length.feet(6);
    /** A wall that is exactly so many courses high has no more of them, metres. */
    private static final double HAIR = 1e-6;

    /** Of every wall that is still to be built, whose height is known and no more than anybody builds. */
    public static List<RetainingTakeoff> of(Plan plan) {
        return plan.features().stream()
                .filter(Feature.LineFeature.class::isInstance)
                .map(Feature.LineFeature.class::cast)
                .flatMap(wall -> of(wall).stream())
                .toList();
    }

    private static Optional<RetainingTakeoff> of(Feature.LineFeature wall) {
        boolean told = wall.lifetime().from().isPresent()
                && wall.height().isPositive()
                && wall.height().compareTo(LevelStudy.LICENSED) <= 0;
        return told ? wall.masonry().map(kind -> of(wall, kind)) : Optional.empty();
    }

    private static RetainingTakeoff of(Feature.LineFeature wall, Masonry kind) {
        double length = Polygons.line(wall.places()).getLength();
        int courses = courses(wall, kind);
        MasonryTakeoff masonry = MasonryTakeoff.along(kind, length, courses, true);
        return new RetainingTakeoff(
                wall.id(),
                wall.lifetime().from().orElseThrow(),
                kind,
                courses,
                Length.metres(length),
                masonry.face(),
                masonry.pieces(),
                masonry.bags(),
                masonry.footingOrdered(),
                masonry.bags() > 0 ? (int) Math.ceil(length / BETWEEN_WEEPS.metres() - HAIR) : 0);
    }

    /** Those that reach its height, and one in the ground. */
    private static int courses(Feature wall, Masonry kind) {
        return (int) Math.ceil(wall.height().metres() / kind.course().metres() - HAIR) + 1;
    }
}
