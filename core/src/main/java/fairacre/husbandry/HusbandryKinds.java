package fairacre.husbandry;

import fairacre.plan.Plan;
import fairacre.plan.Things;

/** The choice of rules and diseases of the soil as kinds of things of the plan. */
public final class HusbandryKinds {

    private static final int MOST = 1000;

    /** One at most. */
    public static final Things<RulesLeftAside> LEFT_ASIDE = new Things<>(
            RulesLeftAside.class,
            "rulesLeftAside",
            "rulesLeftAside",
            1,
            RulesLeftAside::id,
            rules -> "the rules for crops",
            (terms, rules) -> {},
            new Things.Words("Chose %s", "Took back %s", "the rules for crops"),
            Things.Seasons.all());

    public static final Things<SoilDisease> SOIL_DISEASES = new Things<>(
            SoilDisease.class,
            "soilDisease",
            "soilDiseases",
            MOST,
            SoilDisease::id,
            disease -> disease.disease().label(),
            (terms, disease) -> {},
            new Things.Words("Noted %s in the soil", "Forgot %s in the soil", "a disease of the soil"),
            Things.Seasons.all());

    private HusbandryKinds() {}

    static boolean follows(Plan plan, HusbandryRule rule) {
        return plan.list(LEFT_ASIDE).stream().noneMatch(aside -> aside.rules().contains(rule.name()));
    }
}
