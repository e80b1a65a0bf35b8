package fairacre.fence;

import fairacre.limits.RefusedException;
import fairacre.measure.Length;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.Put;
import fairacre.shape.Memo;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;

/** Fences that could be put up; none of them is drawn yet. */
public final class FenceProposals {

    /** Where a fence could lead. */
    public enum Way {
        ALONG_PLOT("Along the plot", "Closes in everything, and leaves you no line to think about."),
        ROUND_BEDS("Round the beds", "Shorter: as far off the beds as a walk is wide. What stands outside is open."),
        TWO_RINGS(
                "Two low rings",
                "Deer jump high or far, not both: you see out over them, and the strip between is lost or for chickens."),
        EDGE_BEDS(
                "In raised edge beds",
                "They close its foot and are planted from within: boards and soil all round are part of the price."),
        STRINGS("Strings for one season", "Keeps deer off until they have learned, and nothing else.");

        private final String label;
        private final String remark;

        Way(String label, String remark) {
            this.label = label;
            this.remark = remark;
        }

        public String label() {
            return label;
        }

        /** One honest sentence. */
        public String remark() {
            return remark;
        }
    }

    /**
     * A fence that could be put up.
     *
     * @param fence the outer one of two
     * @param length of all without gates
     * @param posts that are set for it
     * @param saved so much shorter it is than the longest of the proposals
     * @param years that all of it lasts
     * @param holds the pests that get to no bed after it, in order of id
     */
    public record FenceProposal(
            Way way,
            String label,
            String remark,
            Fence fence,
            Length length,
            int posts,
            Length saved,
            int years,
            List<UUID> holds,
            Change change) {

        public FenceProposal {
            holds = List.copyOf(holds);
        }
    }

    private final Plan plan;
    private final int season;

    private FenceProposals(Plan plan, int season) {
        this.plan = plan;
        this.season = season;
    }

    /**
     * What could be put up in a season.
     *
     * @param beds that are to be closed in: all that stand if there are none
     * @param ids of what is new
     * @throws RefusedException if no fence that is known holds against all pests
     */
    public static List<FenceProposal> of(Plan plan, int season, List<UUID> beds, Supplier<UUID> ids) {
        FenceProposals proposals = new FenceProposals(plan, season);
        FenceLines lines = new FenceLines(plan, season, what -> ids.get());
        List<FenceProposal> all = new ArrayList<>();
        lines.alongThePlot().ifPresent(line -> all.add(proposals.proposal(Way.ALONG_PLOT, line)));
        lines.roundBeds(beds).ifPresent(line -> all.add(proposals.proposal(Way.ROUND_BEDS, line)));
        lines.twoRings().ifPresent(line -> all.add(proposals.proposal(Way.TWO_RINGS, line)));
        lines.inEdgeBeds().ifPresent(line -> all.add(proposals.proposal(Way.EDGE_BEDS, line)));
        if (all.isEmpty()) {
            throw new RefusedException(
                    "pests",
                    "no fence that is known here holds against all of them: it would be more than 3 m high or finer"
                            + " than 1/2 in",
                    "put a net over the beds against the smallest, or leave one of them out");
        }
        if (lines.hasDeer()) {
            all.add(proposals.proposal(Way.STRINGS, lines.strings()));
        }
        Length longest = all.stream().map(FenceProposal::length).reduce(Length.ZERO, Length::max);
        return all.stream().map(each -> saving(each, longest)).toList();
    }

    /**
     * A fence along places that were drawn, of the cheapest mesh that holds against all pests; of plain welded mesh
     * where none does.
     *
     * @throws RefusedException if no fence can lead so
     */
    public static Change drawn(Plan plan, int season, List<Point> places, Supplier<UUID> ids) {
        return new FenceLines(plan, season, what -> ids.get()).drawn(places);
    }

    private static FenceProposal saving(FenceProposal of, Length longest) {
        return new FenceProposal(
                of.way,
                of.label,
                of.remark,
                of.fence,
                of.length,
                of.posts,
                longest.minus(of.length),
                of.years,
                of.holds,
                of.change);
    }

    private FenceProposal proposal(Way way, FenceLines.Line line) {
        FenceStudy.Fencing after = fencing(line.change());
        List<UUID> ids = line.fences().stream().map(Fence::id).toList();
        List<FenceTold> told = after.fences().stream()
                .filter(each -> ids.contains(each.fence()))
                .toList();
        Fence first = line.fences().get(0);
        return new FenceProposal(
                way,
                way.label(),
                way.remark(),
                first,
                told.stream().map(FenceTold::length).reduce(Length.ZERO, Length::plus),
                told.stream().mapToInt(each -> each.posts().size()).sum(),
                Length.ZERO,
                first.years(),
                held(after),
                line.change());
    }

    private FenceStudy.Fencing fencing(Change change) {
        Plan after = plan.apply(change).orThrow();
        return FenceStudy.of(after, season, after.standing(season), Memo.none()).fencing();
    }

    private static List<UUID> held(FenceStudy.Fencing fencing) {
        return fencing.pests().stream()
                .filter(row -> row.needs().isPresent() && row.open().isEmpty())
                .map(PestRow::pest)
                .toList();
    }

    /**
     * Another make of a fence on the same line.
     *
     * @param years that all of it lasts
     * @param holds the pests that get to no bed with it, in order of id
     */
    public record FenceMake(Fence fence, int years, List<UUID> holds, Change change) {
        public FenceMake {
            holds = List.copyOf(holds);
        }
    }

    /**
     * A fence as it is drawn, and the same line of each other mesh, of boards, and with each other kind of posts.
     *
     * @throws RefusedException if there is no such fence
     */
    public static List<FenceMake> makes(Plan plan, int season, UUID fence) {
        FenceProposals proposals = new FenceProposals(plan, season);
        Fence drawn = plan.list(FenceKinds.FENCES).stream()
                .filter(each -> each.id().equals(fence))
                .findFirst()
                .orElseThrow(() -> new RefusedException("fence", "there is none " + fence, "look at the newest plan"));
        List<FenceMake> makes = new ArrayList<>(List.of(proposals.make(drawn)));
        for (FenceKind kind : FenceKind.values()) {
            if (kind != drawn.kind() && kind != FenceKind.STRINGS) {
                makes.add(proposals.make(proposals.fitting(drawn, kind)));
            }
        }
        for (PostKind posts : PostKind.values()) {
            if (posts != drawn.posts() && posts.lasting() && drawn.kind() != FenceKind.STRINGS) {
                makes.add(proposals.make(drawn.with(posts)));
            }
        }
        return makes;
    }

    /** Of another mesh, as high and with such a foot as the pests ask for, where that mesh can hold against them. */
    private Fence fitting(Fence drawn, FenceKind kind) {
        PostKind posts = drawn.posts() == PostKind.CANES ? PostKind.WOOD_IN_CONCRETE : drawn.posts();
        return FittingFence.of(plan, season, kind)
                .map(make -> make.applied(drawn))
                .orElseGet(() -> drawn.of(kind))
                .with(posts);
    }

    private FenceMake make(Fence fence) {
        Change change = Put.of(fence);
        return new FenceMake(fence, fence.years(), held(fencing(change)), change);
    }
}
