package fairacre.cost;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.PriceItem;
import fairacre.fill.Loads;
import fairacre.fill.SoilSupply;
import fairacre.goods.BulkGood;
import fairacre.goods.GoodsPrices;
import fairacre.goods.Supply;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.measure.Volume;
import fairacre.plan.PurseChange;
import fairacre.plan.Put;
import fairacre.plan.WayIn;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/** Loose stuff of a season that cannot come to where it is wanted by wheel, or not loose at all. */
final class DeliverySnags {

    /** With room beside it. */
    private static final Length WIDE_ENOUGH = Length.feet(6);
    /** Less is barrowed without a word. */
    private static final Volume MUCH = Volume.litres(1000);

    private final SnagContext context;

    DeliverySnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find(Bill bill) {
        Supply supply = context.plan().supply();
        if (!supply.tipping()) {
            Volume bags = volume(
                    bill, GoodsPrices::bag, GoodsPrices.bagOf(context.plan().units()));
            return bags.compareTo(MUCH) < 0 ? List.of() : List.of(allInBags(bags));
        }
        Volume loose = volume(
                bill, GoodsPrices::loose, GoodsPrices.looseUnit(context.plan().units()));
        return loose.compareTo(MUCH) < 0
                ? List.of()
                : widest()
                        .filter(gate -> gate.width().compareTo(Supply.LOADER) < 0)
                        .map(gate -> stopsAt(gate, loose))
                        .stream()
                        .toList();
    }

    /** What of all goods comes in such packs in the season that is looked at. */
    private Volume volume(Bill bill, BiFunction<BulkGood, Units, PriceItem> pack, Volume each) {
        List<PriceItem> packs = Arrays.stream(BulkGood.values())
                .map(good -> pack.apply(good, context.plan().units()))
                .toList();
        double count = bill.lines().stream()
                .filter(line -> line.season() == context.season() && packs.contains(line.item()))
                .map(BillLine::quantity)
                .mapToDouble(Number::doubleValue)
                .sum();
        return Volume.litres(count * each.litres());
    }

    /** A plot without any way in is open all round. */
    private Optional<WayIn> widest() {
        return context.setting().waysIn().stream()
                .max(Comparator.comparing(WayIn::width).thenComparing(WayIn::id));
    }

    private Snag stopsAt(WayIn gate, Volume loose) {
        long barrows = Loads.of(loose).barrows();
        Wording wording = context.wording();
        String words = "Of what comes in bulk in " + context.season() + ", " + wording.volume(loose)
                + ", nothing can be driven in: the widest way, "
                + gate.name() + ", is " + wording.length(gate.width()) + ", "
                + wording.length(Supply.LOADER.minus(gate.width())) + " less than a small loader takes. That is "
                + barrows + " barrows, about "
                + wording.hours(SoilSupply.BARROW_TRIP.hours((double) barrows)) + before() + ".";
        return Snag.of(
                        DeliveryRule.LOAD_STOPS_AT_GATE,
                        Weight.NOTE,
                        words,
                        Optional.of(gate.place()),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(new Remedy(
                                "Make " + gate.name() + " " + wording.length(WIDE_ENOUGH) + " wide",
                                Put.of(gate.withWidth(WIDE_ENOUGH))))))
                .about(context.ref(gate.id()))
                .by(loose.cubicMetres());
    }

    /** Whether it could have been driven in earlier. */
    private String before() {
        int first = context.plan().firstSeason();
        for (int season = context.season() - 1; season >= first; season--) {
            List<WayIn> gates = context.plan().waysIn(season);
            if (gates.isEmpty() || gates.stream().anyMatch(gate -> gate.width().compareTo(Supply.LOADER) >= 0)) {
                return "; until " + season + " the way was still open, so it could be tipped before";
            }
        }
        return "";
    }

    private Snag allInBags(Volume bags) {
        Supply supply = context.plan().supply();
        long count = Math.round(
                bags.litres() / GoodsPrices.bagOf(context.plan().units()).litres());
        String words = "No lorry can tip, so " + context.wording().volume(bags) + " of " + context.season()
                + " come in " + count + " bags that are carried one by one.";
        return Snag.of(
                        DeliveryRule.ALL_IN_BAGS,
                        Weight.NOTE,
                        words,
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(new Remedy(
                                "Reckon with a lorry that tips", new PurseChange.PutSupply(supply.withTipping(true))))))
                .by(bags.cubicMetres());
    }
}
