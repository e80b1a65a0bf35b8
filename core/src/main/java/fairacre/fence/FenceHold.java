package fairacre.fence;

import fairacre.fence.FenceFlaw.Reason;
import fairacre.measure.Length;
import fairacre.plan.Feature;
import fairacre.plan.WayIn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Whether a fence is high, fine and deep enough for what an animal takes. */
final class FenceHold {

    private FenceHold() {}

    /**
     * Why a fence does not hold; nothing if it does.
     *
     * @param soil of the beds that it stands in, from which it is jumped over and dug under
     * @param snow by which it is lower in winter
     */
    static List<FenceFlaw> flaws(Fence fence, FootSoil soil, Needs needs, Length snow, int season) {
        if (fence.kind() == FenceKind.STRINGS) {
            return strings(fence, needs, season);
        }
        return flaws(fence.kind(), fence.height(), fence.foot(), soil, needs, snow);
    }

    /** Of mesh. */
    static List<FenceFlaw> flaws(
            FenceKind kind, Length height, FenceFoot foot, FootSoil soil, Needs needs, Length snow) {
        List<FenceFlaw> flaws = new ArrayList<>(low(height, needs, snow.plus(soil.highest())));
        mesh(kind, foot, needs).ifPresent(flaws::add);
        foot(foot, soil, needs).ifPresent(flaws::add);
        if (needs.climbs() && kind.climbable()) {
            flaws.add(FenceFlaw.of(Reason.FOOTHOLDS));
        }
        return flaws;
    }

    /** Strings are for what jumps, in the season in which they are hung up. */
    private static List<FenceFlaw> strings(Fence fence, Needs needs, int season) {
        boolean jumps =
                !needs.meshed().isPositive() && !needs.digs() && needs.height().isPositive();
        Length top = fence.kind().topString().orElseThrow();
        if (!jumps || !fence.lifetime().beginsIn(season)) {
            return List.of(FenceFlaw.of(Reason.ONLY_STRING));
        }
        return fence.height().compareTo(top) < 0
                ? List.of(new FenceFlaw(Reason.TOO_LOW, top, fence.height()))
                : List.of();
    }

    /** @param stoodOn by how much what jumps stands higher than the ground */
    private static List<FenceFlaw> low(Length height, Needs needs, Length stoodOn) {
        Length above = height.minus(stoodOn);
        return above.compareTo(needs.height()) < 0
                ? List.of(new FenceFlaw(Reason.TOO_LOW, needs.height().plus(stoodOn), height))
                : List.of();
    }

    /** What the foot's mesh covers need not be covered by the fence. */
    private static Optional<FenceFlaw> mesh(FenceKind kind, FenceFoot foot, Needs needs) {
        boolean fine = kind.opening().compareTo(needs.mesh()) <= 0;
        if (fine || !needs.height().isPositive()) {
            return Optional.empty();
        }
        boolean covered =
                needs.meshed().isPositive() && foot.up().compareTo(needs.meshed()) >= 0 && fineFoot(foot, needs);
        return covered
                ? Optional.empty()
                : Optional.of(new FenceFlaw(Reason.MESH_TOO_WIDE, needs.mesh(), kind.opening()));
    }

    private static boolean fineFoot(FenceFoot foot, Needs needs) {
        return foot.mesh()
                .filter(mesh -> mesh.opening().compareTo(needs.mesh()) <= 0)
                .isPresent();
    }

    private static Optional<FenceFlaw> foot(FenceFoot foot, FootSoil soil, Needs needs) {
        if (!needs.digs()) {
            return Optional.empty();
        }
        Length wants = foot.way() == FenceFoot.Way.APRON ? needs.apron() : needs.buried();
        if (!fineFoot(foot, needs) || !wants.isPositive()) {
            return Optional.of(new FenceFlaw(Reason.FOOT_OPEN, needs.buried(), Length.ZERO));
        }
        if (foot.way() == FenceFoot.Way.BED && !soil.lowest().isPositive()) {
            return Optional.of(new FenceFlaw(Reason.OUT_OF_BEDS, wants, Length.ZERO));
        }
        Length closed = foot.way() == FenceFoot.Way.BED ? Length.min(foot.down(), soil.lowest()) : foot.down();
        return closed.compareTo(wants) < 0
                ? Optional.of(new FenceFlaw(Reason.FOOT_TOO_SHORT, wants, closed))
                : Optional.empty();
    }

    /** A fence of which only line and height are known is trusted with what jumps over and with nothing small. */
    static List<FenceFlaw> ofKept(Feature fence, Needs needs, Length snow) {
        boolean small = needs.meshed().isPositive() || needs.digs();
        return small ? List.of(FenceFlaw.of(Reason.NOT_KNOWN)) : ofWall(fence, needs, snow);
    }

    /** A gate is as fine as its fence; a sill closes the room below it. */
    static List<FenceFlaw> ofLeaf(WayIn.Leaf leaf, Length sill, Needs needs, Length snow) {
        if (!needs.height().isPositive()) {
            return List.of();
        }
        List<FenceFlaw> flaws = new ArrayList<>(low(leaf.height(), needs, snow));
        Length gap = leaf.clearance().minus(sill);
        if (gap.compareTo(needs.mesh()) > 0) {
            flaws.add(new FenceFlaw(Reason.GATE_GAP, needs.mesh(), gap));
        }
        return flaws;
    }

    /** A wall stands on a footing: only its height matters. */
    static List<FenceFlaw> ofWall(Feature wall, Needs needs, Length snow) {
        if (!needs.height().isPositive()) {
            return List.of();
        }
        return wall.height().isPositive()
                ? low(wall.height(), needs, snow)
                : List.of(new FenceFlaw(Reason.NOT_KNOWN, needs.height().plus(snow), Length.ZERO));
    }
}
