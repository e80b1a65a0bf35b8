package fairacre.husbandry;

import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingSnag;
import fairacre.fence.Pest;
import fairacre.hoop.NewHoops;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.plan.Plan;
import fairacre.trellis.NewTrellises;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Crops that lack what their kind wants: something to climb, dry leaves, a net. */
final class CareSnags {

    private final SnagContext context;
    private final Grown grown;
    private final BedCare care;

    CareSnags(SnagContext context) {
        this.context = context;
        this.grown = new Grown(context);
        this.care = new BedCare(context.plan(), context.season());
    }

    List<Snag> find() {
        return Stream.concat(
                        grown.begun().stream()
                                .flatMap(planting -> Stream.of(
                                        disease(planting), support(planting), leaves(planting), lines(planting)))
                                .flatMap(Optional::stream),
                        nets())
                .toList();
    }

    private Optional<Snag> disease(Planting planting) {
        return care.diseaseOf(planting)
                .map(found -> grown.snag(
                        HusbandryRule.DISEASED_SOIL,
                        Weight.WARNING,
                        planting,
                        found.disease().label() + " was found in " + grown.bed(planting) + " in "
                                + Plan.season(found.found(), context.plan().yearBegins()) + ": "
                                + planting.name() + " may grow there again from "
                                + found.over(context.plan().yearBegins()) + " on.",
                        () -> Stream.concat(
                                grown.exchange(planting, this::isHealthy), Stream.of(PlantingSnag.takeOut(planting)))));
    }

    private boolean isHealthy(Plan plan) {
        BedCare after = new BedCare(plan, context.season());
        return PlantingKinds.plantings(plan, context.season()).stream()
                .allMatch(planting -> after.diseaseOf(planting).isEmpty());
    }

    private Optional<Snag> support(Planting planting) {
        return care.lacksSupport(planting)
                ? Optional.of(grown.snag(
                        HusbandryRule.NO_SUPPORT,
                        Weight.NOTE,
                        planting,
                        planting.name() + " climbs to "
                                + context.wording()
                                        .length(planting.grown(context.plan()).height())
                                + ", and nothing to climb on stands at "
                                + grown.bed(planting) + ".",
                        () -> trellises(planting)))
                : Optional.empty();
    }

    /** Where it takes least sun of those places that bring no flaw. */
    private Stream<Remedy> trellises(Planting planting) {
        return NewTrellises.on(
                        context.plan(),
                        context.season(),
                        planting.bed(),
                        context.trials(),
                        () -> context.plan().newId("trellis for " + planting.id()))
                .stream()
                .map(proposal -> new Remedy(
                        "Put up a trellis on the " + proposal.side() + " side of " + grown.bed(planting),
                        proposal.change()))
                .filter(remedy -> context.isSound(remedy.change()))
                .limit(1);
    }

    private Optional<Snag> leaves(Planting planting) {
        return care.wetsLeaves(planting)
                ? Optional.of(grown.snag(
                        HusbandryRule.WET_LEAVES,
                        Weight.WARNING,
                        planting,
                        "Sprinklers wet the leaves of " + planting.name() + " in " + grown.bed(planting) + ".",
                        () -> grown.exchange(
                                planting,
                                plan -> plan.list(PlantingKinds.PLANTINGS).stream()
                                        .filter(each -> each.id().equals(planting.id()))
                                        .noneMatch(care::wetsLeaves))))
                : Optional.empty();
    }

    private Optional<Snag> lines(Planting planting) {
        return care.buriesLines(planting)
                ? Optional.of(grown.snag(
                        HusbandryRule.HILLED_ON_LINES,
                        Weight.NOTE,
                        planting,
                        planting.name() + " is earthed up in " + grown.bed(planting) + ", where lines of water lie.",
                        () -> grown.exchange(
                                planting,
                                plan -> plan.list(PlantingKinds.PLANTINGS).stream()
                                        .filter(each -> each.id().equals(planting.id()))
                                        .noneMatch(care::buriesLines))))
                : Optional.empty();
    }

    /** One for each pest that is named for the garden and comes for what stands open long enough to be found. */
    private Stream<Snag> nets() {
        return care.flyingPests().flatMap(pest -> {
            List<Planting> open = grown.plantings().stream()
                    .filter(planting -> care.isOpenTo(pest, planting))
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
                                                context.plan(),
                                                context.season(),
                                                beds,
                                                context.plan().newId("hoops for " + beds))),
                                PlantingSnag.takeOut(open.get(0)))))
                .about(context.ref(pest.id()));
    }
}
