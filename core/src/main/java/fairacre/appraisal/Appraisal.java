package fairacre.appraisal;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.cost.CostStudy;
import fairacre.cost.KnownCuts;
import fairacre.cost.Purse;
import fairacre.cost.QuotedPrice;
import fairacre.fence.FenceStudy;
import fairacre.fill.FillTakeoff;
import fairacre.frame.BowStudy;
import fairacre.frame.FrameTakeoff;
import fairacre.frame.Piece;
import fairacre.frame.Seam;
import fairacre.journal.Progress;
import fairacre.judging.Capability;
import fairacre.judging.Failure;
import fairacre.judging.Finder;
import fairacre.judging.Guard;
import fairacre.judging.Judge;
import fairacre.judging.JudgingRule;
import fairacre.judging.Lazy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.SnagsKept;
import fairacre.judging.Weight;
import fairacre.ledger.Forecast;
import fairacre.ledger.Paid;
import fairacre.ledger.Payments;
import fairacre.measure.Area;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.reach.BedReach;
import fairacre.reach.ReachStudy;
import fairacre.reach.Reached;
import fairacre.shape.FenceLine;
import fairacre.shape.Insets;
import fairacre.shape.Memo;
import fairacre.shape.Ring;
import fairacre.surface.SurfaceStudy;
import fairacre.walk.Gap;
import fairacre.walk.WalkStudy;
import fairacre.water.WaterStudy;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.joda.money.Money;
import org.locationtech.jts.geom.Polygon;

/**
 * The judgement of a plan in a season. Make one with {@link #of} and ask for a part, or for everything with
 * {@link #report}.
 *
 * <p>An empty plot has no beds, gaps or bill and one snag at most, that nobody gardens there.
 */
public final class Appraisal {

    /** What takes too long to be told while something is dragged. */
    static final List<Rule> NOT_IN_PREVIEWS =
            Capabilities.rules().stream().filter(Rule::slow).toList();

    private static final Judge JUDGE = new Judge() {
        @Override
        public List<Snag> flawsOnTheGround(Plan plan, int season, Memo memo) {
            return of(plan, season, memo).flawsOnTheGround();
        }

        @Override
        public List<Snag> slowFlaws(Plan plan, int season, Memo memo) {
            return of(plan, season, memo).slowFlaws();
        }

        @Override
        public Cost cost(Plan plan, Memo memo) {
            return cost(CostStudy.of(plan, memo).bill());
        }

        @Override
        public Cost alone(Plan plan, UUID bed, int season) {
            return cost(CostStudy.of(plan).alone(plan.bed(bed), season).orElseThrow());
        }

        private static Cost cost(Bill bill) {
            return new Cost(bill.total(), bill.unpriced());
        }
    };

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;
    private final Memo memo;
    private final List<Paid> paid;
    private final CostStudy cost;
    private final Progress progress;
    private final Supplier<WalkStudy> walks;
    private final Supplier<Reached> reach;
    private final Supplier<WaterStudy> water;
    private final Supplier<Bill> bill;
    private final Supplier<Forecast> forecast;
    private final Guard guard = new Guard();

    private Appraisal(Plan plan, int season, Memo memo, List<Paid> paid, Optional<KnownCuts> cuts, Progress progress) {
        this.progress = progress;
        this.plan = plan;
        this.season = season;
        this.memo = memo;
        this.paid = paid;
        this.standing = plan.standing(season);
        this.cost = CostStudy.of(plan, memo);
        this.walks = new Lazy<>(() -> WalkStudy.of(plan.setting(season), standing, memo));
        this.reach = new Lazy<>(this::computeReach);
        this.water = new Lazy<>(() -> WaterStudy.of(plan, season, standing, memo));
        this.bill = new Lazy<>(() -> cuts.map(cost::bill).orElseGet(cost::bill));
        this.forecast = new Lazy<>(() -> Forecast.of(plan.budget(), bill(), paid));
    }

    public static Appraisal of(Plan plan, int season) {
        return of(plan, season, Memo.none().remembering());
    }

    /** @param paid what is paid or ordered already, in the plan's currency: what is left of the budget goes by it */
    public static Appraisal of(Plan plan, int season, List<Paid> paid) {
        return of(plan, season, Memo.none().remembering(), paid);
    }

    public static Appraisal of(Plan plan, int season, Memo memo) {
        return of(plan, season, memo, List.of());
    }

    /** @param memo of judgements of this plan or of one like it: the answer is the same, only sooner there */
    public static Appraisal of(Plan plan, int season, Memo memo, List<Paid> paid) {
        return of(plan, season, memo, paid, Progress.NONE);
    }

