package fairacre.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Function;

/**
 * One kind of thing of which a plan keeps a list, by id: where the list lies in the plan, how long it may be, and what its things are
 * called in messages.
 *
 * @param name of one of them, as changes call it
 * @param field of the plan
 * @param most so many at most
 * @param list as it lies in a plan
 * @param into puts another list into a draft of a plan
 * @param putting the change that puts one in
 * @param removing the change that takes one out
 */
record Things<T>(String name, String field, int most, Function<T, UUID> id, Function<Plan, List<T>> list, BiConsumer<Plan.Draft, List<T>> into,
        Function<T, Change> putting, Function<UUID, Change> removing) {

    static final Things<Gardener> GARDENERS = new Things<>("gardener", "gardeners", Limits.MOST_GARDENERS, Gardener::id, Plan::gardeners,
            (draft, list) -> draft.gardeners = list, Change.PutGardener::new, Change.RemoveGardener::new);
    static final Things<Feature> FEATURES = new Things<>("feature", "features", Limits.MOST_FEATURES, Feature::id, Plan::features,
            (draft, list) -> draft.features = list, GroundChange.PutFeature::new, GroundChange.RemoveFeature::new);
    static final Things<WayIn> WAYS_IN = new Things<>("wayIn", "waysIn", Limits.MOST_WAYS_IN, WayIn::id, Plan::waysIn,
            (draft, list) -> draft.waysIn = list, GroundChange.PutWayIn::new, GroundChange.RemoveWayIn::new);
    static final Things<Carrier> CARRIERS = new Things<>("carrier", "carriers", Limits.MOST_CARRIERS, Carrier::id, Plan::carriers,
            (draft, list) -> draft.carriers = list, GroundChange.PutCarrier::new, GroundChange.RemoveCarrier::new);
    static final Things<Walk> WALKS = new Things<>("walk", "walks", Limits.MOST_FEATURES, Walk::id, Plan::walks,
            (draft, list) -> draft.walks = list, GroundChange.PutWalk::new, GroundChange.RemoveWalk::new);
    static final Things<Sundry> SUNDRIES = new Things<>("sundry", "sundries", Limits.MOST_SUNDRIES, Sundry::id, Plan::sundries,
            (draft, list) -> draft.sundries = list, PurseChange.PutSundry::new, PurseChange.RemoveSundry::new);
    static final Things<Quote> QUOTES = new Things<>("quote", "quotes", Limits.MOST_QUOTES, Quote::id, Plan::quotes,
            (draft, list) -> draft.quotes = list, PurseChange.PutQuote::new, PurseChange.RemoveQuote::new);

    /** The plan with the thing in place of the one that has its id, if there is one. */
    Plan put(Plan plan, T thing) {
        List<T> kept = new ArrayList<>(list.apply(plan));
        kept.removeIf(other -> id.apply(other).equals(id.apply(thing)));
        kept.add(thing);
        return plan.edited(draft -> into.accept(draft, kept));
    }

    /** @throws RefusedException if there is none with the id */
    Plan without(Plan plan, UUID gone) {
        known(plan, gone);
        List<T> kept = list.apply(plan).stream().filter(thing -> !id.apply(thing).equals(gone)).toList();
        return plan.edited(draft -> into.accept(draft, kept));
    }

    /** @throws RefusedException if there is none with the id */
    T known(Plan plan, UUID wanted) {
        return find(plan, wanted).orElseThrow(() -> new RefusedException(name, "there is none " + wanted, "look at the newest plan"));
    }

    Optional<T> find(Plan plan, UUID wanted) {
        return list.apply(plan).stream().filter(thing -> id.apply(thing).equals(wanted)).findFirst();
    }

    /** The change that leads back to how the thing with an id is in a plan, or to there being none. */
    Change restoring(Plan before, UUID wanted) {
        return find(before, wanted).map(putting).orElseGet(() -> removing.apply(wanted));
    }

    /** A list as a plan keeps it: in order of id; empty for null. */
    List<T> kept(List<T> things) {
        if (things == null) {
            return List.of();
        }
        Limits.atMost(most, things, field);
        checkUnique(things, id, field);
        return things.stream().sorted(Comparator.comparing(id)).toList();
    }

    static <T> void checkUnique(Collection<T> values, Function<T, ?> key, String field) {
        Set<Object> seen = new HashSet<>();
        for (T value : values) {
            if (!seen.add(key.apply(value))) {
                throw new RefusedException(field, key.apply(value) + " is there more than once", "give each its own");
            }
        }
    }
}
