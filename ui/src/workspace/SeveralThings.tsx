import { useState } from "react";
import { layers } from "../capabilities";
import { batch, namedBy } from "../edits/changes";
import { LifetimeFields } from "../forms/LifetimeFields";
import { useFieldEdit } from "../forms/useFieldEdit";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import type { SharedFields } from "../sheet/layer";
import type { Thing } from "../sheet/things";
import { useDesk } from "./desk";
import { words } from "../words";

/** Several things that are no beds: the fields that all of them have, each one edit for all. */
export function SeveralThings({ things }: { things: readonly Thing[] }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const [pattern, setPattern] = useState("");
  const fields = things.flatMap(({ id }) => layers.flatMap((layer) => layer.fields?.(desk, id) ?? []));
  if (fields.length < things.length) return null;
  const count = String(things.length);
  const [first] = fields;
  const lengths = (first?.lengths ?? []).filter(({ label }) =>
    fields.every((each) => each.lengths.some((length) => length.label === label)),
  );
  const all = (label: string) =>
    fields.flatMap((each) => each.lengths.filter((length) => length.label === label));

  function rename(text: string) {
    setPattern(text);
    if (text.trim() === "") return;
    const changes = fields.map((each, index) => each.named(namedBy(text, index)));
    edit("name", batch(`Rename ${count} things`, changes));
  }

  return (
    <div className="grid w-full grid-cols-2 items-end gap-2" data-testid="several-things">
      {lengths.map(({ label }) => (
        <LengthField
          key={label}
          label={`${label} of all ${count}`}
          value={same(all(label).map(({ metres }) => metres))}
          units={desk.units}
          fault={faults[label]}
          onCommit={(metres) => {
            const changes = all(label).map((length) => length.put(metres));
            edit(label, batch(`${label} of ${count} things`, changes));
          }}
        />
      ))}
      <div className="col-span-2">
        <TextField
          label={words.namePattern}
          value={pattern}
          empty="Post #"
          fault={faults["name"]}
          onCommit={rename}
        />
      </div>
      <LifetimeFields
        lifetime={sameSeasons(fields)}
        labels={{ from: "From season", until: "Gone from season" }}
        always=""
        faults={faults}
        onChange={(field, lifetime) => {
          const changes = fields.map((each) => each.lasting(field, lifetime[field]));
          edit(field, batch(`Seasons of ${count} things`, changes));
        }}
      />
    </div>
  );
}

/** The value that all have; undefined where they differ. */
function same<T>(values: readonly T[]): T | undefined {
  const [first] = values;
  return values.every((value) => value === first) ? first : undefined;
}

function sameSeasons(fields: readonly SharedFields[]) {
  const from = same(fields.map(({ lifetime }) => lifetime.from));
  const until = same(fields.map(({ lifetime }) => lifetime.until));
  return { ...(from !== undefined && { from }), ...(until !== undefined && { until }) };
}
