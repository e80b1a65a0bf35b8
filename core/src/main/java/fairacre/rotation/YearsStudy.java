package fairacre.rotation;

import fairacre.catalogue.Crop;
import fairacre.catalogue.Feeding;
import fairacre.crop.Planting;
import fairacre.crop.PlantingKinds;
import fairacre.crop.PlantingStudy;
import fairacre.harvest.CropWish;
import fairacre.harvest.HarvestKinds;
import fairacre.harvest.HarvestStudy;
import fairacre.harvest.Want;
import fairacre.plan.Change;
import fairacre.plan.Outcome;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.plan.Remove;
import fairacre.plan.StandingBed;
import fairacre.rotation.Choice.Candidate;
import fairacre.rotation.Choice.Demand;
import fairacre.rotation.Choice.Followers;
import fairacre.rotation.Offers.Offer;
import fairacre.shape.Memo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What grows where over some years. Beds are planted whole or in two or three equal parts; every planting keeps the
 * rules of frost, sun, support, water, nets, families and company, what stays included. What is left to choose costs
 * points: what is missing of a wish most, by how much it is wanted; a little for each planting, for its ground and for
 * each week that it comes late, and for a heavy feeder after another. The points are rough guesses of our own.
 *
 * <p>What is locked, lasts for years, grows in other beds or was begun in other seasons stays. What lasts for years is
 * not planned, but counts where it stands. Green manure is sown into what is left, and costs no points.
 */
public final class YearsStudy {

    private static final int MUST = 50;
    private static final int MAY = 10;
    private static final int FUN = 2;

    private static final int PLANTING = 100;
    private static final int SQUARE_METRE = 20;
    private static final int WEEK_LATE = 5;
    private static final int HEAVY_AGAIN = 150;

    private static final double HAIR = 1e-6;

    /** So often a choice is made anew after it was seen what shades what; after that what is in shade is left out. */
    private static final int ROUNDS = 8;
    /** Steps of annealing for each deterministic second of the solver. */
    private static final double STEPS = 1_000_000;

    /** Deterministic seconds for each look whether some wishes can be met together. */
    private static final double CLASH_WORK = 1;

    private final Plan plan;
    private final YearsAsked asked;
    private final List<Planting> free;
    private final List<CropWish> wishes;
    private final Offers offered;
    private final List<Offer> offers;
    private final Map<Wished, Integer> demands = new LinkedHashMap<>();
    private final Plan cleared;
    private final Shade shade;
    private final double work;
    private final Memo memo;
    private Choice choice;

    /** A wish in a season. */
    private record Wished(CropWish wish, int season) {}

    private YearsStudy(Plan plan, YearsAsked asked, double work, Memo memo) {
        this.plan = plan;
        this.asked = asked;
        this.work = work;
        this.memo = memo;
        asked.check(plan);
        List<StandingBed> there = asked.beds(plan);
        Set<UUID> beds = there.stream().map(StandingBed::id).collect(Collectors.toSet());
        Set<UUID> locked = RotationKinds.locked(plan);
        List<Planting> all = plan.list(PlantingKinds.PLANTINGS);
        this.free = all.stream()
                .filter(each -> Offers.isFree(plan, asked, beds, locked, each))
                .toList();
        this.wishes = HarvestKinds.wishes(plan).stream()
                .filter(wish -> wish.want() != Want.NEVER)
                .toList();
        List<Planting> fixed = all.stream().filter(each -> !free.contains(each)).toList();
        this.cleared = applied(plan, remove(free));
        this.offered = Offers.of(plan, asked, Ground.of(there), fixed, wishes, memo);
        this.offers = offered.all();
        this.choice = choice(fixed);
        this.shade = new Shade(cleared, asked, offers, memo);
    }

    /** @param work deterministic seconds of the solver for each round */
    public static YearsStudy of(Plan plan, YearsAsked asked, double work, Memo memo) {
        return new YearsStudy(plan, asked, work, memo.remembering());
    }

    private static Stream<Change> remove(List<Planting> plantings) {
        return plantings.stream().map(each -> new Remove<>(PlantingKinds.PLANTINGS, each.id()));
    }

    private static Plan applied(Plan plan, Stream<Change> changes) {
        List<Change> all = changes.toList();
        if (all.isEmpty()) {
            return plan;
        }
        if (plan.apply(new Change.Batch("Plan the years", all)) instanceof Outcome.Applied done) {
            return done.plan();
        }
        throw new IllegalStateException("plantings of the plan's own beds are not taken");
    }

