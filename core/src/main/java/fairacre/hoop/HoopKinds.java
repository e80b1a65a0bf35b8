package fairacre.hoop;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Sets of hoops as a kind of thing of the plan. */
public final class HoopKinds {

    private static final int MOST = 60;

    public static final Things<HoopSet> SETS = new Things<>(
            HoopSet.class,
            "hoopSet",
            "hoops",
            MOST,
            HoopSet::id,
            HoopSet::name,
            (terms, set) -> set.lifetime()
                    .from()
                    .ifPresent(season -> terms.begin(season, "lifetime/from", set.name(), "bought")),
            new Things.Words("Put up %s", "Took %s down", "hoops"),
            new Things.Seasons<>((plan, set) -> set.lifetime(), set -> "hoop set"));

    private HoopKinds() {}

    /** Of a season. */
    public static List<HoopSet> sets(Plan plan, int season) {
        return plan.list(SETS).stream()
                .filter(set -> set.lifetime().includes(season))
                .toList();
    }
}
