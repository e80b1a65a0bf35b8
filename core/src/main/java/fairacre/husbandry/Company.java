package fairacre.husbandry;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Family;
import fairacre.crop.Planting;
import fairacre.plan.Plan;

/** Crops that had better not share a bed. */
public final class Company {

    private Company() {}

    /** Whether a rule that the gardener follows speaks against both. */
    public static boolean isBad(Plan plan, Planting one, Planting other) {
        return beside(one, other) && isBad(plan, one.grown(plan), other.grown(plan));
    }

    /** Whether a rule that the gardener follows speaks against both in one bed. */
    public static boolean isBad(Plan plan, Crop one, Crop other) {
        return (onionsByBeans(one, other) || onionsByBeans(other, one))
                        && HusbandryKinds.follows(plan, HusbandryRule.ONIONS_BY_BEANS)
                || (potatoesInCompany(one, other) || potatoesInCompany(other, one))
                        && HusbandryKinds.follows(plan, HusbandryRule.POTATOES_IN_COMPANY);
    }

    static boolean onionsByBeans(Crop onion, Crop bean) {
        return onion.family() == Family.ONION && bean.family() == Family.PEA;
    }

    static boolean potatoesInCompany(Crop potato, Crop other) {
        return potato.hilled() && !other.kind().equals(potato.kind());
    }

    static boolean beside(Planting one, Planting other) {
        return !one.id().equals(other.id()) && one.bed().equals(other.bed()) && one.meets(other);
    }
}
