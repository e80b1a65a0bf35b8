package fairacre.reach;

import fairacre.judging.Remedy;
import fairacre.judging.SnagContext;
import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.outline.Keyhole;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.outline.Shape;
import fairacre.plan.BedRevision;
import fairacre.plan.Change;
import fairacre.plan.Gardener;
import fairacre.plan.Posture;
import fairacre.plan.StandingBed;
import fairacre.shape.Areas;
import fairacre.shape.Curves;
import fairacre.shape.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * The least keyhole that brings a bed within reach: of a fixed width, the shallowest notch over all sides and over
 * places along each side. The deeper a notch the more is within reach from it, so the depth is found by halving on the
 * geometry itself.
 */
final class KeyholeSearch {

    /** Comfortable for feet: 18 in, or 0.45 m where one measures so; common practice. */
    private static final Length COMFORTABLE = Length.inches(18);

    private static final Length COMFORTABLE_METRIC = Length.metres(0.45);
    /** Places tried along a side, as shares of it: its middle first. */
    private static final double[] PLACES = {1 / 2.0, 1 / 3.0, 2 / 3.0};
    /** Halvings of the depth: to 2 mm in a bed of 10 m. */
    private static final int HALVINGS = 12;

    private static final double SHALLOWEST = 0.1;
    /** A deeper notch is a walk, and the bed rather two: 5 ft, metres (common practice: about 1 m in a bed of 8 ft). */
    private static final double DEEPEST = 1.524;
    /** Depths are found to this, metres, before they are rounded up to what a tape shows. */
    private static final double DEPTH_TOLERANCE = 0.002;

    private static final double CURVE_TOLERANCE = 0.001;
    /** As in the study of reach, square metres. */
    private static final double SLIVER = 1e-5;

    private final SnagContext context;
    private final StandingBed bed;
    private final Gardener gardener;
    private final Predicate<BedReach> demand;
    private final List<Missing> missing;
    private final Polygon whole;

    /** @param missing what has to come within reach, and whose */
    KeyholeSearch(
            SnagContext context,
            StandingBed bed,
            Gardener gardener,
            Predicate<BedReach> demand,
            List<Missing> missing) {
        this.context = context;
        this.bed = bed;
        this.gardener = gardener;
        this.demand = demand;
        this.missing = missing;
        this.whole = Polygons.of(bed.corners());
    }

    /** Soil out of somebody's reach. */
    record Missing(Gardener gardener, Unreached soil) {}

    /** Empty if no single keyhole is enough, or the bed is reached only from where nobody can be. */
    Optional<Remedy> least() {
        Length width = missing.stream().map(Missing::gardener).map(this::wanted).reduce(wanted(gardener), Length::max);
        Keyhole best = null;
        for (Keyhole deepest : candidates(width)) {
            double bound =
                    best == null ? deepest.depth().metres() : best.depth().metres() - 0.001;
            Keyhole found = bound < SHALLOWEST ? null : shallowest(deepest, bound);
            if (found != null) {
                best = found;
            }
        }
        return Optional.ofNullable(best).map(this::tidy).filter(this::works).map(this::remedy);
    }

    /** Feet step into a notch, wheels need a walk. */
    private Length wanted(Gardener who) {
        return who.posture() == Posture.SEATED
                ? context.wording().tidyUp(who.passing())
                : context.plan().units() == Units.METRIC ? COMFORTABLE_METRIC : COMFORTABLE;
    }

    private List<Keyhole> candidates(Length width) {
        List<Keyhole> candidates = new ArrayList<>();
        BedRevision revision = bed.revision();
        List<Coordinate> sides = revision.shape()
                .form()
                .corners(revision.outline().length(), revision.outline().width());
        double across = Math.hypot(
                revision.outline().length().metres(), revision.outline().width().metres());
        for (double share : PLACES) {
            for (int side = 0; side < sides.size(); side++) {
                double length = sides.get(side).distance(sides.get((side + 1) % sides.size()));
                if (length > width.metres() + 2 * SHALLOWEST) {
                    candidates.add(new Keyhole(
                            side,
                            context.wording().tidyDown(Length.metres(length * share)),
                            width,
                            Length.metres(Math.min(DEEPEST, across))));
                }
            }
        }
        return candidates;
    }

