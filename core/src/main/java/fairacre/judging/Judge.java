package fairacre.judging;

import fairacre.plan.Plan;
import fairacre.shape.Memo;
import java.util.List;
import java.util.UUID;
import org.joda.money.Money;

/** The whole judgement, for those parts of it that try something out: the plan after a remedy. */
public interface Judge {

    /** The flaws on the ground without remedies, but for those that take long. */
    List<Snag> flawsOnTheGround(Plan plan, int season, Memo memo);

    /** The flaws on the ground that take long, without remedies. */
    List<Snag> slowFlaws(Plan plan, int season, Memo memo);

    /** What a plan costs. */
    Cost cost(Plan plan, Memo memo);

    /** What a bed as it stands in a season would cost if it were built alone. */
    Cost alone(Plan plan, UUID bed, int season);

    /**
     * @param total of what has a price
     * @param unpriced how many lines have none
     */
    record Cost(Money total, int unpriced) {}
}
