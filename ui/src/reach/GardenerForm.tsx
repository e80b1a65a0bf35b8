import type { Gardener } from "../api/types";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { hatchId, Swatch } from "../sheet/Patterns";
import { useDesk } from "../workspace/desk";
import { formatLength } from "../measure/lengths";
import { useFieldEdit } from "../forms/useFieldEdit";

const OWN = "own";

/** One gardener's measures, from a preset or one's own. */
export function GardenerForm({ gardener, index }: { gardener: Gardener; index: number }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { reaches, passings } = desk.catalogue;
  const preset = reaches.findIndex((p) => p.reach === gardener.reach && p.posture === gardener.posture);
  // A chair and a barrow need the same width: who sits means the chair, which comes last.
  const isWidth = (p: { width: number }) => p.width === gardener.passing;
  const passing =
    gardener.posture === "SEATED" ? passings.findLastIndex(isWidth) : passings.findIndex(isWidth);
  const source = passings[passing]?.source;

  function put(field: string, part: Partial<Gardener>) {
    edit(field, { kind: "PutGardener", gardener: { ...gardener, ...part } });
  }

  /** Who sits needs a chair's width to pass; a larger one of their own stays. */
  function as(posture: Gardener["posture"]): Partial<Gardener> {
    const chair = passings.at(-1)?.width ?? 0;
    return posture === "SEATED" && gardener.passing < chair ? { posture, passing: chair } : { posture };
  }

  return (
    <fieldset className="space-y-2 border-t border-rule pt-2">
      <legend className="sr-only">{gardener.name}</legend>
      <div className="flex items-end gap-2">
        <div className="grow">
          <TextField
            label="Name"
            value={gardener.name}
            fault={faults["name"]}
            onCommit={(name) => {
              put("name", { name });
            }}
          />
        </div>
        <span className="pb-2">
          <Swatch pattern={hatchId(index)} />
        </span>
        <button
          type="button"
          className="plain-button whitespace-nowrap"
          aria-label={`Delete ${gardener.name}`}
          onClick={() => {
            edit("name", { kind: "RemoveGardener", gardener: gardener.id });
          }}
        >
          Delete
        </button>
      </div>
      <Choice
        label="Reach like"
        value={preset < 0 ? OWN : String(preset)}
        options={[
          ...reaches.map((p, i) => ({
            value: String(i),
            label: `${p.label}, ${formatLength(p.reach, desk.units)}`,
          })),
          { value: OWN, label: "measured" },
        ]}
        onChange={(chosen) => {
          const found = reaches[Number(chosen)];
          if (found) put("reach", { reach: found.reach, ...as(found.posture) });
        }}
      />
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Reach, from the edge"
          value={gardener.reach}
          units={desk.units}
          fault={faults["reach"]}
          onCommit={(reach) => {
            put("reach", { reach });
          }}
        />
        <Choice
          label="Works"
          value={gardener.posture}
          options={[
            { value: "STANDING", label: "standing" },
            { value: "SEATED", label: "seated" },
          ]}
          onChange={(posture) => {
            put("posture", as(posture));
          }}
        />
        <LengthField
          label="Needs to pass"
          value={gardener.passing}
          units={desk.units}
          fault={faults["passing"]}
          onCommit={(width) => {
            put("passing", { passing: width });
          }}
        />
        <Choice
          label="as one"
          value={passing < 0 ? OWN : String(passing)}
          options={[
            ...passings.map((p, i) => ({ value: String(i), label: p.label })),
            { value: OWN, label: "measured" },
          ]}
          onChange={(chosen) => {
            const found = passings[Number(chosen)];
            if (found) put("passing", { passing: found.width });
          }}
        />
      </div>
      <TallField gardener={gardener} fault={faults["stature"]} put={put} />
      {source && <p className="text-sm text-soft">{source}.</p>}
    </fieldset>
  );
}

interface TallProps {
  gardener: Gardener;
  fault: string | undefined;
  put: (field: string, part: Partial<Gardener>) => void;
}

/** How tall somebody is, for the stoop; nobody has to say. */
function TallField({ gardener, fault, put }: TallProps) {
  const desk = useDesk();
  if (gardener.posture === "SEATED") return null;
  return (
    <LengthField
      label="Stands so tall (for the stoop)"
      value={gardener.stature}
      units={desk.units}
      fault={fault}
      onCommit={(stature) => {
        put("stature", { stature });
      }}
      onEmpty={() => {
        put("stature", { stature: undefined });
      }}
    />
  );
}
