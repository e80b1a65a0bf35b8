import { useState } from "react";
import type { CutOrder } from "../api/types";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";

interface Props {
  order: CutOrder;
  kinds: readonly { material: string; board: string; label: string }[];
  onChange: (order: CutOrder) => void;
}

/** What the saw takes, and the boards that are there already. */
export function SawAndShed({ order, kinds, onChange }: Props) {
  const { units } = useDesk();
  const [kind, setKind] = useState("0");
  const [length, setLength] = useState<number>();
  const [count, setCount] = useState(1);
  const labels = [...new Map(kinds.map((each) => [each.label, each])).values()];
  const chosen = labels[Number(kind)] ?? labels[0];
  return (
    <div className="mt-1 space-y-1">
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Saw cut (kerf)"
          value={order.kerf}
          units={units}
          onCommit={(kerf) => {
            onChange({ ...order, kerf });
          }}
        />
        <LengthField
          label="Trim of one end"
          value={order.trim}
          units={units}
          onCommit={(trim) => {
            onChange({ ...order, trim });
          }}
        />
      </div>
      <fieldset className="space-y-1">
        <legend className="text-sm font-semibold">Offcuts in the shed</legend>
        {order.offcuts.map((offcut, index) => (
          <p key={index} className="flex justify-between text-sm">
            <span>
              <span className="figures">{offcut.count}</span> × {formatLength(offcut.length, units)},{" "}
              {labels.find((each) => each.material === offcut.material && each.board === offcut.board)?.label}
            </span>
            <button
              type="button"
              className="underline"
              aria-label={`Leave out the offcut of ${formatLength(offcut.length, units)}`}
              onClick={() => {
                onChange({ ...order, offcuts: order.offcuts.filter((_, other) => other !== index) });
              }}
            >
              leave out
            </button>
          </p>
        ))}
        {labels.length > 1 && (
          <Choice
            label="Offcut of"
            value={kind}
            options={labels.map((each, index) => ({ value: String(index), label: each.label }))}
            onChange={setKind}
          />
        )}
        <div className="grid grid-cols-[1fr_4rem_auto] items-end gap-2">
          <LengthField label="Offcut, length" value={length} units={units} onCommit={setLength} />
          <TextField
            label="How many"
            value={String(count)}
            figures
            onCommit={(text) => {
              setCount(/^\d{1,3}$/.test(text.trim()) ? Math.max(1, Number(text)) : 1);
            }}
          />
          <button
            type="button"
            className="plain-button"
            disabled={length === undefined}
            onClick={() => {
              if (length === undefined || !chosen) return;
              const { material, board } = chosen;
              onChange({ ...order, offcuts: [...order.offcuts, { material, board, length, count }] });
              setLength(undefined);
              setCount(1);
            }}
          >
            Add
          </button>
        </div>
      </fieldset>
    </div>
  );
}
