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
import fairacre.takeoff.Served;
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

/** Buys boards: those of one kind that are wanted in one season for one part of the work are laid out together. */
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
    Map<KnownCuts.Job, BestCut> found() {
        return found;
    }

    /** How pieces are laid out on boards, as every screen and paper has it. */
    private CutList layout(BoardKind kind, List<Length> pieces, Shed shed) {
        if (known.isEmpty()) {
            return bestCut(kind, pieces, shed).cutList();
        }
        Optional<BestCut> best = known.get().of(question(kind, pieces, shed));
        quick |= best.isEmpty();
        return best.map(BestCut::cutList).orElseGet(() -> cutList(kind, pieces, shed));
    }

    /** @param shed what is used before anything is bought; what is taken from it is gone afterwards */
    List<BillLine> lines(List<Boards> wanted, Shed shed) {
        List<BillLine> lines = new ArrayList<>();
        jobs(wanted).forEach((job, boards) -> addBoards(job, boards, shed, lines));
        return lines;
    }

    /** What is sawn together. */
    private record Job(int season, BillPart part) implements Comparable<Job> {

        private static final Comparator<Job> ORDER =
                Comparator.comparing(Job::season).thenComparing(Job::part);

        static Job of(Boards boards) {
            return new Job(boards.season(), boards.part());
        }

        @Override
        public int compareTo(Job other) {
            return ORDER.compare(this, other);
        }
    }

    private static SortedMap<Job, List<Boards>> jobs(List<Boards> wanted) {
        return wanted.stream().collect(Collectors.groupingBy(Job::of, TreeMap::new, Collectors.toList()));
    }

    /** How many marks the pieces of each season take. */
    static Map<Integer, Integer> marks(List<Boards> wanted) {
        return kinds(wanted).stream()
                .collect(Collectors.groupingBy(one -> one.job().season(), Collectors.summingInt(OneKind::marks)));
    }

    /** @param into whose boards are cut; marks are given over all of a season */
    List<CuttingPlan> cutting(List<Boards> wanted, Predicate<UUID> into) {
        Shed shed = Shed.of(plan.workshop().offcuts());
        List<CuttingPlan> plans = new ArrayList<>();
        for (OneKind one : kinds(wanted)) {
            List<Length> chosen = one.boards().stream()
                    .filter(each -> into.test(each.served().id()))
                    .flatMap(each -> each.pieces().stream())
                    .toList();
            if (!chosen.isEmpty()) {
                BoardKind kind = one.kind();
                CutList cutList = layout(kind, chosen, shed);
                shed.take(kind, cutList.shed());
                plans.add(new CuttingPlan(
                        one.job().season(),
                        one.job().part(),
                        kind.material(),
                        kind.board(),
                        cutList,
                        marked(one, into)));
            }
        }
        return plans;
    }

    /** The pieces of each thing with their marks. */
    static List<PlacedBoards> placed(List<Boards> wanted) {
        return kinds(wanted).stream()
                .flatMap(one -> one.boards().stream()
                        .map(Boards::served)
                        .distinct()
                        .map(served -> new PlacedBoards(
                                one.job().season(),
                                one.job().part(),
                                one.kind(),
                                served,
                                marked(one, served.id()::equals))))
                .toList();
    }

    /**
     * What is sawn together of one kind of board.
     *
     * @param before so many marks are given to what comes before it in the season
     */
    private record OneKind(Job job, BoardKind kind, List<Boards> boards, int before) {
        int marks() {
            return (int) boards.stream()
                    .flatMap(each -> each.pieces().stream())
                    .distinct()
                    .count();
        }
    }

    private static List<OneKind> kinds(List<Boards> wanted) {
        List<OneKind> kinds = new ArrayList<>();
        Map<Integer, Integer> marks = new HashMap<>();
        jobs(wanted)
                .forEach((job, boards) -> boards.stream()
                        .collect(Collectors.groupingBy(Boards::kind, TreeMap::new, Collectors.toList()))
                        .forEach((kind, ofKind) -> {
                            OneKind one = new OneKind(job, kind, ofKind, marks.getOrDefault(job.season(), 0));
                            marks.merge(job.season(), one.marks(), Integer::sum);
                            kinds.add(one);
                        }));
        return kinds;
    }

    private static List<MarkedPiece> marked(OneKind kind, Predicate<UUID> chosen) {
        SortedMap<Length, List<UUID>> things = new TreeMap<>(Comparator.reverseOrder());
        kind.boards()
                .forEach(each -> each.pieces()
                        .forEach(length -> things.computeIfAbsent(length, l -> new ArrayList<>())
                                .add(each.served().id())));
        List<MarkedPiece> pieces = new ArrayList<>();
        things.forEach((length, in) -> {
            List<UUID> counted = in.stream().filter(chosen).toList();
            pieces.add(new MarkedPiece(
                    MarkedPiece.mark(kind.before() + pieces.size()),
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
        jobs(wanted)
                .forEach((job, boards) -> pieces(boards).forEach((kind, pieces) -> {
                    BestCut best = bestCut(kind, pieces, shed);
                    found.accept(priced(job, kind, best));
                    shed.take(kind, best.cutList().shed());
                }));
    }

    private static SortedMap<BoardKind, List<Length>> pieces(List<Boards> wanted) {
        SortedMap<BoardKind, List<Length>> pieces = new TreeMap<>();
        wanted.forEach(boards ->
                pieces.computeIfAbsent(boards.kind(), kind -> new ArrayList<>()).addAll(boards.pieces()));
        return pieces;
    }

    private KnownCuts.Job question(BoardKind kind, List<Length> pieces, Shed shed) {
        Function<Length, BigDecimal> weigh = weigh(kind, known(kind));
        List<Stock> stock = new ArrayList<>(kind.board().stock().stream()
                .map(length -> Stock.bought(length, weigh.apply(length)))
                .toList());
        shed.of(kind).forEach(there -> stock.add(Stock.offcuts(there.stock(), there.count())));
        return new KnownCuts.Job(pieces.stream().sorted().toList(), stock, saw);
    }

    private BestCut bestCut(BoardKind kind, List<Length> pieces, Shed shed) {
        KnownCuts.Job job = question(kind, pieces, shed);
        BestCut best = memo.recall(job, () -> CutStudy.of(job.pieces(), job.stock(), saw));
        found.put(job, best);
        return best;
    }

    private BestCutting priced(Job job, BoardKind kind, BestCut best) {
        boolean priced = known(kind).size() == kind.board().stock().size();
        Optional<Money> cost = Optional.of(best.cost()).filter(c -> priced).map(this::money);
        return new BestCutting(
                job.season(),
                job.part(),
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

    private void addBoards(Job job, List<Boards> wanted, Shed shed, List<BillLine> lines) {
        pieces(wanted).forEach((kind, pieces) -> {
            CutList cutList = layout(kind, pieces, shed);
            shed.take(kind, cutList.shed());
            List<Served> served = wanted.stream()
                    .filter(boards -> boards.kind().equals(kind))
                    .map(Boards::served)
                    .toList();
            for (BoardsOfLength boards : cutList.boards()) {
                double used = cutList.cuts().stream()
                        .filter(cut -> !cut.fromShed() && cut.stock().equals(boards.stock()))
                        .mapToDouble(cut -> cut.times() * sum(cut.pieces()).metres())
                        .sum();
                PriceItem item = BuildPrices.board(kind.material(), kind.board(), boards.stock());
                lines.add(BillLine.of(
                                job.season(),
                                job.part(),
                                item,
                                BigDecimal.valueOf(boards.count()),
                                price.apply(item),
                                Acquired.BOUGHT,
                                Served.beds(served),
                                Served.places(served),
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
