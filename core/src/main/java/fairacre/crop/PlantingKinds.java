package fairacre.crop;

import fairacre.plan.Lifetime;
import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Plantings as a kind of thing of the plan. */
public final class PlantingKinds {

    private static final int MOST = 2000;

    public static final Things<Planting> PLANTINGS = new Things<>(
            Planting.class,
            "planting",
            "plantings",
            MOST,
            Planting::id,
            Planting::name,
            (terms, planting) -> {},
            new Things.Words("Planted %s", "Took %s out", "a planting"),
            // That it is cleared in the end is no news of a season.
            new Things.Seasons<>(
                    (plan, planting) -> Lifetime.from(Plan.season(planting.from(), plan.yearBegins())),
                    planting -> "planting"));

    private PlantingKinds() {}

    /** Those that grow on some day of a season. */
    public static List<Planting> plantings(Plan plan, int season) {
        return plan.list(PLANTINGS).stream()
                .filter(planting -> planting.lifetime(plan.yearBegins()).includes(season))
                .toList();
    }
}
