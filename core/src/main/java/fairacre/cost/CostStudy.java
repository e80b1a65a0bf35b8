package fairacre.cost;

import fairacre.bill.Acquired;
import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.Budget;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.bill.Sundry;
import fairacre.bill.WorkRate;
import fairacre.measure.Area;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.takeoff.Ahead;
import fairacre.takeoff.Boards;
import fairacre.takeoff.Job;
import fairacre.takeoff.Sheets;
import fairacre.takeoff.Sold;
import fairacre.takeoff.Takeoff;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * The bill of a plan over all its seasons. Boards of one kind that are wanted in one season are laid out together over
 * all beds, and each good for its beds and walks is bought in one go.
 */
public final class CostStudy {

    private final Plan plan;
    private final Memo memo;
    private final Map<PriceItem, Money> prices;
    private final Optional<Ahead> ahead;
    private Takeoff takeoff;

    private CostStudy(Plan plan, Memo memo, Map<PriceItem, Money> prices, Optional<Ahead> ahead) {
        this.ahead = ahead;
        this.plan = plan;
        this.memo = memo;
        this.prices = prices;
    }

    public static CostStudy of(Plan plan) {
        return of(plan, Memo.none());
    }

    /** @param memo of what was worked out before, for this plan or one like it */
    public static CostStudy of(Plan plan, Memo memo) {
        return new CostStudy(plan, memo, plan.pricesInForce(), Optional.empty());
    }

    /** The same with all that wears out and is renewed in seasons ahead. */
    public CostStudy renewing(Ahead seasons) {
        return new CostStudy(plan, memo, prices, Optional.of(seasons));
    }

    /**
     * What is bought for a thing in a season if it is bought for it alone, without the yearly top-up of a bed; empty
     * while a price is missing.
     */
    public Optional<Money> boughtFor(UUID thing, int season) {
        CostStudy alone = new CostStudy(plan, memo, prices, ahead);
        alone.takeoff = takeoff().of(thing);
        List<BillLine> lines = alone.goods(Optional.of(KnownCuts.NONE)).stream()
                .filter(line -> line.season() == season)
                .toList();
        return lines.stream()
                .map(BillLine::amount)
                .reduce(
                        Optional.of(Money.zero(plan.currency())),
                        (sum, amount) -> sum.flatMap(so -> amount.map(so::plus)));
    }

    /** Boards by the cheapest layouts that are found, as cutting plan and shopping list have them. */
    public Bill bill() {
        return bill(Optional.empty());
    }

    /** At once: boards and sheets as they are known to be cut best, and others by the quick rule. */
    public Bill bill(KnownCuts known) {
        return bill(Optional.of(known));
    }

    /** The best layouts of all boards and sheets that the bill buys, to be known for plans like this one. */
    public KnownCuts cuts() {
        BoardCosts boards = boardCosts();
        boards.lines(takeoff().boards(), Shed.of(plan.workshop().offcuts()));
        SheetCosts sheets = sheetCosts(Optional.empty());
        sheets.lines(takeoff().sheets());
        return new KnownCuts(boards.found(), sheets.found());
    }

    private Bill bill(Optional<KnownCuts> known) {
        BoardCosts boards = new BoardCosts(plan, memo, this::price, known);
        SheetCosts sheets = sheetCosts(known);
        List<BillLine> lines = goods(boards, sheets);
        plan.paidBesides().stream().map(this::line).forEach(lines::add);
        lines.sort(Comparator.comparing(BillLine::season).thenComparing(BillLine::part));
        return new Bill(plan.currency(), lines, boards.isQuick() || sheets.isQuick());
    }

    private List<BillLine> goods(Optional<KnownCuts> known) {
        return goods(new BoardCosts(plan, memo, this::price, known), sheetCosts(known));
    }

