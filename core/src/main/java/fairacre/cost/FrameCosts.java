package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.build.BuildPrices;
import fairacre.build.Fastener;
import fairacre.build.Fittings.Support;
import fairacre.build.Fittings.Underlay;
import fairacre.build.Kit;
import fairacre.build.Masonry;
import fairacre.frame.BestCut;
import fairacre.frame.BoardsOfLength;
import fairacre.frame.CutList;
import fairacre.frame.CutStudy;
import fairacre.frame.Hardware;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.goods.GoodsPrices;
import fairacre.goods.LayerKind;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import org.joda.money.Money;

/**
 * What the frames put on the bill: boards of one kind that are wanted in one season laid out together, kits, and what
 * holds and lines the frames, in whole boxes and whole metres.
 */
final class FrameCosts {

    private final Plan plan;
    private final Memo memo;
    private final Function<PriceItem, Optional<Money>> price;
    private final Saw saw;
    private final Optional<KnownCuts> known;
    private final Map<KnownCuts.Job, BestCut> found = new HashMap<>();
    private boolean quick;

    /**
     * @param known the best layouts that are known, all others being quick ones; empty if the best is to be found for
     *     all
     */
    FrameCosts(Plan plan, Memo memo, Function<PriceItem, Optional<Money>> price, Optional<KnownCuts> known) {
        this.plan = plan;
        this.memo = memo;
        this.price = price;
        this.saw = Saw.of(plan.workshop());
        this.known = known;
    }

    /** Whether some boards were laid out by the quick rule. */
    boolean isQuick() {
        return quick;
    }

    /** The best layouts of everything that was asked for. */
    KnownCuts found() {
        return new KnownCuts(found);
    }

    /** How pieces are laid out on boards, as every screen and paper has it. */
    private CutList layout(BoardKind kind, List<Length> pieces, Shed shed) {
        if (known.isEmpty()) {
            return bestCut(kind, pieces, shed).cutList();
        }
        Optional<BestCut> best = known.get().of(job(kind, pieces, shed));
        quick |= best.isEmpty();
        return best.map(BestCut::cutList).orElseGet(() -> cutList(kind, pieces, shed));
    }

    /** @param shed what is used before anything is bought; what is taken from it is gone afterwards */
    List<BillLine> lines(SortedMap<Integer, List<Job>> bySeason, Shed shed) {
        List<BillLine> lines = new ArrayList<>();
        bySeason.forEach((season, jobs) -> {
            addBoards(season, jobs, shed, lines);
            addFasteners(season, jobs, lines);
            addMetres(season, jobs, lines);
            addKits(season, jobs, lines);
            addMasonry(season, jobs, lines);
        });
        return lines;
    }

    /** @param beds whose boards are cut; marks are given over all */
    List<CuttingPlan> cutting(SortedMap<Integer, List<Job>> bySeason, Predicate<UUID> beds) {
        Shed shed = Shed.of(plan.workshop().offcuts());
        List<CuttingPlan> plans = new ArrayList<>();
        bySeason.forEach((season, jobs) -> {
            int marked = 0;
            for (Map.Entry<BoardKind, List<Length>> wanted : pieces(jobs).entrySet()) {
                BoardKind kind = wanted.getKey();
                List<MarkedPiece> pieces = marked(kind, jobs, marked, beds);
                marked += (int) wanted.getValue().stream().distinct().count();
                List<Length> chosen = pieces(jobs.stream()
                                .filter(job -> beds.test(job.bed()))
                                .toList())
                        .getOrDefault(kind, List.of());
                if (!chosen.isEmpty()) {
                    CutList cutList = layout(kind, chosen, shed);
                    shed.take(kind, cutList.shed());
                    plans.add(new CuttingPlan(season, kind.material(), kind.board(), cutList, pieces));
                }
            }
        });
        return plans;
    }

    private static List<MarkedPiece> marked(BoardKind kind, List<Job> jobs, int before, Predicate<UUID> chosen) {
        SortedMap<Length, List<UUID>> beds = new TreeMap<>(Comparator.reverseOrder());
        jobs.forEach(job -> job.pieces()
                .getOrDefault(kind, List.of())
                .forEach(length ->
                        beds.computeIfAbsent(length, l -> new ArrayList<>()).add(job.bed())));
        List<MarkedPiece> pieces = new ArrayList<>();
        beds.forEach((length, in) -> {
            List<UUID> counted = in.stream().filter(chosen).toList();
            pieces.add(new MarkedPiece(
                    MarkedPiece.mark(before + pieces.size()),
                    length,
                    counted.size(),
                    counted.stream().distinct().sorted().toList()));
        });
        pieces.removeIf(piece -> piece.count() == 0);
        return pieces;
    }

