package fairacre.arch;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Arches as a kind of thing of the plan. */
public final class ArchKinds {

    private static final int MOST = 60;

    public static final Things<Arch> ARCHES = new Things<>(
            Arch.class,
            "arch",
            "arches",
            MOST,
            Arch::id,
            Arch::name,
            (terms, arch) -> arch.lifetime()
                    .from()
                    .ifPresent(season -> terms.begin(season, "lifetime/from", arch.name(), "put up")),
            new Things.Words("Put up %s", "Took %s down", "an arch"),
            new Things.Seasons<>((plan, arch) -> arch.lifetime(), arch -> "panel arch"));

    private ArchKinds() {}

    /** Of a season. */
    public static List<Arch> arches(Plan plan, int season) {
        return plan.list(ARCHES).stream()
                .filter(arch -> arch.lifetime().includes(season))
                .toList();
    }
}
