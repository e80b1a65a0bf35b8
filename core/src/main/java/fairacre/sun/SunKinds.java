package fairacre.sun;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.List;
import java.util.Optional;

/** What is known of the sky, as a kind of thing of the plan. */
public final class SunKinds {

    /** One at most. */
    public static final Things<Sky> SKIES = new Things<>(
            Sky.class,
            "sky",
            "skies",
            1,
            Sky::id,
            sky -> "the horizon",
            (terms, sky) -> {},
            new Things.Words("Noted %s", "Forgot %s", "the horizon"),
            Things.Seasons.all());

    private SunKinds() {}

    static List<Things<?>> all() {
        return List.of(SKIES);
    }

    static Optional<Sky> sky(Plan plan) {
        return plan.list(SKIES).stream().findFirst();
    }
}
