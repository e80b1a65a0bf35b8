package fairacre.work;

import fairacre.bill.WorkRate;
import fairacre.crew.CrewKinds;
import fairacre.journal.LearnedRate;
import fairacre.plan.Plan;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * How long work takes this household: as long as the gardener says, else as long as it took where it was timed, else as
 * long as its rate says.
 */
public final class Pace implements UnaryOperator<WorkRate> {

    private final Map<String, Double> minutes = new HashMap<>();

    private Pace() {}

    /** As it was timed, and as the rates say. */
    public static Pace of(List<LearnedRate> learned) {
        Pace pace = new Pace();
        learned.forEach(each -> pace.minutes.put(each.rate(), each.minutes()));
        return pace;
    }

    /** @param plan in which the gardener says how long work takes */
    public static Pace of(Plan plan, List<LearnedRate> learned) {
        Pace pace = of(learned);
        plan.list(CrewKinds.OWN_RATES).forEach(own -> pace.minutes.put(own.rate(), own.minutes()));
        return pace;
    }

    @Override
    public WorkRate apply(WorkRate rate) {
        return Optional.ofNullable(minutes.get(rate.key())).map(rate::taking).orElse(rate);
    }
}
