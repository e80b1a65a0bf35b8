package fairacre.plan;

import fairacre.bill.Amounts;
import fairacre.bill.Quote;
import fairacre.bill.Sundry;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.parts.Parts;
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
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;

/**
 * One kind of thing of which a plan keeps a list, by id: how long the list may be, what its things are called and what
 * is said of an edit. The kinds that every part of the program knows stand here; a capability adds its own
 * ({@link ThingKinds}). {@link #all} lists them; the plan, its notation, edits and the list of edits go by it.
 *
 * @param name of one of them in the notation: the property of {@link Put}, and after "Put" and "Remove" its kind
 * @param field of the plan, and its property in the notation
 * @param most so many at most
 * @param label what the gardener calls one
 * @param check refuses a thing that doesn't go with the garden, with the field of the thing
 * @param seasons when one of them is there, for the list of seasons
 * @param standing where one of them stands on the plot
 * @param paid what is paid for one of them, on the bill
 */
public record Things<T>(
        Class<T> type,
        String name,
        String field,
        int most,
        Function<T, UUID> id,
        Function<T, String> label,
        BiConsumer<Terms, T> check,
        Words words,
        Seasons<T> seasons,
        Standing<T> standing,
        Paid<T> paid) {

    /** A kind that stands nowhere on the plot and has no price of its own. */
    public Things(
            Class<T> type,
            String name,
            String field,
            int most,
            Function<T, UUID> id,
            Function<T, String> label,
            BiConsumer<Terms, T> check,
            Words words,
            Seasons<T> seasons) {
        this(
                type,
                name,
                field,
                most,
                id,
                label,
                check,
                words,
                seasons,
                new Standing<>(thing -> List.of(), (thing, dx, dy) -> thing),
                new Paid<>(thing -> Optional.empty(), (thing, season) -> thing));
    }

    /** The same kind, which stands on the plot. */
    public Things<T> standingAs(Function<T, Feature> feature, Shift<T> shifted) {
        return standingInParts(feature.andThen(List::of), shifted);
    }

    /** The same kind, which stands on the plot in several parts. */
    public Things<T> standingInParts(Function<T, List<Feature>> parts, Shift<T> shifted) {
        return new Things<>(
                type, name, field, most, id, label, check, words, seasons, new Standing<>(parts, shifted), paid);
    }

    /** The same kind, which is paid for at a price of its own. */
    public Things<T> paidAs(Function<T, Optional<Sundry>> sundry, BiFunction<T, Integer, T> delayed) {
        return new Things<>(
                type, name, field, most, id, label, check, words, seasons, standing, new Paid<>(sundry, delayed));
    }

    /**
     * What is said of an edit, for the list of edits; "%s" stands for the thing.
     *
     * @param anyone for a thing whose name is not known any more
     */
    public record Words(String put, String removed, String anyone) {}

    /**
     * How a thing stands on the plot, for all that keeps clear of it or goes to it.
     *
     * @param parts as features, each with the thing's id and lifetime; none if it stands nowhere
     * @param shifted the thing moved on the plot
     */
    public record Standing<T>(Function<T, List<Feature>> parts, Shift<T> shifted) {}

    /**
     * What is paid for a thing at a price of its own.
     *
     * @param sundry as it stands on the bill; empty if nothing is
     * @param delayed the thing when it is paid for in another season
     */
    public record Paid<T>(Function<T, Optional<Sundry>> sundry, BiFunction<T, Integer, T> delayed) {}

    /** Moves a thing on the plot. */
    @FunctionalInterface
    public interface Shift<T> {
        T by(T thing, Length dx, Length dy);
    }

    /** What a garden holds all its things to. */
    public record Terms(int firstSeason, CurrencyUnit currency) {

        /** @throws RefusedException if a thing of some name is there, or paid for, before the garden begins */
        public void begin(int season, String field, String name, String what) {
            if (season < firstSeason) {
                throw new RefusedException(
                        field,
                        name + " is " + what + " in " + season + ", before the garden begins",
                        "give " + firstSeason + " or later");
            }
        }
    }

    /**
     * When a thing is there, and what one is called.
     *
     * @param lifetime begins in the season in which it is made, where anything is made
     */
    public record Seasons<T>(BiFunction<Plan, T, Lifetime> lifetime, Function<T, String> noun) {

        /** Of what comes and goes with the garden. */
        public static <T> Seasons<T> all() {
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
            (terms, thing) -> {},
            new Words("Measured %s", "Took out %s", "a gardener"),
            Seasons.all());
    public static final Things<Feature> FEATURES = new Things<Feature>(
                    Feature.class,
                    "feature",
                    "features",
                    Limits.MOST_FEATURES,
                    Feature::id,
                    Feature::name,
                    (terms, thing) -> {},
                    new Words("Put down %s", "Took %s off the plot", "something"),
                    new Seasons<>(
                            (plan, feature) -> feature.lifetime(),
                            feature -> feature.kind().noun()))
            .standingAs(Function.identity(), Feature::shifted);
    public static final Things<WayIn> WAYS_IN = new Things<>(
            WayIn.class,
            "wayIn",
            "waysIn",
            Limits.MOST_WAYS_IN,
            WayIn::id,
            WayIn::name,
            (terms, thing) -> {},
            new Words("Set %s", "Closed %s", "a way in"),
            new Seasons<>((plan, gate) -> gate.lifetime(), gate -> "way in"));
    public static final Things<Carrier> CARRIERS = new Things<>(
            Carrier.class,
            "carrier",
            "carriers",
            Limits.MOST_CARRIERS,
            Carrier::id,
            Carrier::name,
            (terms, thing) -> {},
            new Words("Measured %s", "Did without %s", "a carrier"),
            Seasons.all());
    public static final Things<Walk> WALKS = new Things<>(
            Walk.class,
            "walk",
            "walks",
            Limits.MOST_FEATURES,
            Walk::id,
            Walk::name,
            Things::checkWalk,
            new Words("Laid %s", "Took up %s", "a walk"),
            new Seasons<>(
                    (plan, walk) ->
                            walk.build().made() ? walk.lifetime().beginning(plan.season(walk)) : walk.lifetime(),
                    walk -> "walk"));
    public static final Things<Sundry> SUNDRIES = new Things<Sundry>(
                    Sundry.class,
                    "sundry",
                    "sundries",
                    Limits.MOST_SUNDRIES,
                    Sundry::id,
                    Sundry::name,
                    Things::checkSundry,
                    new Words("Put %s on the bill", "Took %s off the bill", "something"),
                    Seasons.all())
            .paidAs(Optional::of, Sundry::withSeason);
    public static final Things<Quote> QUOTES = new Things<>(
            Quote.class,
            "quote",
            "quotes",
            Limits.MOST_QUOTES,
            Quote::id,
            quote -> quote.shop().orElse("a shop"),
            (terms, quote) -> Amounts.sameCurrency(terms.currency(), quote.amount(), "amount"),
            new Words("Noted what %s asks", "Forgot what %s asked", "a shop"),
            Seasons.all());

    private static final List<Things<?>> KNOWN =
            List.of(GARDENERS, FEATURES, WAYS_IN, CARRIERS, WALKS, SUNDRIES, QUOTES);

    /** Made when it is first asked for, since the kinds of capabilities are made of this class. */
    private static final class Registry {
        private static final List<Things<?>> ALL = Stream.concat(
                        KNOWN.stream(),
                        Parts.bringing(ThingKinds.class).stream().flatMap(part -> part.kinds().stream()))
                .toList();
    }

    /** All kinds of things. */
    public static List<Things<?>> all() {
        return Registry.ALL;
    }

    /** The kind that a thing is of. */
    @SuppressWarnings("unchecked")
    static <T> Things<T> of(T thing) {
        return (Things<T>) all().stream()
                .filter(things -> things.type.isInstance(thing))
                .findFirst()
                .orElseThrow();
    }

    private static void checkSundry(Terms terms, Sundry sundry) {
        sundry.price().ifPresent(price -> Amounts.sameCurrency(terms.currency(), price, "price"));
        terms.begin(sundry.season(), "season", sundry.name(), "wanted");
    }

    private static void checkWalk(Terms terms, Walk walk) {
        walk.lifetime().from().ifPresent(season -> terms.begin(season, "lifetime/from", walk.name(), "made"));
    }

    /** The plan with the thing in place of the one that has its id, if there is one. */
    Plan put(Plan plan, T thing) {
        check(plan.terms(), thing, name);
        List<T> kept = new ArrayList<>(plan.list(this));
        kept.removeIf(other -> id.apply(other).equals(id.apply(thing)));
        kept.add(thing);
        return plan.withThings(plan.things().with(this, kept));
    }

    /** @param at where the thing lies, for the field of what is refused */
    void check(Terms terms, T thing, String at) {
        try {
            check.accept(terms, thing);
        } catch (RefusedException refused) {
            throw refused.within(at);
        }
    }

    /** The edits that put off to another season what is paid for in one. */
    Stream<Change> delaying(Plan plan, int season, int to) {
        return plan.list(this).stream()
                .filter(thing -> paid.sundry()
                        .apply(thing)
                        .filter(sundry -> sundry.season() == season)
                        .isPresent())
                .map(thing -> new Put<>(this, paid.delayed().apply(thing, to)));
    }

    /** @throws RefusedException if there is none with the id */
    Plan without(Plan plan, UUID gone) {
        known(plan, gone);
        return plan.withThings(plan.things()
                .with(
                        this,
                        plan.list(this).stream()
                                .filter(thing -> !id.apply(thing).equals(gone))
                                .toList()));
    }

    /** @throws RefusedException if there is none with the id */
    T known(Plan plan, UUID wanted) {
        return find(plan, wanted)
                .orElseThrow(() -> new RefusedException(name, "there is none " + wanted, "look at the newest plan"));
    }

    Optional<T> find(Plan plan, UUID wanted) {
        return plan.list(this).stream()
                .filter(thing -> id.apply(thing).equals(wanted))
                .findFirst();
    }

    Optional<String> nameIn(Plan plan, UUID wanted) {
        return find(plan, wanted).map(label);
    }

    Optional<Change> moving(Plan plan, UUID moved, Length dx, Length dy) {
        return find(plan, moved).map(thing -> new Put<>(this, standing.shifted().by(thing, dx, dy)));
    }

    /** The change that leads back to how the thing with an id is in a plan, or to there being none. */
    Change restoring(Plan before, UUID wanted) {
        return find(before, wanted)
                .<Change>map(thing -> new Put<>(this, thing))
                .orElseGet(() -> new Remove<>(this, wanted));
    }

    /** A list as a plan keeps it: in order of id. */
    List<T> kept(List<? extends T> things) {
        Limits.atMost(most, things, field);
        checkUnique(things, id, field);
        return things.stream()
                .<T>map(thing -> thing)
                .sorted(Comparator.comparing(id))
                .toList();
    }

    static <T> void checkUnique(Collection<? extends T> values, Function<T, ?> key, String field) {
        Set<Object> seen = new HashSet<>();
        for (T value : values) {
            if (!seen.add(key.apply(value))) {
                throw new RefusedException(field, key.apply(value) + " is there more than once", "give each its own");
            }
        }
    }

    /** There is one of each kind. */
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return name.hashCode();
    }
}
