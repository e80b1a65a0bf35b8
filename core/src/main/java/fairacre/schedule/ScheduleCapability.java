package fairacre.schedule;

import fairacre.judging.Capability;
import fairacre.judging.Finder;
import fairacre.judging.SnagContext;
import java.util.List;

/** When the work is done, and by whom. */
public final class ScheduleCapability implements Capability {

    @Override
    public List<ScheduleRule> rules() {
        return List.of(ScheduleRule.values());
    }

    @Override
    public List<Finder> inFull(SnagContext context) {
        return List.of(new Finder("when the work is done", () -> new ScheduleSnags(context).find()));
    }
}
