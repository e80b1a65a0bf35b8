package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.fill.BulkPurchase;
import fairacre.fill.Loads;
import fairacre.fill.SoilSupply;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import fairacre.takeoff.Job;
import fairacre.takeoff.Loose;
import fairacre.takeoff.Served;
import fairacre.takeoff.Takeoff;
import fairacre.takeoff.Use;
import java.math.BigDecimal;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * All loose goods of the garden: what fills beds, what walks are made of and what drains take. What is on hand is used
 * first, by the earliest season and in it by beds, then walks, then drains; the rest is bought once a season for each
 * use, in bags or loose.
 */
final class LooseGoods {

    private static final Comparator<Want> ORDER =
            Comparator.comparing(Want::season).thenComparing(Want::use).thenComparing(Want::good);

    /** A good wanted in a season. */
    private record Want(int season, Use use, BulkGood good) {}

    /**
     * How it is got.
     *
     * @param volume all of it
     * @param onHand what of it is there already
     * @param serves the beds, walks or drains
     */
    private record Need(Want want, Volume volume, Volume onHand, List<UUID> serves) {

        Volume bought() {
            return volume.lessOrNone(onHand);
        }
    }

    private final Plan plan;
    private final Function<PriceItem, Optional<Money>> price;
    private final Takeoff takeoff;

    LooseGoods(Takeoff takeoff, Function<PriceItem, Optional<Money>> price) {
        this.plan = takeoff.plan();
        this.price = price;
        this.takeoff = takeoff;
    }

    /** What is wanted and what of it is there, the earliest season first. */
    List<Need> needs() {
        Map<BulkGood, Volume> onHand = new EnumMap<>(BulkGood.class);
        plan.supply().onHand().forEach(one -> onHand.put(one.good(), one.volume()));
        Deque<Takeoff.Gained> gained = new ArrayDeque<>(takeoff.gained().stream()
                .sorted(Comparator.comparing(Takeoff.Gained::season))
                .toList());
        List<Need> needs = new ArrayList<>();
        wanted().forEach((want, shares) -> {
            while (!gained.isEmpty() && gained.peek().season() <= want.season()) {
                Takeoff.Gained heap = gained.poll();
                onHand.merge(heap.good(), heap.volume(), Volume::plus);
            }
            Volume volume = shares.stream().map(Loose::volume).reduce(Volume.ZERO, Volume::plus);
            Volume left = onHand.getOrDefault(want.good(), Volume.ZERO);
            Volume used = left.compareTo(volume) < 0 ? left : volume;
            onHand.put(want.good(), left.lessOrNone(used));
            needs.add(new Need(
                    want,
                    volume,
                    used,
                    shares.stream()
                            .map(share -> share.served().id())
                            .distinct()
                            .sorted()
                            .toList()));
        });
        return needs;
    }

    private SortedMap<Want, List<Loose>> wanted() {
        return takeoff.loose().stream()
                .collect(Collectors.groupingBy(
                        loose -> new Want(loose.season(), loose.use(), loose.good()),
                        () -> new TreeMap<>(ORDER),
                        Collectors.toList()));
    }

    /** What each thing takes of what is there and of what is bought. */
    List<LooseShare> shares() {
        Map<Want, List<Loose>> shares = wanted();
        return purchases(needs()).entrySet().stream()
                .flatMap(each -> shares(
                        each.getKey(), each.getValue(), shares.get(each.getKey().want())))
                .toList();
    }

