package fairacre.husbandry;

import fairacre.plan.Plan;
import fairacre.plan.Things;

/** The choice of rules, as a kind of thing of the plan. */
public final class HusbandryKinds {

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

    private HusbandryKinds() {}

    static boolean follows(Plan plan, HusbandryRule rule) {
        return plan.list(LEFT_ASIDE).stream().noneMatch(aside -> aside.rules().contains(rule.name()));
    }
}
