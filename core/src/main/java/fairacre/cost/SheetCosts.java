package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.sheet.SheetCutting;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import fairacre.sheet.SheetPlan;
import fairacre.sheet.StockSheet;
import fairacre.takeoff.Served;
import fairacre.takeoff.Sheets;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.joda.money.Money;

/** Buys sheets: parts of one good that are wanted in one season for one part of the work are cut together. */
final class SheetCosts {

    /** So many parts are put in another order, one order after the other, while the best is looked for. */
    private static final int PATIENCE = 6_000;
    /** A job of more is cut as several. */
    private static final int MOST = 100;

    private final Plan plan;
    private final Memo memo;
    private final Function<PriceItem, Optional<Money>> price;
    private final Optional<KnownCuts> known;
    private final Map<KnownCuts.SheetJob, SheetPlan> found = new HashMap<>();
    private boolean quick;

    /**
     * @param known the best cuttings that are known, all others being quick ones; empty if the best is to be looked for
     *     everywhere
     */
    SheetCosts(Plan plan, Memo memo, Function<PriceItem, Optional<Money>> price, Optional<KnownCuts> known) {
        this.plan = plan;
        this.memo = memo;
        this.price = price;
        this.known = known;
    }

    /** Whether some sheets were cut by the quick rule that might be cut more cheaply. */
    boolean isQuick() {
        return quick;
    }

    /** The best cuttings of everything that was asked for. */
    Map<KnownCuts.SheetJob, SheetPlan> found() {
        return found;
    }

    /** What is cut together. */
    private record Job(int season, BillPart part, SheetGood good) {

        private static final Comparator<Job> ORDER =
                Comparator.comparing(Job::season).thenComparing(Job::part).thenComparing(Job::good);

        static Job of(Sheets sheets) {
            return new Job(sheets.season(), sheets.part(), sheets.good());
        }
    }

    private static Map<Job, List<Sheets>> jobs(List<Sheets> wanted) {
        Map<Job, List<Sheets>> jobs = new LinkedHashMap<>();
        wanted.stream()
                .sorted(Comparator.comparing(Job::of, Job.ORDER))
                .forEach(sheets -> jobs.computeIfAbsent(Job.of(sheets), job -> new ArrayList<>())
                        .add(sheets));
        return jobs;
    }

    List<BillLine> lines(List<Sheets> wanted) {
        List<BillLine> lines = new ArrayList<>();
        jobs(wanted).forEach((job, sheets) -> {
            List<SheetPlan> plans = plans(job, parts(sheets));
            List<Served> served = sheets.stream().map(Sheets::served).toList();
            for (SheetGood.Size size : job.good().sizes(plan.units())) {
                List<SheetPlan.CutSheet> bought = plans.stream()
                        .flatMap(each -> each.sheets().stream())
                        .filter(cut -> isOf(cut.stock(), size))
                        .toList();
                if (!bought.isEmpty()) {
                    PriceItem item = job.good().item(size, plan.units());
                    lines.add(BillLine.of(
                                    job.season(),
                                    job.part(),
                                    item,
                                    BigDecimal.valueOf(bought.size()),
                                    price.apply(item),
                                    Acquired.BOUGHT,
                                    Served.beds(served),
                                    Served.places(served),
                                    plan.currency())
                            .using(Packs.used(used(bought))));
                }
            }
        });
        return lines;
    }

    /** So many whole sheets' worth of parts. */
    private static double used(List<SheetPlan.CutSheet> sheets) {
        return sheets.stream()
                .mapToDouble(sheet -> sheet.parts().stream()
                                .mapToDouble(cut -> cut.part().length().metres()
                                        * cut.part().width().metres())
                                .sum()
                        / (sheet.stock().length().metres()
                                * sheet.stock().width().metres()))
                .sum();
    }

    /**
     * @param taken so many marks are on boards, by season; those of sheets go on from there
     * @param found is told of each good of a season as soon as it is cut
     */
    void cutting(List<Sheets> wanted, Map<Integer, Integer> taken, Consumer<CutSheets> found) {
        Map<Integer, Integer> marks = new HashMap<>(taken);
        jobs(wanted).forEach((job, sheets) -> {
            List<CutSheets.SheetPiece> pieces = pieces(sheets, marks.getOrDefault(job.season(), 0));
            marks.merge(job.season(), pieces.size(), Integer::sum);
            found.accept(cutSheets(job, pieces, plans(job, parts(sheets))));
        });
    }

    /** How many goods are cut, those of each season and each part of the work counted by themselves. */
    static int goods(List<Sheets> wanted) {
        return jobs(wanted).size();
    }

    private CutSheets cutSheets(Job job, List<CutSheets.SheetPiece> pieces, List<SheetPlan> plans) {
        boolean priced = job.good().sizes(plan.units()).stream()
                .allMatch(
                        size -> price.apply(job.good().item(size, plan.units())).isPresent());
        Map<List<CutSheets.PieceOnSheet>, List<SheetPlan.CutSheet>> alike = plans.stream()
                .flatMap(each -> each.sheets().stream())
                .collect(Collectors.groupingBy(sheet -> cuts(sheet, pieces), LinkedHashMap::new, Collectors.toList()));
        List<CutSheets.SheetToCut> sheets = new ArrayList<>();
        alike.forEach((cuts, cut) -> cut.stream()
                .collect(Collectors.groupingBy(SheetPlan.CutSheet::stock, LinkedHashMap::new, Collectors.counting()))
                .forEach((stock, times) ->
                        sheets.add(new CutSheets.SheetToCut(stock.length(), stock.width(), times.intValue(), cuts))));
        Optional<List<SheetPlan>> known = Optional.of(plans).filter(each -> priced);
        return new CutSheets(
                job.season(),
                job.part(),
                job.good(),
                job.good().label(plan.units()),
                plans.size() == 1 && plans.get(0).proven(),
                known.map(each -> sum(each, SheetPlan::cost)),
                known.map(each -> sum(each, SheetPlan::bound)),
                pieces,
                sheets);
    }

