package fairacre.cost;

import fairacre.plan.Plan;
import fairacre.shape.Memo;
import fairacre.water.LayProposals;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.joda.money.Money;

/**
 * A network that could be laid, with what it adds to the bill.
 *
 * @param cost of its parts, less those of what it takes up; empty if a price is missing
 */
public record PricedNetwork(LayProposals.Proposal proposal, Optional<Money> cost) {

    /**
     * The cheapest first; those without a price follow, last those that don't give every bed enough.
     *
     * @param from the source
     * @param beds all that stand if there are none
     * @throws fairacre.limits.RefusedException if nothing can be laid
     */
    public static List<PricedNetwork> of(Plan plan, int season, UUID from, List<UUID> beds, Supplier<UUID> ids) {
        Memo memo = new Memo(Memo.USUAL);
        PartTold before = PartTold.water(plan, memo);
        return LayProposals.of(plan, season, from, beds, ids).stream()
                .map(proposal -> new PricedNetwork(
                        proposal,
                        PartTold.water(plan.apply(proposal.change()).orThrow(), memo)
                                .moreThan(before)))
                .sorted(Comparator.comparing(
                                (PricedNetwork each) -> !each.proposal().enough())
                        .thenComparing(each -> each.cost().isEmpty())
                        .thenComparing(each -> each.cost().orElseGet(() -> Money.zero(plan.currency()))))
                .toList();
    }
}
