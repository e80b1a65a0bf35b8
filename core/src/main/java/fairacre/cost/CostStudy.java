package fairacre.cost;

import fairacre.frame.BestCut;
import fairacre.frame.BoardsOfLength;
import fairacre.frame.CutList;
import fairacre.frame.CutStudy;
import fairacre.frame.Saw;
import fairacre.frame.Stock;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.plan.Acquired;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.BillPart;
import fairacre.plan.Board;
import fairacre.plan.Budget;
import fairacre.plan.Kit;
import fairacre.plan.Material;
import fairacre.plan.Plan;
import fairacre.plan.PriceItem;
import fairacre.plan.Sundry;
import fairacre.shape.Memo;
import fairacre.surface.SurfaceStudy;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.joda.money.Money;

/**
 * The bill of a plan over all its seasons. Boards of one kind that are wanted in one season are laid out together over all
 * beds, and each good for its beds and walks is bought in one go.
 */
public final class CostStudy {

    private final Plan plan;
    private final Memo memo;
    private final Map<PriceItem, Money> prices = new HashMap<>();

    private CostStudy(Plan plan, Memo memo) {
        this.plan = plan;
        this.memo = memo;
        plan.prices().forEach(price -> prices.put(price.item(), price.amount()));
    }

    public static CostStudy of(Plan plan) {
        return of(plan, Memo.none());
    }

    /** @param memo of what was worked out before, for this plan or one like it */
    public static CostStudy of(Plan plan, Memo memo) {
        return new CostStudy(plan, memo);
    }

    public Bill bill() {
        List<Job> jobs = allJobs();
        List<BillLine> lines = frames(jobs);
        lines.addAll(soilCosts().lines(jobs));
        lines.addAll(new WalkCosts(plan, this::price).lines(SurfaceStudy.of(plan, memo)));
        plan.sundries().stream().map(this::line).forEach(lines::add);
        lines.sort(Comparator.comparing(BillLine::season).thenComparing(BillLine::part));
        return new Bill(plan.currency(), lines);
    }

    private SoilCosts soilCosts() {
        return new SoilCosts(plan, memo, this::price);
    }

    /** The question what has to be bought for a bed. */
    private record JobsOf(Bed bed) {}

    private List<Job> jobs(Bed bed) {
        return memo.recall(new JobsOf(bed), () -> Job.of(bed));
    }

    private List<Job> allJobs() {
        return plan.beds().stream().flatMap(bed -> jobs(bed).stream()).toList();
    }

    private static Map<Integer, List<Job>> bySeason(List<Job> jobs) {
        return jobs.stream().collect(Collectors.groupingBy(Job::season, TreeMap::new, Collectors.toList()));
    }

    /** The ways to get what fills the beds, by season and good. */
    public List<SeasonSoil> soil() {
        return soilCosts().seasons(allJobs());
    }

    /**
     * What a bed as it is in a season would cost if it alone were built, everything bought for it; empty if it doesn't stand.
     */
    public Optional<Bill> alone(Bed bed, int season) {
        Optional<BedRevision> revision = bed.in(season);
        return revision.map(r -> boughtFor(List.of(Job.of(bed.id(), null, r))));
    }

    public Purse purse(Bill bill) {
        Budget budget = plan.budget();
        return Purse.of(budget.sum(), budget.held(), bill);
    }

    /**
     * What the garden costs by a square metre of soil, by a square foot if the plan is in feet, rounded half up; empty without soil.
     * What is kept when the garden is done is left out.
     */
    public Optional<Money> perArea(Bill bill, Area growing) {
        double units = plan.units() == Units.METRIC ? growing.squareMetres() : growing.squareFeet();
        return units <= 0 ? Optional.empty()
                : Optional.of(bill.total().minus(bill.kept()).dividedBy(BigDecimal.valueOf(units), RoundingMode.HALF_UP));
    }

