import { DrawLine } from "../forms/DrawLine";
import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { BestSide } from "./BestSide";
import { TrellisForm } from "./TrellisForm";
import { useDrawTrellis, useTrellises } from "./trellises";
import { words } from "./words";

/** The trellises, and on which side of a bed one more shades least. */
export function TrellisesSection() {
  const desk = useDesk();
  const told = useTrellises();
  const { draw, fault } = useDrawTrellis();
  const { trellises } = desk.plan;
  const [bed, ...others] = [...desk.selection].filter((id) => desk.outlines.has(id));
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.title}</h3>
      {trellises.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList>
        {byName(trellises).map((trellis) => (
          <TrellisForm
            key={trellis.id}
            trellis={trellis}
            told={told.find((each) => each.trellis === trellis.id)}
          />
        ))}
      </RovingList>
      <DrawLine
        take={words.draw}
        labels={[words.byNumbers, words.putThere]}
        shortcut="T"

        draw={draw}
      />
      <p className="text-sm text-soft">{words.drawHint}</p>
      <Fault text={fault} />
      {bed !== undefined && others.length === 0 ? (
        <BestSide key={bed} bed={bed} />
      ) : (
        <p className="text-sm text-soft">{words.chooseBed}</p>
      )}
    </section>
  );
}
