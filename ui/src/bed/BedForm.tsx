import type { Bed, Rectangle } from "../api/types";
import { reoutline } from "../edits/changes";
import { formatDimension } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { jointWords } from "../words";
import { turned } from "../sheet/geometry";
import { useDesk } from "../workspace/desk";
import { fieldsOf } from "../workspace/fields";
import { revisionIn } from "../workspace/revisionIn";
import { CheckField } from "../parts/CheckField";
import { Alterations } from "./Alterations";
import { BedSeasons } from "./BedSeasons";
import { PlaceFields } from "../forms/PlaceFields";
import { ShapeFields } from "./ShapeFields";
import { TendedBy } from "./TendedBy";
import { useFieldEdit } from "../forms/useFieldEdit";

/** One bed by its numbers; every field is an edit of its own. */
export function BedForm({ bed }: { bed: Bed }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const judged = desk.bedById.get(bed.id);
  const outline = desk.outlines.get(bed.id);
  if (!judged || !outline) return null;
  const from = judged.revision;
  const current = revisionIn(bed, desk.season);

  function reshape(field: string, after: Rectangle) {
    if (outline) edit(field, reoutline([{ bed: bed.id, from, before: outline, after }], ""));
  }

  return (
    <div className="space-y-2 border-t border-rule pt-3" {...fieldsOf(bed.id)}>
      <TextField
        label="Name"
        value={bed.name}
        fault={faults["name"]}
        onCommit={(name) => {
          edit("name", { kind: "RenameBed", bed: bed.id, name });
        }}
      />
      <div className="grid grid-cols-2 gap-2">
        <PlaceFields place={outline} faults={faults} onChange={reshape} onUnread={refuse} />
        <div>
          <p className="text-sm text-soft">Inside</p>
          <p className="figures pt-1 text-sm">
            {formatDimension(judged.insideLength, desk.units)} ×{" "}
            {formatDimension(judged.insideWidth, desk.units)}
          </p>
          {current?.frame && <p className="text-sm text-soft">{jointWords(current.frame.joint)}</p>}
        </div>
      </div>
      <div className="flex gap-1">
        {[-15, 15, 90].map((degrees) => (
          <button
            key={degrees}
            type="button"
            className="plain-button figures"
            aria-label={`Turn by ${String(degrees)} degrees`}
            onClick={() => {
              reshape("turn", turned(outline, degrees));
            }}
          >
            {degrees > 0 ? "+" : "−"}
            {Math.abs(degrees)}°
          </button>
        ))}
      </div>
      <ShapeFields bed={judged} outline={outline} faults={faults} edit={edit} />
      <LengthField
        label="What grows at its edges leans out by"
        value={current?.build.overhang ?? 0}
        units={desk.units}
        fault={faults["overhang"]}
        onCommit={(overhang) => {
          if (!current) return;
          const revision = { ...current, build: { ...current.build, overhang } };
          edit("overhang", { kind: "RebuildBed", bed: bed.id, revision });
        }}
      />
      <TendedBy bed={bed} edit={edit} />
      <Alterations bed={bed} faults={faults} refuse={refuse} />
      <CheckField
        label="Stood there already"
        checked={judged.existing}
        onChange={(existing) => {
          edit("existing", { kind: "MarkExisting", bed: bed.id, from, existing });
        }}
      />
      <BedSeasons bed={bed} from={from} faults={faults} edit={edit} />
    </div>
  );
}
