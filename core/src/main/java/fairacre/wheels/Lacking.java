package fairacre.wheels;

import fairacre.judging.Remedy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Beds that the ground under wheels is no good for: told for each chair, and once for all that is wheeled, where no
 * chair is told of them.
 *
 * @param rolling a chair, or whatever is wheeled
 * @param beds as they stand, at least one
 */
record Lacking(List<Rolling> rolling, List<StandingBed> beds) {

    /** @param lacking the beds that the ground of somebody or something on wheels is no good for */
    static List<Lacking> of(SnagContext context, Function<Rolling, List<StandingBed>> lacking) {
        List<Lacking> all = new ArrayList<>();
        List<Rolling> carriers = new ArrayList<>();
        Set<StandingBed> told = new HashSet<>();
        Set<StandingBed> carriedTo = new HashSet<>();
        for (Rolling wheels : Rolling.all(context.plan())) {
            List<StandingBed> beds = lacking.apply(wheels);
            if (wheels.gardener().isPresent() && !beds.isEmpty()) {
                all.add(new Lacking(List.of(wheels), beds));
                told.addAll(beds);
            } else if (!told.containsAll(beds)) {
                carriers.add(wheels);
                carriedTo.addAll(beds);
            }
        }
        carriedTo.removeAll(told);
        if (!carriers.isEmpty()) {
            all.add(new Lacking(
                    carriers,
                    context.standing().stream().filter(carriedTo::contains).toList()));
        }
        return all;
    }

    /** Whether it is told for somebody who sits. */
    boolean sits() {
        return rolling.get(0).gardener().isPresent();
    }

    Snag snag(Rule rule, String words, List<Remedy> remedies) {
        return Snag.of(
                rule,
                Rolling.weight(rolling),
                words,
                Optional.of(beds.get(0).outline().centre()),
                beds.stream().map(StandingBed::id).sorted().toList(),
                Rolling.seated(rolling),
                remedies);
    }
}
