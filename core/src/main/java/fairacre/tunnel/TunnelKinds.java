package fairacre.tunnel;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;

/** Walk-in tunnels as a kind of thing of the plan. */
public final class TunnelKinds {

    private static final int MOST = 20;

    public static final Things<WalkInTunnel> TUNNELS = new Things<WalkInTunnel>(
                    WalkInTunnel.class,
                    "tunnel",
                    "tunnels",
                    MOST,
                    WalkInTunnel::id,
                    WalkInTunnel::name,
                    (terms, tunnel) -> tunnel.lifetime()
                            .from()
                            .ifPresent(season -> terms.begin(season, "lifetime/from", tunnel.name(), "built")),
                    new Things.Words("Built %s", "Took %s down", "a tunnel"),
                    new Things.Seasons<>((plan, tunnel) -> tunnel.lifetime(), tunnel -> "tunnel"))
            .standingInParts(WalkInTunnel::standing, WalkInTunnel::shifted);

    private TunnelKinds() {}

    /** Of a season. */
    public static List<WalkInTunnel> tunnels(Plan plan, int season) {
        return plan.list(TUNNELS).stream()
                .filter(tunnel -> tunnel.lifetime().includes(season))
                .toList();
    }
}