    /** Each offcut is used in the first season that wants it. */
    List<BestCutting> bestCutting(SortedMap<Integer, List<Job>> bySeason) {
        List<BestCutting> cuttings = new ArrayList<>();
        Shed shed = Shed.of(plan.workshop().offcuts());
        bySeason.forEach((season, jobs) -> pieces(jobs).forEach((kind, pieces) -> {
            BestCut best = bestCut(kind, pieces, shed);
            cuttings.add(priced(season, kind, best));
            shed.take(kind, best.cutList().shed());
        }));
        return cuttings;
    }

    private static SortedMap<BoardKind, List<Length>> pieces(List<Job> jobs) {
        SortedMap<BoardKind, List<Length>> pieces = new TreeMap<>();
        jobs.forEach(job -> job.pieces()
                .forEach((kind, lengths) ->
                        pieces.computeIfAbsent(kind, k -> new ArrayList<>()).addAll(lengths)));
        return pieces;
    }

    private KnownCuts.Job job(BoardKind kind, List<Length> pieces, Shed shed) {
        Function<Length, BigDecimal> weigh = weigh(kind, known(kind));
        List<Stock> stock = new ArrayList<>(kind.board().stock().stream()
                .map(length -> Stock.bought(length, weigh.apply(length)))
                .toList());
        shed.of(kind).forEach(there -> stock.add(Stock.offcuts(there.stock(), there.count())));
        return new KnownCuts.Job(pieces.stream().sorted().toList(), stock, saw);
    }

    private BestCut bestCut(BoardKind kind, List<Length> pieces, Shed shed) {
        KnownCuts.Job job = job(kind, pieces, shed);
        BestCut best = memo.recall(job, () -> CutStudy.of(job.pieces(), job.stock(), saw));
        found.put(job, best);
        return best;
    }

    private BestCutting priced(int season, BoardKind kind, BestCut best) {
        boolean priced = known(kind).size() == kind.board().stock().size();
        Optional<Money> cost = Optional.of(best.cost()).filter(c -> priced).map(this::money);
        return new BestCutting(
                season,
                kind.material(),
                kind.board(),
                best.cutList(),
                best.isLeast(),
                best.dearer().signum() > 0,
                cost,
                Optional.of(best.dearer())
                        .filter(more -> priced && more.signum() > 0)
                        .map(this::money),
                Optional.of(best.bound()).filter(b -> priced && b.signum() > 0).map(this::money));
    }

    private Money money(BigDecimal amount) {
        return Money.of(plan.currency(), amount, RoundingMode.HALF_UP);
    }

    private void addBoards(int season, List<Job> jobs, Shed shed, List<BillLine> lines) {
        pieces(jobs).forEach((kind, pieces) -> {
            CutList cutList = layout(kind, pieces, shed);
            shed.take(kind, cutList.shed());
            List<Job> wanting =
                    jobs.stream().filter(job -> job.pieces().containsKey(kind)).toList();
            for (BoardsOfLength boards : cutList.boards()) {
                double used = cutList.cuts().stream()
                        .filter(cut -> !cut.fromShed() && cut.stock().equals(boards.stock()))
                        .mapToDouble(cut -> cut.times() * sum(cut.pieces()).metres())
                        .sum();
                PriceItem item = BuildPrices.board(kind.material(), kind.board(), boards.stock());
                lines.add(line(
                        season,
                        item,
                        BigDecimal.valueOf(boards.count()),
                        used / boards.stock().metres(),
                        wanting));
            }
        });
    }

    private static Length sum(List<Length> lengths) {
        return lengths.stream().reduce(Length.ZERO, Length::plus);
    }

    private void addFasteners(int season, List<Job> jobs, List<BillLine> lines) {
        Map<Fastener, Integer> counts = new EnumMap<>(Fastener.class);
        jobs.forEach(job -> job.hardware()
                .ifPresent(hardware ->
                        hardware.fasteners().forEach((kind, count) -> counts.merge(kind, count, Integer::sum))));
        counts.forEach((kind, count) -> addWhole(
                season,
                BuildPrices.fastener(kind),
                (double) count / kind.box(),
                with(jobs, hardware -> hardware.fasteners().containsKey(kind)),
                lines));
    }

