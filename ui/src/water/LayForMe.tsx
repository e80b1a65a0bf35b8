import { useState } from "react";
import type { components } from "../api/schema";
import { formatDifference } from "../measure/figures";
import { AskButton } from "../parts/AskButton";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { trying } from "../workspace/trying";
import { useTooMuchWords } from "./useTooMuchWords";
import { useAsked } from "../workspace/useAsked";
import { words } from "./words";

type Network = components["schemas"]["PricedNetwork"];

/** Whole networks worked out for a source and the beds: seen on the sheet when one rests on them, laid by a click. */
export function LayForMe() {
  const desk = useDesk();
  const tooMuchWords = useTooMuchWords();
  const sources = [...desk.plan.taps, ...desk.plan.barrels];
  const [chosen, setChosen] = useState<string>();
  const from = sources.find(({ id }) => id === chosen) ?? sources[0];
  const { answer: proposals, ask, asker, taken, fault, setFault, busy } = useAsked<readonly Network[]>();
  if (!from) return null;
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));

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
      <AskButton
        asker={asker}
        busy={busy}
        onAsk={() => {
          void ask("water/networks", { body: { from: from.id, beds: selected } });
        }}
      >
        {busy ? words.layingOut : words.layForMe(selected.length)}
      </AskButton>
      <Fault text={fault} />
      {proposals?.map(({ proposal, cost }) => (
        <button
          key={proposal.words}
          type="button"
          className="block w-full cursor-pointer border border-rule p-2 text-left hover:bg-markpale focus:bg-markpale"
          {...trying(desk, proposal.change)}
          onClick={() => {
            taken();
            desk.submit(proposal.change, setFault);
          }}
        >
          {proposal.words}.{" "}
          <span className="text-soft">
            {proposal.enough ? words.enough : words.notEnough}{" "}
            {words.costAndJoints(cost && formatDifference(cost), proposal.joints)}
            {proposal.tooMuch && ` ${tooMuchWords(proposal.tooMuch)}`}
          </span>
        </button>
      ))}
    </div>
  );
}