    private Money sum(List<SheetPlan> plans, Function<SheetPlan, Money> of) {
        return plans.stream().map(of).reduce(Money.zero(plan.currency()), Money::plus);
    }

    private static List<CutSheets.PieceOnSheet> cuts(SheetPlan.CutSheet sheet, List<CutSheets.SheetPiece> pieces) {
        return sheet.parts().stream()
                .map(put -> new CutSheets.PieceOnSheet(
                        mark(put.part(), pieces), put.x(), put.y(), put.along(), put.across()))
                .toList();
    }

    private static String mark(SheetPart part, List<CutSheets.SheetPiece> pieces) {
        return pieces.stream()
                .filter(piece -> isOf(piece, part))
                .map(CutSheets.SheetPiece::mark)
                .findFirst()
                .orElseThrow();
    }

    private static boolean isOf(CutSheets.SheetPiece piece, SheetPart part) {
        return piece.name().equals(part.name())
                && piece.length().equals(part.length())
                && piece.width().equals(part.width());
    }

    private static boolean isOf(StockSheet stock, SheetGood.Size size) {
        return stock.length().equals(size.length()) && stock.width().equals(size.width());
    }

    private static List<CutSheets.SheetPiece> pieces(List<Sheets> sheets, int before) {
        List<CutSheets.SheetPiece> pieces = new ArrayList<>();
        for (SheetPart part : parts(sheets)) {
            if (pieces.stream().noneMatch(piece -> isOf(piece, part))) {
                List<Sheets> with = sheets.stream()
                        .filter(each -> each.parts().stream().anyMatch(other -> alike(other, part)))
                        .toList();
                pieces.add(new CutSheets.SheetPiece(
                        MarkedPiece.mark(before + pieces.size()),
                        part.name(),
                        part.length(),
                        part.width(),
                        with.stream()
                                .flatMap(each -> each.parts().stream())
                                .filter(other -> alike(other, part))
                                .mapToInt(SheetPart::count)
                                .sum(),
                        with.stream()
                                .map(each -> each.served().id())
                                .distinct()
                                .sorted()
                                .toList()));
            }
        }
        return pieces;
    }

    private static boolean alike(SheetPart one, SheetPart other) {
        return one.name().equals(other.name())
                && one.length().equals(other.length())
                && one.width().equals(other.width());
    }

    /** The largest first. */
    private static List<SheetPart> parts(List<Sheets> sheets) {
        return sheets.stream()
                .flatMap(each -> each.parts().stream())
                .sorted(Comparator.comparing((SheetPart part) ->
                                part.length().metres() * part.width().metres())
                        .reversed()
                        .thenComparing(SheetPart::name))
                .toList();
    }

    private List<SheetPlan> plans(Job job, List<SheetPart> parts) {
        List<StockSheet> stock = stock(job.good());
        List<SheetPlan> plans = new ArrayList<>();
        List<SheetPart> some = new ArrayList<>();
        int count = 0;
        for (SheetPart part : parts) {
            if (count > 0 && count + part.count() > MOST) {
                plans.add(cut(stock, some));
                some.clear();
                count = 0;
            }
            some.add(part);
            count += part.count();
        }
        plans.add(cut(stock, some));
        return plans;
    }

    private SheetPlan cut(List<StockSheet> stock, List<SheetPart> parts) {
        KnownCuts.SheetJob job = new KnownCuts.SheetJob(
                stock, List.copyOf(parts), plan.workshop().kerf());
        if (known.isEmpty()) {
            int count = parts.stream().mapToInt(SheetPart::count).sum();
            SheetPlan best = memo.recall(job, () -> cutting(job).best(PATIENCE / count));
            found.put(job, best);
            return best;
        }
        SheetPlan cut = known.get()
                .of(job)
                .orElseGet(() -> memo.recall(new AtOnce(job), () -> cutting(job).quick()));
        quick |= known.get().of(job).isEmpty() && !cut.proven();
        return cut;
    }

    private record AtOnce(KnownCuts.SheetJob job) {}

    private static SheetCutting cutting(KnownCuts.SheetJob job) {
        return SheetCutting.of(job.stock(), job.parts(), job.kerf());
    }

    /** By their prices where every size has one, else by their area. */
    private List<StockSheet> stock(SheetGood good) {
        List<SheetGood.Size> sizes = good.sizes(plan.units());
        Map<SheetGood.Size, Money> prices = new HashMap<>();
        sizes.forEach(size -> price.apply(good.item(size, plan.units())).ifPresent(money -> prices.put(size, money)));
        return sizes.stream()
                .map(size -> new StockSheet(
                        good.label(plan.units()),
                        size.length(),
                        size.width(),
                        prices.size() == sizes.size() ? prices.get(size) : byArea(size)))
                .toList();
    }

    /** A smallest coin for each square centimetre. */
    private Money byArea(SheetGood.Size size) {
        return Money.ofMinor(
                plan.currency(),
                Math.round(1e4 * size.length().metres() * size.width().metres()));
    }
}