    private Choice choice(List<Planting> fixed) {
        List<Demand> wanted = new ArrayList<>();
        for (CropWish wish : wishes) {
            for (int season = asked.first(); season <= asked.last(); season++) {
                demands.put(new Wished(wish, season), wanted.size());
                wanted.add(new Demand(weight(wish), thousandths(wish, given(fixed, wish, season))));
            }
        }
        Map<String, CropWish> byCrop =
                wishes.stream().collect(Collectors.toMap(wish -> wished(wish).kind(), wish -> wish));
        List<Candidate> candidates = new ArrayList<>();
        BitSet outside = new BitSet();
        for (Offer offer : offers) {
            CropWish wish = byCrop.get(offer.crop().kind());
            Optional<Integer> demand = Optional.ofNullable(demands.get(new Wished(wish, eaten(offer.planting()))));
            if (demand.isEmpty()) {
                outside.set(candidates.size());
            }
            candidates.add(new Candidate(demand.orElse(0), thousandths(wish, offer.kilograms()), cost(offer)));
        }
        return new Choice(candidates, wanted, Rivals.among(plan, offers, asked), heavy(), outside);
    }

    /** The season in which it is ripe. */
    private int eaten(Planting planting) {
        return Plan.season(planting.ripe(plan), plan.yearBegins());
    }

    private static int weight(CropWish wish) {
        return switch (wish.want()) {
            case MUST -> MUST;
            case MAY -> MAY;
            case FUN -> FUN;
            case NEVER -> 0;
        };
    }

    private int thousandths(CropWish wish, double kilograms) {
        return (int) Math.floor(Choice.WHOLE * kilograms / HarvestKinds.kilograms(plan, wish) + HAIR);
    }

    private int cost(Offer offer) {
        double area = offer.kilograms() / offer.crop().yield().usual();
        return PLANTING + (int) Math.round(SQUARE_METRE * area) + WEEK_LATE * offer.late();
    }

    private double given(List<Planting> plantings, CropWish wish, int season) {
        LocalDate begins = plan.yearBegins().atYear(season);
        LocalDate ends = plan.yearBegins().atYear(season + 1);
        return plantings.stream()
                .filter(each -> each.grown(plan).kind().equals(wished(wish).kind()))
                .mapToDouble(each -> plan.standing(season).stream()
                        .filter(bed -> bed.id().equals(each.bed()))
                        .mapToDouble(bed -> HarvestStudy.given(
                                plan, each, PlantingStudy.kilograms(plan, bed.revision(), each), begins, ends))
                        .sum())
                .sum();
    }

