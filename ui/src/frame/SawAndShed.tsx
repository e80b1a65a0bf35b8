import { useState } from "react";
import type { Offcut, Units, Workshop } from "../api/types";
import { formatLength, parseLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { useFieldEdit } from "../forms/useFieldEdit";

type Flaw = Offcut["flaws"][number];

interface Kind {
  material: string;
  board: string;
  label: string;
}

/** What the saw takes, and the boards that are there already; both are kept with the garden, and the bill goes by them. */
export function SawAndShed({ kinds }: { kinds: readonly Kind[] }) {
  const { plan, units } = useDesk();
  const { workshop } = plan;
  const { faults, edit } = useFieldEdit();

  function put(field: string, part: Partial<Workshop>) {
    edit(field, { kind: "PutWorkshop", workshop: { ...workshop, ...part } });
  }

  return (
    <div className="mt-1 space-y-1">
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Saw cut (kerf)"
          explain="kerf"
          value={workshop.kerf}
          units={units}
          fault={faults["kerf"]}
          onCommit={(kerf) => {
            put("kerf", { kerf });
          }}
        />
        <LengthField
          label="Trim of one end"
          value={workshop.trim}
          units={units}
          fault={faults["trim"]}
          onCommit={(trim) => {
            put("trim", { trim });
          }}
        />
      </div>
      <CheckField
        label="A piece may come out a saw cut short"
        checked={workshop.tight}
        onChange={(tight) => {
          put("tight", { tight });
        }}
      />
      <fieldset className="space-y-1">
        <legend className="text-sm font-semibold">In the shed, used before a board is bought</legend>
        {workshop.offcuts.map((offcut, index) => (
          <p key={index} className="flex justify-between gap-2 text-sm">
            <span>
              <span className="figures">{offcut.count}</span> × {formatLength(offcut.length, units)},{" "}
              {kinds.find((each) => each.material === offcut.material && each.board === offcut.board)
                ?.label ?? `${offcut.material}, ${offcut.board}`}
              {offcut.flaws.length > 0 && <>; cut out {spell(offcut.flaws, units)}</>}
            </span>
            <button
              type="button"
              className="underline"
              aria-label={`Leave out the offcut of ${formatLength(offcut.length, units)}`}
              onClick={() => {
                put("offcuts", { offcuts: workshop.offcuts.filter((_, other) => other !== index) });
              }}
            >
              leave out
            </button>
          </p>
        ))}
        <NewOffcut
          kinds={kinds}
          fault={faults["offcuts"]}
          onAdd={(offcut) => {
            put("offcuts", { offcuts: [...workshop.offcuts, offcut] });
          }}
        />
      </fieldset>
    </div>
  );
}

function NewOffcut(props: {
  kinds: readonly Kind[];
  fault: string | undefined;
  onAdd: (offcut: Offcut) => void;
}) {
  const { units } = useDesk();
  const [kind, setKind] = useState("0");
  const [length, setLength] = useState<number>();
  const [count, setCount] = useState(1);
  const [flaws, setFlaws] = useState("");
  const [unread, setUnread] = useState<string>();
  const labels = [...new Map(props.kinds.map((each) => [each.label, each])).values()];
  const chosen = labels[Number(kind)] ?? labels[0];

  function add() {
    const found = parseFlaws(flaws, units);
    if (!found) {
      setUnread("Give each as where it begins and ends: 0.9 - 0.95 m.");
      return;
    }
    setUnread(undefined);
    if (length === undefined || !chosen) return;
    props.onAdd({ material: chosen.material, board: chosen.board, length, count, flaws: found });
    setLength(undefined);
    setCount(1);
    setFlaws("");
  }

  return (
    <>
      {labels.length > 1 && (
        <Choice
          label="Offcut of"
          value={kind}
          options={labels.map((each, index) => ({ value: String(index), label: each.label }))}
          onChange={setKind}
        />
      )}
      <div className="grid grid-cols-[1fr_4rem] items-end gap-2">
        <LengthField
          label="Offcut, length"
          value={length}
          units={units}
          fault={props.fault}
          onCommit={setLength}
        />
        <TextField
          label="How many"
          value={String(count)}
          figures
          onCommit={(text) => {
            setCount(/^\d{1,3}$/.test(text.trim()) ? Math.max(1, Number(text)) : 1);
          }}
        />
      </div>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <TextField
          label="Flaws to cut out, from one end"
          value={flaws}
          figures
          fault={unread}
          onCommit={setFlaws}
        />
        <button type="button" className="plain-button" disabled={length === undefined} onClick={add}>
          Add
        </button>
      </div>
    </>
  );
}

function spell(flaws: readonly Flaw[], units: Units): string {
  return flaws.map(({ from, to }) => `${formatLength(from, units)} to ${formatLength(to, units)}`).join(", ");
}

/** `0.9 - 0.95 m; 2.3 to 2.4 m`: stretches, or null if one can't be read. Nothing is no flaw. */
export function parseFlaws(text: string, units: Units): Flaw[] | null {
  const flaws: Flaw[] = [];
  for (const part of text.split(";").filter((each) => each.trim() !== "")) {
    const [first, last, more] = part.split(/\s+to\s+|\s*[-–]\s*/);
    const from = parseLength(withUnit(first ?? "", last ?? ""), units);
    const to = parseLength(last ?? "", units);
    if (more !== undefined || from === null || to === null || to <= from) return null;
    flaws.push({ from, to });
  }
  return flaws;
}

/** A number without a unit takes that of the other end: in `900 - 950 mm` both are millimetres. */
function withUnit(bare: string, other: string): string {
  const unit = /[a-z]+\s*$/i.exec(other)?.[0] ?? "";
  return /^\s*[\d.,]+\s*$/.test(bare) ? `${bare.trim()} ${unit}` : bare;
}