    /** Halves between no depth and a depth; null if the deepest that the bed allows does not do. */
    private Keyhole shallowest(Keyhole keyhole, double bound) {
        double low = SHALLOWEST;
        double high = deepestAllowed(keyhole, bound);
        if (high < SHALLOWEST || !coversAll(deep(keyhole, high))) {
            return null;
        }
        for (int i = 0; i < HALVINGS && high - low > DEPTH_TOLERANCE; i++) {
            double middle = (low + high) / 2;
            if (coversAll(deep(keyhole, middle))) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return deep(keyhole, high);
    }

    private double deepestAllowed(Keyhole keyhole, double bound) {
        double low = 0;
        double high = bound;
        if (allowed(deep(keyhole, Math.max(SHALLOWEST, high)))) {
            return high;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (middle >= SHALLOWEST && allowed(deep(keyhole, middle))) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static Keyhole deep(Keyhole keyhole, double depth) {
        return new Keyhole(keyhole.side(), keyhole.at(), keyhole.width(), Length.metres(depth));
    }

    private Keyhole tidy(Keyhole keyhole) {
        return new Keyhole(
                keyhole.side(), keyhole.at(), keyhole.width(), context.wording().tidyUp(keyhole.depth()));
    }

    private boolean allowed(Keyhole keyhole) {
        return cut(keyhole).isPresent();
    }

    /**
     * Whether everything that is missing lies within reach of the notch: a keyhole takes no reach away from anybody.
     */
    private boolean coversAll(Keyhole keyhole) {
        Optional<StandingBed> cut = cut(keyhole);
        if (cut.isEmpty()) {
            return false;
        }
        Geometry notch = Areas.without(whole, Areas.within(cut.get().corners()));
        return missing.stream()
                .allMatch(m -> m.soil().parts().stream().allMatch(part -> isWithin(part, notch, m.gardener())));
    }

    private static boolean isWithin(List<Point> part, Geometry notch, Gardener gardener) {
        double reach = gardener.reach().metres();
        Geometry near = notch.buffer(reach, Curves.quadrantSegments(reach, CURVE_TOLERANCE));
        return Areas.without(Areas.within(part), near).getArea() < SLIVER;
    }

    /** The proof: the bed with the keyhole among its neighbours, judged as every plan is. */
    private boolean works(Keyhole keyhole) {
        return cut(keyhole)
                .filter(cut -> new ReachTrial(context, bed).reach(List.of(cut), demand))
                .isPresent();
    }

    private Optional<StandingBed> cut(Keyhole keyhole) {
        try {
            BedRevision revision = bed.revision();
            Shape shape = revision.shape().with(keyhole);
            return Optional.of(new StandingBed(bed.id(), bed.name(), revision.withShape(revision.outline(), shape)));
        } catch (RefusedException doesNotFit) {
            return Optional.empty();
        }
    }

    private Remedy remedy(Keyhole keyhole) {
        BedRevision revision = bed.revision();
        String words = "Cut a keyhole " + context.wording().length(keyhole.width()) + " wide and "
                + context.wording().length(keyhole.depth()) + " deep into " + bed.name() + " " + side(keyhole);
        return new Remedy(
                words,
                new Change.ReshapeBed(
                        bed.id(),
                        revision.from(),
                        revision.outline(),
                        Optional.of(revision.shape().with(keyhole))));
    }

    /** From which side of the drawing one steps in. */
    private String side(Keyhole keyhole) {
        Ring ring = Ring.of(bed.revision()
                .withShape(bed.outline(), new Shape(bed.revision().shape().form(), List.of()))
                .corners());
        return "from the "
                + switch (context.wording().direction(ring.normalX(keyhole.side()), ring.normalY(keyhole.side()))) {
                    case "up" -> "top";
                    case "down" -> "bottom";
                    case "left" -> "left";
                    case "right" -> "right";
                    default -> "side";
                };
    }
}
