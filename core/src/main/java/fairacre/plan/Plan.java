package fairacre.plan;

import fairacre.bill.Amounts;
import fairacre.bill.Budget;
import fairacre.bill.Price;
import fairacre.bill.PriceItem;
import fairacre.bill.Quote;
import fairacre.bill.Sundry;
import fairacre.build.Workshop;
import fairacre.goods.Supply;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * A whole garden over all its seasons, as one immutable value. The first call to make is {@link #apply}; to have the
 * plan judged, hand it to the appraisal.
 *
 * <p>Whatever has an id is kept in order of id and prices in order of the item's key, so that two plans with the same
 * content are equal however they came about. Ids are unique within each list. Every amount is in the budget's currency.
 *
 * @param firstSeason no bed begins earlier, but for one that stood already
 * @param prices what things cost; an item without an entry has no known price
 * @param supply how loose stuff comes to the garden
 * @param workshop with what boards are cut, and those that are there already
 * @param yearBegins the day on which its seasons begin: a season has the name of the calendar year in which it begins
 * @param things what it lists by id besides beds, kind by kind
 */
public record Plan(
        UUID id,
        String name,
        Units units,
        int firstSeason,
        Budget budget,
        Site site,
        List<Bed> beds,
        List<Price> prices,
        Supply supply,
        Workshop workshop,
        MonthDay yearBegins,
        ThingLists things) {

    /** The day on which a garden's year begins unless it is said otherwise. */
    public static final MonthDay NEW_YEAR = MonthDay.of(Month.JANUARY, 1);

    private static final Comparator<Quote> BY_WEIGHT =
            Comparator.comparing(Quote::pinned).thenComparing(Quote::date).thenComparing(Quote::id);

    public Plan {
        Limits.present(id, "id");
        name = Limits.name(name, "name");
        Limits.present(units, "units");
        Limits.season(firstSeason, "firstSeason");
        Limits.present(budget, "budget");
        Limits.present(site, "site");
        Limits.atMost(Limits.MOST_BEDS, beds, "beds");
        Limits.present(prices, "prices");
        supply = supply == null ? Supply.USUAL : supply;
        workshop = workshop == null ? Workshop.USUAL : workshop;
        yearBegins = yearBegins == null ? NEW_YEAR : yearBegins;
        Things.checkUnique(beds, Bed::id, "beds");
        Things.checkUnique(prices, p -> p.item().key(), "prices");
        checkAmounts(prices, budget.sum().getCurrencyUnit());
        checkBegin(beds, firstSeason);
        things.check(new Things.Terms(firstSeason, budget.sum().getCurrencyUnit()));
        beds = beds.stream().sorted(Comparator.comparing(Bed::id)).toList();
        prices = prices.stream()
                .sorted(Comparator.comparing(p -> p.item().key()))
                .toList();
    }

    /** A garden of which nothing is known but its plot, its people and its beds. */
    public Plan(
            UUID id,
            String name,
            Units units,
            int firstSeason,
            Budget budget,
            Site site,
            List<Gardener> gardeners,
            List<Bed> beds,
            List<Price> prices) {
        this(
                id,
                name,
                units,
                firstSeason,
                budget,
                site,
                beds,
                prices,
                Supply.USUAL,
                Workshop.USUAL,
                NEW_YEAR,
                ThingLists.NONE.with(Things.GARDENERS, Limits.present(gardeners, "gardeners")));
    }

    /** The things of a kind, in order of id. */
    public <T> List<T> list(Things<T> kind) {
        return things.of(kind);
    }

    public List<Gardener> gardeners() {
        return list(Things.GARDENERS);
    }

    /** What stands or lies on the plot besides beds. */
    public List<Feature> features() {
        return list(Things.FEATURES);
    }

    public List<WayIn> waysIn() {
        return list(Things.WAYS_IN);
    }

    /** What has to get through besides the gardeners. */
    public List<Carrier> carriers() {
        return list(Things.CARRIERS);
    }

    /** Areas with a surface; ground outside of them is as it is. */
    public List<Walk> walks() {
        return list(Things.WALKS);
    }

    /** What is paid for, or come by, besides what is taken off the drawing. */
    public List<Sundry> sundries() {
        return list(Things.SUNDRIES);
    }

    /** What shops asked on some day; an item that has one doesn't go by {@link #prices}. */
    public List<Quote> quotes() {
        return list(Things.QUOTES);
    }

    Things.Terms terms() {
        return new Things.Terms(firstSeason, currency());
    }

    /** The plan after a change, with the change that would take it back; or why the change was not taken. */
    public Outcome apply(Change change) {
        try {
            Change inverse = change.inverse(this);
            return new Outcome.Applied(change.carriedOut(this), inverse);
        } catch (RefusedException refused) {
            return new Outcome.Refused(refused.refusal());
        }
    }

    public CurrencyUnit currency() {
        return budget.sum().getCurrencyUnit();
    }

    /** The gates and openings that are there in a season, in the plan's order. */
    public List<WayIn> waysIn(int season) {
        return waysIn().stream()
                .filter(gate -> gate.lifetime().includes(season))
                .toList();
    }

    /** What stands or lies on the plot besides beds in a season: features, and other things as they stand there. */
    public List<Feature> standingThings(int season) {
        return standingThings().stream()
                .filter(feature -> feature.lifetime().includes(season))
                .toList();
    }

    /** The same of all seasons. */
    public List<Feature> standingThings() {
        return Things.all().stream().flatMap(this::standing).toList();
    }

    private <T> Stream<Feature> standing(Things<T> kind) {
        return list(kind).stream().flatMap(thing -> kind.standing().parts().apply(thing).stream());
    }

    /** The change that moves something that stands on the plot; its id is a feature's or another thing's. */
    public Change moving(UUID standing, Length dx, Length dy) {
        return change(standing, kind -> kind.moving(this, standing, dx, dy));
    }

    /** The change that takes out something that stands on the plot. */
    public Change without(UUID standing) {
        return change(standing, kind -> kind.find(this, standing).map(thing -> new Remove<>(kind, standing)));
    }

    private Change change(UUID standing, Function<Things<?>, Optional<? extends Change>> ofKind) {
        return Things.all().stream()
                .<Change>flatMap(kind -> ofKind.apply(kind).stream())
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "", "there is nothing " + standing + " on the plot", "look at the newest plan"));
    }

    /** All that is paid for at a price of its own: sundries, and things that have one. */
    public List<Sundry> paidBesides() {
        return Things.all().stream().flatMap(this::paid).toList();
    }

    private <T> Stream<Sundry> paid(Things<T> kind) {
        return list(kind).stream().flatMap(thing -> kind.paid().sundry().apply(thing).stream());
    }

    /** The walks that are there in a season, in the plan's order. */
    public List<Walk> walks(int season) {
        return walks().stream().filter(walk -> walk.lifetime().includes(season)).toList();
    }

    /** The same ground with these beds alone, nothing of what they take on hand, and no years to come. */
    public Plan ofBedsAlone(List<Bed> some) {
        return new Plan(
                id,
                name,
                units,
                firstSeason,
                budget,
                site,
                some,
                List.of(),
                supply.withNothingOnHand(),
                workshop.withoutOffcuts(),
                yearBegins,
                ThingLists.NONE);
    }

    /** What the beds of a season stand in. */
    public Setting setting(int season) {
        return new Setting(site, standingThings(season), waysIn(season));
    }

    /** The beds that stand in a season, in the plan's order. */
    public List<StandingBed> standing(int season) {
        List<StandingBed> standing = new ArrayList<>();
        for (Bed bed : beds) {
            bed.in(season).ifPresent(revision -> standing.add(new StandingBed(bed.id(), bed.name(), revision)));
        }
        return standing;
    }

    /**
     * The first season and all others in which something is built, rebuilt, retired, opened, closed or paid for, in
     * order.
     */
    public List<Integer> seasonsOfChange() {
        return events().stream().map(SeasonEvents::season).toList();
    }

    /** What happens in each of those seasons. */
    public List<SeasonEvents> events() {
        return SeasonEvents.of(this);
    }

    /**
     * A season in which the garden can be looked at: from its first one to {@link Limits#SEASONS_AHEAD} after the last
     * that it names.
     *
     * @return the same season
     * @throws RefusedException if it lies outside
     */
    public int seasonInView(int season) {
        List<Integer> named = seasonsOfChange();
        int first = named.get(0);
        int last = Math.min(Limits.LAST_SEASON, named.get(named.size() - 1) + Limits.SEASONS_AHEAD);
        return Limits.between(season, first, last, "season");
    }

    /** The season of a day. */
    public static int season(LocalDate day, MonthDay yearBegins) {
        return day.isBefore(yearBegins.atYear(day.getYear())) ? day.getYear() - 1 : day.getYear();
    }

    /** The season in which a walk of this plan is made. */
    public int season(Walk walk) {
        return walk.lifetime().from().orElse(firstSeason);
    }

    /** What one of each item costs by the pinned or newest quote, or else by the price book. */
    public Map<PriceItem, Money> pricesInForce() {
        Map<PriceItem, Money> inForce = new HashMap<>();
        prices.forEach(price -> inForce.put(price.item(), price.amount()));
        quotesInForce().forEach((item, quote) -> inForce.put(item, quote.gross()));
        return inForce;
    }

    /** The pinned or newest quote of each item that has one. */
    public Map<PriceItem, Quote> quotesInForce() {
        Map<PriceItem, Quote> inForce = new HashMap<>();
        quotes().stream().sorted(BY_WEIGHT).forEach(quote -> inForce.put(quote.item(), quote));
        return inForce;
    }

    /** As in {@link #pricesInForce}. */
    public Optional<Money> priceOf(PriceItem item) {
        return quoteOf(item).map(Quote::gross).or(() -> price(item).map(Price::amount));
    }

    /** The pinned or newest quote of an item. */
    public Optional<Quote> quoteOf(PriceItem item) {
        return quotes().stream().filter(quote -> quote.item().equals(item)).max(BY_WEIGHT);
    }

    Optional<Price> price(PriceItem item) {
        return prices.stream().filter(p -> p.item().equals(item)).findFirst();
    }

    /** What the gardener calls a bed, or anything else that has an id; empty if there is no such thing. */
    public Optional<String> nameOf(UUID id) {
        return Stream.concat(
                        beds.stream().filter(bed -> bed.id().equals(id)).map(Bed::name),
                        Things.all().stream().flatMap(kind -> kind.nameIn(this, id).stream()))
                .findFirst();
    }

    /** An id that nothing has yet; the same for the same words. */
    public UUID newId(String words) {
        return IntStream.iterate(0, attempt -> attempt + 1)
                .mapToObj(attempt -> UUID.nameUUIDFromBytes((words + " " + attempt).getBytes(StandardCharsets.UTF_8)))
                .filter(free -> nameOf(free).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    /** @throws RefusedException if there is no such bed */
    public Bed bed(UUID bedId) {
        return find(bedId)
                .orElseThrow(() -> new RefusedException(
                        "bed",
                        "there is no bed " + bedId,
                        "it may have been taken out meanwhile: look at the newest plan"));
    }

    /** By halving, since beds are in order of id. */
    private Optional<Bed> find(UUID bedId) {
        int low = 0;
        int high = beds.size() - 1;
        while (low <= high) {
            int middle = (low + high) / 2;
            int order = beds.get(middle).id().compareTo(bedId);
            if (order == 0) {
                return Optional.of(beds.get(middle));
            }
            low = order < 0 ? middle + 1 : low;
            high = order < 0 ? high : middle - 1;
        }
        return Optional.empty();
    }

    /**
     * Who tends a bed, in the plan's order: everybody for one that is given to nobody, or to people who garden here no
     * longer.
     */
    public List<Gardener> tending(UUID bedId) {
        List<UUID> given = find(bedId).map(Bed::tendedBy).orElse(List.of());
        if (given.isEmpty()) {
            return gardeners();
        }
        List<Gardener> tending = gardeners().stream()
                .filter(gardener -> given.contains(gardener.id()))
                .toList();
        return tending.isEmpty() ? gardeners() : tending;
    }

    Optional<Gardener> gardener(UUID gardenerId) {
        return gardeners().stream().filter(g -> g.id().equals(gardenerId)).findFirst();
    }

    /** The same garden with no beds but these: to judge part of it. */
    public Plan withOnly(List<Bed> some) {
        return withBeds(some);
    }

    /** The plan with what is kept beside beds and prices, from a store. */
    public Plan holding(MonthDay newYearBegins, Supply newSupply, Workshop newWorkshop, ThingLists newThings) {
        return edited(draft -> {
            draft.yearBegins = newYearBegins;
            draft.supply = newSupply;
            draft.workshop = newWorkshop;
            draft.things = newThings;
        });
    }

    /** The plan with something of it replaced, checked as a whole. */
    Plan edited(Consumer<Draft> edit) {
        Draft draft = new Draft(this);
        edit.accept(draft);
        return draft.plan();
    }

    Plan withBeds(List<Bed> newBeds) {
        return edited(draft -> draft.beds = newBeds);
    }

    Plan withThings(ThingLists newThings) {
        return edited(draft -> draft.things = newThings);
    }

    Plan withBed(Bed changed) {
        return withBeds(beds.stream()
                .map(b -> b.id().equals(changed.id()) ? changed : b)
                .toList());
    }

    Plan withBudget(Budget newBudget) {
        return edited(draft -> draft.budget = newBudget);
    }

    Plan withSite(Site newSite) {
        return edited(draft -> draft.site = newSite);
    }

    Plan withPrices(List<Price> newPrices) {
        return edited(draft -> draft.prices = newPrices);
    }

    Plan withSupply(Supply newSupply) {
        return edited(draft -> draft.supply = newSupply);
    }

    Plan withWorkshop(Workshop newWorkshop) {
        return edited(draft -> draft.workshop = newWorkshop);
    }

    Plan described(String newName, Units newUnits, MonthDay newYearBegins) {
        return edited(draft -> {
            draft.name = newName;
            draft.units = newUnits;
            draft.yearBegins = newYearBegins;
        });
    }

    /** The same garden with a year that begins on another day. */
    public Plan beginningItsYear(MonthDay day) {
        return described(name, units, day);
    }

    /** The same garden under another id: what an import or a copy is. */
    public Plan withId(UUID newId) {
        return edited(draft -> draft.id = newId);
    }

    /** A plan in the making: what differs is set, the rest stays. */
    static final class Draft {
        UUID id;
        String name;
        Units units;
        int firstSeason;
        Budget budget;
        Site site;
        List<Bed> beds;
        List<Price> prices;
        Supply supply;
        Workshop workshop;
        MonthDay yearBegins;
        ThingLists things;

        private Draft(Plan plan) {
            id = plan.id;
            name = plan.name;
            units = plan.units;
            firstSeason = plan.firstSeason;
            budget = plan.budget;
            site = plan.site;
            beds = plan.beds;
            prices = plan.prices;
            supply = plan.supply;
            workshop = plan.workshop;
            yearBegins = plan.yearBegins;
            things = plan.things;
        }

        private Plan plan() {
            return new Plan(
                    id, name, units, firstSeason, budget, site, beds, prices, supply, workshop, yearBegins, things);
        }
    }

    private static void checkAmounts(List<Price> prices, CurrencyUnit currency) {
        for (int i = 0; i < prices.size(); i++) {
            Amounts.sameCurrency(currency, prices.get(i).amount(), "prices/" + i + "/amount");
        }
    }

    private static void checkBegin(List<Bed> beds, int firstSeason) {
        for (int i = 0; i < beds.size(); i++) {
            Bed bed = beds.get(i);
            if (bed.firstSeason() < firstSeason && !bed.revisions().get(0).existing()) {
                throw new RefusedException(
                        "beds/" + i + "/revisions",
                        bed.name() + " begins in " + bed.firstSeason() + ", before the garden does",
                        "give " + firstSeason + " or later");
            }
        }
    }
}
