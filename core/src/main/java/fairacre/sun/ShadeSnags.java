package fairacre.sun;

import fairacre.judging.Moves;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Change;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.shape.FreeGround;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;

/** What could stand elsewhere and takes the sun of a bed. */
final class ShadeSnags {

    /** So much less a day is felt, hours (common practice). */
    private static final double FELT = 0.5;

    private static final Set<FeatureKind> MOVABLE =
            EnumSet.of(FeatureKind.TRELLIS, FeatureKind.COMPOST, FeatureKind.BENCH);

    private final SnagContext context;

    ShadeSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Feature> movable = context.setting().features().stream()
                .filter(feature ->
                        MOVABLE.contains(feature.kind()) && feature.height().isPositive())
                .toList();
        if (movable.isEmpty()) {
            return List.of();
        }
        SunHours sun =
                SunStudy.of(context.plan(), context.season(), context.memo()).growing();
        return movable.stream().flatMap(each -> snag(each, sun).stream()).toList();
    }

    private Optional<Snag> snag(Feature thing, SunHours sun) {
        List<SunHours.Taken> shaded = sun.takenBy(thing.id()).stream()
                .filter(taken -> taken.hours() >= FELT)
                .toList();
        return shaded.isEmpty() ? Optional.empty() : better(thing, sun).map(better -> snag(thing, sun, shaded, better));
    }

    private Snag snag(Feature thing, SunHours sun, List<SunHours.Taken> shaded, Elsewhere better) {
        boolean counts = shaded.stream().anyMatch(taken -> {
            double left = growing(sun, taken.bed());
            return Exposure.of(left) != Exposure.of(left + taken.hours());
        });
        List<StandingBed> beds =
                shaded.stream().map(taken -> context.bed(taken.bed())).toList();
        String words = String.format(
                Locale.ROOT,
                "%s takes %.1f h of sun a day from the beds in the growing months, most from %s; %s it takes %.1f h.",
                thing.name(),
                total(sun, thing.id()),
                beds.get(0).name(),
                better.where(),
                better.total());
        return Snag.of(
                        thing.kind() == FeatureKind.TRELLIS ? SunRule.TRELLIS_SHADES : SunRule.TALL_THING_SHADES,
                        counts ? Weight.WARNING : Weight.NOTE,
                        words,
                        Optional.of(beds.get(0).outline().centre()),
                        beds.stream().map(StandingBed::id).toList(),
                        List.of(),
                        context.remedies(() -> remedies(thing, better, total(sun, thing.id()))))
                .about(context.ref(thing.id()))
                .by(total(sun, thing.id()) - better.total());
    }

    private static double growing(SunHours sun, UUID bed) {
        return sun.beds().stream()
                .filter(each -> each.bed().equals(bed))
                .mapToDouble(SunHours.BedSun::growing)
                .sum();
    }

    /** Of the beds from which it takes what is felt now. */
    private static double ofThese(SunHours there, SunHours now, UUID thing) {
        Set<UUID> shaded = now.takenBy(thing).stream()
                .filter(taken -> taken.hours() >= FELT)
                .map(SunHours.Taken::bed)
                .collect(Collectors.toSet());
        return there.takenBy(thing).stream()
                .filter(taken -> shaded.contains(taken.bed()))
                .mapToDouble(SunHours.Taken::hours)
                .sum();
    }

    private static double total(SunHours sun, UUID thing) {
        return sun.takenBy(thing).stream().mapToDouble(SunHours.Taken::hours).sum();
    }

    /**
     * Where it would take less.
     *
     * @param where in a sentence: "on the other side of Lettuce"
     * @param remedy moves it there
     * @param total hours a day that it takes of all beds there
     */
    private record Elsewhere(String where, Remedy remedy, double total) {}

    /**
     * Where it takes half an hour less. What would take as much on the other side of the bed that it belongs to stands
     * on no sunny side. A trellis goes there; anything else too if there is room for it, and else to the nearest place
     * that has room.
     */
    private Optional<Elsewhere> better(Feature thing, SunHours sun) {
        double now = total(sun, thing.id());
        return nearest(thing).flatMap(bed -> {
            Change across = thing.kind() == FeatureKind.TRELLIS
                    ? across(context.plan(), thing, bed)
                    : mirrored(context.plan(), thing, bed);
            if (!(context.plan().apply(across) instanceof Outcome.Applied applied)) {
                return places(thing, now).findFirst();
            }
            SunHours there = growing(applied.plan());
            if (thing.kind() == FeatureKind.TRELLIS || hasRoom(applied.plan(), thing.id())) {
                return Optional.of(new Elsewhere(
                                "on the other side of " + bed.name(),
                                new Remedy("Move " + thing.name() + " to the other side of " + bed.name(), across),
                                total(there, thing.id())))
                        .filter(elsewhere -> elsewhere.total <= now - FELT);
            }
            boolean sunnySide = ofThese(there, sun, thing.id()) <= ofThese(sun, sun, thing.id()) - FELT;
            return sunnySide ? places(thing, now).findFirst() : Optional.empty();
        });
    }

    private SunHours growing(Plan plan) {
        return SunStudy.of(plan, context.season(), context.trials()).growing();
    }

    /** A trellis belongs to its bed. */
    private Stream<Elsewhere> places(Feature thing, double now) {
        return thing.kind() == FeatureKind.TRELLIS
                ? Stream.empty()
                : Moves.of(
                                context.wording(),
                                Moves.STEP,
                                (dx, dy) -> context.plan().moving(thing.id(), dx, dy))
                        .filter(move -> FreeGround.hasRoomFor(
                                thing.shifted(move.dx(), move.dy()), context.setting(), context.standing()))
                        .limit(Moves.MOST_TRIED)
                        .flatMap(move -> context.plan().apply(move.change()) instanceof Outcome.Applied applied
                                ? Stream.of(new Elsewhere(
                                        move.way(),
                                        move.remedy(thing.name()),
                                        total(growing(applied.plan()), thing.id())))
                                : Stream.empty())
                        .filter(elsewhere -> elsewhere.total <= now - FELT);
    }

    private boolean hasRoom(Plan plan, UUID thing) {
        return plan.setting(context.season()).features().stream()
                .filter(feature -> feature.id().equals(thing))
                .allMatch(there ->
                        FreeGround.hasRoomFor(there, plan.setting(context.season()), plan.standing(context.season())));
    }

    /** Where the place that takes less brings flaws of its own, the nearest that brings none. */
    private List<Remedy> remedies(Feature thing, Elsewhere better, double now) {
        Stream<Remedy> sound = context.isSound(better.remedy().change())
                ? Stream.of(better.remedy())
                : places(thing, now)
                        .map(Elsewhere::remedy)
                        .filter(remedy -> context.isSound(remedy.change()))
                        .limit(1);
        return Stream.concat(
                        sound,
                        Stream.of(new Remedy(
                                "Do without " + thing.name(), context.plan().without(thing.id()))))
                .toList();
    }

    private Optional<StandingBed> nearest(Feature thing) {
        return nearest(context.standing(), thing);
    }

    static Optional<StandingBed> nearest(List<StandingBed> standing, Feature thing) {
        return standing.stream()
                .min(Comparator.comparingDouble(
                        bed -> Polygons.of(bed.corners()).distance(Polygons.line(thing.places()))));
    }

    /** Moves it square to itself, as far beyond the middle of a bed as it stood before it. */
    static Change across(Plan plan, Feature thing, StandingBed bed) {
        Point first = thing.places().get(0);
        Point last = thing.places().get(thing.places().size() - 1);
        double dx = last.x().metres() - first.x().metres();
        double dy = last.y().metres() - first.y().metres();
        double length = Math.hypot(dx, dy);
        double nx = length > 0 ? -dy / length : 0;
        double ny = length > 0 ? dx / length : 1;
        Point middle = bed.outline().centre();
        double off = ((first.x().metres() + last.x().metres()) / 2 - middle.x().metres()) * nx
                + ((first.y().metres() + last.y().metres()) / 2 - middle.y().metres()) * ny;
        return plan.moving(thing.id(), Length.metres(-2 * off * nx), Length.metres(-2 * off * ny));
    }

    /** Moves it as far beyond the middle of a bed as it stood before it, across the bed or along it. */
    private static Change mirrored(Plan plan, Feature thing, StandingBed bed) {
        Rectangle outline = bed.outline();
        Coordinate centre = Polygons.of(thing.places()).getCentroid().getCoordinate();
        Point middle = outline.centre();
        Point along = outline.at(1, 0);
        double ux = along.x().minus(middle.x()).metres();
        double uy = along.y().minus(middle.y()).metres();
        double x = centre.x - middle.x().metres();
        double y = centre.y - middle.y().metres();
        double u = x * ux + y * uy;
        double v = y * ux - x * uy;
        boolean isBeside = Math.abs(v) - outline.width().metres() / 2
                >= Math.abs(u) - outline.length().metres() / 2;
        return isBeside
                ? plan.moving(thing.id(), Length.metres(2 * v * uy), Length.metres(-2 * v * ux))
                : plan.moving(thing.id(), Length.metres(-2 * u * ux), Length.metres(-2 * u * uy));
    }
}
