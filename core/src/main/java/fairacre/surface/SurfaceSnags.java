package fairacre.surface;

import fairacre.goods.Layer;
import fairacre.goods.LayerKind;
import fairacre.judging.Remedy;
import fairacre.judging.Snag;
import fairacre.judging.SnagContext;
import fairacre.judging.Weight;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.outline.Polygons;
import fairacre.plan.Put;
import fairacre.plan.StandingBed;
import fairacre.plan.Walk;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

/**
 * Walks whose layers go against the order of the work: built up beside beds that were there before, or with fabric
 * beneath stone.
 */
final class SurfaceSnags {

    /** Less than this nobody misses. */
    private static final Length MISSED = Length.inches(1);
    /** A bed this near stands beside the walk, metres. */
    private static final double BESIDE = 0.05;

    private final SnagContext context;

    SurfaceSnags(SnagContext context) {
        this.context = context;
    }

    List<Snag> find() {
        List<Snag> snags = new ArrayList<>();
        for (Walk walk : context.plan().walks(context.season())) {
            if (walk.build().rises().compareTo(MISSED) > 0) {
                raised(walk).ifPresent(snags::add);
            }
            if (hasFabricUnderStone(walk.build().layers())) {
                snags.add(fabric(walk));
            }
        }
        return snags;
    }

    private Optional<Snag> raised(Walk walk) {
        Polygon area = Polygons.of(walk.corners());
        List<StandingBed> beside = context.standing().stream()
                .filter(bed -> bed.revision().thickness().isPositive())
                .filter(bed -> Polygons.of(bed.corners()).isWithinDistance(area, BESIDE))
                .sorted(Comparator.comparing((StandingBed bed) -> bed.revision().height())
                        .thenComparing(StandingBed::id))
                .toList();
        return beside.stream().findFirst().map(lowest -> raised(walk, lowest, beside));
    }

    private Snag raised(Walk walk, StandingBed lowest, List<StandingBed> beside) {
        Length height = lowest.revision().height();
        Length rises = walk.build().rises();
        boolean buried = rises.compareTo(height) >= 0;
        Length left = buried ? Length.ZERO : height.minus(rises);
        Wording wording = context.wording();
        int more = beside.size() - 1;
        String others =
                more == 0 ? "." : ", and " + more + (more == 1 ? " other bed loses" : " other beds lose") + " as much.";
        String words = walk.name() + " will lie " + wording.length(rises) + " above the ground: of the "
                + wording.length(height) + " of " + lowest.name()
                + (buried ? " nothing is left above it" : " only " + wording.length(left) + " are left above it")
                + others;
        boolean bad = left.times(2).compareTo(height) < 0;
        return Snag.of(
                        SurfaceRule.WALK_RAISES_GROUND,
                        bad ? Weight.WARNING : Weight.NOTE,
                        words,
                        Optional.of(middle(walk)),
                        beside.stream().map(StandingBed::id).sorted().toList(),
                        List.of(),
                        context.remedies(() -> List.of(DugIn.remedy(context, walk))))
                .about(context.ref(walk.id()))
                .by(rises.metres());
    }

    private static boolean hasFabricUnderStone(List<Layer> layers) {
        boolean fabric = false;
        for (Layer layer : layers) {
            if (fabric && (layer.kind() == LayerKind.STONE || layer.kind() == LayerKind.FINES)) {
                return true;
            }
            fabric |= layer.kind() == LayerKind.FABRIC;
        }
        return false;
    }

    private Snag fabric(Walk walk) {
        List<Layer> without = walk.build().layers().stream()
                .filter(layer -> layer.kind() != LayerKind.FABRIC)
                .toList();
        return Snag.of(
                        SurfaceRule.FABRIC_UNDER_STONE,
                        Weight.NOTE,
                        walk.name() + " has landscape fabric beneath its stone.",
                        Optional.of(middle(walk)),
                        List.of(),
                        List.of(),
                        context.remedies(() -> List.of(new Remedy(
                                "Leave the fabric out",
                                Put.of(walk.withBuild(walk.build().withLayers(without)))))))
                .about(context.ref(walk.id()));
    }

    private static Point middle(Walk walk) {
        var inside = Polygons.of(walk.corners()).getInteriorPoint();
        return Point.metres(inside.getX(), inside.getY());
    }
}