    /** What is bought for the things of the plan. */
    private List<BillLine> goods(BoardCosts boards, SheetCosts sheets) {
        List<BillLine> lines =
                boards.lines(takeoff().boards(), Shed.of(plan.workshop().offcuts()));
        lines.addAll(sheets.lines(takeoff().sheets()));
        lines.addAll(looseGoods().lines());
        takeoff().sold().forEach(sold -> addWhole(sold, lines));
        return lines;
    }

    private BoardCosts boardCosts() {
        return new BoardCosts(plan, memo, this::price, Optional.empty());
    }

    private SheetCosts sheetCosts(Optional<KnownCuts> known) {
        return new SheetCosts(plan, memo, this::price, known);
    }

    private LooseGoods looseGoods() {
        return new LooseGoods(takeoff(), this::price);
    }

    /** Everything that the plan calls for. */
    public Takeoff takeoff() {
        if (takeoff == null) {
            takeoff = Takeoff.of(plan, memo, ahead);
        }
        return takeoff;
    }

    /** What there is to do in each season: sawing and laying, and carrying all loose goods. */
    public List<SeasonWork> work() {
        return work(UnaryOperator.identity());
    }

    /** @param pace at which it is done */
    public List<SeasonWork> work(UnaryOperator<WorkRate> pace) {
        return Job.bySeason(jobs()).entrySet().stream()
                .map(season -> SeasonWork.of(
                        season.getKey(),
                        season.getValue().entrySet().stream()
                                .map(task -> SeasonWork.Task.of(pace.apply(task.getKey()), task.getValue()))
                                .toList()))
                .toList();
    }

    /** All that there is to do, thing by thing. */
    public List<Job> jobs() {
        return Stream.concat(takeoff().jobs().stream(), looseGoods().carrying().stream())
                .toList();
    }

    /** What each thing takes of loose goods. */
    public List<LooseShare> looseShares() {
        return looseGoods().shares();
    }

    /** The pieces of boards of each thing, with their marks. */
    public List<PlacedBoards> placedBoards() {
        return BoardCosts.placed(takeoff().boards());
    }

    /** The ways to get what fills the beds, by season and good. */
    public List<SeasonSoil> soil() {
        return looseGoods().soil();
    }

    /**
     * What a bed as it is in a season would cost if it alone were built, everything bought for it; empty if it doesn't
     * stand.
     */
    public Optional<Bill> alone(Bed bed, int season) {
        return bed.in(season).map(revision -> anew(Map.of(bed.id(), revision)));
    }

    /** What these beds would cost if each were built as it is here, with nothing there already. */
    Bill anew(Map<UUID, BedRevision> beds) {
        List<Bed> built = beds.entrySet().stream()
                .map(bed -> Bed.of(bed.getKey(), plan.bed(bed.getKey()).name(), bed.getValue()))
                .toList();
        return new CostStudy(plan.ofBedsAlone(built), memo, prices, Optional.empty()).bill();
    }

    public Purse purse(Bill bill) {
        Budget budget = plan.budget();
        return Purse.of(budget.sum(), budget.held(), bill);
    }

    /**
     * What the garden costs by a square metre of soil, by a square foot if the plan is in feet, rounded half up; empty
     * without soil. What is kept when the garden is done is left out.
     */
    public Optional<Money> perArea(Bill bill, Area growing) {
        double units = Packs.of(growing, plan.units());
        return units <= 0
                ? Optional.empty()
                : Optional.of(
                        bill.total().minus(bill.kept()).dividedBy(BigDecimal.valueOf(units), RoundingMode.HALF_UP));
    }

    /** How the boards are cut that the bill buys, by season, material and board. */
    public List<CuttingPlan> cutting() {
        return cuttingOf(bed -> true);
    }

    /** The same of some beds alone, as if only theirs were cut; pieces keep the marks that they have among all. */
    public List<CuttingPlan> cuttingOf(Predicate<UUID> beds) {
        return boardCosts().cutting(takeoff().boards(), beds);
    }

