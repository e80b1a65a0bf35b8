package fairacre.frost;

import fairacre.plan.Plan;
import fairacre.plan.Things;
import java.util.Optional;

/** What is noted of frosts, as a kind of thing of the plan. */
public final class FrostKinds {

    /** One at most. */
    public static final Things<FrostDates> FROSTS = new Things<>(
            FrostDates.class,
            "frost",
            "frosts",
            1,
            FrostDates::id,
            frost -> "the days of frost",
            (terms, frost) -> {},
            new Things.Words("Noted %s", "Forgot %s", "the days of frost"),
            Things.Seasons.all());

    private FrostKinds() {}

    /** Empty where nobody has told them. */
    public static Optional<FrostDates> frosts(Plan plan) {
        return plan.list(FROSTS).stream().findFirst();
    }
}
