package fairacre.husbandry;

import fairacre.catalogue.Family;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingSnag;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** Families that return to a bed too soon, or that grow in more beds than a rotation has. */
final class FamilySnags {

    private final SnagContext context;
    private final Grown grown;
    private final FamilyHistory history;

    FamilySnags(SnagContext context) {
        this.context = context;
        this.grown = new Grown(context);
        this.history = new FamilyHistory(context.plan());
    }

    List<Snag> find() {
        Map<Family, List<Planting>> back = new EnumMap<>(Family.class);
        for (Planting planting : grown.begun()) {
            if (history.tooSoonAfter(planting).isPresent()) {
                back.computeIfAbsent(planting.grown(context.plan()).family(), unknown -> new ArrayList<>())
                        .add(planting);
            }
        }
        List<Snag> snags = new ArrayList<>();
        back.forEach((family, plantings) -> {
            int beds = beds(family).size();
            int wanted = beds * FamilyHistory.wait(family);
            if (wanted > context.standing().size()) {
                snags.add(tooFew(family, beds, wanted));
            } else {
                plantings.forEach(planting -> snags.add(back(planting)));
            }
        });
        return snags;
    }

    private List<UUID> beds(Family family) {
        return grown.begun().stream()
                .filter(planting -> planting.grown(context.plan()).family() == family
                        && FamilyHistory.counts(context.plan(), planting))
                .map(Planting::bed)
                .distinct()
                .toList();
    }

    private Snag back(Planting planting) {
        Planting before = history.tooSoonAfter(planting).orElseThrow();
        int wait = FamilyHistory.wait(planting.grown(context.plan()).family());
        int since = grown.season(planting) - grown.season(before);
        String ago = switch (since) {
            case 0 -> "earlier in the season";
            case 1 -> "the year before";
            default -> since + " years before";
        };
        return grown.snag(
                        HusbandryRule.FAMILY_BACK,
                        Weight.WARNING,
                        planting,
                        planting.name() + " grows in " + grown.bed(planting) + ", where " + before.name() + " grew "
                                + ago + ": a wait of " + wait + " years is usual ("
                                + planting.grown(context.plan()).family().label() + ").",
                        () -> grown.exchange(planting, this::noneReturns))
                .by(wait - since);
    }

    /** Of those of the season none that has not returned too soon before. */
    private boolean noneReturns(Plan plan) {
        FamilyHistory after = new FamilyHistory(plan);
        return plan.list(PlantingKinds.PLANTINGS).stream()
                .filter(planting -> after.tooSoonAfter(planting).isPresent())
                .allMatch(planting -> Optional.of(planting)
                        .filter(same ->
                                context.plan().list(PlantingKinds.PLANTINGS).contains(same))
                        .flatMap(history::tooSoonAfter)
                        .isPresent());
    }

    private Snag tooFew(Family family, int beds, int wanted) {
        List<UUID> there = beds(family);
        return Snag.of(
                        HusbandryRule.TOO_FEW_BEDS,
                        Weight.NOTE,
                        family.label() + ": in " + beds + " of "
                                + context.standing().size() + " beds in "
                                + context.season() + "; with a wait of " + FamilyHistory.wait(family)
                                + " years that takes " + wanted + " beds.",
                        Optional.of(context.bed(there.get(0)).outline().centre()),
                        there,
                        List.of(),
                        context.remedies(() -> grown.begun().stream()
                                .filter(planting ->
                                        planting.grown(context.plan()).family() == family
                                                && FamilyHistory.counts(context.plan(), planting))
                                .map(PlantingSnag::takeOut)
                                .limit(1)
                                .toList()))
                .by(wanted - context.standing().size());
    }
}