    private Stream<LooseShare> shares(Need need, BulkPurchase purchase, List<Loose> wants) {
        Map<Served, Double> litres = new LinkedHashMap<>();
        wants.forEach(each -> litres.merge(each.served(), each.volume().litres(), Double::sum));
        double onHand = need.onHand().litres() / need.volume().litres();
        BigDecimal bags = purchase.lots().stream()
                .filter(lot -> lot.item().equals(GoodsPrices.bag(need.want().good(), plan.units())))
                .map(BulkPurchase.Lot::quantity)
                .findFirst()
                .orElse(BigDecimal.ZERO);
        return Stream.of(
                        shares(need, LooseShare.Origin.ON_HAND, scaled(litres, onHand)),
                        shares(need, LooseShare.Origin.BULK, scaled(litres, bags.signum() > 0 ? 0 : 1 - onHand)),
                        shares(need, LooseShare.Origin.BAGS, WholeShares.of(bags.intValueExact(), litres)))
                .flatMap(each -> each);
    }

    private static Map<Served, Double> scaled(Map<Served, Double> litres, double by) {
        Map<Served, Double> scaled = new LinkedHashMap<>();
        litres.forEach((served, all) -> scaled.put(served, all * by));
        return scaled;
    }

    private static Stream<LooseShare> shares(Need need, LooseShare.Origin origin, Map<Served, Double> much) {
        Want want = need.want();
        return much.entrySet().stream()
                .filter(each -> each.getValue() > 0)
                .map(each ->
                        new LooseShare(want.season(), want.use(), want.good(), each.getKey(), origin, each.getValue()));
    }

    /** What is put on the bill. */
    List<BillLine> lines() {
        return lines(needs());
    }

    /** What fills the beds: the ways to get it. */
    List<SeasonSoil> soil() {
        return purchases(needs()).entrySet().stream()
                .filter(bought -> bought.getKey().want().use().isSoil())
                .map(bought -> new SeasonSoil(
                        bought.getKey().want().season(),
                        bought.getKey().want().use() == Use.TOP_UP,
                        supply(bought.getKey(), bought.getValue())))
                .toList();
    }

    /**
     * Carrying everything with a barrow: whole trips for each use of a good, shared out by what each thing takes of it.
     */
    List<Job> carrying() {
        List<Job> jobs = new ArrayList<>();
        wanted().forEach((want, shares) -> {
            Volume all = shares.stream().map(Loose::volume).reduce(Volume.ZERO, Volume::plus);
            long trips = Loads.of(all, want.good(), List.of()).barrows();
            shares.forEach(share -> jobs.add(Job.carrying(
                    want.season(),
                    want.use().carried(want.good()),
                    SoilSupply.BARROW_TRIP,
                    trips * share.volume().litres() / all.litres(),
                    share.served())));
        });
        return jobs;
    }

    private SoilSupply supply(Need need, BulkPurchase purchase) {
        BulkGood good = need.want().good();
        SoilSupply supply = SoilSupply.of(
                good,
                need.volume(),
                need.onHand(),
                plan.supply().tipping(),
                plan.units(),
                price,
                plan.supply().vehicles());
        BulkPurchase undelivered = BulkPurchase.looseUndelivered(good, need.bought(), plan.units(), price);
        return plan.supply().sharedDelivery()
                ? supply.onASharedLorry(undelivered, purchase.equals(undelivered))
                : supply;
    }

    /** Lines for the same thing of one season and part are one. */
    private List<BillLine> lines(List<Need> needs) {
        List<BillLine> lines = new ArrayList<>();
        Map<Need, BulkPurchase> purchases = purchases(needs);
        purchases.forEach((need, purchase) -> purchase.lots()
                .forEach(lot -> lines.add(line(need, lot.item(), lot).using(lot.used()))));
        if (plan.supply().sharedDelivery()) {
            Map<Integer, List<Need>> delivered = new TreeMap<>();
            purchases.forEach((need, purchase) -> {
                if (isLoose(need, purchase)) {
                    delivered
                            .computeIfAbsent(need.want().season(), season -> new ArrayList<>())
                            .add(need);
                }
            });
            delivered.values().forEach(loads -> lines.add(delivery(loads)));
        }
        return BillLine.merged(lines, plan.currency());
    }

