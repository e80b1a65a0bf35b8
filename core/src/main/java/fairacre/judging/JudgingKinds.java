package fairacre.judging;

import fairacre.limits.Limits;
import fairacre.plan.ThingKinds;
import fairacre.plan.Things;
import java.util.List;

/** What the gardener has decided about snags, as a kind of thing of the plan. */
public final class JudgingKinds implements ThingKinds {

    private static final int MOST = 1000;

    public static final Things<SetAside> SET_ASIDE = new Things<>(
            SetAside.class,
            "setAside",
            "setAside",
            MOST,
            SetAside::id,
            entry -> Limits.shortened(entry.words(), ""),
            (terms, entry) -> {},
            new Things.Words("Put a snag aside: %s", "Brought a snag back: %s", "a snag"),
            Things.Seasons.all());

    @Override
    public List<Things<?>> kinds() {
        return List.of(SET_ASIDE);
    }
}
