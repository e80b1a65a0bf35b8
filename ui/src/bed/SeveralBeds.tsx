import { useState } from "react";
import type { Bed, Change } from "../api/types";
import { batch, namedBy, reoutline } from "../edits/changes";
import { LengthField } from "../parts/LengthField";
import { CheckField } from "../parts/CheckField";
import { TextField } from "../parts/TextField";
import { stretched } from "../sheet/geometry";
import { useFieldEdit } from "../forms/useFieldEdit";
import { useDesk } from "../workspace/desk";
import { useThingActions } from "../workspace/useThingActions";
import { words } from "../words";

/** Several beds at once: the fields that they share, each one edit for all of them. */
export function SeveralBeds({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { selected } = useThingActions();
  const { faults, edit } = useFieldEdit();
  const [pattern, setPattern] = useState("");
  const count = String(beds.length);
  const outlines = beds.flatMap(({ id }) => desk.outlines.get(id) ?? []);

  function resize(side: "length" | "width", metres: number) {
    const edits = beds.flatMap(({ id }) => {
      const before = desk.outlines.get(id);
      const from = desk.bedById.get(id)?.revision;
      if (!before || from === undefined) return [];
      return [{ bed: id, from, before, after: stretched(before, side === "length" ? 1 : 2, metres) }];
    });
    edit(side, reoutline(edits, `Resize ${count} beds`));
  }

  /** Numbers in reading order take the place of the sign for them. */
  function rename(text: string) {
    setPattern(text);
    if (text.trim() === "") return;
    const changes = selected
      .filter(({ kind }) => kind === "bed")
      .map(({ id }, index): Change => ({
        kind: "RenameBed",
        bed: id,
        name: namedBy(text, index),
      }));
    edit("name", batch(`Rename ${count} beds`, changes));
  }

  return (
    <div className="space-y-2 border-t border-rule pt-3" data-testid="several">
      <div className="grid grid-cols-2 gap-2">
        {(["length", "width"] as const).map((side) => (
          <LengthField
            key={side}
            label={`${side === "length" ? "Length" : "Width"} of all ${count}`}
            value={shared(outlines.map((outline) => outline[side]))}
            units={desk.units}
            fault={faults[side]}
            onCommit={(metres) => {
              resize(side, metres);
            }}
          />
        ))}
      </div>
      <TextField
        label={words.namePattern}
        value={pattern}
        empty="Bean row #"
        fault={faults["name"]}
        onCommit={rename}
      />
      <TendedByAll beds={beds} />
      <p className="text-sm text-soft">Frames and filling of all of them are set in their steps.</p>
    </div>
  );
}

/** The value that all have; undefined where they differ. */
function shared(values: readonly number[]): number | undefined {
  const [first] = values;
  return values.every((value) => value === first) ? first : undefined;
}

function TendedByAll({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { gardeners } = desk.plan;
  if (gardeners.length < 2) return null;
  const tends = (gardener: string) =>
    beds.every(({ tendedBy }) => tendedBy.length === 0 || tendedBy.includes(gardener));

  function change(gardener: string, now: boolean) {
    const changes = beds.map(({ id, tendedBy }): Change => {
      const before = tendedBy.length === 0 ? gardeners.map((each) => each.id) : tendedBy;
      const after = gardeners
        .map((each) => each.id)
        .filter((each) => (each === gardener ? now : before.includes(each)));
      return { kind: "TendBed", bed: id, gardeners: after.length === gardeners.length ? [] : after };
    });
    desk.submit(batch(`Say who tends ${String(beds.length)} beds`, changes));
  }

  return (
    <fieldset className="border-t border-hair pt-2">
      <legend className="text-sm text-soft">All tended by</legend>
      <div className="flex flex-wrap gap-x-3">
        {gardeners.map(({ id, name }) => (
          <CheckField
            key={id}
            label={name}
            checked={tends(id)}
            onChange={(now) => {
              change(id, now);
            }}
          />
        ))}
      </div>
    </fieldset>
  );
}
