package fairacre.trellis;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Trellises as a kind of thing of the plan. */
public final class TrellisKinds {

    private static final int MOST = 100;

    public static final Things<Trellis> TRELLISES = new Things<Trellis>(
                    Trellis.class,
                    "trellis",
                    "trellises",
                    MOST,
                    Trellis::id,
                    Trellis::name,
                    (terms, trellis) -> trellis.lifetime()
                            .from()
                            .ifPresent(season -> terms.begin(season, "lifetime/from", trellis.name(), "put up")),
                    new Things.Words("Put up %s", "Took %s down", "a trellis"),
                    new Things.Seasons<>((plan, trellis) -> trellis.lifetime(), trellis -> "trellis"))
            .standingAs(Trellis::standing, Trellis::shifted);

    private TrellisKinds() {}

    /** Of a season. */
    public static List<Trellis> trellises(Plan plan, int season) {
        return plan.list(TRELLISES).stream()
                .filter(trellis -> trellis.lifetime().includes(season))
                .toList();
    }
}
