package fairacre.husbandry;

import fairacre.catalogue.Crop;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;

/** Crops that share a bed and had better not; rules of schools that a gardener can leave aside. */
final class CompanySnags {

    private final SnagContext context;
    private final Grown grown;

    CompanySnags(SnagContext context) {
        this.context = context;
        this.grown = new Grown(context);
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        find(HusbandryRule.ONIONS_BY_BEANS, Company::onionsByBeans, snags);
        find(HusbandryRule.POTATOES_IN_COMPANY, Company::potatoesInCompany, snags);
        return snags;
    }

    private void find(HusbandryRule rule, BiPredicate<Crop, Crop> together, List<Snag> snags) {
        if (!HusbandryKinds.follows(context.plan(), rule)) {
            return;
        }
        for (Planting planting : grown.begun()) {
            grown.plantings().stream()
                    .filter(other -> Company.beside(planting, other) && isSo(context.plan(), planting, other, together))
                    .findFirst()
                    .ifPresent(other -> snags.add(grown.snag(
                            rule,
                            Weight.NOTE,
                            planting,
                            planting.name() + " and " + other.name() + " grow in " + grown.bed(planting)
                                    + " at the same time.",
                            () -> grown.exchange(planting, plan -> isApart(plan, planting, together)))));
        }
    }

    private static boolean isApart(Plan plan, Planting planting, BiPredicate<Crop, Crop> together) {
        List<Planting> all = plan.list(PlantingKinds.PLANTINGS);
        return all.stream()
                .filter(each -> each.id().equals(planting.id()))
                .noneMatch(each -> all.stream()
                        .anyMatch(other -> Company.beside(each, other) && isSo(plan, each, other, together)));
    }

    private static boolean isSo(Plan plan, Planting one, Planting other, BiPredicate<Crop, Crop> together) {
        return together.test(one.grown(plan), other.grown(plan));
    }
}