    /** At once: as they are known to be cut best, and others by the quick rule. */
    public List<CuttingPlan> cuttingOf(Predicate<UUID> beds, KnownCuts known) {
        return new BoardCosts(plan, memo, this::price, Optional.of(known))
                .cutting(takeoff().boards(), beds);
    }

    /** How the sheets are cut that the bill buys, by season and good, for some things alone. */
    public List<CutSheets> sheetsOf(Predicate<UUID> things) {
        List<CutSheets> cut = new ArrayList<>();
        sheetsOf(things, cut::add);
        return cut;
    }

    /**
     * The same, each told as soon as it is cut. Where there is much to cut this takes a second or two for each.
     *
     * @param found is told of as many as {@link #sheetGoods} says
     */
    public void sheetsOf(Predicate<UUID> things, Consumer<CutSheets> found) {
        cutSheets(things, Optional.empty(), found);
    }

    /** At once: as they are known to be cut best, and others by the quick rule. */
    public List<CutSheets> sheetsOf(Predicate<UUID> things, KnownCuts known) {
        List<CutSheets> cut = new ArrayList<>();
        cutSheets(things, Optional.of(known), cut::add);
        return cut;
    }

    private void cutSheets(Predicate<UUID> things, Optional<KnownCuts> known, Consumer<CutSheets> found) {
        sheetCosts(known).cutting(sheetsFor(things), BoardCosts.marks(takeoff().boards()), found);
    }

    /** How many goods are cut from sheets for some things, those of each season counted by themselves. */
    public int sheetGoods(Predicate<UUID> things) {
        return SheetCosts.goods(sheetsFor(things));
    }

    private List<Sheets> sheetsFor(Predicate<UUID> things) {
        return takeoff().sheets().stream()
                .filter(sheets -> things.test(sheets.served().id()))
                .toList();
    }

    /**
     * The cheapest layouts of the same pieces. Where there is much to cut this takes a second or two for each kind of
     * board.
     */
    public List<BestCutting> bestCutting() {
        return bestCuttingOf(bed -> true);
    }

    /** The same of some beds alone. */
    public List<BestCutting> bestCuttingOf(Predicate<UUID> beds) {
        List<BestCutting> cuttings = new ArrayList<>();
        bestCuttingOf(beds, cuttings::add);
        return cuttings;
    }

    /**
     * The same, each told as soon as it is found.
     *
     * @param found is told of as many as {@link #boardKinds} says
     */
    public void bestCuttingOf(Predicate<UUID> beds, Consumer<BestCutting> found) {
        boardCosts().bestCutting(boardsOf(beds), found);
    }

    /** How many kinds of boards are cut for some beds, those of each season counted by themselves. */
    public int boardKinds(Predicate<UUID> beds) {
        return (int) boardsOf(beds).stream()
                .map(boards -> List.of(boards.season(), boards.part(), boards.kind()))
                .distinct()
                .count();
    }

    private List<Boards> boardsOf(Predicate<UUID> beds) {
        return takeoff().boards().stream()
                .filter(boards -> beds.test(boards.served().id()))
                .toList();
    }

    private void addWhole(Sold sold, List<BillLine> lines) {
        double units = sold.units(plan.units());
        if (units > Packs.ROUNDING) {
            Sold.Line line = sold.line();
            lines.add(BillLine.of(
                            line.season(),
                            line.part(),
                            line.item(),
                            Packs.whole(units),
                            price(line.item()),
                            Acquired.BOUGHT,
                            sold.beds(),
                            sold.places(),
                            plan.currency())
                    .using(Packs.used(units)));
        }
    }

    private BillLine line(Sundry sundry) {
        return BillLine.of(
                sundry.season(),
                sundry.part(),
                PriceItem.sundry(sundry),
                sundry.quantity(),
                sundry.price(),
                sundry.acquired(),
                List.of(),
                List.of(),
                plan.currency());
    }

    private Optional<Money> price(PriceItem item) {
        return Optional.ofNullable(prices.get(item));
    }
}
