package fairacre.husbandry;

import fairacre.arch.Arch;
import fairacre.arch.ArchKinds;
import fairacre.crop.Family;
import fairacre.crop.Habit;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingSnag;
import fairacre.fence.FenceKinds;
import fairacre.fence.Pest;
import fairacre.fence.PestKind;
import fairacre.hoop.NewHoops;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.over.Fabric;
import fairacre.over.FabricSource;
import fairacre.parts.Parts;
import fairacre.trellis.NewTrellises;
import fairacre.trellis.Trellis;
import fairacre.trellis.TrellisKinds;
import fairacre.water.Sprinklers;
import fairacre.water.WaterKinds;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Crops that lack what their kind wants: something to climb, dry leaves, a net. */
final class CareSnags {

    /** Lower climbers stand by themselves, metres (common practice). */
    private static final double CLIMBS = 1;
    /** A support stands no further off, metres (common practice). */
    private static final double NEAR = 0.5;

    private static final double HAIR = 1e-6;
    /** What stands for less is gone before pests find it, days (common practice). */
    private static final int FOUND = 60;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final SnagContext context;
    private final Grown grown;

    CareSnags(SnagContext context) {
        this.context = context;
        this.grown = new Grown(context);
    }

    List<Snag> find() {
        return Stream.concat(
                        grown.begun().stream()
                                .flatMap(planting -> Stream.of(support(planting), leaves(planting)))
                                .flatMap(Optional::stream),
                        nets())
                .toList();
    }

    private Optional<Snag> support(Planting planting) {
        boolean climbs = planting.grown().habit() == Habit.CLIMBER
                && planting.grown().height().metres() > CLIMBS;
        return climbs && HusbandryKinds.follows(context.plan(), HusbandryRule.NO_SUPPORT) && !isSupported(planting)
                ? Optional.of(grown.snag(
                        HusbandryRule.NO_SUPPORT,
                        Weight.NOTE,
                        planting,
                        planting.name() + " climbs to "
                                + context.wording().length(planting.grown().height())
                                + ", and nothing to climb on stands at "
                                + grown.bed(planting) + ".",
                        () -> trellises(planting)))
                : Optional.empty();
    }

    private boolean isSupported(Planting planting) {
        Polygon bed = Polygons.of(context.bed(planting.bed()).corners());
        Stream<Trellis> trellises = TrellisKinds.trellises(context.plan(), context.season()).stream();
        Stream<Arch> arches = ArchKinds.arches(context.plan(), context.season()).stream();
        return Stream.concat(
                        trellises.map(trellis -> Polygons.line(trellis.places()).distance(bed)),
                        arches.flatMap(arch -> Stream.of(arch.from(), arch.to()))
                                .map(foot -> GEOMETRY.createPoint(new Coordinate(
                                                foot.x().metres(), foot.y().metres()))
                                        .distance(bed)))
                .anyMatch(off -> off <= NEAR + HAIR);
    }

    /** Where it takes least sun of those places that bring no flaw. */
    private Stream<Remedy> trellises(Planting planting) {
        return NewTrellises.on(
                        context.plan(),
                        context.season(),
                        planting.bed(),
                        context.trials(),
                        () -> newId("trellis for " + planting.id()))
                .stream()
                .map(proposal -> new Remedy(
                        "Put up a trellis on the " + proposal.side() + " side of " + grown.bed(planting),
                        proposal.change()))
                .filter(remedy -> context.isSound(remedy.change()))
                .limit(1);
    }

    /** The same for the same thing, and not yet taken. */
    private UUID newId(String what) {
        return IntStream.iterate(0, attempt -> attempt + 1)
                .mapToObj(attempt -> UUID.nameUUIDFromBytes((what + " " + attempt).getBytes(StandardCharsets.UTF_8)))
                .filter(id -> context.plan().nameOf(id).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private Optional<Snag> leaves(Planting planting) {
        boolean wet = !planting.grown().overhead() && isSprinkled(planting.bed());
        return wet
                ? Optional.of(grown.snag(
                        HusbandryRule.WET_LEAVES,
                        Weight.WARNING,
                        planting,
                        "Sprinklers wet the leaves of " + planting.name() + " in " + grown.bed(planting) + ".",
                        () -> grown.exchange(
                                planting,
                                plan -> plan.list(PlantingKinds.PLANTINGS).stream()
                                        .filter(each -> each.id().equals(planting.id()))
                                        .noneMatch(each -> isSprinkled(each.bed())))))
                : Optional.empty();
    }

    private boolean isSprinkled(UUID bed) {
        return WaterKinds.linesOf(context.plan(), context.season(), List.of(bed)).stream()
                .anyMatch(Sprinklers.class::isInstance);
    }

    /** One for each pest that is named for the garden and comes for what stands open long enough to be found. */
    private Stream<Snag> nets() {
        return FenceKinds.pests(context.plan(), context.season()).stream()
                .filter(pest -> pest.kind().net().isPresent())
                .flatMap(pest -> {
                    List<Planting> open = grown.plantings().stream()
                            .filter(planting -> planting.grown().net()
                                    && planting.days() >= FOUND
                                    && comesFor(pest.kind())
                                            .contains(planting.grown().family())
                                    && !isUnderNet(
                                            planting.bed(), pest.kind().net().orElseThrow()))
                            .toList();
                    return open.isEmpty() ? Stream.empty() : Stream.of(net(pest, open));
                });
    }

    private Snag net(Pest pest, List<Planting> open) {
        List<UUID> beds = open.stream().map(Planting::bed).distinct().sorted().toList();
        String names = open.stream().map(Planting::name).distinct().sorted().collect(Collectors.joining(", "));
        return Snag.of(
                        HusbandryRule.NET_MISSING,
                        Weight.NOTE,
                        pest.name() + " comes for " + names + ": nothing over the beds keeps it off.",
                        Optional.of(context.bed(beds.get(0)).outline().centre()),
                        beds,
                        List.of(),
                        context.remedies(() -> List.of(
                                new Remedy(
                                        "Put hoops with fleece over "
                                                + (beds.size() == 1
                                                        ? context.name(beds.get(0))
                                                        : "the " + beds.size() + " beds"),
                                        NewHoops.over(
                                                context.plan(), context.season(), beds, newId("hoops for " + beds))),
                                PlantingSnag.takeOut(open.get(0)))))
                .about(context.ref(pest.id()));
    }

    private boolean isUnderNet(UUID bed, Length net) {
        return Parts.bringing(FabricSource.class).stream()
                .flatMap(source -> source.laid(context.plan(), context.season()))
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
