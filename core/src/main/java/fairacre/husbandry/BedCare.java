package fairacre.husbandry;

import fairacre.arch.ArchKinds;
import fairacre.catalogue.Family;
import fairacre.catalogue.Habit;
import fairacre.crop.Layout;
import fairacre.crop.Planting;
import fairacre.crop.TrellisRows;
import fairacre.fence.FenceKinds;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.over.Fabric;
import fairacre.over.FabricSource;
import fairacre.parts.Parts;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.water.Sprinklers;
import fairacre.water.WaterKinds;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** What beds have in a season for crops that want something to climb, room to sprawl, dry leaves, or a net. */
public final class BedCare {

    /** Lower climbers stand by themselves, metres (common practice). */
    private static final double CLIMBS = 1;

    private static final double HAIR = 1e-6;
    /** What stands for less is gone before pests find it, days (common practice). */
    private static final int FOUND = 60;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;
    private final SprawlStudy sprawls;

    public BedCare(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
        this.standing = plan.standing(season);
        this.sprawls = new SprawlStudy(plan, season);
    }

    /** Whether it climbs higher than 1 m, or stands along a trellis, and nothing to climb on stands at its bed. */
    public boolean lacksSupport(Planting planting) {
        boolean climbs = planting.layout() == Layout.ALONG_TRELLIS
                || planting.grown(plan).habit() == Habit.CLIMBER
                        && planting.grown(plan).height().metres() > CLIMBS;
        return climbs
                && HusbandryKinds.follows(plan, HusbandryRule.NO_SUPPORT)
                && standing.stream()
                        .filter(bed -> bed.id().equals(planting.bed()))
                        .noneMatch(bed -> isSupported(bed, planting.layout()));
    }

    private boolean isSupported(StandingBed standingBed, Layout layout) {
        return TrellisRows.at(plan, season, standingBed.revision()).findAny().isPresent()
                || layout != Layout.ALONG_TRELLIS
                        && isUnderAnArch(Polygons.of(standingBed.revision().corners()));
    }

    private boolean isUnderAnArch(Polygon bed) {
        return ArchKinds.arches(plan, season).stream()
                .flatMap(arch -> Stream.of(arch.from(), arch.to()))
                .map(foot -> GEOMETRY.createPoint(
                                new Coordinate(foot.x().metres(), foot.y().metres()))
                        .distance(bed))
                .anyMatch(off -> off <= TrellisRows.NEAR.metres() + HAIR);
    }

    /** The disease of its family that was found in its bed before it was planted, and keeps it away still. */
    public Optional<SoilDisease> diseaseOf(Planting planting) {
        return plan.list(HusbandryKinds.SOIL_DISEASES).stream()
                .filter(each -> each.bed().equals(planting.bed())
                        && each.disease().family() == planting.grown(plan).family()
                        && !planting.from().isBefore(each.found())
                        && Plan.season(planting.from(), plan.yearBegins()) < each.over(plan.yearBegins()))
                .max(Comparator.comparing(SoilDisease::found));
    }

    /** Whether sprinklers wet leaves that should stay dry. */
    public boolean wetsLeaves(Planting planting) {
        return !planting.grown(plan).overhead()
                && WaterKinds.linesOf(plan, season, List.of(planting.bed())).stream()
                        .anyMatch(Sprinklers.class::isInstance);
    }

    /** Whether it is earthed up where a dripline or a hose lies. */
    public boolean buriesLines(Planting planting) {
        return planting.grown(plan).hilled()
                && HusbandryKinds.follows(plan, HusbandryRule.HILLED_ON_LINES)
                && WaterKinds.linesOf(plan, season, List.of(planting.bed())).stream()
                        .anyMatch(lines -> !(lines instanceof Sprinklers));
    }

    /** Whether it sprawls where it would close a walk or creep over another bed. */
    public boolean lacksRoom(Planting planting) {
        return !sprawls.keepsToItself(planting);
    }

    /** Whether a flying pest that is named for the garden comes for it, and nothing over its bed keeps it off. */
    public boolean lacksNet(Planting planting) {
        return flyingPests().anyMatch(pest -> isOpenTo(pest, planting));
    }

    Stream<Pest> flyingPests() {
        return FenceKinds.pests(plan, season).stream()
                .filter(pest -> pest.kind().net().isPresent());
    }

    /** Whether it stands open to a pest for long enough to be found. */
    boolean isOpenTo(Pest pest, Planting planting) {
        return planting.grown(plan).net()
                && planting.days() >= FOUND
                && comesFor(pest.kind()).contains(planting.grown(plan).family())
                && !isUnderNet(planting.bed(), pest.kind().net().orElseThrow());
    }

    private boolean isUnderNet(UUID bed, Length net) {
        return Parts.bringing(FabricSource.class).stream()
                .flatMap(source -> source.laid(plan, season))
                .filter(laid -> laid.beds().contains(bed))
                .map(FabricSource.Laid::fabric)
                .anyMatch(fabric -> fabric == Fabric.FLEECE
                        || fabric.mesh()
                                .filter(mesh -> mesh.compareTo(net) <= 0)
                                .isPresent());
    }

    /** Families that a flying pest comes for (common practice). */
    private static Set<Family> comesFor(PestKind pest) {
        return switch (pest) {
            case BIRDS -> Set.of(Family.ROSE, Family.GOOSEBERRY, Family.HEATH, Family.CABBAGE, Family.PEA);
            case CABBAGE_WHITE, FLEA_BEETLE -> Set.of(Family.CABBAGE);
            case ROOT_FLIES -> Set.of(Family.CABBAGE, Family.CARROT);
            case DEER, RABBITS, BURROWERS, CHICKENS, DOGS, GOATS, OWN -> Set.of();
        };
    }
}
