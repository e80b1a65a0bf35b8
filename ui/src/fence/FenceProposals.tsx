import { formatDistance } from "../measure/figures";
import { AskButton } from "../parts/AskButton";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import type { PricedFence } from "./fence";
import { FenceOffer } from "./FenceOffer";
import { pestNames } from "./told";
import { words } from "./words";

/** Where a fence could lead: seen on the sheet while one rests on it, put up by a click. */
export function FenceProposals() {
  const desk = useDesk();
  const { answer: proposals, ask, asker, taken, fault, setFault, busy } = useAsked<readonly PricedFence[]>();
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));

  return (
    <div className="space-y-2" data-testid="fence-proposals">
      <AskButton
        asker={asker}
        busy={busy}
        onAsk={() => {
          void ask("fences/proposals", { body: { beds: selected } });
        }}
      >
        {busy ? words.asking : words.propose(selected.length)}
      </AskButton>
      <Fault text={fault} />
      {proposals?.map(({ proposal, cost }) => (
        <FenceOffer
          key={proposal.way}
          label={proposal.label}
          cost={cost}
          about={[
            words.proposal(formatDistance(proposal.length, desk.units), proposal.posts, proposal.years),
            ...(proposal.saved > 0 ? [words.saved(formatDistance(proposal.saved, desk.units))] : []),
            words.keeps(pestNames(proposal.holds, desk.plan)) + ". " + proposal.remark,
          ].join("; ")}
          change={proposal.change}
          onTake={() => {
            taken();
            desk.submit(proposal.change, setFault);
          }}
        />
      ))}
    </div>
  );
}
