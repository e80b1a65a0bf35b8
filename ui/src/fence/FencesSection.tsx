import { DrawLine } from "../forms/DrawLine";
import { formatShare } from "../measure/figures";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { FenceForm } from "./FenceForm";
import { FenceProposals } from "./FenceProposals";
import { useFences } from "./useFences";
import { words } from "./words";

/** The fences, what each takes, and ways to another one. */
export function FencesSection() {
  const desk = useDesk();
  const { draw, fault } = useFences();
  const { fences } = desk.plan;
  const share = desk.report?.byPart.find(({ part }) => part === "FENCE")?.share ?? 0;
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.fences}</h3>
      {fences.length === 0 && <p className="text-soft">{words.noFences}</p>}
      {share > 0 && <p data-testid="fence-share">{words.share(formatShare(share))}</p>}
      <RovingList>
        {byName(fences).map((fence) => (
          <FenceForm key={fence.id} fence={fence} />
        ))}
      </RovingList>
      <DrawLine take={words.draw} labels={[words.byNumbers, words.putThere]} shortcut="F" stays draw={draw} />
      <p className="text-sm text-soft">{words.drawHint}</p>
      {fences.length > 0 && (
        <a
          className="text-button block"
          href={`/api/gardens/${desk.plan.id}/fences/plan.pdf?season=${String(desk.season)}`}
          download
        >
          {words.planAsPdf}
        </a>
      )}
      <FenceProposals />
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
    </section>
  );
}
