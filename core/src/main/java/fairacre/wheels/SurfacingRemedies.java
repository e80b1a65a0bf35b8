package fairacre.wheels;

import fairacre.goods.Surfacing;
import fairacre.goods.WalkBuild;
import fairacre.goods.WalkGrade;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.measure.Area;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Lifetime;
import fairacre.plan.Names;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import fairacre.plan.WayIn;
import fairacre.shape.Areas;
import fairacre.surface.BuildUps;
import fairacre.surface.SurfaceStudy;
import fairacre.walk.CarrierStudy;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Walks laid round beds that wheels come to over bare ground: the least of some areas that does, in two surfaces. */
final class SurfacingRemedies {

    private static final String NAME = "Round the beds";

    private final SnagContext context;
    private final CarrierStudy study;
    private final List<Rolling> rolling;
    private final List<StandingBed> bare;

    SurfacingRemedies(SnagContext context, CarrierStudy study, List<Rolling> rolling, List<StandingBed> bare) {
        this.context = context;
        this.study = study;
        this.rolling = rolling;
        this.bare = bare;
    }

    List<Remedy> all() {
        boolean sits = rolling.stream().anyMatch(wheels -> wheels.gardener().isPresent());
        List<Surfacing> surfaces = sits
                ? List.of(Surfacing.STABILISED_GRAVEL, Surfacing.PAVERS)
                : List.of(Surfacing.WOOD_CHIP, Surfacing.STABILISED_GRAVEL);
        List<Polygon> areas = areas();
        Polygon least = areas.stream().filter(this::does).findFirst().orElse(areas.get(areas.size() - 1));
        return surfaces.stream().map(surface -> laid(least, surface)).toList();
    }

    /** From small to large: the beds with room all round and one way in, then each whole piece of the ground. */
    private List<Polygon> areas() {
        List<Polygon> pieces =
                context.setting().site().pieces().stream().map(Polygons::of).toList();
        List<Polygon> areas = new ArrayList<>();
        List<Geometry> entrances = new ArrayList<>(context.setting().waysIn().stream()
                .map(SurfacingRemedies::entrance)
                .toList());
        if (entrances.isEmpty()) {
            entrances.add(roundTheBeds());
        }
        for (Geometry entrance : entrances) {
            Geometry hull = Areas.joined(List.of(roundTheBeds(), entrance)).convexHull();
            pieces.forEach(piece -> areas.addAll(Areas.parts(Areas.shared(hull, piece))));
        }
        areas.addAll(pieces);
        areas.removeIf(area -> area.getNumInteriorRing() > 0 || area.getNumPoints() > Walk.MOST_CORNERS);
        areas.sort(Comparator.comparingDouble(Polygon::getArea));
        return areas;
    }

    private Geometry roundTheBeds() {
        double wide = rolling.stream()
                .mapToDouble(wheels -> wheels.carrier().width().metres())
                .max()
                .orElseThrow();
        BufferParameters square = new BufferParameters(1, BufferParameters.CAP_SQUARE, BufferParameters.JOIN_MITRE, 2);
        return Areas.joined(bare.stream()
                .map(bed -> BufferOp.bufferOp(Polygons.of(bed.corners()), wide, square))
                .toList());
    }

    private static Geometry entrance(WayIn gate) {
        return Polygons.line(List.of(gate.place())).buffer(gate.width().metres() / 2, 1);
    }

    private boolean does(Polygon area) {
        Geometry surfaced = Areas.joined(List.of(BareGroundSnags.surfaced(context.plan(), context.season()), area));
        return rolling.stream().allMatch(wheels -> {
            UsablePart firm = new UsablePart(study, surfaced, wheels);
            return bare.stream()
                    .filter(bed -> wheels.serves(bed.id(), context.plan()))
                    .noneMatch(firm::lacks);
        });
    }

    private Remedy laid(Polygon area, Surfacing surface) {
        Plan plan = context.plan();
        List<Point> corners = Arrays.stream(area.getExteriorRing().getCoordinates())
                .skip(1)
                .map(SurfacingRemedies::at)
                .toList();
        UUID id = UUID.nameUUIDFromBytes((NAME + corners).getBytes(StandardCharsets.UTF_8));
        Optional<Integer> season = Optional.of(context.season()).filter(now -> now > plan.firstSeason());
        // Dug in, so that the beds beside it lose no height.
        Walk walk = new Walk(
                id,
                Names.free(context.plan().walks().stream().map(Walk::name).toList(), NAME),
                WalkGrade.WORK,
                surface,
                corners,
                new WalkBuild(BuildUps.usual(surface), true, false),
                new Lifetime(season, Optional.empty()));
        Put<Walk> lay = Put.of(walk);
        Area ground = SurfaceStudy.of(plan.apply(lay).orThrow(), context.trials()).stream()
                .filter(takeoff -> takeoff.walk().equals(id))
                .findFirst()
                .orElseThrow()
                .area();
        return new Remedy(
                "Lay " + context.wording().area(ground) + " of " + surface.words()
                        + " round the beds, dug in, with its usual layers" + context.costOf(lay),
                lay);
    }

    private static Point at(Coordinate corner) {
        return Point.metres(corner.x, corner.y);
    }
}
