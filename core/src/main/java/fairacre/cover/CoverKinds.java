package fairacre.cover;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Covers as a kind of thing of the plan. */
public final class CoverKinds {

    private static final int MOST = 60;

    public static final Things<BedCover> COVERS = new Things<>(
            BedCover.class,
            "bedCover",
            "bedCovers",
            MOST,
            BedCover::id,
            BedCover::name,
            (terms, cover) -> cover.lifetime()
                    .from()
                    .ifPresent(season -> terms.begin(season, "lifetime/from", cover.name(), "built")),
            new Things.Words("Built %s", "Took %s away", "a cover"),
            new Things.Seasons<>((plan, cover) -> cover.lifetime(), cover -> "cover"));

    private CoverKinds() {}

    /** Of a season. */
    public static List<BedCover> covers(Plan plan, int season) {
        return plan.list(COVERS).stream()
                .filter(cover -> cover.lifetime().includes(season))
                .toList();
    }
}
