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
    private static final double USUAL_EATERS = 2;

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
            CropWish::name,
            (terms, wish) -> {},
            new Things.Words("Wished for %s", "Took %s off what is eaten", "a crop that is eaten"),
            Things.Seasons.all());

    private HarvestKinds() {}

    /** What is wanted most first; of two wishes for one crop the second says nothing new. */
    public static List<CropWish> wishes(Plan plan) {
        return plan.list(WISHES).stream()
                .sorted(Comparator.comparing(CropWish::want).thenComparing(CropWish::name))
                .collect(Collectors.toMap(CropWish::crop, wish -> wish, (first, again) -> first, LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    /** What is eaten of it in a year. */
    public static double kilograms(Plan plan, CropWish wish) {
        return wish.kilograms().orElseGet(() -> wish.wished().eaten() * eaters(plan));
    }

    public static double eaters(Plan plan) {
        return plan.list(HOUSEHOLD).stream()
                .mapToDouble(Household::eaters)
                .findFirst()
                .orElse(USUAL_EATERS);
    }
}
