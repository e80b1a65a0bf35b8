import type { Bed, Rectangle } from "../api/types";
import { reoutline } from "../edits/changes";
import { formatDimension } from "../measure/lengths";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { jointWords } from "../words";
import { boundsOf, corners, shifted, stretched, turned } from "../sheet/geometry";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/useBedActions";
import { CheckField } from "../parts/CheckField";
import { Alterations } from "./Alterations";
import { BedSeasons } from "./BedSeasons";
import { ShapeFields } from "./ShapeFields";
import { TendedBy } from "./TendedBy";
import { useFieldEdit } from "./useFieldEdit";

/** One bed by its numbers; every field is an edit of its own. */
export function BedForm({ bed }: { bed: Bed }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const judged = desk.bedById.get(bed.id);
  const outline = desk.outlines.get(bed.id);
  if (!judged || !outline) return null;
  const from = judged.revision;
  const current = revisionIn(bed, desk.season);
  const plot = boundsOf(desk.plan.site.corners);
  const bounds = boundsOf(corners(outline));

  function reshape(field: string, after: Rectangle) {
    if (outline) edit(field, reoutline([{ bed: bed.id, from, before: outline, after }], ""));
  }

  return (
    <div className="space-y-2 border-t border-rule pt-3">
      <TextField
        label="Name"
        value={bed.name}
        fault={faults["name"]}
        onCommit={(name) => {
          edit("name", { kind: "RenameBed", bed: bed.id, name });
        }}
      />
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Length, outside"
          value={outline.length}
          units={desk.units}
          fault={faults["length"]}
          onCommit={(length) => {
            reshape("length", stretched(outline, 1, length));
          }}
        />
        <LengthField
          label="Width, outside"
          value={outline.width}
          units={desk.units}
          fault={faults["width"]}
          onCommit={(width) => {
            reshape("width", stretched(outline, 2, width));
          }}
        />
        <LengthField
          label="From plot's left"
          value={bounds.left - plot.left}
          units={desk.units}
          fault={faults["left"]}
          onCommit={(left) => {
            reshape("left", shifted(outline, left - (bounds.left - plot.left), 0));
          }}
        />
        <LengthField
          label="From plot's foot"
          value={bounds.bottom - plot.bottom}
          units={desk.units}
          fault={faults["foot"]}
          onCommit={(foot) => {
            reshape("foot", shifted(outline, 0, foot - (bounds.bottom - plot.bottom)));
          }}
        />
        <TextField
          label="Turned, degrees"
          value={String(Math.round(outline.turn * 100) / 100)}
          figures
          fault={faults["turn"]}
          onCommit={(text) => {
            const degrees = Number(text.replace(",", ".").replace("°", ""));
            if (text.trim() === "" || !Number.isFinite(degrees))
              refuse("turn", "Write degrees clockwise, like 15.");
            else reshape("turn", { ...outline, turn: degrees });
          }}
        />
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