    /** @param progress how far the work has come, by which it is judged whether the rest can be done in time */
    public static Appraisal of(Plan plan, int season, Memo memo, List<Paid> paid, Progress progress) {
        return new Appraisal(plan, season, memo, List.copyOf(paid), Optional.empty(), progress);
    }

    /**
     * @param cuts how boards are known to be cut best: others are laid out by the quick rule, for judging an edit at
     *     once
     */
    public static Appraisal of(Plan plan, int season, Memo memo, List<Paid> paid, KnownCuts cuts) {
        return new Appraisal(plan, season, memo, List.copyOf(paid), Optional.of(cuts), Progress.NONE);
    }

    /** Everything, remedies included. */
    public AppraisalReport report() {
        return report(true);
    }

    /** Everything but remedies and what each bed would cost alone: for judging an edit while it is being made. */
    public AppraisalReport preview() {
        return report(false);
    }

    /** The ways among the beds of the season. */
    public WalkStudy walks() {
        return walks.get();
    }

    public List<BedReach> reach() {
        return reach.get().beds();
    }

    public Bill bill() {
        return bill.get();
    }

    public Purse purse() {
        Forecast spent = forecast.get();
        return cost.purse(bill()).spending(spent.paid(), spent.committed(), spent.toCome());
    }

    public List<Gap> gaps() {
        return guard.orElse("the distances between beds", () -> walks.get().gaps(), List::of);
    }

    /** What could not be worked out of all that was asked for so far; each is told by a snag too. */
    public List<Failure> failures() {
        return guard.failures();
    }

    /** Every snag with its remedies, worst first, those that the gardener has put aside among them. */
    public List<Snag> snags() {
        return snags(true);
    }

    private AppraisalReport report(boolean whole) {
        List<BedAppraisal> beds = new ArrayList<>();
        for (int i = 0; i < standing.size(); i++) {
            StandingBed bed = standing.get(i);
            BedReach reached = reach().get(i);
            beds.add(
                    whole
                            ? bed(bed, reached, true)
                            : memo.recall(new Judged(bed, reached), () -> bed(bed, reached, false)));
        }
        Area growing = beds.stream().map(BedAppraisal::soil).reduce(Area.ZERO, Area::plus);
        List<SeasonCost> bySeason = Stream.concat(
                        plan.seasonsOfChange().stream(), bill().lines().stream().map(BillLine::season))
                .distinct()
                .sorted()
                .map(s -> new SeasonCost(s, bill().total(s)))
                .toList();
        SnagsKept snags = SnagsKept.of(plan, snags(whole));
        return new AppraisalReport(
                season,
                plan.site().area(),
                growing,
                beds,
                gaps(),
                snags.open(),
                snags.aside(),
                purse(),
                bill().lines(),
                bySeason,
                byPart(),
                cost.perArea(bill(), growing),
                SurfaceStudy.in(cost.takeoff()),
                FenceLine.all(plan.setting(season)),
                guard.orElse("how the beds are watered", () -> water.get().water(), () -> WaterStudy.Water.NONE),
                guard.orElse(
                        "what the fences keep out",
                        () -> FenceStudy.of(plan, season, standing, memo).fencing(),
                        () -> FenceStudy.Fencing.NONE),
                QuotedPrice.of(plan),
                bill().quick(),
                whole ? List.of() : NOT_IN_PREVIEWS);
    }

    private List<PartCost> byPart() {
        return bill().lines().stream()
                .map(BillLine::part)
                .distinct()
                .sorted()
                .map(part -> PartCost.of(part, bill().total(part), bill().total()))
                .toList();
    }

    private Reached computeReach() {
        ReachStudy study = ReachStudy.of(this::walks, plan.gardeners());
        return new Reached(standing.stream()
                .map(bed -> guard.orElse(
                        "who reaches what of " + bed.name(),
                        () -> study.reach(bed, plan.tending(bed.id())),
                        () -> BedReach.unknown(bed, plan.tending(bed.id()))))
                .toList());
    }

    private BedAppraisal bed(StandingBed bed, BedReach reached, boolean withBill) {
        Length walls = bed.revision().thickness().times(2);
        List<Piece> pieces = memo.recall(
                new PiecesOf(bed.revision()),
                () -> bed.frame()
                        .map(f -> FrameTakeoff.of(bed.revision(), f).pieces())
                        .orElse(List.of()));
        FillTakeoff fill = memo.recall(new FillOf(bed.revision()), () -> FillTakeoff.of(bed.revision()));
        Optional<Bill> alone =
                Optional.of(bed).filter(b -> withBill).flatMap(b -> cost.alone(plan.bed(b.id()), season));
        Optional<Money> aloneCost = alone.filter(bill -> bill.unpriced() == 0).map(Bill::total);
        return new BedAppraisal(
                bed.id(),
                bed.name(),
                bed.revision().from(),
                bed.outline(),
                bed.revision().shape(),
                bed.revision().existing(),
                bed.corners(),
                memo.recall(new InsideOf(bed.revision()), () -> inside(bed)),
                memo.recall(new SeamsOf(bed.revision()), () -> Seam.of(bed.revision())),
                bed.outline().length().minus(walls),
                bed.outline().width().minus(walls),
                bed.revision().holder(),
                bed.revision().height(),
                bed.revision().leansOut(),
                reached.soil(),
                reached.byGardener(),
                reached.byNobody(),
                fill.depth(),
                fill.volume(),
                pieces,
                Optional.of(bed.revision()).filter(b -> withBill).flatMap(BowStudy::of),
                alone.map(Bill::lines).orElse(List.of()),
                aloneCost);
    }

