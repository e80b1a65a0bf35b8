package fairacre.furniture;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;
import java.util.Locale;

/** Furniture as a kind of thing of the plan. */
public final class FurnitureKinds {

    private static final int MOST = 60;

    public static final Things<Furniture> FURNITURE = new Things<Furniture>(
                    Furniture.class,
                    "furniture",
                    "furniture",
                    MOST,
                    Furniture::id,
                    Furniture::name,
                    (terms, furniture) -> furniture
                            .lifetime()
                            .from()
                            .ifPresent(season -> terms.begin(season, "lifetime/from", furniture.name(), "built")),
                    new Things.Words("Built %s", "Took %s away", "furniture"),
                    new Things.Seasons<>((plan, furniture) -> furniture.lifetime(), FurnitureKinds::noun))
            .standingAs(Furniture::standing, Furniture::shifted);

    private FurnitureKinds() {}

    private static String noun(Furniture furniture) {
        return furniture.kind() == FurnitureKind.OWN
                ? "structure"
                : furniture.kind().label().toLowerCase(Locale.ROOT);
    }

    /** Of a season. */
    public static List<Furniture> furniture(Plan plan, int season) {
        return plan.list(FURNITURE).stream()
                .filter(each -> each.lifetime().includes(season))
                .toList();
    }
}
