package fairacre.judging;

import fairacre.plan.Plan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

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
        Map<Snag, SetAside> known = new IdentityHashMap<>();
        // Each stands for one snag, the nearest of those that it could be.
        entries.forEach(entry -> snags.stream()
                .filter(entry::isOf)
                .min(Comparator.comparingDouble(entry::distance))
                .ifPresent(snag -> known.merge(snag, entry, (one, other) -> one.covers(snag) ? one : other)));
        List<Snag> open = new ArrayList<>();
        List<Aside> aside = new ArrayList<>();
        for (Snag snag : snags) {
            SetAside entry = known.get(snag);
            if (entry == null) {
                open.add(snag);
            } else if (entry.covers(snag)) {
                aside.add(new Aside(entry, snag));
            } else {
                open.add(snag.saying(entry.whyBack(snag)));
            }
        }
        return new SnagsKept(open, aside);
    }
}
