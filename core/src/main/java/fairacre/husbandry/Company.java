package fairacre.husbandry;

import fairacre.crop.Family;
import fairacre.crop.Planting;
import fairacre.plan.Plan;

/** Crops that had better not share a bed. */
public final class Company {

    private Company() {}

    /** Whether a rule that the gardener follows speaks against both. */
    public static boolean isBad(Plan plan, Planting one, Planting other) {
        return (onionsByBeans(one, other) || onionsByBeans(other, one))
                        && beside(one, other)
                        && HusbandryKinds.follows(plan, HusbandryRule.ONIONS_BY_BEANS)
                || (potatoesInCompany(one, other) || potatoesInCompany(other, one))
                        && beside(one, other)
                        && HusbandryKinds.follows(plan, HusbandryRule.POTATOES_IN_COMPANY);
    }

    static boolean onionsByBeans(Planting onion, Planting bean) {
        return onion.grown().family() == Family.ONION && bean.grown().family() == Family.PEA;
    }

    static boolean potatoesInCompany(Planting potato, Planting other) {
        return potato.grown().hilled()
                && !other.grown().key().equals(potato.grown().key());
    }

    static boolean beside(Planting one, Planting other) {
        return !one.id().equals(other.id()) && one.bed().equals(other.bed()) && one.meets(other);
    }
}