    private List<Followers> heavy() {
        record Place(int ground, int season) {}
        Map<Place, List<Integer>> heavy = IntStream.range(0, offers.size())
                .filter(i -> offers.get(i).crop().feeding() == Feeding.HEAVY)
                .boxed()
                .collect(Collectors.groupingBy(
                        i -> new Place(offers.get(i).ground(), offers.get(i).season()),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return heavy.entrySet().stream()
                .flatMap(each -> Optional.ofNullable(heavy.get(
                                new Place(each.getKey().ground(), each.getKey().season() + 1)))
                        .map(after -> new Followers(numbers(each.getValue()), numbers(after), HEAVY_AGAIN))
                        .stream())
                .toList();
    }

    private static int[] numbers(List<Integer> some) {
        return some.stream().mapToInt(Integer::intValue).toArray();
    }

    /** How many steps {@link #run} tells of. */
    public static int steps() {
        return 2;
    }

    /** Tells the quick choice, then the solved one. */
    public void run(Consumer<YearsPlan> told) {
        BitSet quick = settled((problem, before) -> QuickChoice.of(problem), new BitSet());
        told.accept(told(quick, false, 0, List.of()));
        long[] bound = {0};
        BitSet solved = settled(
                (problem, before) -> {
                    BitSet start = before.isEmpty() || !problem.isAllowed(before) ? QuickChoice.of(problem) : before;
                    BitSet better = AnnealedChoice.of(problem, start, Math.round(work * STEPS), memo::goOn);
                    SolvedChoice found = SolvedChoice.of(problem, better, work);
                    bound[0] = found.bound();
                    return found.chosen();
                },
                quick);
        BitSet best = choice.cost(solved) <= choice.cost(quick) ? solved : quick;
        told.accept(told(best, true, bound[0], unmet(best)));
    }

    /** Chooses until nothing that is chosen stands in the shade of something else. */
    private BitSet settled(BiFunction<Choice, BitSet, BitSet> choose, BitSet first) {
        BitSet chosen = first;
        for (int round = 0; round < ROUNDS; round++) {
            memo.goOn();
            chosen = choose.apply(choice, chosen);
            Shade.Lesson lesson = shade.learn(planted(chosen));
            if (lesson.isEmpty()) {
                return chosen;
            }
            choice = choice.with(lesson.rivals(), lesson.barred());
        }
        BitSet left = (BitSet) chosen.clone();
        for (Shade.Lesson lesson = shade.learn(planted(left)); !lesson.isEmpty(); lesson = shade.learn(planted(left))) {
            left.andNot(lesson.lacking());
        }
        return left;
    }

    private Plan planted(BitSet chosen) {
        return applied(
                cleared, chosen.stream().mapToObj(i -> Put.of(offers.get(i).planting())));
    }

    private List<String> unmet(BitSet chosen) {
        List<String> unmet = new ArrayList<>();
        List<CropWish> possible = new ArrayList<>();
        List<Set<Integer>> groups = new ArrayList<>();
        for (CropWish wish : wishes) {
            Set<Integer> missed = demandsOf(wish).stream()
                    .filter(demand -> isShort(chosen, demand))
                    .collect(Collectors.toSet());
            if (wish.want() == Want.MUST) {
                Optional<String> never = missed.isEmpty() ? Optional.empty() : never(wish);
                never.ifPresent(unmet::add);
                if (never.isEmpty()) {
                    unmet.addAll(notIn(wish, missed));
                    possible.add(wish);
                    groups.add(demandsOf(wish).stream()
                            .filter(demand -> !missed.contains(demand) || isOffered(demand))
                            .collect(Collectors.toCollection(TreeSet::new)));
                }
            }
        }
        if (groups.stream().flatMap(Set::stream).anyMatch(demand -> isShort(chosen, demand))) {
            List<Integer> clash = Clash.of(choice, groups, CLASH_WORK);
            if (!clash.isEmpty()) {
                unmet.add(
                        clash.stream().map(i -> wished(possible.get(i)).name()).collect(Collectors.joining(", "))
                                + (clash.size() == 1
                                        ? ": the beds can't give so much of it every year."
                                        : ": the beds can't give so much of all of these every year. Wish for less of"
                                                + " one of them."));
            }
        }
        return unmet;
    }

    private Optional<String> never(CropWish wish) {
        Crop crop = wished(wish);
        return crop.perennial().isPresent()
                ? Optional.of(crop.name() + " lasts for years and is not planned here: plant it where it is to stay.")
                : offered.against(crop.kind()).map(against -> crop.name() + " can't grow: " + against + ".");
    }

    /** Of the seasons in which none of what is offered is ripe. */
    private List<String> notIn(CropWish wish, Set<Integer> missed) {
        return IntStream.rangeClosed(asked.first(), asked.last())
                .filter(season -> {
                    int demand = demands.get(new Wished(wish, season));
                    return missed.contains(demand) && !isOffered(demand);
                })
                .mapToObj(season -> wished(wish).name() + " can't be ripe in " + season
                        + (standsThroughWinter(wish)
                                ? ": it would have been planted the year before."
                                : ": no place is free and fit for it in that year."))
                .toList();
    }

    private boolean standsThroughWinter(CropWish wish) {
        return offers.stream()
                .filter(offer -> offer.crop().kind().equals(wished(wish).kind()))
                .allMatch(offer -> eaten(offer.planting()) > offer.season());
    }

    private boolean isOffered(int demand) {
        return IntStream.range(0, offers.size())
                .anyMatch(i -> choice.candidates().get(i).demand() == demand
                        && !choice.barred().get(i));
    }

    private boolean isShort(BitSet chosen, int demand) {
        int met = choice.demands().get(demand).met();
        return met
                        + chosen.stream()
                                .mapToObj(choice.candidates()::get)
                                .filter(each -> each.demand() == demand)
                                .mapToInt(Candidate::share)
                                .sum()
                < Choice.WHOLE;
    }

    private List<Integer> demandsOf(CropWish wish) {
        return demands.entrySet().stream()
                .filter(each -> each.getKey().wish().equals(wish))
                .map(Map.Entry::getValue)
                .toList();
    }

    private Crop wished(CropWish wish) {
        return wish.wished(plan);
    }

    private Stream<YearsPlan.WishMet> met(BitSet chosen, CropWish wish) {
        List<Planting> all = planted(chosen).list(PlantingKinds.PLANTINGS);
        return IntStream.rangeClosed(asked.first(), asked.last())
                .mapToObj(season -> new YearsPlan.WishMet(
                        wish.crop(),
                        wished(wish).name(),
                        wish.want(),
                        season,
                        HarvestKinds.kilograms(plan, wish),
                        given(all, wish, season)));
    }

    private YearsPlan told(BitSet chosen, boolean solved, long bound, List<String> unmet) {
        List<Planting> plantings = Stream.concat(
                        chosen.stream().mapToObj(i -> offers.get(i).planting()),
                        asked.cover() ? Covers.of(planted(chosen), asked, memo).stream() : Stream.of())
                .toList();
        List<Planting> removed =
                free.stream().filter(each -> !plantings.contains(each)).toList();
        List<Change> changes = Stream.concat(
                        remove(removed.stream()
                                .filter(each -> plantings.stream()
                                        .noneMatch(planted -> planted.id().equals(each.id())))
                                .toList()),
                        plantings.stream().filter(each -> !free.contains(each)).<Change>map(Put::of))
                .toList();
        return new YearsPlan(
                solved,
                plantings,
                removed.stream().map(Planting::id).toList(),
                wishes.stream().flatMap(wish -> met(chosen, wish)).toList(),
                choice.cost(chosen),
                bound,
                unmet,
                new Change.Batch(
                        asked.years() == 1
                                ? "Plan " + asked.first()
                                : "Plan the years " + asked.first() + " to " + asked.last(),
                        changes));
    }
}
