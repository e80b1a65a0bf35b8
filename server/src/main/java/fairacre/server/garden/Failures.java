package fairacre.server.garden;

import fairacre.appraisal.Appraisal;
import fairacre.format.GardenFile;
import fairacre.judging.Failure;
import fairacre.plan.Plan;
import io.micrometer.core.instrument.MeterRegistry;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Tells the operator of parts of a judgement that failed: counted, and logged with the plan so that it can be judged
 * again.
 */
@Component
class Failures {

    /** Counts parts of judgements that could not be worked out. */
    static final String COUNTER = "fairacre.judgement.failures";

    private static final Logger LOG = LoggerFactory.getLogger(Failures.class);

    private final MeterRegistry meters;

    Failures(MeterRegistry meters) {
        this.meters = meters;
        meters.counter(COUNTER);
    }

    /** What is asked of a judgement, after which its failures are told. */
    <T> T told(Plan plan, Appraisal appraisal, Function<Appraisal, T> question) {
        T answer = question.apply(appraisal);
        tell(plan, appraisal.failures());
        return answer;
    }

    void tell(Plan plan, List<Failure> failures) {
        for (Failure failure : failures) {
            meters.counter(COUNTER).increment();
            LOG.error("{} of garden {} could not be judged", failure.part(), plan.id(), failure.cause());
        }
        if (!failures.isEmpty()) {
            LOG.error("The garden was: {}", new String(GardenFile.write(plan), StandardCharsets.UTF_8));
        }
    }
}
