package fairacre.wheels;

import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.ground.LevelStudy;
import fairacre.ground.Levels;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.plan.Walk;
import fairacre.shape.Areas;
import fairacre.surface.BuildUps;
import fairacre.walk.CarrierStudy;
import fairacre.walk.KeptGround;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * Walks that rise, or lie across, too steep for wheels. A main walk is for everybody; a work walk has to serve only
 * those who come to some bed by no other way.
 */
final class SteepWalkSnags {

    private final SnagContext context;

    SteepWalkSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        List<Rolling> rolling = Rolling.all(context.plan());
        if (rolling.isEmpty()) {
            return List.of();
        }
        return Levels.of(context)
                .map(LevelStudy::of)
                .map(study -> find(study, rolling, CarrierStudy.of(walks, context.standing())))
                .orElse(List.of());
    }

    private List<Snag> find(LevelStudy levels, List<Rolling> rolling, CarrierStudy study) {
        List<Snag> snags = new ArrayList<>();
        for (Walk walk : context.plan().walks(context.season())) {
            LevelStudy.Slopes slopes = levels.slopes(walk);
            List<Stopped> stopped = rolling.stream()
                    .filter(wheels -> isTooSteep(slopes, wheels))
                    .map(wheels -> new Stopped(wheels, cutOff(study, walk, wheels)))
                    .filter(each ->
                            walk.grade() == WalkGrade.MAIN || !each.beds().isEmpty())
                    .toList();
            if (!stopped.isEmpty()) {
                snags.add(steep(levels, walk, slopes, stopped));
            }
        }
        return snags;
    }

    /** Somebody or something for whom a walk is too steep, and the beds to which nothing else leads. */
    private record Stopped(Rolling wheels, List<StandingBed> beds) {}

    private static boolean isTooSteep(LevelStudy.Slopes slopes, Rolling wheels) {
        return wheels.gardener().isPresent()
                ? Levels.isSteeper(slopes.running(), LevelStudy.WHEELS)
                        || Levels.isSteeper(slopes.cross(), LevelStudy.LEVEL)
                : Levels.isSteeper(slopes.running(), LevelStudy.RAMP);
    }

    private List<StandingBed> cutOff(CarrierStudy study, Walk walk, Rolling wheels) {
        Geometry ground = study.ground(wheels.carrier());
        KeptGround without = study.keepingTo(wheels.carrier(), Areas.without(ground, Polygons.of(walk.corners())));
        return context.standing().stream()
                .filter(bed -> wheels.serves(bed.id(), context.plan())
                        && study.reaches(wheels.carrier(), bed.id())
                        && !without.comesTo(bed.id()))
                .toList();
    }

    private Snag steep(LevelStudy levels, Walk walk, LevelStudy.Slopes slopes, List<Stopped> stopped) {
        List<Rolling> rolling = stopped.stream().map(Stopped::wheels).toList();
        String words = walk.name() + " rises " + ratio(slopes.running()) + " and lies " + ratio(slopes.cross())
                + " across: too steep for " + Rolling.names(rolling) + ".";
        Coordinate place = Polygons.of(walk.corners()).getInteriorPoint().getCoordinate();
        return Snag.of(
                        WheelRule.WALK_TOO_STEEP,
                        Rolling.weight(rolling),
                        words,
                        Optional.of(Point.metres(place.x, place.y)),
                        List.of(),
                        Rolling.seated(rolling),
                        context.remedies(() -> remedies(levels, walk, stopped)))
                .about(context.ref(walk.id()))
                .by(Math.max(slopes.running(), slopes.cross()));
    }

    private List<Remedy> remedies(LevelStudy levels, Walk walk, List<Stopped> stopped) {
        List<Remedy> remedies = new ArrayList<>();
        Walk dugIn = dugIn(walk);
        if (stopped.stream().noneMatch(each -> isTooSteep(levels.slopes(dugIn), each.wheels()))) {
            remedies.add(new Remedy("Dig " + walk.name() + " in and lay it level across", Put.of(dugIn)));
        }
        List<StandingBed> cutOff = stopped.stream()
                .flatMap(each -> each.beds().stream())
                .distinct()
                .toList();
        if (walk.grade() == WalkGrade.MAIN && cutOff.isEmpty()) {
            remedies.add(new Remedy(
                    "Lead the main walk elsewhere: make " + walk.name() + " a work walk for feet",
                    Put.of(walk.withGrade(WalkGrade.WORK))));
        }
        addOthers(walk, stopped, cutOff, remedies);
        remedies.add(new Remedy(
                "Take " + walk.name() + " off the drawing and lead it along the slope",
                new Remove<>(Things.WALKS, walk.id())));
        return remedies;
    }

    /** With the layers it has, or the usual ones of its surface. */
    private static Walk dugIn(Walk walk) {
        WalkBuild build = walk.build().layers().isEmpty()
                ? walk.build().withLayers(BuildUps.usual(walk.surface()))
                : walk.build();
        return walk.withBuild(build.withDugIn(true));
    }

    /** Whoever walks takes over the beds that are cut off, if only people who sit are stopped. */
    private void addOthers(Walk walk, List<Stopped> stopped, List<StandingBed> cutOff, List<Remedy> remedies) {
        if (stopped.stream().allMatch(each -> each.wheels().gardener().isPresent())) {
            List<Change> more =
                    walk.grade() == WalkGrade.MAIN ? List.of(Put.of(walk.withGrade(WalkGrade.WORK))) : List.of();
            context.edits().leaveToWhoeverWalks(cutOff, more).ifPresent(remedies::add);
        }
    }

    private static String ratio(double slope) {
        return slope < 0.001 ? "level" : String.format(Locale.ROOT, "1 in %.0f", 1 / slope);
    }
}
