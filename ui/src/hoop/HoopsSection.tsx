import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { HoopForm } from "./HoopForm";
import { useHoops, useNewHoops } from "./hoops";
import { words } from "./words";

/** The sets of hoops, and new ones over the beds that are selected. */
export function HoopsSection() {
  const desk = useDesk();
  const told = useHoops();
  const { putUp, fault } = useNewHoops();
  const { hoops } = desk.plan;
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.title}</h3>
      {hoops.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList>
        {byName(hoops).map((set) => (
          <HoopForm key={set.id} set={set} told={told.find((each) => each.set === set.id)} />
        ))}
      </RovingList>
      <button
        type="button"
        className="plain-button"
        disabled={desk.outlines.size === 0}
        onClick={() => {
          void putUp(selected);
        }}
      >
        {words.putOver(selected.length)}
      </button>
      <Fault text={fault} />
    </section>
  );
}
