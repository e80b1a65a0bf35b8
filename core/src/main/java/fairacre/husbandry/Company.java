package fairacre.husbandry;

import fairacre.catalogue.Family;
import fairacre.crop.Planting;
import fairacre.plan.Plan;

/** Crops that had better not share a bed. */
public final class Company {

    private Company() {}

    /** Whether a rule that the gardener follows speaks against both. */
    public static boolean isBad(Plan plan, Planting one, Planting other) {
        return (onionsByBeans(plan, one, other) || onionsByBeans(plan, other, one))
                        && beside(one, other)
                        && HusbandryKinds.follows(plan, HusbandryRule.ONIONS_BY_BEANS)
                || (potatoesInCompany(plan, one, other) || potatoesInCompany(plan, other, one))
                        && beside(one, other)
                        && HusbandryKinds.follows(plan, HusbandryRule.POTATOES_IN_COMPANY);
    }

    static boolean onionsByBeans(Plan plan, Planting onion, Planting bean) {
        return onion.grown(plan).family() == Family.ONION && bean.grown(plan).family() == Family.PEA;
    }

    static boolean potatoesInCompany(Plan plan, Planting potato, Planting other) {
        return potato.grown(plan).hilled()
                && !other.grown(plan).kind().equals(potato.grown(plan).kind());
    }

    static boolean beside(Planting one, Planting other) {
        return !one.id().equals(other.id()) && one.bed().equals(other.bed()) && one.meets(other);
    }
}
