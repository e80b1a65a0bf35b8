import { layers } from "../capabilities";
import { useDesk } from "./desk";
import { SeveralThings } from "./SeveralThings";
import { STEP_LABELS } from "./stepLabels";
import { useThingActions } from "./useThingActions";

/** What is selected and has no fields in the present step: what it is, and what can be done with it. */
export function SelectionBar() {
  const desk = useDesk();
  const { selected, duplicate, remove } = useThingActions();
  const [only] = selected;
  if (!only) return null;
  const steps = new Set(
    selected.map(
      ({ id }) => layers.find((layer) => layer.things(desk).some((thing) => thing.id === id))?.step,
    ),
  );
  if (
    desk.step === "beds"
      ? [...steps].every((step) => step === "beds")
      : selected.every(({ kind }) => kind === "bed")
  )
    return null;
  const [step] = steps;
  const many = selected.length > 1;
  return (
    <div
      role="group"
      aria-label="What is selected"
      className="flex flex-wrap items-center gap-2 border-b border-rule bg-markpale px-3 py-1.5"
    >
      <span className="w-full">
        <span className="font-semibold">{many ? `${String(selected.length)} things` : only.name}</span>
        {!many && <span className="text-soft"> {only.kind}</span>}
      </span>
      {!many && step && step !== desk.step && (
        <button
          type="button"
          className="plain-button"
          title="Enter, on the sheet"
          onClick={() => {
            desk.open([only.id]);
          }}
        >
          Its numbers, under {STEP_LABELS[step]}
        </button>
      )}
      <button type="button" className="plain-button" title="D" onClick={duplicate}>
        Duplicate
      </button>
      <button type="button" className="plain-button" title="Delete" onClick={remove}>
        Delete
      </button>
      {many && <SeveralThings key={selected.map(({ id }) => id).join()} things={selected} />}
    </div>
  );
}
