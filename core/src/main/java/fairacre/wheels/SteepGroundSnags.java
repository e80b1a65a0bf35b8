package fairacre.wheels;

import fairacre.ground.LevelStudy;
import fairacre.ground.Levels;
import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.plan.Things;
import fairacre.shape.Areas;
import fairacre.walk.CarrierStudy;
import fairacre.walk.Surroundings;
import fairacre.walk.WalkStudy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;

/**
 * Beds that wheels come to only over bare ground that is too steep for them. Which way they would cross it is not
 * known, so its steepest fall counts. Walks are judged by themselves; a slab is level.
 */
final class SteepGroundSnags {

    /** A bed is tried elsewhere in whole steps, so many steps far, at so many places at most. */
    private static final Length STEP_METRIC = Length.metres(0.5);

    private static final Length STEP_IMPERIAL = Length.feet(2);
    private static final int FAR = 16;
    private static final int MOST_PLACES = 6;

    private final SnagContext context;

    SteepGroundSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(WalkStudy walks) {
        return Rolling.all(context.plan()).isEmpty()
                ? List.of()
                : Levels.of(context)
                        .map(levels -> find(levels, CarrierStudy.of(walks, context.standing())))
                        .orElse(List.of());
    }

    private List<Snag> find(Levels levels, CarrierStudy study) {
        Geometry surfaced = BareGroundSnags.surfaced(context.plan(), context.season());
        Map<Double, Geometry> steep = new HashMap<>();
        Function<Rolling, Geometry> area = wheels -> steep.computeIfAbsent(
                most(wheels),
                most -> Areas.without(
                        levels.steeperThan(most, context.setting().site().ground()), surfaced));
        return Lacking.of(context, wheels -> cutOff(study, area.apply(wheels), wheels)).stream()
                .map(lacking -> snag(
                        lacking,
                        new Gentle(
                                study,
                                area.apply(lacking.rolling().get(0)),
                                lacking.rolling().get(0))))
                .toList();
    }

    /** The steepest ground for somebody or something on wheels, rise over run. */
    private static double most(Rolling wheels) {
        return wheels.gardener().isPresent() ? LevelStudy.WHEELS : LevelStudy.RAMP;
    }

    private List<StandingBed> cutOff(CarrierStudy study, Geometry steep, Rolling wheels) {
        if (steep.isEmpty()) {
            return List.of();
        }
        UsablePart gentle = new Gentle(study, steep, wheels).part();
        return context.standing().stream()
                .filter(bed -> wheels.serves(bed.id(), context.plan()) && study.reaches(wheels.carrier(), bed.id()))
                .filter(gentle::lacks)
                .toList();
    }

    /** The ground of somebody or something on wheels without what is too steep. */
    private record Gentle(CarrierStudy study, Geometry steep, Rolling wheels) {

        UsablePart part() {
            return new UsablePart(study, Areas.without(study.ground(wheels.carrier()), steep), wheels);
        }

        boolean goesRound(Geometry place) {
            return !steep.isWithinDistance(place, wheels.carrier().width().metres());
        }
    }

    private Snag snag(Lacking lacking, Gentle ground) {
        List<StandingBed> beds = lacking.beds();
        List<Rolling> rolling = lacking.rolling();
        String words = Rolling.names(rolling)
                + (lacking.sits()
                        ? " gets to " + Wording.named(beds) + ", or part of " + (beds.size() == 1 ? "it," : "them,")
                        : (rolling.size() == 1 ? " comes to " : " come to ") + Wording.named(beds))
                + " only over bare ground that falls more than 1 in " + Math.round(1 / most(rolling.get(0)))
                + ": too steep for wheels.";
        return lacking.snag(
                WheelRule.GROUND_TOO_STEEP,
                words,
                lacking.sits()
                        ? context.remedies(beds.get(0), () -> forAChair(beds, ground))
                        : context.remedies(() -> forCarriers(rolling, beds, ground)));
    }

    private List<Remedy> forAChair(List<StandingBed> beds, Gentle ground) {
        List<Remedy> remedies = new ArrayList<>();
        context.edits().leaveToWhoeverWalks(beds, List.of()).ifPresent(remedies::add);
        beds.stream().flatMap(bed -> moved(bed, ground).stream()).findFirst().ifPresent(remedies::add);
        return remedies;
    }

    private List<Remedy> forCarriers(List<Rolling> carriers, List<StandingBed> beds, Gentle ground) {
        List<Remedy> remedies = new ArrayList<>();
        beds.stream().flatMap(bed -> moved(bed, ground).stream()).findFirst().ifPresent(remedies::add);
        String words = "Carry by hand: do without " + Rolling.names(carriers);
        List<Change> without = carriers.stream()
                .map(wheels ->
                        (Change) new Remove<>(Things.CARRIERS, wheels.carrier().id()))
                .toList();
        remedies.add(new Remedy(words, without.size() == 1 ? without.get(0) : new Change.Batch(words, without)));
        return remedies;
    }

    /**
     * The bed at the nearest of some places to which gentle ground leads and goes all round, if it is told no more
     * there.
     */
    private Optional<Remedy> moved(StandingBed bed, Gentle ground) {
        Surroundings round = Surroundings.of(context, bed);
        Point from = bed.outline().centre();
        UsablePart part = ground.part();
        return places(bed)
                .filter(place ->
                        ground.goesRound(Polygons.of(place.corners())) && part.comesTo(Polygons.of(place.corners())))
                .filter(round::suits)
                .limit(MOST_PLACES)
                .filter(place -> context.cures(Edits.move(bed, place), WheelRule.GROUND_TOO_STEEP, Set.of(bed.id())))
                .findFirst()
                .map(place -> new Remedy(
                        "Move " + bed.name() + " " + context.wording().length(from.distance(place.centre())) + " "
                                + context.wording()
                                        .direction(
                                                place.centre()
                                                        .x()
                                                        .minus(from.x())
                                                        .metres(),
                                                place.centre()
                                                        .y()
                                                        .minus(from.y())
                                                        .metres())
                                + " to gentler ground",
                        Edits.move(bed, place)));
    }

    private Stream<Rectangle> places(StandingBed bed) {
        Rectangle outline = bed.outline();
        Point centre = outline.centre();
        Length step = context.plan().units() == Units.METRIC ? STEP_METRIC : STEP_IMPERIAL;
        return IntStream.rangeClosed(-FAR, FAR)
                .boxed()
                .flatMap(i -> IntStream.rangeClosed(-FAR, FAR)
                        .mapToObj(j -> outline.movedTo(centre.plus(step.times(i), step.times(j)), outline.turn())))
                .sorted(Comparator.comparing(place -> place.centre().distance(centre)));
    }
}
