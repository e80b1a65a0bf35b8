package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.build.BuildPrices;
import fairacre.frame.BestCut;
import fairacre.frame.BoardsOfLength;
import fairacre.frame.CutList;
import fairacre.frame.CutStudy;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.takeoff.BoardKind;
import fairacre.takeoff.Boards;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.joda.money.Money;

/** Buys boards: those of one kind that are wanted in one season are laid out together. */
final class BoardCosts {

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
    BoardCosts(Plan plan, Memo memo, Function<PriceItem, Optional<Money>> price, Optional<KnownCuts> known) {
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
    List<BillLine> lines(List<Boards> wanted, Shed shed) {
        List<BillLine> lines = new ArrayList<>();
        bySeason(wanted).forEach((season, boards) -> addBoards(season, boards, shed, lines));
        return lines;
    }

    private static SortedMap<Integer, List<Boards>> bySeason(List<Boards> wanted) {
        return wanted.stream().collect(Collectors.groupingBy(Boards::season, TreeMap::new, Collectors.toList()));
    }

    /** @param beds whose boards are cut; marks are given over all */
    List<CuttingPlan> cutting(List<Boards> wanted, Predicate<UUID> beds) {
        Shed shed = Shed.of(plan.workshop().offcuts());
        List<CuttingPlan> plans = new ArrayList<>();
        bySeason(wanted).forEach((season, boards) -> {
            int marked = 0;
            for (Map.Entry<BoardKind, List<Length>> all : pieces(boards).entrySet()) {
                BoardKind kind = all.getKey();
                List<MarkedPiece> pieces = marked(kind, boards, marked, beds);
                marked += (int) all.getValue().stream().distinct().count();
                List<Length> chosen = pieces(boards.stream()
                                .filter(each -> beds.test(each.bed()))
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

    private static List<MarkedPiece> marked(BoardKind kind, List<Boards> boards, int before, Predicate<UUID> chosen) {
        SortedMap<Length, List<UUID>> beds = new TreeMap<>(Comparator.reverseOrder());
        boards.stream()
                .filter(each -> each.kind().equals(kind))
                .forEach(each -> each.pieces()
                        .forEach(length -> beds.computeIfAbsent(length, l -> new ArrayList<>())
                                .add(each.bed())));
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
    void bestCutting(List<Boards> wanted, Consumer<BestCutting> found) {
        Shed shed = Shed.of(plan.workshop().offcuts());
        bySeason(wanted)
                .forEach((season, boards) -> pieces(boards).forEach((kind, pieces) -> {
                    BestCut best = bestCut(kind, pieces, shed);
                    found.accept(priced(season, kind, best));
                    shed.take(kind, best.cutList().shed());
                }));
    }

    private static SortedMap<BoardKind, List<Length>> pieces(List<Boards> wanted) {
        SortedMap<BoardKind, List<Length>> pieces = new TreeMap<>();
        wanted.forEach(boards ->
                pieces.computeIfAbsent(boards.kind(), kind -> new ArrayList<>()).addAll(boards.pieces()));
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

    private void addBoards(int season, List<Boards> wanted, Shed shed, List<BillLine> lines) {
        pieces(wanted).forEach((kind, pieces) -> {
            CutList cutList = layout(kind, pieces, shed);
            shed.take(kind, cutList.shed());
            List<UUID> beds = wanted.stream()
                    .filter(boards -> boards.kind().equals(kind))
                    .map(Boards::bed)
                    .distinct()
                    .sorted()
                    .toList();
            for (BoardsOfLength boards : cutList.boards()) {
                double used = cutList.cuts().stream()
                        .filter(cut -> !cut.fromShed() && cut.stock().equals(boards.stock()))
                        .mapToDouble(cut -> cut.times() * sum(cut.pieces()).metres())
                        .sum();
                PriceItem item = BuildPrices.board(kind.material(), kind.board(), boards.stock());
                lines.add(BillLine.of(
                                season,
                                BillPart.FRAMES,
                                item,
                                BigDecimal.valueOf(boards.count()),
                                price.apply(item),
                                Acquired.BOUGHT,
                                beds,
                                List.of(),
                                plan.currency())
                        .using(Packs.used(used / boards.stock().metres())));
            }
        });
    }

    private static Length sum(List<Length> lengths) {
        return lengths.stream().reduce(Length.ZERO, Length::plus);
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
}
