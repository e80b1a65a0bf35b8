package fairacre.surface;

import fairacre.fill.Loads;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.plan.Put;
import fairacre.plan.Walk;

/** A walk whose layers are dug in, so that its top lies where the ground is: a way to do away with a step. */
public final class DugIn {

    private DugIn() {}

    public static Remedy remedy(SnagContext context, Walk walk) {
        Put<Walk> change = Put.of(walk.withBuild(walk.build().withDugIn(true)));
        WalkTakeoff dug = SurfaceStudy.of(context.plan().apply(change).orThrow()).stream()
                .filter(takeoff -> takeoff.walk().equals(walk.id()))
                .findFirst()
                .orElseThrow();
        Loads away = dug.away();
        return new Remedy(
                "Dig out " + walk.name() + " by " + context.wording().length(dug.thickness()) + " first: "
                        + away.barrows() + " barrows of soil, " + away.skips()
                        + (away.skips() == 1 ? " skip" : " skips"),
                change);
    }
}
