package fairacre.reach;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.measure.Length;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.Put;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Who reaches what, and at what height. */
public final class ReachCapability implements Capability {

    @Override
    public List<ReachRule> rules() {
        return List.of(ReachRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                context.plan().gardeners().isEmpty()
                        ? new Finder("who gardens", () -> List.of(noGardener(context)))
                        : new Finder(
                                "who reaches what",
                                () -> new ReachSnags(context)
                                        .find(context.study(Reached.class).beds())),
                new Finder("heights", () -> new HeightSnags(context).find()));
    }

    private static Snag noGardener(SnagContext context) {
        UUID id = UUID.nameUUIDFromBytes("average gardener".getBytes(StandardCharsets.UTF_8));
        Gardener average = new Gardener(id, "Gardener", Length.inches(24), Posture.STANDING, Length.inches(24));
        return Snag.of(
                ReachRule.NO_GARDENER,
                Weight.WARNING,
                "Nobody gardens here yet, so reach and walks are not judged.",
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(new Remedy(
                        "Add an average adult with a reach of "
                                + context.wording().length(average.reach()),
                        Put.of(average))));
    }
}