    private void addMetres(int season, List<Job> jobs, List<BillLine> lines) {
        for (Support support : List.of(Support.RODS, Support.STRAPS)) {
            List<Job> tied = with(
                    jobs,
                    hardware -> hardware.fittings().support() == support
                            && hardware.ties().isPositive());
            Length length = sum(tied.stream()
                    .map(job -> job.hardware().orElseThrow().ties())
                    .toList());
            addWhole(season, BuildPrices.tie(support, plan.units()), Packs.of(length, plan.units()), tied, lines);
        }
        addArea(season, BuildPrices.liner(plan.units()), jobs, Hardware::liner, lines);
        addArea(
                season,
                BuildPrices.cloth(plan.units()),
                with(jobs, hardware -> hardware.fittings().underlay() == Underlay.CLOTH),
                Hardware::underlay,
                lines);
        addArea(
                season,
                GoodsPrices.area(LayerKind.CARDBOARD, plan.units()),
                with(jobs, hardware -> hardware.fittings().underlay() == Underlay.CARDBOARD),
                Hardware::underlay,
                lines);
    }

    private void addArea(
            int season, PriceItem item, List<Job> jobs, Function<Hardware, Area> area, List<BillLine> lines) {
        List<Job> wanting = with(jobs, hardware -> !area.apply(hardware).isZero());
        Area sum = wanting.stream()
                .map(job -> area.apply(job.hardware().orElseThrow()))
                .reduce(Area.ZERO, Area::plus);
        addWhole(season, item, Packs.of(sum, plan.units()), wanting, lines);
    }

    private static List<Job> with(List<Job> jobs, Function<Hardware, Boolean> what) {
        return jobs.stream()
                .filter(job -> job.hardware().map(what).orElse(false))
                .toList();
    }

    private void addWhole(int season, PriceItem item, double used, List<Job> jobs, List<BillLine> lines) {
        if (used > Packs.ROUNDING) {
            lines.add(line(season, item, Packs.whole(used), used, jobs));
        }
    }

    /** The question how pieces are laid out on boards. */
    private record Cut(
            BoardKind kind, List<Length> pieces, Map<Length, BigDecimal> prices, Saw saw, List<BoardsOfLength> shed) {}

    private CutList cutList(BoardKind kind, List<Length> pieces, Shed shed) {
        Map<Length, BigDecimal> known = known(kind);
        List<BoardsOfLength> there = shed.of(kind);
        return memo.recall(
                new Cut(kind, pieces, known, saw, there),
                () -> CutList.of(pieces, kind.board().stock(), there, saw, weigh(kind, known)));
    }

    /** Boards are chosen by price where every length has one, else by length. */
    private static Function<Length, BigDecimal> weigh(BoardKind kind, Map<Length, BigDecimal> known) {
        return known.size() == kind.board().stock().size() ? known::get : Length::exactMetres;
    }

    private Map<Length, BigDecimal> known(BoardKind kind) {
        Map<Length, BigDecimal> known = new HashMap<>();
        for (Length stock : kind.board().stock()) {
            price.apply(BuildPrices.board(kind.material(), kind.board(), stock))
                    .ifPresent(p -> known.put(stock, p.getAmount()));
        }
        return known;
    }

    private void addKits(int season, List<Job> jobs, List<BillLine> lines) {
        Map<Kit, List<Job>> byKit = new TreeMap<>();
        jobs.forEach(job -> job.kit()
                .ifPresent(kit ->
                        byKit.computeIfAbsent(kit, k -> new ArrayList<>()).add(job)));
        byKit.forEach((kit, wanted) -> lines.add(
                line(season, BuildPrices.kit(kit), BigDecimal.valueOf(wanted.size()), wanted.size(), wanted)));
    }

    private void addMasonry(int season, List<Job> jobs, List<BillLine> lines) {
        for (Masonry kind : Masonry.values()) {
            List<Job> walled = jobs.stream()
                    .filter(job -> job.masonry()
                            .filter(takeoff -> takeoff.kind() == kind)
                            .isPresent())
                    .toList();
            addWhole(
                    season,
                    BuildPrices.masonry(kind),
                    walled.stream()
                            .mapToDouble(job -> job.masonry().orElseThrow().pieces())
                            .sum(),
                    walled,
                    lines);
        }
        List<Job> mortared = jobs.stream()
                .filter(job ->
                        job.masonry().filter(takeoff -> takeoff.bags() > 0).isPresent())
                .toList();
        addWhole(
                season,
                BuildPrices.MORTAR,
                mortared.stream()
                        .mapToDouble(job -> job.masonry().orElseThrow().bags())
                        .sum(),
                mortared,
                lines);
    }

    private BillLine line(int season, PriceItem item, BigDecimal quantity, double used, List<Job> jobs) {
        return BillLine.of(
                        season,
                        BillPart.FRAMES,
                        item,
                        quantity,
                        price.apply(item),
                        Acquired.BOUGHT,
                        jobs.stream().map(Job::bed).distinct().sorted().toList(),
                        List.of(),
                        plan.currency())
                .using(Packs.used(used));
    }
}
