package fairacre.work;

import fairacre.bill.WorkRate;
import fairacre.journal.LearnedRate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** How long work takes this household: what was timed takes as long as it took, all else as long as its rate says. */
public final class Pace implements UnaryOperator<WorkRate> {

    private final Map<String, LearnedRate> learned;

    private Pace(List<LearnedRate> learned) {
        this.learned = learned.stream().collect(Collectors.toMap(LearnedRate::rate, each -> each));
    }

    public static Pace of(List<LearnedRate> learned) {
        return new Pace(learned);
    }

    @Override
    public WorkRate apply(WorkRate rate) {
        return Optional.ofNullable(learned.get(rate.key()))
                .map(each -> rate.taking(each.minutes()))
                .orElse(rate);
    }
}
