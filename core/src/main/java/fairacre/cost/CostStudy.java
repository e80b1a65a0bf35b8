package fairacre.cost;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.Budget;
import fairacre.bill.Packs;
import fairacre.bill.PriceItem;
import fairacre.bill.Sundry;
import fairacre.measure.Area;
import fairacre.plan.Bed;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.surface.SurfaceStudy;
import fairacre.surface.WalkTakeoff;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.joda.money.Money;

/**
 * The bill of a plan over all its seasons. Boards of one kind that are wanted in one season are laid out together over
 * all beds, and each good for its beds and walks is bought in one go.
 */
public final class CostStudy {

    private final Plan plan;
    private final Memo memo;
    private final Map<PriceItem, Money> prices;
    private List<WalkTakeoff> walks;

    private CostStudy(Plan plan, Memo memo) {
        this.plan = plan;
        this.memo = memo;
        this.prices = plan.pricesInForce();
    }

    public static CostStudy of(Plan plan) {
        return of(plan, Memo.none());
    }

    /** @param memo of what was worked out before, for this plan or one like it */
    public static CostStudy of(Plan plan, Memo memo) {
        return new CostStudy(plan, memo);
    }

    /** Boards by the cheapest layouts that are found, as cutting plan and shopping list have them. */
    public Bill bill() {
        return bill(frameCosts());
    }

    /** At once: boards as they are known to be cut best, and others by the quick rule. */
    public Bill bill(KnownCuts known) {
        return bill(new FrameCosts(plan, memo, this::price, Optional.of(known)));
    }

    /** The best layouts of all boards that the bill buys, to be known for plans like this one. */
    public KnownCuts cuts() {
        FrameCosts frames = frameCosts();
        frames.lines(bySeason(allJobs()), Shed.of(plan.workshop().offcuts()));
        return frames.found();
    }

    private Bill bill(FrameCosts frames) {
        List<Job> jobs = allJobs();
        List<BillLine> lines =
                frames.lines(bySeason(jobs), Shed.of(plan.workshop().offcuts()));
        lines.addAll(soilCosts().lines(jobs));
        lines.addAll(new WalkCosts(plan, this::price).lines(walks()));
        lines.addAll(new DrainCosts(plan, this::price).lines());
        plan.paidBesides().stream().map(this::line).forEach(lines::add);
        lines.sort(Comparator.comparing(BillLine::season).thenComparing(BillLine::part));
        return new Bill(plan.currency(), lines, frames.isQuick());
    }

    private FrameCosts frameCosts() {
        return new FrameCosts(plan, memo, this::price, Optional.empty());
    }

    private SoilCosts soilCosts() {
        return new SoilCosts(plan, memo, this::price, this::walks);
    }

    /** What the walks are made of, main ones first. */
    public List<WalkTakeoff> walks() {
        if (walks == null) {
            walks = List.copyOf(SurfaceStudy.of(plan, memo));
        }
        return walks;
    }

    /** The question what has to be bought for a bed. */
    private record JobsOf(Bed bed) {}

    private List<Job> jobs(Bed bed) {
        return memo.recall(new JobsOf(bed), () -> Job.of(bed));
    }

    private List<Job> allJobs() {
        return plan.beds().stream().flatMap(bed -> jobs(bed).stream()).toList();
    }

    private static SortedMap<Integer, List<Job>> bySeason(List<Job> jobs) {
        return jobs.stream().collect(Collectors.groupingBy(Job::season, TreeMap::new, Collectors.toList()));
    }

    /** The ways to get what fills the beds, by season and good. */
    public List<SeasonSoil> soil() {
        return soilCosts().seasons(allJobs());
    }

    /**
     * What a bed as it is in a season would cost if it alone were built, everything bought for it; empty if it doesn't
     * stand.
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
        return frameCosts().cutting(bySeason(allJobs()), beds);
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
        return frameCosts()
                .bestCutting(bySeason(
                        allJobs().stream().filter(job -> beds.test(job.bed())).toList()));
    }

    /** What these jobs alone take, with nothing there already. */
    Bill boughtFor(List<Job> jobs) {
        List<BillLine> lines = frameCosts().lines(bySeason(jobs), Shed.of(List.of()));
        lines.addAll(soilCosts().bought(jobs));
        return new Bill(plan.currency(), lines);
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
