package fairacre.cost;

import fairacre.fence.FenceProposals;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.shape.Memo;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;

/** A fence that could be put up, with what it costs, and with what the beds cost that come with it. */
public record PricedFence(FenceProposals.FenceProposal proposal, FenceCost cost) {

    /**
     * What could be put up in a season.
     *
     * @param beds that are to be closed in: all that stand if there are none
     * @throws fairacre.limits.RefusedException if no fence holds against all pests
     */
    public static List<PricedFence> proposals(Plan plan, int season, List<UUID> beds, Supplier<UUID> ids) {
        Memo memo = new Memo(Memo.USUAL);
        PartTold before = PartTold.fences(plan, memo);
        PartTold all = PartTold.all(plan, memo);
        return FenceProposals.of(plan, season, beds, ids).stream()
                .map(proposal -> new PricedFence(
                        proposal,
                        proposal.way() == FenceProposals.Way.EDGE_BEDS
                                ? FenceCost.withBeds(
                                        all,
                                        PartTold.all(
                                                plan.apply(proposal.change()).orThrow(), memo))
                                : FenceCost.of(before, after(plan, proposal.change(), memo), proposal.years())))
                .toList();
    }

    /** Another make of a fence that is drawn, with what it costs. */
    public record PricedMake(FenceProposals.FenceMake make, FenceCost cost) {}

    /**
     * A fence as it is drawn, which comes first, and the same line made otherwise.
     *
     * @throws fairacre.limits.RefusedException if there is no such fence
     */
    public static List<PricedMake> makes(Plan plan, int season, UUID fence) {
        List<FenceProposals.FenceMake> makes = FenceProposals.makes(plan, season, fence);
        Memo memo = new Memo(Memo.USUAL);
        PartTold without = after(plan, plan.without(fence), memo);
        return makes.stream()
                .map(make ->
                        new PricedMake(make, FenceCost.of(without, after(plan, make.change(), memo), make.years())))
                .toList();
    }

    private static PartTold after(Plan plan, Change change, Memo memo) {
        return PartTold.fences(plan.apply(change).orThrow(), memo);
    }
}
