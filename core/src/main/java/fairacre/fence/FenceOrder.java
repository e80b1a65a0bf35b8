package fairacre.fence;

import fairacre.goods.Supply;
import fairacre.judging.Wording;
import fairacre.measure.Length;
import fairacre.plan.Plan;
import fairacre.plan.Setting;
import fairacre.plan.WayIn;
import fairacre.shape.FenceLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * In which order a fence is put up, and what to look out for. Concrete sets for four days before anything pulls at a
 * post, and for a week before a gate hangs on it (common practice).
 */
final class FenceOrder {

    static final int SET = 4;
    static final int HARD = 7;
    /** More sides are not told one by one. */
    private static final int FEW = 8;

    /** Many places want a permit for what is higher (common practice). */
    private static final Length HIGH = Length.metres(2);

    private final Plan plan;
    private final Setting setting;
    private final Fence fence;
    private final List<FenceSide> sides;
    private final Length step;
    private final boolean keepsOut;

    /**
     * @param step between two spans; zero where it follows the ground
     * @param keepsOut whether there is something on foot to keep out
     */
    FenceOrder(Plan plan, Setting setting, Fence fence, List<FenceSide> sides, Length step, boolean keepsOut) {
        this.plan = plan;
        this.setting = setting;
        this.fence = fence;
        this.sides = sides;
        this.step = step;
        this.keepsOut = keepsOut;
    }

    /** What to look out for, each a sentence. */
    List<String> cautions() {
        List<String> cautions = new ArrayList<>();
        if (isDug()) {
            cautions.add("Have buried lines marked before you dig: in many places the law.");
        }
        if (FenceLine.runsAlongTheEdge(fence.standing(), setting)) {
            cautions.add(
                    "It stands on the boundary: local code and the neighbour decide about its place and height, and at a"
                            + " road or a drive about what one has to see over it.");
        }
        if (fence.height().compareTo(HIGH) > 0) {
            cautions.add("Above " + wording().length(HIGH) + " many places want a permit.");
        }
        if (fence.kind().tensioned()) {
            cautions.add("Gloves and goggles: stretched wire whips when it slips.");
        }
        return cautions;
    }

    private Wording wording() {
        return new Wording(plan.units());
    }

    private boolean isDug() {
        return fence.posts() != PostKind.EXISTING && fence.posts() != PostKind.CANES;
    }

    private int set() {
        return fence.posts() == PostKind.WOOD_IN_CONCRETE ? SET : 0;
    }

    private int hard() {
        return fence.posts() == PostKind.WOOD_IN_CONCRETE ? HARD : 0;
    }

    List<FenceStep> steps() {
        List<FenceStep> steps = new ArrayList<>();
        bulk().ifPresent(words -> steps.add(new FenceStep(0, words)));
        if (isDug()) {
            steps.add(new FenceStep(
                    0, "Set the posts at corners, ends and gates first, then the others along a string between them."));
        }
        int last = FenceLine.gates(fence.standing(), setting).isEmpty() ? set() : hard();
        if (keepsOut && last > 0) {
            steps.add(new FenceStep(
                    0,
                    "Until day " + last + " it closes nothing: strings on canes or a net on the posts do till then."));
        }
        if (fence.kind().tensioned()) {
            steps.add(new FenceStep(set(), "Brace corners, ends and gate posts."));
        }
        steps.add(new FenceStep(set(), hanging()));
        if (step.isPositive()) {
            steps.add(new FenceStep(
                    set(),
                    "Each span hangs level and steps at its posts, by up to "
                            + wording().length(step) + ": close what is open below with soil or a board."));
        }
        if (fence.foot().way() != FenceFoot.Way.OPEN) {
            steps.add(new FenceStep(set(), foot()));
        }
        if (!FenceLine.gates(fence.standing(), setting).isEmpty()) {
            steps.add(new FenceStep(hard(), "Hang the gates."));
        }
        return steps;
    }

    private String foot() {
        return switch (fence.foot().way()) {
            case BURIED -> "Hang the mesh of the foot, bury it and tread the trench in.";
            case APRON -> "Hang the mesh of the foot, lay it outwards and peg it down.";
            case BED -> "Hang the mesh of the foot before the beds are filled, and fill the soil against it.";
            case OPEN -> throw new IllegalStateException("nothing is hung at an open foot");
        };
    }

    /** What machines bring comes before the last side is closed. */
    private Optional<String> bulk() {
        Optional<WayIn> widest =
                setting.waysIn().stream().max(Comparator.comparing(WayIn::width).thenComparing(WayIn::id));
        return widest.filter(way -> way.width().compareTo(Supply.LOADER) < 0)
                .map(way -> "Soil, long timber and machines come in before the last side is closed: "
                        + way.name() + ", the widest way, is "
                        + wording().length(way.width()) + ", and a small loader takes "
                        + wording().length(Supply.LOADER) + ".");
    }

    private String hanging() {
        if (fence.kind().boarded()) {
            return fence.kind() == FenceKind.BOARDS
                    ? "Fix the rails, then the boards, then the cap."
                    : "Fix the rails, then the boards.";
        }
        if (fence.kind() == FenceKind.STRINGS) {
            return "Tie the strings, the lowest first.";
        }
        return fence.kind().tensioned()
                ? "Stretch " + fromTo()
                        + ": evenly over the whole height with a bar, a brace at the far post meanwhile."
                : "Hang the mesh " + fromTo() + ".";
    }

    private String fromTo() {
        List<FenceSide> marked = sides.stream()
                .filter(side ->
                        side.posts().stream().noneMatch(post -> post.mark().isEmpty()))
                .toList();
        return marked.isEmpty() || marked.size() > FEW
                ? "from each corner to the next"
                : "from "
                        + marked.stream()
                                .map(side -> side.posts().get(0).mark() + " to "
                                        + side.posts()
                                                .get(side.posts().size() - 1)
                                                .mark())
                                .collect(Collectors.joining(", from "));
    }
}
