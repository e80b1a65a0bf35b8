import { Fault } from "../parts/Fault";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

interface Props {
  label: string;
  /** None: all beds. */
  beds: readonly string[];
  fault: string | undefined;
  onChange: (beds: string[]) => void;
}

/** All beds, or those that were selected. */
export function BedsOf({ label, beds, fault, onChange }: Props) {
  const { plan, selection, outlines } = useDesk();
  const selected = [...selection].filter((id) => outlines.has(id));
  const names = byName(plan.beds.filter(({ id }) => beds.includes(id))).map(({ name }) => name);
  return (
    <>
      <p>
        {label}: {names.length === 0 ? words.allBeds : names.join(", ")}
      </p>
      <div className="flex flex-wrap gap-2">
        {selected.length > 0 && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              onChange(selected);
            }}
          >
            {words.takeSelected(selected.length)}
          </button>
        )}
        {beds.length > 0 && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              onChange([]);
            }}
          >
            {words.backToAll}
          </button>
        )}
      </div>
      <Fault text={fault} />
    </>
  );
}
