package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.fill.BulkPurchase;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Supply;
import fairacre.measure.Volume;
import fairacre.plan.Plan;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
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
import org.joda.money.Money;

/**
 * All loose goods of the garden: what fills beds, what walks are made of and what drains take. What is on hand is used
 * first, by the earliest season and in it by beds, then walks, then drains; the rest is bought once a season for each
 * use, in bags or loose.
 */
final class LooseGoods {

    /** What a good is wanted for; in this order it takes from what is on hand. */
    enum Use {
        FILL(BillPart.FILL),
        TOP_UP(BillPart.FILL),
        WALK(BillPart.WALKS),
        DRAIN(BillPart.GROUND);

        private final BillPart part;

        Use(BillPart part) {
            this.part = part;
        }
    }

    /** A good wanted in a season. */
    record Want(int season, Use use, BulkGood good) {}

    /**
     * How it is got.
     *
     * @param volume all of it
     * @param onHand what of it is there already
     * @param serves the beds, walks or drains
     */
    record Need(Want want, Volume volume, Volume onHand, List<UUID> serves) {

        Volume bought() {
            return volume.lessOrNone(onHand);
        }
    }

    /** What one bed, walk or drain takes. */
    private record Share(UUID id, Volume volume) {}

    private final Plan plan;
    private final Function<PriceItem, Optional<Money>> price;
    private final SortedMap<Want, List<Share>> wanted = new TreeMap<>(
            Comparator.comparing(Want::season).thenComparing(Want::use).thenComparing(Want::good));

    LooseGoods(Plan plan, Function<PriceItem, Optional<Money>> price) {
        this.plan = plan;
        this.price = price;
    }

    void want(int season, Use use, BulkGood good, UUID id, Volume volume) {
        if (volume.millilitres() > 0) {
            wanted.computeIfAbsent(new Want(season, use, good), want -> new ArrayList<>())
                    .add(new Share(id, volume));
        }
    }

    /** With nothing on hand. */
    List<Need> needs() {
        return needs(List.of(), new TreeMap<>());
    }

    /**
     * The earliest season first.
     *
     * @param spoil topsoil that is dug out, by season; it is there from then on
     */
    List<Need> needs(Collection<Supply.OnHand> there, SortedMap<Integer, Volume> spoil) {
        Map<BulkGood, Volume> onHand = new EnumMap<>(BulkGood.class);
        there.forEach(one -> onHand.put(one.good(), one.volume()));
        TreeMap<Integer, Volume> heaps = new TreeMap<>(spoil);
        List<Need> needs = new ArrayList<>();
        wanted.forEach((want, shares) -> {
            while (!heaps.isEmpty() && heaps.firstKey() <= want.season()) {
                onHand.merge(BulkGood.TOPSOIL, heaps.pollFirstEntry().getValue(), Volume::plus);
            }
            Volume volume = shares.stream().map(Share::volume).reduce(Volume.ZERO, Volume::plus);
            Volume left = onHand.getOrDefault(want.good(), Volume.ZERO);
            Volume used = left.compareTo(volume) < 0 ? left : volume;
            onHand.put(want.good(), left.lessOrNone(used));
            needs.add(new Need(
                    want,
                    volume,
                    used,
                    shares.stream().map(Share::id).distinct().sorted().toList()));
        });
        return needs;
    }

    /** What the needs put on the bill; lines for the same thing of one season and part are one. */
    List<BillLine> lines(List<Need> needs) {
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
    Map<Need, BulkPurchase> purchases(List<Need> needs) {
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
                .filter(need -> need.want().use().part == BillPart.FILL)
                .flatMap(need -> need.serves().stream())
                .distinct()
                .sorted()
                .toList();
        List<UUID> places = loads.stream()
                .filter(need -> need.want().use().part != BillPart.FILL)
                .flatMap(need -> need.serves().stream())
                .distinct()
                .sorted()
                .toList();
        Want first = loads.get(0).want();
        return BillLine.of(
                        first.season(),
                        first.use().part,
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
        boolean fill = need.want().use().part == BillPart.FILL;
        return BillLine.of(
                need.want().season(),
                need.want().use().part,
                item,
                lot.quantity(),
                price.apply(item),
                Acquired.BOUGHT,
                fill ? need.serves() : List.of(),
                fill ? List.of() : need.serves(),
                plan.currency());
    }
}
