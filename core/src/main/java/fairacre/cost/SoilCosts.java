package fairacre.cost;

import fairacre.fill.BulkPurchase;
import fairacre.fill.SoilSupply;
import fairacre.fill.TopUp;
import fairacre.measure.Volume;
import fairacre.plan.Acquired;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.BillPart;
import fairacre.plan.BulkGood;
import fairacre.plan.Plan;
import fairacre.plan.PriceItem;
import fairacre.shape.Memo;
import fairacre.surface.WalkTakeoff;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import org.joda.money.Money;

/**
 * The loose goods that fill beds: each is bought once a season over all beds, less what is on hand, which the earliest seasons use first.
 * The yearly top-up is compost and comes on top of what a season's new beds take.
 */
final class SoilCosts {

    private final Plan plan;
    private final Memo memo;
    private final Function<PriceItem, Optional<Money>> price;
    private final Supplier<List<WalkTakeoff>> walks;

    /** @param walks asked only where what is dug out for them is used */
    SoilCosts(Plan plan, Memo memo, Function<PriceItem, Optional<Money>> price, Supplier<List<WalkTakeoff>> walks) {
        this.plan = plan;
        this.memo = memo;
        this.price = price;
        this.walks = walks;
    }

    /** A good wanted in a season, and for which beds. */
    private record Want(int season, boolean topUp, BulkGood good) {}

    /** What one bed takes of it. */
    private record Share(UUID bed, Volume volume) {}

    private record Wanted(Volume volume, List<UUID> beds) {

        static Wanted of(List<Share> shares) {
            return new Wanted(shares.stream().map(Share::volume).reduce(Volume.ZERO, Volume::plus),
                    shares.stream().map(Share::bed).distinct().sorted().toList());
        }
    }

    /** Of these jobs alone, with nothing on hand and no later years. */
    List<BillLine> bought(List<Job> jobs) {
        List<BillLine> lines = new ArrayList<>();
        byWant(jobs).forEach((want, shares) -> {
            Wanted wanted = Wanted.of(shares);
            add(lines, want, wanted, BulkPurchase.cheapest(want.good(), wanted.volume(), plan.supply().tipping(), plan.units(), price));
        });
        return BillLine.merged(lines, plan.currency());
    }

    /** Of the whole plan. */
    List<BillLine> lines(List<Job> jobs) {
        List<BillLine> lines = new ArrayList<>();
        needs(jobs).forEach(need -> add(lines, need.want(), need.wanted(), BulkPurchase.cheapest(need.want().good(),
                need.wanted().volume().lessOrNone(need.onHand()), plan.supply().tipping(), plan.units(), price)));
        return BillLine.merged(lines, plan.currency());
    }

    List<SeasonSoil> seasons(List<Job> jobs) {
        return needs(jobs).stream().map(need -> new SeasonSoil(need.want().season(), need.want().topUp(), SoilSupply.of(need.want().good(),
                need.wanted().volume(), need.onHand(), plan.supply().tipping(), plan.units(), price))).toList();
    }

    /** @param onHand what of it is used of what is there */
    private record Need(Want want, Wanted wanted, Volume onHand) {}

    /** What is wanted, the earliest season first; each takes what it can of what is on hand by then. */
    private List<Need> needs(List<Job> jobs) {
        Map<Want, List<Share>> wanted = byWant(jobs);
        addTopUps(wanted);
        Map<BulkGood, Volume> onHand = new EnumMap<>(BulkGood.class);
        plan.supply().onHand().forEach(one -> onHand.put(one.good(), one.volume()));
        TreeMap<Integer, Volume> heaps = plan.supply().spoil() ? spoil() : new TreeMap<>();
        List<Need> needs = new ArrayList<>();
        wanted.forEach((want, shares) -> {
            Wanted what = Wanted.of(shares);
            while (!heaps.isEmpty() && heaps.firstKey() <= want.season()) {
                onHand.merge(BulkGood.TOPSOIL, heaps.pollFirstEntry().getValue(), Volume::plus);
            }
            Volume there = onHand.getOrDefault(want.good(), Volume.ZERO);
            Volume used = there.compareTo(what.volume()) < 0 ? there : what.volume();
            onHand.put(want.good(), there.lessOrNone(used));
            needs.add(new Need(want, what, used));
        });
        return needs;
    }

    /** By season, new beds before top-ups, in the order of the goods. */
    private static Map<Want, List<Share>> byWant(List<Job> jobs) {
        Map<Want, List<Share>> wanted = new TreeMap<>(Comparator.comparing(Want::season).thenComparing(Want::topUp).thenComparing(Want::good));
        jobs.forEach(job -> job.soil().forEach((good, volume) ->
                wanted.computeIfAbsent(new Want(job.season(), false, good), want -> new ArrayList<>()).add(new Share(job.bed(), volume))));
        return wanted;
    }

    private void addTopUps(Map<Want, List<Share>> wanted) {
        for (Bed bed : plan.beds()) {
            for (int year = 1; year <= plan.supply().topUpYears(); year++) {
                int season = bed.firstSeason() + year;
                Volume compost = bed.in(season).map(revision -> memo.recall(new TopUpOf(revision), () -> TopUp.of(revision))).orElse(Volume.ZERO);
                if (compost.millilitres() > 0) {
                    wanted.computeIfAbsent(new Want(season, true, BulkGood.COMPOST), want -> new ArrayList<>()).add(new Share(bed.id(), compost));
                }
            }
        }
    }

    /** The question what a bed takes every year. */
    private record TopUpOf(BedRevision bed) {}

    /** What is dug out for walks, by season. */
    private TreeMap<Integer, Volume> spoil() {
        TreeMap<Integer, Volume> spoil = new TreeMap<>();
        for (WalkTakeoff walk : walks.get()) {
            spoil.merge(walk.season(), walk.spoil(), Volume::plus);
        }
        return spoil;
    }

    private void add(List<BillLine> lines, Want want, Wanted wanted, BulkPurchase purchase) {
        for (BulkPurchase.Lot lot : purchase.lots()) {
            lines.add(line(want.season(), lot.item(), lot.quantity(), wanted.beds()).using(lot.used()));
        }
    }

    private BillLine line(int season, PriceItem item, BigDecimal quantity, List<UUID> beds) {
        return BillLine.of(season, BillPart.FILL, item, quantity, price.apply(item), Acquired.BOUGHT, beds, List.of(), plan.currency());
    }
}
