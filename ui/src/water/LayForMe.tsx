import { useState } from "react";
import type { components } from "../api/schema";
import { Problem, request } from "../api/client";
import { formatDifference } from "../measure/figures";
import { Choice } from "../parts/Choice";
import { words as everywhere } from "../words";
import { useDesk } from "../workspace/desk";
import { trying } from "../workspace/trying";
import { words } from "./words";

type Network = components["schemas"]["PricedNetwork"];

/** Whole networks worked out for a source and the beds: seen on the sheet when one rests on them, laid by a click. */
export function LayForMe() {
  const desk = useDesk();
  const sources = [...desk.plan.taps, ...desk.plan.barrels];
  const [chosen, setChosen] = useState<string>();
  const from = sources.find(({ id }) => id === chosen) ?? sources[0];
  const [proposals, setProposals] = useState<readonly Network[]>();
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  if (!from) return null;
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));

  async function ask(source: string) {
    setFault(undefined);
    setBusy(true);
    try {
      await desk.queue.allKept();
      const path = `/api/gardens/${desk.plan.id}/water/networks?season=${String(desk.season)}`;
      setProposals(await request<Network[]>("POST", path, { from: source, beds: selected }));
    } catch (failure) {
      setProposals(undefined);
      setFault(failure instanceof Problem ? failure.message : everywhere.awayIdle);
    } finally {
      setBusy(false);
    }
  }

  return (
    <div className="space-y-2" data-testid="lay-for-me">
      {sources.length > 1 && (
        <Choice
          label={words.layFrom}
          value={from.id}
          options={sources.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setChosen}
        />
      )}
      <button
        type="button"
        className="plain-button"
        disabled={busy}
        onClick={() => {
          void ask(from.id);
        }}
      >
        {busy ? words.layingOut : words.layForMe(selected.length)}
      </button>
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
      {proposals?.map(({ proposal, cost }) => (
        <button
          key={proposal.words}
          type="button"
          className="block w-full cursor-pointer border border-rule p-2 text-left hover:bg-markpale focus:bg-markpale"
          {...trying(desk, proposal.change)}
          onClick={() => {
            setProposals(undefined);
            desk.submit(proposal.change, setFault);
          }}
        >
          {proposal.words}.{" "}
          <span className="text-soft">
            {proposal.enough ? words.enough : words.notEnough}{" "}
            {words.costAndJoints(cost && formatDifference(cost), proposal.joints)}
          </span>
        </button>
      ))}
    </div>
  );
}
