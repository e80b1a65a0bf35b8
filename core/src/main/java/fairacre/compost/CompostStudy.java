package fairacre.compost;

import fairacre.measure.Length;
import fairacre.measure.Volume;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Carrier;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.walk.RouteStudy;
import fairacre.walk.WalkStudy;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;

/**
 * How much compost bays hold and how far the beds are from them: by the shortest way from the middle of any side of the
 * bays, for the widest thing on wheels, and where nothing rolls for whoever is widest.
 */
public final class CompostStudy {

    private final Plan plan;
    private final Optional<RouteStudy> routes;

    private CompostStudy(Plan plan, Optional<RouteStudy> routes) {
        this.plan = plan;
        this.routes = routes;
    }

    public static CompostStudy of(Plan plan, List<StandingBed> standing, WalkStudy walks) {
        return new CompostStudy(plan, whoGoes(plan).map(carrier -> RouteStudy.of(walks, standing, carrier)));
    }

    /**
     * What is told of compost bays.
     *
     * @param id of the bays
     * @param kilograms of their walls, dry; empty of those that stand there and were not told of
     * @param furthest the bed with the longest way; empty where no bed is come to
     */
    public record CompostTold(UUID id, Volume capacity, Optional<Double> kilograms, Optional<FurthestBed> furthest) {}

    /** A bed and the length of the shortest way to it. */
    public record FurthestBed(UUID bed, Length route) {}

    /** Of all bays of a season. */
    public List<CompostTold> told(int season) {
        return plan.list(CompostKinds.BAYS).stream()
                .filter(bays -> bays.lifetime().includes(season))
                .map(bays -> new CompostTold(bays.id(), bays.capacity(), kilograms(bays), furthest(bays)))
                .toList();
    }

    private Optional<Double> kilograms(CompostBays bays) {
        return bays.walls().map(walls -> BayParts.of(bays, walls, plan.units()).kilograms());
    }

    private Optional<FurthestBed> furthest(CompostBays bays) {
        return routeLengths(bays).entrySet().stream()
                .max(Map.Entry.<UUID, Length>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(furthest -> new FurthestBed(furthest.getKey(), furthest.getValue()));
    }

    /** Whether no bed is too far as the crow flies: a way is no shorter but for half of who stands beside the bed. */
    static boolean isNearByAir(Plan plan, List<StandingBed> standing, CompostBays bays, Length within) {
        double off = whoGoes(plan).map(carrier -> carrier.width().metres() / 2).orElse(0.0);
        Polygon place = Polygons.of(bays.place().corners());
        return standing.stream()
                .allMatch(bed -> place.distance(Polygons.of(bed.corners()))
                                - off
                                - bed.revision().leansOut().metres()
                        <= within.metres());
    }

    /** How long the shortest way is to each bed that is come to. */
    Map<UUID, Length> routeLengths(CompostBays bays) {
        Map<UUID, Length> lengths = new HashMap<>();
        routes.ifPresent(study -> sides(bays.place())
                .flatMap(side -> study.from(side).stream())
                .forEach(route -> lengths.merge(route.bed(), route.length(), Length::min)));
        return lengths;
    }

    private static Optional<Carrier> whoGoes(Plan plan) {
        Optional<Carrier> rolling =
                plan.carriers().stream().filter(Carrier::wheels).max(Comparator.comparing(Carrier::width));
        Supplier<Optional<Carrier>> onFoot = () -> plan.gardeners().stream()
                .max(Comparator.comparing(Gardener::passing))
                .map(gardener -> gardener.asCarrier(Length.ZERO));
        return rolling.or(onFoot);
    }

    /** The middle of each side. */
    private static Stream<Point> sides(Rectangle place) {
        double along = place.length().metres() / 2;
        double across = place.width().metres() / 2;
        return Stream.of(place.at(along, 0), place.at(-along, 0), place.at(0, across), place.at(0, -across));
    }
}
