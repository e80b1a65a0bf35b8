package fairacre.cost;

import fairacre.bill.Bill;
import fairacre.bill.BillLine;
import fairacre.bill.BillPart;
import fairacre.bill.PriceItem;
import fairacre.build.Board;
import fairacre.build.BuildPrices;
import fairacre.build.Frame;
import fairacre.build.Masonry;
import fairacre.build.Material;
import fairacre.build.Wall;
import fairacre.frame.BowStudy;
import fairacre.frame.FrameRates;
import fairacre.frame.FrameTakeoff;
import fairacre.frame.MasonryTakeoff;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.plan.BedRevision;
import fairacre.plan.Plan;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.joda.money.Money;

/**
 * Kinds of frames and walls side by side for the same beds, as they stand in a season. Nothing that is there is
 * reckoned in: each choice is built and filled anew.
 *
 * <p>How long it lasts is a range; the cost of a year goes by its middle.
 */
public final class FrameComparison {

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
     * One answer for each frame or wall, in their order.
     *
     * @param beds at least one that stands in the season
     * @param choices one to six
     * @throws RefusedException if a bed doesn't stand, or a board or a wall leaves no soil in one
     */
    public static List<FrameChoice> of(Plan plan, Collection<UUID> beds, int season, List<BedEdge> choices) {
        Limits.between(choices.size(), 1, MOST_CHOICES, "choices");
        Map<UUID, BedRevision> standing = plan.standing(season).stream()
                .filter(bed -> beds.contains(bed.id()))
                .collect(Collectors.toMap(bed -> bed.id(), bed -> bed.revision()));
        if (standing.isEmpty()) {
            throw new RefusedException("beds", "none of these beds stands in " + season, "choose beds of that season");
        }
        FrameComparison comparison = new FrameComparison(plan, standing, season);
        return choices.stream()
                .map(choice -> choice.frame()
                        .map(frame -> comparison.framed(choice, frame))
                        .orElseGet(() -> comparison.walled(choice, choice.wall().orElseThrow())))
                .toList();
    }

    private FrameChoice framed(BedEdge choice, Frame frame) {
        Map<UUID, BedRevision> anew = new HashMap<>();
        int pieces = 0;
        int supports = 0;
        for (Map.Entry<UUID, BedRevision> bed : beds.entrySet()) {
            BedRevision built = framed(bed.getValue(), frame);
            anew.put(bed.getKey(), built);
            pieces += FrameTakeoff.of(built, frame).lengths().size();
            supports += BowStudy.of(built)
                    .map(bowing -> bowing.sides().stream()
                            .mapToInt(side -> side.times() * side.ties())
                            .sum())
                    .orElse(0);
        }
        Bill bill = study.anew(anew);
        List<BillLine> parts = bill.lines().stream()
                .filter(line -> line.part() == BillPart.FRAMES)
                .toList();
        Optional<Money> cost = sum(parts.stream());
        List<BillLine> boards = parts.stream().filter(line -> isOf(line, frame)).toList();
        Material material = frame.material();
        Length heaviest = longest(frame, boards);
        double volume =
                frame.board().thickness().metres() * frame.board().width().metres() * heaviest.metres();
        return new FrameChoice(
                choice,
                frame.height(),
                boards.stream()
                        .mapToInt(line -> line.quantity().intValueExact())
                        .sum(),
                cost,
                cost.map(money -> perYear(money, material.leastYears(), material.mostYears())),
                sum(bill.lines().stream().filter(line -> line.part() == BillPart.FILL)),
                supports,
                season + material.leastYears(),
                season + material.mostYears(),
                pieces,
                FrameRates.PIECE.hours(pieces) + FrameRates.SUPPORT.hours(supports),
                Optional.of(heaviest),
                volume * material.leastDensity(),
                volume * material.mostDensity());
    }

    private FrameChoice walled(BedEdge choice, Wall wall) {
        Map<UUID, BedRevision> anew = new HashMap<>();
        beds.forEach((bed, revision) -> anew.put(bed, walled(revision, wall)));
        Bill bill = study.anew(anew);
        List<BillLine> parts = bill.lines().stream()
                .filter(line -> line.part() == BillPart.FRAMES)
                .toList();
        Optional<Money> cost = sum(parts.stream());
        Masonry kind = wall.kind();
        int bought = parts.stream()
                .filter(line -> line.item().equals(BuildPrices.masonry(kind)))
                .mapToInt(line -> line.quantity().intValueExact())
                .sum();
        double pieces = anew.values().stream()
                .flatMap(bed -> MasonryTakeoff.onTop(bed, 0).stream())
                .mapToDouble(MasonryTakeoff::pieces)
                .sum();
        return new FrameChoice(
                choice,
                wall.height(),
                bought,
                cost,
                cost.map(money -> perYear(money, kind.leastYears(), kind.mostYears())),
                sum(bill.lines().stream().filter(line -> line.part() == BillPart.FILL)),
                0,
                season + kind.leastYears(),
                season + kind.mostYears(),
                (int) Math.ceil(pieces),
                FrameRates.laying(kind).hours(pieces),
                Optional.empty(),
                kind.leastKilograms(),
                kind.mostKilograms());
    }

    private static BedRevision walled(BedRevision bed, Wall wall) {
        return new BedRevision(
                bed.from(),
                bed.outline(),
                bed.shape(),
                Optional.empty(),
                false,
                bed.build()
                        .boxed()
                        .withoutCap()
                        .withLegs(Length.ZERO)
                        .withUsualFittings()
                        .withWall(wall));
    }

    /** A box of boards in place of whatever holds the bed. */
    private static BedRevision framed(BedRevision bed, Frame frame) {
        return new BedRevision(
                bed.from(),
                bed.outline(),
                bed.shape(),
                Optional.of(frame),
                false,
                bed.build().boxed().withUsualFittings());
    }

    private Optional<Money> sum(Stream<BillLine> lines) {
        return lines.map(BillLine::amount)
                .reduce(Optional.of(Money.zero(plan.currency())), (a, b) -> a.flatMap(x -> b.map(x::plus)));
    }

    private static boolean isOf(BillLine line, Frame frame) {
        return frame.board().stock().stream()
                .anyMatch(stock -> line.item().equals(BuildPrices.board(frame.material(), frame.board(), stock)));
    }

    private static Money perYear(Money cost, int leastYears, int mostYears) {
        BigDecimal middle = BigDecimal.valueOf(leastYears + mostYears).divide(BigDecimal.valueOf(2));
        return cost.dividedBy(middle, RoundingMode.HALF_UP);
    }

    private static Length longest(Frame frame, List<BillLine> boards) {
        Board board = frame.board();
        List<PriceItem> bought = boards.stream().map(BillLine::item).toList();
        return board.stock().stream()
                .filter(stock -> bought.contains(BuildPrices.board(frame.material(), board, stock)))
                .reduce(Length.ZERO, Length::max);
    }
}
