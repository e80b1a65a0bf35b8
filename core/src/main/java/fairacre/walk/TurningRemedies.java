package fairacre.walk;

import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.limits.Limits;
import fairacre.measure.Length;
import fairacre.outline.Polygons;
import fairacre.outline.Rectangle;
import fairacre.plan.Carrier;
import fairacre.plan.Gardener;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/** Ways to give a wheelchair room to turn, or two of them room to pass: one bed moves along its own axes, or goes. */
final class TurningRemedies {

    private static final int MOST = 2;
    /** So many beds nearest to a dead end are tried. */
    private static final int NEAREST = 2;
    /** Middles of dead ends no further apart are of one and the same, metres. */
    private static final double SAME_PLACE = 1.5;
    /** Moves that are tried, metres. */
    private static final double[] MOVES = {0.3, 0.6, 1};

    /** What counts as shorter. */
    private static final Length SHORTER = Length.metres(1);

    private final SnagContext context;
    private final Gardener gardener;
    private final Carrier chair;

    TurningRemedies(SnagContext context, Gardener gardener, Length turning) {
        this.context = context;
        this.gardener = gardener;
        this.chair = gardener.asCarrier(turning);
    }

    /** So that it can turn somewhere. */
    List<Remedy> all() {
        return orTakeOut(moves(context.standing(), study -> study.turnsSomewhere(chair), "can turn"));
    }

    /** So that one walk fewer has to be backed out of: a bed near it moves, gets shorter, or goes. */
    List<Remedy> outOf(DeadEnd end) {
        Predicate<CarrierStudy> fewer = study -> study.deadEnds(chair).stream().noneMatch(other -> isNear(other, end));
        List<StandingBed> near = context.standing().stream()
                .sorted(Comparator.comparingDouble(bed -> far(bed, end)))
                .limit(NEAREST)
                .toList();
        List<Remedy> remedies = new ArrayList<>(moves(near, fewer, "can turn or get through"));
        near.forEach(bed -> addShorter(bed, fewer, remedies));
        if (remedies.isEmpty()) {
            near.stream()
                    .map(context.edits()::takeOut)
                    .filter(remedy -> satisfies(remedy, fewer))
                    .findFirst()
                    .ifPresent(remedies::add);
        }
        return remedies.isEmpty() ? List.of(context.edits().takeOut(near.get(0))) : remedies;
    }

    private void addShorter(StandingBed bed, Predicate<CarrierStudy> wanted, List<Remedy> remedies) {
        for (double by : MOVES) {
            Length less = context.wording().tidyUp(Length.metres(by));
            for (int end = -1; end <= 1 && bed.revision().malleable() && remedies.size() < MOST; end += 2) {
                boolean lengthwise =
                        bed.outline().length().compareTo(bed.outline().width()) >= 0;
                Length size = bed.outline().longerSide().minus(less);
                if (size.compareTo(Limits.SHORTEST_SIDE.times(3)) < 0) {
                    return;
                }
                double off = end * less.metres() / 2;
                Rectangle shorter = bed.outline()
                        .movedTo(
                                lengthwise
                                        ? bed.outline().at(off, 0)
                                        : bed.outline().at(0, off),
                                bed.outline().turn())
                        .resized(
                                lengthwise ? size : bed.outline().length(),
                                lengthwise ? bed.outline().width() : size);
                Remedy remedy = new Remedy(
                        "Make " + bed.name() + " " + context.wording().length(less) + " shorter, so that "
                                + gardener.name() + " can turn or get through",
                        Edits.reshape(bed, shorter));
                if (satisfies(remedy, wanted)) {
                    remedies.add(remedy);
                    return;
                }
            }
        }
    }

    private static boolean isNear(DeadEnd one, DeadEnd other) {
        return one.place().distance(other.place()).metres() < SAME_PLACE;
    }

    private static double far(StandingBed bed, DeadEnd end) {
        return Polygons.of(bed.corners()).distance(Polygons.line(List.of(end.place())));
    }

    /** So that the longest walk without a place to pass is no longer than the limit, or at least shorter. */
    List<Remedy> shorter(Length limit, Length now) {
        String gain = "meets others in a wider place";
        Predicate<CarrierStudy> enough =
                study -> study.longestWithoutPassing(chair).compareTo(limit) <= 0;
        List<Remedy> remedies = new ArrayList<>(moves(context.standing(), enough, gain));
        if (remedies.isEmpty()) {
            context.standing().stream()
                    .map(bed -> context.edits().takeOut(bed))
                    .filter(remedy -> satisfies(remedy, enough))
                    .findFirst()
                    .ifPresent(remedies::add);
        }
        return orTakeOut(
                remedies.isEmpty()
                        ? moves(
                                context.standing(),
                                study -> study.longestWithoutPassing(chair).compareTo(now.minus(SHORTER)) < 0,
                                gain)
                        : remedies);
    }

    private boolean satisfies(Remedy remedy, Predicate<CarrierStudy> wanted) {
        Plan after = context.plan().apply(remedy.change()).orThrow();
        List<StandingBed> standing = after.standing(context.season());
        return wanted.test(
                CarrierStudy.of(WalkStudy.of(after.setting(context.season()), standing, context.trials()), standing));
    }

    private List<Remedy> orTakeOut(List<Remedy> remedies) {
        return remedies.isEmpty()
                ? List.of(context.edits().takeOut(context.standing().get(0)))
                : remedies;
    }

    private List<Remedy> moves(List<StandingBed> beds, Predicate<CarrierStudy> wanted, String gain) {
        List<Remedy> remedies = new ArrayList<>();
        for (double by : MOVES) {
            for (StandingBed bed : beds) {
                for (int quarter = 0; quarter < 4 && remedies.size() < MOST; quarter++) {
                    addMove(bed, quarter, context.wording().tidyUp(Length.metres(by)), wanted, gain, remedies);
                }
            }
        }
        return remedies;
    }

    private void addMove(
            StandingBed bed,
            int quarter,
            Length by,
            Predicate<CarrierStudy> wanted,
            String gain,
            List<Remedy> remedies) {
        double sign = quarter < 2 ? 1 : -1;
        double dx = sign
                * (quarter % 2 == 0 ? bed.outline().alongX() : -bed.outline().alongY());
        double dy = sign
                * (quarter % 2 == 0 ? bed.outline().alongY() : bed.outline().alongX());
        var moved = bed.outline().shifted(dx * by.metres(), dy * by.metres());
        if (!Surroundings.of(context, bed).suits(moved)) {
            return;
        }
        Remedy remedy = new Remedy(
                "Move " + bed.name() + " " + context.wording().length(by) + " "
                        + context.wording().direction(dx, dy) + ", so that " + gardener.name() + " " + gain,
                Edits.move(bed, moved));
        if (satisfies(remedy, wanted)) {
            remedies.add(remedy);
        }
    }
}
