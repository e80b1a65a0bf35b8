package fairacre.cost;

import fairacre.frame.BowStudy;
import fairacre.frame.FrameTakeoff;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.BillPart;
import fairacre.plan.Board;
import fairacre.plan.Frame;
import fairacre.plan.Limits;
import fairacre.plan.Material;
import fairacre.plan.Plan;
import fairacre.plan.PriceItem;
import fairacre.plan.RefusedException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * Kinds of frames side by side for the same beds, as they stand in a season. Nothing that is there is reckoned in: each choice is built
 * and filled anew.
 *
 * <p>How long wood lasts is a range; the cost of a year goes by its middle.
 */
public final class FrameComparison {

    /** Measuring, cutting, drilling and fastening one piece: a rough guess (from memory of such work). */
    public static final double MINUTES_PER_PIECE = 12;
    /** A tie or a stake: likewise. */
    public static final double MINUTES_PER_SUPPORT = 10;
    private static final int MOST_CHOICES = 6;

    private final Plan plan;
    private final CostStudy study;
    private final Map<UUID, BedRevision> beds;
    private final int season;

    private FrameComparison(Plan plan, Map<UUID, BedRevision> beds, int season) {
        this.plan = plan;
        this.study = CostStudy.of(plan);
        this.beds = beds;
        this.season = season;
    }

    /**
     * One answer for each frame, in their order.
     *
     * @param beds at least one that stands in the season
     * @param frames one to six
     * @throws RefusedException if a bed doesn't stand, or a board leaves no soil in one
     */
    public static List<FrameChoice> of(Plan plan, Collection<UUID> beds, int season, List<Frame> frames) {
        Limits.between(frames.size(), 1, MOST_CHOICES, "frames");
        Map<UUID, BedRevision> standing = plan.standing(season).stream().filter(bed -> beds.contains(bed.id()))
                .collect(Collectors.toMap(bed -> bed.id(), bed -> bed.revision()));
        if (standing.isEmpty()) {
            throw new RefusedException("beds", "none of these beds stands in " + season, "choose beds of that season");
        }
        FrameComparison comparison = new FrameComparison(plan, standing, season);
        return frames.stream().map(comparison::of).toList();
    }

    private FrameChoice of(Frame frame) {
        List<Job> jobs = new ArrayList<>();
        int pieces = 0;
        int supports = 0;
        for (Map.Entry<UUID, BedRevision> bed : beds.entrySet()) {
            BedRevision built = framed(bed.getValue(), frame);
            jobs.add(Job.of(bed.getKey(), null, built));
            pieces += FrameTakeoff.of(built, frame).lengths().size();
            supports += BowStudy.of(built).map(bowing -> bowing.sides().stream().mapToInt(side -> side.times() * side.ties()).sum()).orElse(0);
        }
        Bill bill = study.boughtFor(jobs);
        List<BillLine> parts = bill.lines().stream().filter(line -> line.part() == BillPart.FRAMES).toList();
        Optional<Money> cost = sum(parts.stream());
        List<BillLine> boards = parts.stream().filter(line -> isOf(line, frame)).toList();
        Material material = frame.material();
        Length heaviest = longest(frame, boards);
        double volume = frame.board().thickness().metres() * frame.board().width().metres() * heaviest.metres();
        return new FrameChoice(frame, frame.height(), boards.stream().mapToInt(line -> line.quantity().intValueExact()).sum(), cost,
                cost.map(money -> perYear(money, material)), sum(bill.lines().stream().filter(line -> line.part() == BillPart.FILL)), supports,
                season + material.leastYears(), season + material.mostYears(), pieces,
                (pieces * MINUTES_PER_PIECE + supports * MINUTES_PER_SUPPORT) / 60, heaviest, volume * material.leastDensity(), volume * material.mostDensity());
    }

    /** A box of boards in place of whatever holds the bed. */
    private static BedRevision framed(BedRevision bed, Frame frame) {
        return new BedRevision(bed.from(), bed.outline(), bed.shape(), Optional.of(frame), false, bed.build().boxed().withUsualFittings());
    }

    private Optional<Money> sum(Stream<BillLine> lines) {
        return lines.map(BillLine::amount).reduce(Optional.of(Money.zero(plan.currency())), (a, b) -> a.flatMap(x -> b.map(x::plus)));
    }

    private static boolean isOf(BillLine line, Frame frame) {
        return frame.board().stock().stream().anyMatch(stock -> line.item().equals(PriceItem.board(frame.material(), frame.board(), stock)));
    }

    private static Money perYear(Money cost, Material material) {
        BigDecimal middle = BigDecimal.valueOf(material.leastYears() + material.mostYears()).divide(BigDecimal.valueOf(2));
        return cost.dividedBy(middle, RoundingMode.HALF_UP);
    }

    private static Length longest(Frame frame, List<BillLine> boards) {
        Board board = frame.board();
        List<PriceItem> bought = boards.stream().map(BillLine::item).toList();
        return board.stock().stream().filter(stock -> bought.contains(PriceItem.board(frame.material(), board, stock)))
                .reduce(Length.ZERO, Length::max);
    }
}
