import { formatDistance } from "../measure/figures";
import { AskButton } from "../parts/AskButton";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import type { TrellisProposal } from "./trellises";
import { words as everywhere } from "../words";
import { words } from "./words";

/** On which side of a bed a trellis takes least sun. */
export function BestSide({ bed }: { bed: string }) {
  const desk = useDesk();
  const { answer: sides, ask, asker, taken, fault, setFault, busy } = useAsked<readonly TrellisProposal[]>();
  const name = (id: string) => desk.bedById.get(id)?.name ?? "";
  return (
    <div className="space-y-1">
      <AskButton
        asker={asker}
        busy={busy}
        onAsk={() => {
          void ask("trellises/proposals", { besides: { bed } });
        }}
      >
        {busy ? everywhere.followingTheSun : words.bestSide(name(bed))}
      </AskButton>
      {sides?.length === 0 && <p className="text-soft">{words.noSide}</p>}
      <ul className="space-y-1" data-testid="trellis-proposals">
        {sides?.map(({ side, length, hours, most, change }, index) => (
          <li key={index}>
            <button
              type="button"
              className="text-button text-left"
              onClick={() => {
                taken();
                desk.submit(change, setFault);
              }}
            >
              {words.onSide(side, formatDistance(length, desk.units))}
            </button>
            <p className="text-sm text-soft">
              {most === undefined ? words.takesNothing : words.takes(hours.toFixed(1), name(most))}
            </p>
          </li>
        ))}
      </ul>
      <Fault text={fault} />
    </div>
  );
}