    /** What these jobs alone take. */
    Bill boughtFor(List<Job> jobs) {
        List<BillLine> lines = frames(jobs);
        lines.addAll(soilCosts().bought(jobs));
        return new Bill(plan.currency(), lines);
    }

    private List<BillLine> frames(List<Job> jobs) {
        List<BillLine> lines = new ArrayList<>();
        bySeason(jobs).forEach((season, wanted) -> {
            addBoards(season, wanted, lines);
            addKits(season, wanted, lines);
        });
        return lines;
    }

    private record Kind(Material material, Board board) {}

    /** How the boards are cut that the bill buys, by season, material and board. */
    public List<CuttingPlan> cutting() {
        List<CuttingPlan> plans = new ArrayList<>();
        bySeason(allJobs()).forEach((season, wanted) -> byKind(wanted).forEach((kind, jobs) ->
                plans.add(new CuttingPlan(season, kind.material(), kind.board(), cutList(kind, jobs)))));
        return plans;
    }

    /**
     * The cheapest layouts of the same pieces, with an own saw and with offcuts, each offcut being used in the first season that
     * wants it. Where there is much to cut this takes a second or two for each kind of board.
     */
    public List<BestCutting> bestCutting(CutOrder order) {
        List<BestCutting> found = new ArrayList<>();
        List<CutOrder.Offcuts> shed = new ArrayList<>(order.offcuts());
        bySeason(allJobs()).forEach((season, wanted) -> byKind(wanted).forEach((kind, jobs) -> {
            BestCut best = bestCut(kind, jobs, order.saw(), shed);
            found.add(priced(season, kind, best, cutList(kind, jobs)));
            take(kind, best.cutList(), shed);
        }));
        return found;
    }

    /** The question how pieces are laid out best. */
    private record Best(List<Length> pieces, List<Stock> stock, Saw saw) {}

    private BestCut bestCut(Kind kind, List<Job> jobs, Saw saw, List<CutOrder.Offcuts> shed) {
        List<Length> pieces = jobs.stream().flatMap(job -> job.pieces().stream()).toList();
        Function<Length, BigDecimal> weigh = weigh(kind, known(kind));
        List<Stock> stock = new ArrayList<>(kind.board().stock().stream().map(length -> Stock.bought(length, weigh.apply(length))).toList());
        shed.stream().filter(offcut -> isOf(offcut, kind)).forEach(offcut -> stock.add(Stock.offcuts(offcut.length(), offcut.count())));
        return memo.recall(new Best(pieces, stock, saw), () -> CutStudy.of(pieces, stock, saw));
    }

    private BestCutting priced(int season, Kind kind, BestCut best, CutList reckoned) {
        Map<Length, BigDecimal> known = known(kind);
        boolean priced = known.size() == kind.board().stock().size();
        Optional<Money> cost = Optional.of(best.cost()).filter(c -> priced).map(this::money);
        Optional<Money> before = Optional.of(reckoned).filter(c -> priced).map(list -> money(list.boards().stream()
                .map(boards -> known.get(boards.stock()).multiply(BigDecimal.valueOf(boards.count()))).reduce(BigDecimal.ZERO, BigDecimal::add)));
        return new BestCutting(season, kind.material(), kind.board(), best.cutList(), best.isLeast(), reckoned.boardCount(), cost,
                Optional.of(best.bound()).filter(b -> priced && b.signum() > 0).map(this::money), before.flatMap(b -> cost.map(b::minus)));
    }

    private Money money(BigDecimal amount) {
        return Money.of(plan.currency(), amount, RoundingMode.HALF_UP);
    }

    private static boolean isOf(CutOrder.Offcuts offcut, Kind kind) {
        return offcut.material() == kind.material() && offcut.board() == kind.board();
    }

