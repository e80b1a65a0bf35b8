import { formatLength } from "../measure/lengths";
import { AskButton } from "../parts/AskButton";
import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { useAsked } from "../workspace/useAsked";
import { ArchForm } from "./ArchForm";
import { useArches, type ArchProposal } from "./arches";
import { words } from "./words";

/** The arches, and where one more could stand. */
export function ArchesSection() {
  const desk = useDesk();
  const told = useArches();
  const { arches } = desk.plan;
  const { answer: proposals, ask, asker, taken, fault, setFault } = useAsked<readonly ArchProposal[]>();

  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.title}</h3>
      {arches.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList>
        {byName(arches).map((arch) => (
          <ArchForm key={arch.id} arch={arch} told={told.find((each) => each.arch === arch.id)} />
        ))}
      </RovingList>
      <AskButton
        asker={asker}
        onAsk={() => {
          void ask("arches/proposals");
        }}
      >
        {words.ask}
      </AskButton>
      {proposals?.length === 0 && <p className="text-soft">{words.nowhere}</p>}
      <ul className="space-y-1" data-testid="arch-proposals">
        {proposals?.map((proposal) => {
          const [one = "", other = ""] = proposal.beds.map((bed) => desk.bedById.get(bed)?.name ?? "");
          return (
            <li key={proposal.beds.join()}>
              <button
                type="button"
                className="text-button text-left"
                onClick={() => {
                  taken();
                  desk.submit(proposal.change, setFault);
                }}
              >
                {words.between(one, other)}
              </button>
              <p className="text-sm text-soft">
                {words.about(
                  formatLength(proposal.span, desk.units),
                  formatLength(proposal.headroom, desk.units),
                )}
                {!proposal.high && `: ${words.low}`}
              </p>
            </li>
          );
        })}
      </ul>
      <Fault text={fault} />
    </section>
  );
}
