import type { WayIn } from "../api/types";
import { without } from "../edits/changes";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import { GateFigures } from "./GateFigures";
import { words } from "./words";

type Leaf = NonNullable<WayIn["leaf"]>;

interface Props {
  way: WayIn;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, way: WayIn) => void;
}

/** What hangs in a gate: its leaves, their hinges, the latch and the room below. */
export function LeafFields({ way, faults, onChange }: Props) {
  const { units, report } = useDesk();
  const { leaf } = way;
  const told = report?.fencing.gates.find(({ gate }) => gate === way.id);
  if (!leaf) {
    return (
      told && (
        <button
          type="button"
          className="text-button text-sm"
          onClick={() => {
            onChange("leaf", { ...way, leaf: told.usual });
          }}
        >
          {words.describeLeaf}
        </button>
      )
    );
  }
  const put = (field: string, part: Partial<Leaf>) => {
    onChange(`leaf/${field}`, { ...way, leaf: { ...leaf, ...part } });
  };
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      <Choice
        label={words.leaf}
        value={leaf.kind}
        options={(["SINGLE", "DOUBLE", "PANEL"] as const).map((value) => ({
          value,
          label: words.leaves[value],
        }))}
        onChange={(kind) => {
          put("kind", { kind });
        }}
      />
      {leaf.kind === "SINGLE" && (
        <Choice
          label={words.hinges}
          value={leaf.hinges}
          options={(["LEFT", "RIGHT"] as const).map((value) => ({ value, label: words.hands[value] }))}
          onChange={(hinges) => {
            put("hinges", { hinges });
          }}
        />
      )}
      <LengthField
        label={words.leafHeight}
        value={leaf.height}
        units={units}
        fault={faults["leaf/height"]}
        onCommit={(height) => {
          put("height", { height });
        }}
      />
      <LengthField
        label={words.latch}
        value={leaf.latch}
        units={units}
        fault={faults["leaf/latch"]}
        onCommit={(latch) => {
          put("latch", { latch });
        }}
      />
      <LengthField
        label={words.clearance}
        value={leaf.clearance}
        units={units}
        fault={faults["leaf/clearance"]}
        onCommit={(clearance) => {
          put("clearance", { clearance });
        }}
      />
      {told?.made && (
        <div className="col-span-2">
          <GateFigures made={told.made} />
        </div>
      )}
      <button
        type="button"
        className="text-button col-span-2 text-left text-sm"
        onClick={() => {
          onChange("leaf", without(way, "leaf"));
        }}
      >
        {words.forgetLeaf}
      </button>
    </div>
  );
}