    /** Offcuts of a length that is sold too are taken for bought ones, so they are left for the next season. */
    private static void take(Kind kind, CutList cutList, List<CutOrder.Offcuts> shed) {
        for (BoardsOfLength used : cutList.boards()) {
            int left = used.count();
            for (int i = 0; i < shed.size() && !kind.board().stock().contains(used.stock()); i++) {
                CutOrder.Offcuts offcut = shed.get(i);
                if (isOf(offcut, kind) && offcut.length().equals(used.stock())) {
                    int taken = Math.min(left, offcut.count());
                    left -= taken;
                    shed.remove(i);
                    if (offcut.count() > taken) {
                        shed.add(i, new CutOrder.Offcuts(offcut.material(), offcut.board(), offcut.length(), offcut.count() - taken));
                    } else {
                        i--;
                    }
                }
            }
        }
    }

    private void addBoards(int season, List<Job> jobs, List<BillLine> lines) {
        byKind(jobs).forEach((kind, wanted) -> {
            for (BoardsOfLength boards : cutList(kind, wanted).boards()) {
                PriceItem item = PriceItem.board(kind.material(), kind.board(), boards.stock());
                lines.add(line(season, item, BigDecimal.valueOf(boards.count()), beds(wanted)));
            }
        });
    }

    /** In the order of materials and boards. */
    private static Map<Kind, List<Job>> byKind(List<Job> jobs) {
        return jobs.stream().filter(job -> job.frame().isPresent()).collect(Collectors.groupingBy(CostStudy::kind,
                () -> new TreeMap<>(Comparator.comparing(Kind::material).thenComparing(Kind::board)), Collectors.toList()));
    }

    private CutList cutList(Kind kind, List<Job> jobs) {
        List<Length> pieces = jobs.stream().flatMap(job -> job.pieces().stream()).toList();
        Map<Length, BigDecimal> known = known(kind);
        return memo.recall(new Cut(kind, pieces, known),
                () -> CutList.of(pieces, kind.board().stock(), Saw.USUAL, weigh(kind, known)));
    }

    private void addKits(int season, List<Job> jobs, List<BillLine> lines) {
        Map<Kit, List<Job>> byKit = new TreeMap<>();
        jobs.forEach(job -> job.kit().ifPresent(kit -> byKit.computeIfAbsent(kit, k -> new ArrayList<>()).add(job)));
        byKit.forEach((kit, wanted) ->
                lines.add(line(season, PriceItem.kit(kit), BigDecimal.valueOf(wanted.size()), beds(wanted))));
    }

    /** The question how pieces are laid out on boards. */
    private record Cut(Kind kind, List<Length> pieces, Map<Length, BigDecimal> prices) {}

    /** Boards are chosen by price where every length has one, else by length. */
    private static Function<Length, BigDecimal> weigh(Kind kind, Map<Length, BigDecimal> known) {
        return known.size() == kind.board().stock().size() ? known::get : Length::exactMetres;
    }

    private Map<Length, BigDecimal> known(Kind kind) {
        Map<Length, BigDecimal> known = new HashMap<>();
        for (Length stock : kind.board().stock()) {
            price(PriceItem.board(kind.material(), kind.board(), stock)).ifPresent(p -> known.put(stock, p.getAmount()));
        }
        return known;
    }

    private BillLine line(int season, PriceItem item, BigDecimal quantity, List<UUID> beds) {
        return BillLine.of(season, BillPart.FRAMES, item, quantity, price(item), Acquired.BOUGHT, beds, List.of(), plan.currency());
    }

    private BillLine line(Sundry sundry) {
        return BillLine.of(sundry.season(), sundry.part(), PriceItem.sundry(sundry), sundry.quantity(), sundry.price(), sundry.acquired(),
                List.of(), List.of(), plan.currency());
    }

    private Optional<Money> price(PriceItem item) {
        return Optional.ofNullable(prices.get(item));
    }

    private static Kind kind(Job job) {
        return job.frame().map(f -> new Kind(f.material(), f.board())).orElseThrow();
    }

    private static List<UUID> beds(List<Job> jobs) {
        return jobs.stream().map(Job::bed).distinct().sorted().toList();
    }
}
