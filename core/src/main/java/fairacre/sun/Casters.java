package fairacre.sun;

import fairacre.fence.Fence;
import fairacre.fence.FenceKinds;
import fairacre.ground.DrainStudy;
import fairacre.ground.Levels;
import fairacre.outline.Polygons;
import fairacre.parts.Parts;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.StandingBed;
import fairacre.shape.Footprint;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** What casts shadows in a season. */
final class Casters {

    private static final Set<FeatureKind> TALL = EnumSet.of(
            FeatureKind.HOUSE,
            FeatureKind.SHED,
            FeatureKind.WALL,
            FeatureKind.RETAINING_WALL,
            FeatureKind.FENCE,
            FeatureKind.HEDGE,
            FeatureKind.TRELLIS,
            FeatureKind.TREE,
            FeatureKind.COMPOST);

    /** A crown begins at this share of a tree's height (a rough guess). */
    private static final double CROWN = 1.0 / 3;
    /** A bare crown lets half of the light through (common practice). */
    private static final double BARE = 0.5;
    /**
     * A fence of which nobody told what it is made of, and a trellis of which one did not either, take half of it (a
     * guess).
     */
    private static final double HALF = 0.5;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Plan plan;
    private final int season;
    private final Setting setting;
    private final List<Fence> fences;
    private final Optional<Levels> levels;
    private final List<StandingBed> standing;

    Casters(Plan plan, int season, List<StandingBed> standing, Optional<Levels> levels) {
        this.plan = plan;
        this.season = season;
        this.setting = plan.setting(season);
        this.fences = FenceKinds.fences(plan, season);
        this.levels = levels;
        this.standing = standing;
    }

    /** The names of what is tall and has no height. */
    List<String> unknown() {
        return setting.features().stream()
                .filter(feature ->
                        TALL.contains(feature.kind()) && !feature.height().isPositive())
                .map(Feature::name)
                .sorted()
                .toList();
    }

    /**
     * All of them, the sides of beds too.
     *
     * @param bare whether leaves are down
     */
    List<Caster> all(boolean bare) {
        List<Caster> casters = new ArrayList<>();
        List<ShadeSource.Shade> shades = shades(bare);
        Set<UUID> told = shades.stream().map(ShadeSource.Shade::thing).collect(Collectors.toSet());
        shades.forEach(
                shade -> casters.add(prism(shade.thing(), shade.ground(), shade.low(), shade.high(), shade.share())));
        setting.features().stream()
                .filter(feature ->
                        TALL.contains(feature.kind()) && feature.height().isPositive())
                .filter(feature -> !told.contains(feature.id()))
                .forEach(feature -> add(feature, bare, casters));
        standing.stream()
                .filter(bed -> bed.revision().height().isPositive())
                .forEach(bed -> casters.add(prism(
                        bed.id(),
                        Polygons.of(bed.corners()),
                        0,
                        bed.revision().height().metres(),
                        1)));
        return casters;
    }

    /** What parts of the program say of their things. */
    List<ShadeSource.Shade> shades(boolean bare) {
        return Parts.bringing(ShadeSource.class).stream()
                .flatMap(source -> source.shades(plan, season, bare))
                .toList();
    }

    /** Whether a place is in no building. */
    boolean isOpen(Coordinate place) {
        return setting.features().stream()
                .filter(feature -> feature.kind() == FeatureKind.HOUSE || feature.kind() == FeatureKind.SHED)
                .noneMatch(feature -> Polygons.of(feature.places()).covers(GEOMETRY.createPoint(place)));
    }

    private void add(Feature feature, boolean bare, List<Caster> casters) {
        double height = feature.height().metres();
        if (feature.kind() == FeatureKind.TREE) {
            Geometry spot = Polygons.line(feature.places());
            double trunk = feature.breadth().half().metres();
            if (trunk > 0) {
                casters.add(prism(feature.id(), spot.buffer(trunk), 0, height * CROWN, 1));
            }
            double crown = feature.margin().metres();
            if (crown > 0) {
                casters.add(prism(
                        feature.id(), spot.buffer(crown), height * CROWN, height, bare && isBare(feature) ? BARE : 1));
            }
            return;
        }
        if (feature.kind() == FeatureKind.RETAINING_WALL) {
            levels.ifPresent(ground -> addRetaining(feature, ground, casters));
            return;
        }
        for (Ring ring : Footprint.of(feature, setting)) {
            casters.add(prism(feature.id(), ring.polygon(), 0, height, shade(feature)));
        }
        if (feature instanceof Feature.AreaFeature house) {
            house.ridge()
                    .ifPresent(ridge -> Gable.over(Polygons.of(house.places()), height, ridge.metres())
                            .forEach(layer ->
                                    casters.add(prism(feature.id(), layer.ground(), layer.low(), layer.high(), 1))));
        }
    }

    /** It rises from the ground in front of it, and only where heights tell which side that is. */
    private void addRetaining(Feature wall, Levels ground, List<Caster> casters) {
        List<DrainStudy.Side> behind = DrainStudy.behind(wall, levels);
        if (behind.size() == 1) {
            double foot = DrainStudy.foot(wall, behind.get(0), ground);
            for (Ring ring : Footprint.of(wall, setting)) {
                casters.add(Caster.of(
                        wall.id(),
                        ring.polygon().getCoordinates(),
                        foot,
                        foot,
                        foot + wall.height().metres(),
                        1));
            }
        }
    }

    private static boolean isBare(Feature tree) {
        return tree instanceof Feature.SpotFeature spot && spot.bareInWinter();
    }

    private double shade(Feature feature) {
        return switch (feature.kind()) {
            case FENCE ->
                fences.stream()
                        .filter(fence -> fence.id().equals(feature.id()))
                        .findFirst()
                        .map(fence -> fence.kind().shade())
                        .orElse(HALF);
            case TRELLIS -> HALF;
            default -> 1;
        };
    }

    private Caster prism(UUID thing, Geometry ground, double low, double high, double shade) {
        Coordinate middle = ground.getCentroid().getCoordinate();
        double base = levels.map(lie -> lie.at(middle.x, middle.y)).orElse(0.0);
        return Caster.of(thing, ground.getCoordinates(), base, base + low, base + high, shade);
    }
}
