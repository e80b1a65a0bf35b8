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
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * One kind of thing of which a plan keeps a list, by id: where the list lies in the plan, how long it may be, what its
 * things are called and what is said of an edit. {@link #ALL} is the one list of kinds; edits, their notation and the
 * list of edits go by it.
 *
 * @param name of one of them in the notation: the property of {@link Put}, and after "Put" and "Remove" its kind
 * @param field of the plan
 * @param most so many at most
 * @param label what the gardener calls one
 * @param list as it lies in a plan
 * @param into puts another list into a draft of a plan
 * @param check refuses a thing that doesn't go with a plan, with the field of the thing; what goes for the plan as a
 *     whole is checked there
 * @param seasons when one of them is there, for the list of seasons
 */
public record Things<T>(
        Class<T> type,
        String name,
        String field,
        int most,
        Function<T, UUID> id,
        Function<T, String> label,
        Function<Plan, List<T>> list,
        BiConsumer<Plan.Draft, List<T>> into,
        BiConsumer<Plan, T> check,
        Words words,
        Seasons<T> seasons) {

    /**
     * What is said of an edit, for the list of edits; "%s" stands for the thing.
     *
     * @param anyone for a thing whose name is not known any more
     */
    public record Words(String put, String removed, String anyone) {}

    /**
     * When a thing is there, and what one is called.
     *
     * @param lifetime begins in the season in which it is made, where anything is made
     */
    public record Seasons<T>(BiFunction<Plan, T, Lifetime> lifetime, Function<T, String> noun) {

        /** Of what comes and goes with the garden. */
        static <T> Seasons<T> all() {
            return new Seasons<>((plan, thing) -> Lifetime.ALWAYS, thing -> "");
        }
    }

    public static final Things<Gardener> GARDENERS = new Things<>(
            Gardener.class,
            "gardener",
            "gardeners",
            Limits.MOST_GARDENERS,
            Gardener::id,
            Gardener::name,
            Plan::gardeners,
            (draft, list) -> draft.gardeners = list,
            (plan, thing) -> {},
            new Words("Measured %s", "Took out %s", "a gardener"),
            Seasons.all());
    public static final Things<Feature> FEATURES = new Things<>(
            Feature.class,
            "feature",
            "features",
            Limits.MOST_FEATURES,
            Feature::id,
            Feature::name,
            Plan::features,
            (draft, list) -> draft.features = list,
            (plan, thing) -> {},
            new Words("Put down %s", "Took %s off the plot", "something"),
            new Seasons<>(
                    (plan, feature) -> feature.lifetime(),
                    feature -> feature.kind().noun()));
    public static final Things<WayIn> WAYS_IN = new Things<>(
            WayIn.class,
            "wayIn",
            "waysIn",
            Limits.MOST_WAYS_IN,
            WayIn::id,
            WayIn::name,
            Plan::waysIn,
            (draft, list) -> draft.waysIn = list,
            (plan, thing) -> {},
            new Words("Set %s", "Closed %s", "a way in"),
            new Seasons<>((plan, way) -> way.lifetime(), way -> "way in"));
    public static final Things<Carrier> CARRIERS = new Things<>(
            Carrier.class,
            "carrier",
            "carriers",
            Limits.MOST_CARRIERS,
            Carrier::id,
            Carrier::name,
            Plan::carriers,
            (draft, list) -> draft.carriers = list,
            (plan, thing) -> {},
            new Words("Measured %s", "Did without %s", "a carrier"),
            Seasons.all());
    public static final Things<Walk> WALKS = new Things<>(
            Walk.class,
            "walk",
            "walks",
            Limits.MOST_FEATURES,
            Walk::id,
            Walk::name,
            Plan::walks,
            (draft, list) -> draft.walks = list,
            (plan, thing) -> {},
            new Words("Laid %s", "Took up %s", "a walk"),
            new Seasons<>(
                    (plan, walk) ->
                            walk.build().made() ? walk.lifetime().beginning(plan.season(walk)) : walk.lifetime(),
                    walk -> "walk"));
    public static final Things<Sundry> SUNDRIES = new Things<>(
            Sundry.class,
            "sundry",
            "sundries",
            Limits.MOST_SUNDRIES,
            Sundry::id,
            Sundry::name,
            Plan::sundries,
            (draft, list) -> draft.sundries = list,
            (plan, thing) -> {},
            new Words("Put %s on the bill", "Took %s off the bill", "something"),
            Seasons.all());
    public static final Things<Quote> QUOTES = new Things<>(
            Quote.class,
            "quote",
            "quotes",
            Limits.MOST_QUOTES,
            Quote::id,
            quote -> quote.shop().orElse("a shop"),
            Plan::quotes,
            (draft, list) -> draft.quotes = list,
            Things::checkCurrency,
            new Words("Noted what %s asks", "Forgot what %s asked", "a shop"),
            Seasons.all());

    public static final List<Things<?>> ALL = List.of(GARDENERS, FEATURES, WAYS_IN, CARRIERS, WALKS, SUNDRIES, QUOTES);

    /** The kind that a thing is of. */
    @SuppressWarnings("unchecked")
    static <T> Things<T> of(T thing) {
        return (Things<T>) ALL.stream()
                .filter(things -> things.type.isInstance(thing))
                .findFirst()
                .orElseThrow();
    }

    private static void checkCurrency(Plan plan, Quote quote) {
        Amounts.sameCurrency(plan.currency(), quote.amount(), "quote/amount");
    }

    /** The plan with the thing in place of the one that has its id, if there is one. */
    Plan put(Plan plan, T thing) {
        check.accept(plan, thing);
        List<T> kept = new ArrayList<>(list.apply(plan));
        kept.removeIf(other -> id.apply(other).equals(id.apply(thing)));
        kept.add(thing);
        return plan.edited(draft -> into.accept(draft, kept));
    }

    /** @param values things of this kind */
    void fill(Plan.Draft draft, List<?> values) {
        into.accept(draft, values.stream().map(type::cast).toList());
    }

    /** @throws RefusedException if there is none with the id */
    Plan without(Plan plan, UUID gone) {
        known(plan, gone);
        List<T> kept = list.apply(plan).stream()
                .filter(thing -> !id.apply(thing).equals(gone))
                .toList();
        return plan.edited(draft -> into.accept(draft, kept));
    }

    /** @throws RefusedException if there is none with the id */
    T known(Plan plan, UUID wanted) {
        return find(plan, wanted)
                .orElseThrow(() -> new RefusedException(name, "there is none " + wanted, "look at the newest plan"));
    }

    Optional<T> find(Plan plan, UUID wanted) {
        return list.apply(plan).stream()
                .filter(thing -> id.apply(thing).equals(wanted))
                .findFirst();
    }

    /** The change that leads back to how the thing with an id is in a plan, or to there being none. */
    Change restoring(Plan before, UUID wanted) {
        return find(before, wanted)
                .<Change>map(thing -> new Put<>(this, thing))
                .orElseGet(() -> new Remove<>(this, wanted));
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
