import { useState } from "react";
import { Problem, request } from "../api/client";
import { formatDistance } from "../measure/figures";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import type { PricedFence } from "./fence";
import { FenceOffer } from "./FenceOffer";
import { pestNames } from "./told";
import { words } from "./words";

/** Where a fence could lead: seen on the sheet while one rests on it, put up by a click. */
export function FenceProposals() {
  const desk = useDesk();
  const [proposals, setProposals] = useState<readonly PricedFence[]>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));

  async function ask() {
    setFault(undefined);
    setBusy(true);
    try {
      await desk.queue.allKept();
      const path = `/api/gardens/${desk.plan.id}/fences/proposals?season=${String(desk.season)}`;
      setProposals(await request<PricedFence[]>("POST", path, { beds: selected }));
    } catch (failure) {
      setProposals(undefined);
      setFault(failure instanceof Problem ? failure.message : everywhere.awayIdle);
    } finally {
      setBusy(false);
    }
  }

  return (
    <div className="space-y-2" data-testid="fence-proposals">
      <button
        type="button"
        className="plain-button"
        disabled={busy}
        onClick={() => {
          void ask();
        }}
      >
        {busy ? words.asking : words.propose(selected.length)}
      </button>
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
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
            setProposals(undefined);
            desk.submit(proposal.change, setFault);
          }}
        />
      ))}
    </div>
  );
}
