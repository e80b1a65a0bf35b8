package fairacre.cost;

import fairacre.bill.BillLine;
import fairacre.bill.PriceItem;
import fairacre.cost.LooseGoods.Use;
import fairacre.fill.BulkPurchase;
import fairacre.fill.SoilSupply;
import fairacre.fill.TopUp;
import fairacre.goods.BulkGood;
import fairacre.measure.Volume;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.surface.DrainTakeoff;
import fairacre.surface.WalkTakeoff;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;
import org.joda.money.Money;

/**
 * The loose goods of beds, walks and drains, as {@link LooseGoods} buys them. The yearly top-up is compost and comes on
 * top of what a season's new beds take.
 */
final class SoilCosts {

    private final Plan plan;
    private final Memo memo;
    private final Function<PriceItem, Optional<Money>> price;
    private final Supplier<List<WalkTakeoff>> walks;

    /** @param walks what they are made of and what is dug out for them */
    SoilCosts(Plan plan, Memo memo, Function<PriceItem, Optional<Money>> price, Supplier<List<WalkTakeoff>> walks) {
        this.plan = plan;
        this.memo = memo;
        this.price = price;
        this.walks = walks;
    }

    /** Of these jobs alone, with nothing on hand and no later years. */
    List<BillLine> bought(List<Job> jobs) {
        LooseGoods goods = new LooseGoods(plan, price);
        addFill(jobs, goods);
        return goods.lines(goods.needs());
    }

    /** Of the whole plan: beds, walks and drains. */
    List<BillLine> lines(List<Job> jobs) {
        LooseGoods goods = all(jobs);
        return goods.lines(needs(goods));
    }

    /** What fills the beds. */
    List<SeasonSoil> seasons(List<Job> jobs) {
        LooseGoods goods = all(jobs);
        return goods.purchases(needs(goods)).entrySet().stream()
                .filter(bought -> bought.getKey().want().use() == Use.FILL
                        || bought.getKey().want().use() == Use.TOP_UP)
                .map(bought -> new SeasonSoil(
                        bought.getKey().want().season(),
                        bought.getKey().want().use() == Use.TOP_UP,
                        supply(bought.getKey(), bought.getValue())))
                .toList();
    }

    private SoilSupply supply(LooseGoods.Need need, BulkPurchase purchase) {
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

    private List<LooseGoods.Need> needs(LooseGoods goods) {
        return goods.needs(plan.supply().onHand(), plan.supply().spoil() ? spoil() : new TreeMap<>());
    }

    private LooseGoods all(List<Job> jobs) {
        LooseGoods goods = new LooseGoods(plan, price);
        addFill(jobs, goods);
        addTopUps(goods);
        for (WalkTakeoff walk : walks.get()) {
            walk.layers()
                    .forEach(layer -> layer.layer()
                            .kind()
                            .good()
                            .ifPresent(good -> goods.want(walk.season(), Use.WALK, good, walk.walk(), layer.volume())));
        }
        DrainTakeoff.of(plan)
                .forEach(drain -> goods.want(drain.season(), Use.DRAIN, BulkGood.STONE, drain.drain(), drain.stone()));
        return goods;
    }

    private static void addFill(List<Job> jobs, LooseGoods goods) {
        jobs.forEach(job ->
                job.soil().forEach((good, volume) -> goods.want(job.season(), Use.FILL, good, job.bed(), volume)));
    }

    private void addTopUps(LooseGoods goods) {
        for (Bed bed : plan.beds()) {
            for (int year = 1; year <= plan.supply().topUpYears(); year++) {
                int season = bed.firstSeason() + year;
                Volume compost = bed.in(season)
                        .map(revision -> memo.recall(new TopUpOf(revision), () -> TopUp.of(revision)))
                        .orElse(Volume.ZERO);
                goods.want(season, Use.TOP_UP, BulkGood.COMPOST, bed.id(), compost);
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
}
