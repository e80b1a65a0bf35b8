package fairacre.bed;

import fairacre.ground.FitStudy;
import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** Where beds stand, and how the ground lies under them. */
public final class BedCapability implements Capability {

    @Override
    public List<BedRule> rules() {
        return List.of(BedRule.values());
    }

    @Override
    public List<Finder> onTheGround(SnagContext context) {
        return List.of(
                new Finder(
                        "where beds fit",
                        () -> new FitSnags(context)
                                .find(FitStudy.of(context.setting(), context.standing(), context.memo()))),
                new Finder("slopes", () -> new LevelSnags(context).find()));
    }
}
