package fairacre.harvest;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;

/** What the household eats, as kinds of things of the plan. */
public final class HarvestKinds {

    private static final int MOST = 200;
    /** Who says nothing eats for two. */
    public static final double USUAL_EATERS = 2;

    /** One at most. */
    public static final Things<Household> HOUSEHOLD = new Things<>(
            Household.class,
            "household",
            "household",
            1,
            Household::id,
            household -> "who eats",
            (terms, household) -> {},
            new Things.Words("Noted %s", "Took back %s", "who eats"),
            Things.Seasons.all());

    public static final Things<CropWish> WISHES = new Things<>(
            CropWish.class,
            "cropWish",
            "cropWishes",
            MOST,
            CropWish::id,
            CropWish::label,
            (terms, wish) -> {},
            new Things.Words("Wished for %s", "Took %s off what is eaten", "a crop that is eaten"),
            Things.Seasons.all());

    private HarvestKinds() {}

    /**
     * Those for something that is eaten, what is wanted most first; of two wishes for one crop the second says nothing
     * new.
     */
    public static List<CropWish> wishes(Plan plan) {
        return plan.list(WISHES).stream()
                .filter(wish -> kilograms(plan, wish) > 0)
                .sorted(Comparator.comparing(CropWish::want)
                        .thenComparing(wish -> wish.wished(plan).name()))
                .collect(Collectors.toMap(
                        wish -> wish.wished(plan).kind(), wish -> wish, (first, again) -> first, LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    /** What is eaten of it in a year. */
    public static double kilograms(Plan plan, CropWish wish) {
        return wish.kilograms().orElseGet(() -> wish.wished(plan).eaten() * eaters(plan));
    }

    public static double eaters(Plan plan) {
        return plan.list(HOUSEHOLD).stream()
                .mapToDouble(Household::eaters)
                .findFirst()
                .orElse(USUAL_EATERS);
    }
}
