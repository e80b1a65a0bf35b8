package fairacre.surface;

import fairacre.ground.DrainStudy;
import fairacre.ground.DrainStudy.Side;
import fairacre.ground.DrainStudy.Undrained;
import fairacre.ground.FeaturePreset;
import fairacre.ground.LevelStudy;
import fairacre.ground.Levels;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Feature;
import fairacre.plan.Lifetime;
import fairacre.plan.Put;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Retaining walls behind which water stands. */
final class DrainSnags {

    private final SnagContext context;

    DrainSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        return DrainStudy.of(context.setting().features(), () -> Levels.of(context)).stream()
                .map(this::snag)
                .toList();
    }

    private Snag snag(Undrained undrained) {
        Feature wall = undrained.wall();
        boolean licensed = wall.height().compareTo(LevelStudy.LICENSED) > 0;
        String words = "Behind " + wall.name() + " no drain leads the water away"
                + (undrained.inFront() ? "; the one in front of it doesn't help." : ".")
                + (licensed ? " A wall of this height is for local code and a licensed designer to decide." : "");
        return Snag.of(
                        SurfaceRule.NO_DRAIN_BEHIND_WALL,
                        licensed ? Weight.SERIOUS : Weight.WARNING,
                        words,
                        Optional.of(middle(wall.places())),
                        List.of(),
                        List.of(),
                        context.remedies(() -> remedies(undrained)))
                .about(context.ref(wall.id()));
    }

    /** A drain to be laid where the wall needs it, or one that is there and was not drawn. */
    private List<Remedy> remedies(Undrained undrained) {
        Feature wall = undrained.wall();
        List<Remedy> remedies = new ArrayList<>();
        for (Side side : undrained.behind()) {
            remedies.add(new Remedy(
                    "Lay a drain behind " + wall.name() + where(wall, side),
                    put(wall, side, Lifetime.from(context.season()))));
        }
        for (Side side : undrained.behind()) {
            remedies.add(new Remedy(
                    "There is a drain" + where(wall, side) + " already: put it on the drawing",
                    put(wall, side, Lifetime.ALWAYS)));
        }
        return remedies;
    }

    private String where(Feature wall, Side side) {
        Point from = middle(wall.places());
        Point to = middle(DrainStudy.along(wall, side, FeaturePreset.DRAIN.breadth()));
        return " on its "
                + Wording.quarter(
                        to.x().metres() - from.x().metres(),
                        to.y().metres() - from.y().metres(),
                        context.plan().site().north())
                + " side";
    }

    private static Put<Feature> put(Feature wall, Side side, Lifetime lifetime) {
        Length breadth = FeaturePreset.DRAIN.breadth();
        UUID id = UUID.nameUUIDFromBytes(("drain behind " + wall.id()).getBytes(StandardCharsets.UTF_8));
        return Put.of(Feature.drain(
                id,
                "Drain",
                DrainStudy.along(wall, side, breadth),
                breadth,
                Length.max(DrainTakeoff.USUAL_DEPTH, wall.height()),
                lifetime));
    }

    private static Point middle(List<Point> places) {
        return Point.metres(
                places.stream()
                        .mapToDouble(place -> place.x().metres())
                        .average()
                        .orElseThrow(),
                places.stream()
                        .mapToDouble(place -> place.y().metres())
                        .average()
                        .orElseThrow());
    }
}