    /** How each need is bought. */
    private Map<Need, BulkPurchase> purchases(List<Need> needs) {
        Map<Need, BulkPurchase> purchases = new LinkedHashMap<>();
        Set<Need> loose = plan.supply().sharedDelivery() ? sharingADelivery(needs) : Set.of();
        for (Need need : needs) {
            if (plan.supply().sharedDelivery()) {
                purchases.put(
                        need,
                        loose.contains(need)
                                ? BulkPurchase.looseUndelivered(need.want().good(), need.bought(), plan.units(), price)
                                : BulkPurchase.bags(need.want().good(), need.bought(), plan.units(), price));
            } else {
                purchases.put(
                        need,
                        BulkPurchase.cheapest(
                                need.want().good(), need.bought(), plan.supply().tipping(), plan.units(), price));
            }
        }
        return purchases;
    }

    /** Of each season the goods that are cheaper loose, if together they save more than one delivery costs. */
    private Set<Need> sharingADelivery(List<Need> needs) {
        Set<Need> chosen = new HashSet<>();
        Optional<Money> delivery = price.apply(GoodsPrices.SOIL_DELIVERY);
        if (!plan.supply().tipping() || delivery.isEmpty()) {
            return chosen;
        }
        Map<Integer, List<Need>> bySeason = new TreeMap<>();
        needs.forEach(need -> bySeason.computeIfAbsent(need.want().season(), season -> new ArrayList<>())
                .add(need));
        for (List<Need> season : bySeason.values()) {
            Set<Need> cheaper = new HashSet<>();
            Money saved = Money.zero(plan.currency());
            boolean unpricedBags = false;
            for (Need need : season) {
                Optional<Money> bags = BulkPurchase.bags(need.want().good(), need.bought(), plan.units(), price)
                        .total();
                Optional<Money> tipped = BulkPurchase.looseUndelivered(
                                need.want().good(), need.bought(), plan.units(), price)
                        .total();
                if (tipped.isPresent() && (bags.isEmpty() || tipped.get().isLessThan(bags.get()))) {
                    cheaper.add(need);
                    unpricedBags |= bags.isEmpty();
                    saved = saved.plus(bags.map(b -> b.minus(tipped.get())).orElse(Money.zero(plan.currency())));
                }
            }
            if (unpricedBags || saved.isGreaterThan(delivery.get())) {
                chosen.addAll(cheaper);
            }
        }
        return chosen;
    }

    private boolean isLoose(Need need, BulkPurchase purchase) {
        return purchase.lots().stream()
                .anyMatch(lot -> lot.item().equals(GoodsPrices.loose(need.want().good(), plan.units())));
    }

    /** One lorry for all of them, told with the first use. */
    private BillLine delivery(List<Need> loads) {
        List<UUID> beds = loads.stream()
                .filter(need -> need.want().use().part() == BillPart.FILL)
                .flatMap(need -> need.serves().stream())
                .distinct()
                .sorted()
                .toList();
        List<UUID> places = loads.stream()
                .filter(need -> need.want().use().part() != BillPart.FILL)
                .flatMap(need -> need.serves().stream())
                .distinct()
                .sorted()
                .toList();
        Want first = loads.get(0).want();
        return BillLine.of(
                        first.season(),
                        first.use().part(),
                        GoodsPrices.SOIL_DELIVERY,
                        BigDecimal.ONE,
                        price.apply(GoodsPrices.SOIL_DELIVERY),
                        Acquired.BOUGHT,
                        beds,
                        places,
                        plan.currency())
                .using(BigDecimal.ONE);
    }

    private BillLine line(Need need, PriceItem item, BulkPurchase.Lot lot) {
        boolean fill = need.want().use().part() == BillPart.FILL;
        return BillLine.of(
                need.want().season(),
                need.want().use().part(),
                item,
                lot.quantity(),
                price.apply(item),
                Acquired.BOUGHT,
                fill ? need.serves() : List.of(),
                fill ? List.of() : need.serves(),
                plan.currency());
    }
}
