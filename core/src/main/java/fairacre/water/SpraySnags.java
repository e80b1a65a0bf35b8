package fairacre.water;

import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Change;
import fairacre.plan.FeatureKind;
import fairacre.plan.Put;
import fairacre.shape.Areas;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** Sprinklers that wet what should stay dry: walks, walls of the house, the neighbour's ground. */
final class SpraySnags {

    /** Drops drift so far beyond a bed anyway, metres: a hand's breadth. */
    static final double DRIFT = 0.1;
    /** Less is a touch, square metres. */
    private static final double TOUCH = 1e-3;

    private static final Set<FeatureKind> WALLS = EnumSet.of(FeatureKind.HOUSE, FeatureKind.SHED);

    private final SnagContext context;
    private final Piping piping;

    SpraySnags(SnagContext context) {
        this.context = context;
        this.piping = context.study(WaterStudy.class).piping();
    }

    List<Snag> find() {
        return piping.lines().stream()
                .filter(laid -> laid.lines() instanceof Sprinklers)
                .flatMap(laid -> wets(laid).stream())
                .toList();
    }

    /** What is wetted, by its name. */
    private record Wet(String name, Weight weight, Geometry area) {}

    private Optional<Snag> wets(LaidLines laid) {
        List<Wet> wet = wet(laid.layout().sprays());
        if (wet.isEmpty()) {
            return Optional.empty();
        }
        Weight weight = wet.stream().anyMatch(each -> each.weight() == Weight.WARNING) ? Weight.WARNING : Weight.NOTE;
        double area = wet.stream().mapToDouble(each -> each.area().getArea()).sum();
        Coordinate place = wet.get(0).area().getInteriorPoint().getCoordinate();
        return Optional.of(Snag.of(
                        WaterRule.SPRINKLERS_WET,
                        weight,
                        "The sprinklers of " + laid.bed().name() + " wet "
                                + Wording.names(
                                        wet.stream().map(Wet::name).distinct().toList()) + ".",
                        Optional.of(Point.metres(place.x, place.y)),
                        List.of(laid.bed().id()),
                        List.of(),
                        context.remedies(() -> drier(laid)))
                .about(context.ref(laid.lines().id()))
                .by(area));
    }

    private List<Wet> wet(List<Spray> sprays) {
        if (sprays.isEmpty()) {
            return List.of();
        }
        Geometry wetted = Areas.without(
                Areas.joined(sprays.stream().map(Spray::wets).toList()),
                Areas.joined(context.standing().stream()
                        .map(bed -> Polygons.of(bed.corners()).buffer(DRIFT))
                        .toList()));
        Geometry ground = context.setting().site().ground();
        List<Wet> found = new ArrayList<>();
        context.setting().features().stream()
                .filter(feature -> WALLS.contains(feature.kind()))
                .forEach(feature -> Footprint.of(feature, context.setting()).stream()
                        .map(Ring::polygon)
                        .map(wall -> Areas.shared(wall, wetted))
                        .filter(area -> area.getArea() > TOUCH)
                        .forEach(area -> found.add(new Wet(feature.name(), Weight.WARNING, area))));
        Geometry beyond = Areas.without(wetted, ground);
        if (beyond.getArea() > TOUCH) {
            found.add(new Wet("ground beyond the plot", Weight.WARNING, beyond));
        }
        context.plan().walks(context.season()).forEach(walk -> {
            Geometry area = Areas.shared(Polygons.of(walk.corners()), wetted);
            if (area.getArea() > TOUCH) {
                found.add(new Wet(walk.name(), Weight.NOTE, area));
            }
        });
        return found;
    }

    /** The widest throw with which nothing is wetted; or what drips; or none. */
    private List<Remedy> drier(LaidLines laid) {
        Sprinklers sprinklers = (Sprinklers) laid.lines();
        List<Remedy> ways = new ArrayList<>();
        Stream.iterate(
                        context.wording().stepDown(sprinklers.radius()),
                        radius -> radius.compareTo(Sprinklers.SHORTEST) >= 0,
                        context.wording()::stepDown)
                .map(radius -> sprinklers
                        .throwing(radius)
                        .layouts(laid.bed().revision())
                        .get(0)
                        .sprays())
                .filter(sprays -> wet(sprays).isEmpty())
                .findFirst()
                .map(sprays -> sprays.get(0).radius())
                .ifPresent(radius -> ways.add(new Remedy(
                        "Take sprinklers that throw " + context.wording().length(radius) + " for "
                                + laid.bed().name(),
                        Put.of(sprinklers.throwing(radius)))));
        ways.add(dripping(laid));
        ways.add(new WaterRemedies(context, piping)
                .takeOut(sprinklers, laid.bed().name()));
        return ways;
    }

    private Remedy dripping(LaidLines laid) {
        BedLines old = laid.lines();
        UUID id = UUID.nameUUIDFromBytes(("dripline for " + old.id()).getBytes(StandardCharsets.UTF_8));
        Dripline drip = new NewWater(context.plan(), context.season(), () -> id).dripline(laid.bed(), old.from());
        String words = "Lay dripline in " + laid.bed().name() + " instead";
        return new Remedy(
                words, new Change.Batch(words, List.of(old.takenOut(), old.valve() ? drip.valved() : Put.of(drip))));
    }
}