    /**
     * The question what is told of a bed; how it is reached is the same only if it is the very same answer, which
     * spares comparing it.
     */
    private record Judged(StandingBed bed, BedReach reached) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Judged that && reached == that.reached && bed.equals(that.bed);
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(reached);
        }
    }

    /** The question which pieces the frame of a bed has. */
    private record PiecesOf(BedRevision bed) {}

    /** The question what fills a bed. */
    private record FillOf(BedRevision bed) {}

    /** The question where a bed's soil lies. */
    private record InsideOf(BedRevision bed) {}

    /** The question where the boards of a bed meet. */
    private record SeamsOf(BedRevision bed) {}

    /** The outline of the soil within the boards. */
    private static List<Point> inside(StandingBed bed) {
        double thickness = bed.revision().thickness().metres();
        if (thickness == 0) {
            return bed.corners();
        }
        Ring ring = Ring.of((Polygon) Insets.of(Polygons.of(bed.corners()), thickness));
        return IntStream.range(0, ring.edges())
                .mapToObj(i -> Point.metres(ring.cornerX(i), ring.cornerY(i)))
                .toList();
    }

    private List<Snag> snags(boolean withRemedies) {
        SnagContext context = context(withRemedies);
        List<Finder> finders = new ArrayList<>(Capabilities.finders(Capability::onTheGround, context));
        if (withRemedies) {
            finders.addAll(Capabilities.finders(Capability::slow, context));
            finders.addAll(Capabilities.finders(Capability::inFull, context));
        }
        finders.addAll(Capabilities.finders(Capability::ofWhatIsBought, context));
        bill();
        return found(finders.stream(), guard);
    }

    private SnagContext context(boolean withRemedies) {
        return new SnagContext(
                plan,
                season,
                withRemedies,
                memo,
                guard,
                JUDGE,
                Map.of(
                        WalkStudy.class,
                        walks,
                        Reached.class,
                        reach,
                        WaterStudy.class,
                        water,
                        Bill.class,
                        bill,
                        Forecast.class,
                        forecast,
                        Payments.class,
                        () -> new Payments(paid),
                        Progress.class,
                        () -> progress));
    }

    /**
     * What is wrong on the ground, without what it costs and without remedies: enough to tell whether an edit makes
     * anything worse.
     */
    List<Snag> flawsOnTheGround() {
        return found(Capabilities.finders(Capability::onTheGround, context(false)).stream(), guard);
    }

    /** The flaws on the ground that are left out while something is dragged. */
    List<Snag> slowFlaws() {
        return found(Capabilities.finders(Capability::slow, context(false)).stream(), guard);
    }

    /** What the finders find, worst first, and for each part that could not be worked out that it is not judged. */
    static List<Snag> found(Stream<Finder> finders, Guard guard) {
        List<Snag> snags = new ArrayList<>(finders.map(finder -> guard.orElse(finder.part(), finder.work(), List::of))
                .flatMap(List::stream)
                .toList());
        guard.failures().stream()
                .map(Failure::part)
                .distinct()
                .sorted()
                .map(Appraisal::notJudged)
                .forEach(snags::add);
        return snags.stream()
                .map(Ranked::of)
                .sorted(Ranked.ORDER)
                .map(Ranked::snag)
                .toList();
    }

    /** A snag with what it is sorted by. */
    private record Ranked(Snag snag, int rank, String beds) {

        private static final Comparator<Ranked> ORDER = Comparator.comparing((Ranked ranked) -> ranked.snag.weight())
                .thenComparingInt(Ranked::rank)
                .thenComparing(Ranked::beds);

        private static Ranked of(Snag snag) {
            return new Ranked(snag, Capabilities.rank(snag.rule()), snag.beds().toString());
        }
    }

    private static Snag notJudged(String part) {
        return Snag.of(
                JudgingRule.NOT_JUDGED,
                Weight.WARNING,
                "This could not be judged: " + part
                        + ". The fault is the program's, not your plan's; all else is judged as usual.",
                Optional.empty(),
                List.of(),
                List.of(),
                List.of());
    }
}
