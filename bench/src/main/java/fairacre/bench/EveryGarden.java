package fairacre.bench;

import fairacre.appraisal.Appraisal;
import fairacre.cost.KnownCuts;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.testing.Gardens;
import fairacre.testing.RandomGardens;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/** Judges many gardens made by chance and prints each part of a judgement that failed, with the seed of its garden. */
final class EveryGarden {

    /** Remedies are looked for in every so many gardens: they take ten times as long as the rest. */
    private static final int WITH_REMEDIES = 8;

    private EveryGarden() {}

    static void print(int gardens) {
        List<String> failures = LongStream.range(0, gardens)
                .parallel()
                .boxed()
                .flatMap(EveryGarden::failures)
                .toList();
        failures.forEach(System.out::println);
        System.out.printf("%d gardens judged, %d failures%n", gardens, failures.size());
    }

    private static Stream<String> failures(long seed) {
        Plan plan = RandomGardens.of(seed);
        boolean withRemedies = seed % WITH_REMEDIES == 0;
        Appraisal appraisal = withRemedies
                ? Appraisal.of(plan, Gardens.SEASON)
                : Appraisal.of(plan, Gardens.SEASON, Memo.none(), List.of(), KnownCuts.NONE);
        if (withRemedies) {
            appraisal.report();
        } else {
            appraisal.preview();
        }
        return appraisal.failures().stream()
                .map(failure -> "garden " + seed + ", " + failure.part() + ": " + failure.cause());
    }
}
