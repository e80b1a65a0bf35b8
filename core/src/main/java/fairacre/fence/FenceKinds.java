package fairacre.fence;

import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Fences, pests, and what the ground is like for posts, as kinds of things of the plan. */
public final class FenceKinds {

    private static final int MOST_PESTS = 30;

    public static final Things<Fence> FENCES = new Things<Fence>(
                    Fence.class,
                    "fence",
                    "fences",
                    Limits.MOST_FEATURES,
                    Fence::id,
                    Fence::name,
                    (terms, fence) -> fence.lifetime()
                            .from()
                            .ifPresent(season -> terms.begin(season, "lifetime/from", fence.name(), "put up")),
                    new Things.Words("Drew %s", "Took %s down", "a fence"),
                    new Things.Seasons<>((plan, fence) -> fence.lifetime(), fence -> "fence"))
            .standingAs(Fence::standing, Fence::shifted);

    public static final Things<Pest> PESTS = new Things<>(
            Pest.class,
            "pest",
            "pests",
            MOST_PESTS,
            Pest::id,
            Pest::name,
            (terms, pest) -> {},
            new Things.Words("Noted %s", "Forgot %s", "a pest"),
            Things.Seasons.all());

    /** One at most. */
    public static final Things<PostGround> GROUNDS = new Things<>(
            PostGround.class,
            "postGround",
            "postGrounds",
            1,
            PostGround::id,
            ground -> "snow and frost",
            (terms, ground) -> {},
            new Things.Words("Noted %s", "Forgot %s", "snow and frost"),
            Things.Seasons.all());

    private FenceKinds() {}

    static List<Things<?>> all() {
        return List.of(FENCES, PESTS, GROUNDS);
    }

    /** Of a season. */
    public static List<Fence> fences(Plan plan, int season) {
        return plan.list(FENCES).stream()
                .filter(fence -> fence.lifetime().includes(season))
                .toList();
    }

    /** Of a season. */
    public static List<Pest> pests(Plan plan, int season) {
        return plan.list(PESTS).stream()
                .filter(pest -> pest.lifetime().includes(season))
                .toList();
    }

    /** How deep it lies; zero where nobody noted it. */
    public static Length snow(Plan plan) {
        return plan.list(GROUNDS).stream().map(PostGround::snow).findFirst().orElse(Length.ZERO);
    }

    static Length frost(Plan plan) {
        return plan.list(GROUNDS).stream().map(PostGround::frost).findFirst().orElse(Length.ZERO);
    }

    /** Fences that were drawn with the plot and of which no more is known than their line and height. */
    static List<Feature> kept(Plan plan, int season) {
        return plan.setting(season).features().stream()
                .filter(feature -> feature.kind() == FeatureKind.FENCE)
                .filter(feature ->
                        plan.list(FENCES).stream().noneMatch(fence -> fence.id().equals(feature.id())))
                .toList();
    }
}
