package fairacre.judging;

import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Snags, sorted by whether the gardener has put them aside.
 *
 * @param open in their order; one that was put aside and has grown since says so
 * @param aside in their order, each with why
 */
public record SnagsKept(List<Snag> open, List<Aside> aside) {

    /** A snag that is put aside. */
    public record Aside(SetAside entry, Snag snag) {}

    public SnagsKept {
        open = List.copyOf(open);
        aside = List.copyOf(aside);
    }

    public static SnagsKept of(Plan plan, List<Snag> snags) {
        List<SetAside> entries = plan.list(JudgingKinds.SET_ASIDE);
        if (entries.isEmpty()) {
            return new SnagsKept(snags, List.of());
        }
        List<Snag> open = new ArrayList<>();
        List<Aside> aside = new ArrayList<>();
        for (Snag snag : snags) {
            Optional<SetAside> covering =
                    entries.stream().filter(entry -> entry.covers(snag)).findFirst();
            covering.ifPresentOrElse(
                    entry -> aside.add(new Aside(entry, snag)),
                    () -> open.add(entries.stream()
                            .filter(entry -> entry.isOf(snag))
                            .findFirst()
                            .map(entry -> snag.saying(entry.whyBack(snag)))
                            .orElse(snag)));
        }
        return new SnagsKept(open, aside);
    }
}
