package fairacre.bed;

import fairacre.ground.FitStudy;
import fairacre.judging.Edits;
import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Feature;
import fairacre.plan.FeatureKind;
import fairacre.plan.StandingBed;
import fairacre.walk.Surroundings;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Moves of a bed along its own axes until it is clear of a feature and of its margin. */
final class Withdrawal {

    private static final int MOST = 2;

    private final SnagContext context;
    private final StandingBed bed;
    private final Feature feature;

    Withdrawal(SnagContext context, StandingBed bed, Feature feature) {
        this.context = context;
        this.bed = bed;
        this.feature = feature;
    }

    private record Move(double dx, double dy, Length by) {}

    /** The shortest moves first; if none is free, the bed can only go. */
    List<Remedy> remedies() {
        Rectangle outline = bed.outline();
        List<Move> moves = new ArrayList<>();
        for (int quarter = 0; quarter < 4; quarter++) {
            double dx = quarter % 2 == 0 ? outline.alongX() : -outline.alongY();
            double dy = quarter % 2 == 0 ? outline.alongY() : outline.alongX();
            double sign = quarter < 2 ? 1 : -1;
            moves.add(move(dx * sign, dy * sign));
        }
        moves.sort(Comparator.comparing(Move::by));
        List<Remedy> remedies = new ArrayList<>();
        for (Move move : moves) {
            Rectangle moved = outline.shifted(move.dx * move.by.metres(), move.dy * move.by.metres());
            if (remedies.size() < MOST && isClear(moved)) {
                remedies.add(new Remedy(
                        "Move " + bed.name() + " " + context.wording().length(move.by) + " "
                                + context.wording().direction(move.dx, move.dy),
                        Edits.move(bed, moved)));
            }
        }
        if (remedies.isEmpty()) {
            remedies.add(context.edits().takeOut(bed));
        }
        return remedies;
    }

    private boolean isClear(Rectangle moved) {
        return Surroundings.of(context, bed).hasRoomFor(moved)
                && FitStudy.of(
                                context.setting(),
                                List.of(Surroundings.of(context, bed).reshaped(moved)))
                        .encroachments()
                        .isEmpty();
    }

    /** From the last of the bed to the far end of the feature, in one direction. */
    private Move move(double dx, double dy) {
        double last =
                bed.corners().stream().mapToDouble(p -> along(p, dx, dy)).min().orElseThrow();
        double far = feature.places().stream()
                .mapToDouble(p -> along(p, dx, dy))
                .max()
                .orElseThrow();
        double half = feature.kind().extent() == FeatureKind.Extent.AREA
                ? 0
                : feature.breadth().metres() / 2;
        double clear = far + Math.max(half, feature.margin().metres()) - last;
        return new Move(dx, dy, context.wording().tidyUp(Length.metres(Math.max(0, clear))));
    }

    private static double along(Point place, double dx, double dy) {
        return place.x().metres() * dx + place.y().metres() * dy;
    }
}
