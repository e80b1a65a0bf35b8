import type { BedAppraisal, Change, Form, Keyhole, Rectangle, Shape } from "../api/types";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { withCorners } from "../edits/changes";
import { startingForm } from "../sheet/outline";
import { tidy } from "../sheet/geometry";
import { formName } from "./words";
import { Explain } from "../terms/Explain";
import { useDesk } from "../workspace/desk";
import { CornerFields } from "../forms/CornerFields";

interface Props {
  bed: BedAppraisal;
  outline: Rectangle;
  faults: Readonly<Record<string, string>>;
  edit: (field: string, change: Change | null) => void;
}

const FORMS: readonly Form["kind"][] = ["RECTANGLE", "ELL", "COMB", "OCTAGON", "FREE"];

/** What a bed looks like within its length and width: its form by numbers, and its keyholes. */
export function ShapeFields({ bed, outline, faults, edit }: Props) {
  const { form, keyholes } = bed.shape;

  function put(field: string, shape: Shape) {
    edit(field, { kind: "ReshapeBed", bed: bed.bed, from: bed.revision, outline, shape });
  }

  return (
    <div className="space-y-2 border-t border-hair pt-2">
      <Choice
        label="Shape"
        value={form.kind}
        options={FORMS.map((kind) => ({ value: kind, label: formName(kind) }))}
        onChange={(kind) => {
          put("form", { form: startingForm(kind, outline.length, outline.width), keyholes: [] });
        }}
      />
      {faults["form"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["form"]}
        </p>
      )}
      <FormFields
        form={form}
        fault={faults["form"]}
        onChange={(changed) => {
          if (changed.kind === "FREE") edit("form", withCorners(bed, outline, changed.places));
          else put("form", { form: changed, keyholes });
        }}
      />
      <Keyholes
        bed={bed}
        outline={outline}
        fault={faults["keyholes"]}
        onChange={(changed) => {
          put("keyholes", { form, keyholes: changed });
        }}
      />
    </div>
  );
}

interface FormProps {
  form: Form;
  fault: string | undefined;
  onChange: (form: Form) => void;
}

function FormFields({ form, onChange }: FormProps) {
  const { units } = useDesk();
  switch (form.kind) {
    case "RECTANGLE":
      return null;
    case "ELL":
      return (
        <div className="grid grid-cols-2 items-end gap-2">
          <LengthField
            label="Lying arm, width"
            value={form.along}
            units={units}
            onCommit={(along) => {
              onChange({ ...form, along });
            }}
          />
          <LengthField
            label="Standing arm, width"
            value={form.across}
            units={units}
            onCommit={(across) => {
              onChange({ ...form, across });
            }}
          />
          <Choice
            label="Standing arm at"
            value={form.right ? "right" : "left"}
            options={[
              { value: "left", label: "the left end" },
              { value: "right", label: "the right end" },
            ]}
            onChange={(end) => {
              onChange({ ...form, right: end === "right" });
            }}
          />
        </div>
      );
    case "COMB":
      return (
        <div className="grid grid-cols-3 items-end gap-2">
          <TextField
            label="Fingers"
            value={String(form.fingers)}
            figures
            onCommit={(text) => {
              // What is no number goes to the program as 0, which refuses it with the range.
              onChange({ ...form, fingers: /^\d{1,4}$/.test(text.trim()) ? Number(text) : 0 });
            }}
          />
          <LengthField
            label="Finger"
            value={form.finger}
            units={units}
            onCommit={(finger) => {
              onChange({ ...form, finger });
            }}
          />
          <LengthField
            label="Spine"
            value={form.spine}
            units={units}
            onCommit={(spine) => {
              onChange({ ...form, spine });
            }}
          />
        </div>
      );
    case "OCTAGON":
      return (
        <LengthField
          label="Corners cut by"
          value={form.corner}
          units={units}
          onCommit={(corner) => {
            onChange({ ...form, corner });
          }}
        />
      );
    case "FREE":
      return (
        <CornerFields
          corners={form.places}
          units={units}
          onChange={(places) => {
            onChange({ ...form, places });
          }}
        />
      );
  }
}

interface KeyholesProps {
  bed: BedAppraisal;
  outline: Rectangle;
  fault: string | undefined;
  onChange: (keyholes: Keyhole[]) => void;
}

/** Into what the foot of the bed is made of: half of a spine or of the lying arm, a third of a whole bed. */
function startingDepth(form: Form, outline: Rectangle): number {
  if (form.kind === "COMB") return form.spine / 2;
  if (form.kind === "ELL") return form.along / 2;
  return outline.width / 3;
}

/** Comfortable for a foot: 18 in, metres. */
const COMFORTABLE = 0.4572;

function Keyholes({ bed, outline, fault, onChange }: KeyholesProps) {
  const { units } = useDesk();
  const { keyholes } = bed.shape;

  function put(index: number, part: Partial<Keyhole>) {
    onChange(keyholes.map((keyhole, i) => (i === index ? { ...keyhole, ...part } : keyhole)));
  }

  return (
    <fieldset className="space-y-2" aria-label="Keyholes">
      <div className="flex items-center">
        <span className="font-semibold">Keyholes</span>
        <Explain term="keyhole" />
      </div>
      {keyholes.map((keyhole, index) => (
        <div
          key={index}
          className="grid grid-cols-[1fr_1fr_auto] items-end gap-1 border-l-2 border-rule pl-2"
        >
          <TextField
            label="Side"
            value={String(keyhole.side + 1)}
            figures
            onCommit={(text) => {
              put(index, { side: /^\d{1,3}$/.test(text.trim()) ? Number(text) - 1 : -1 });
            }}
          />
          <LengthField
            label="Along the side"
            value={keyhole.at}
            units={units}
            onCommit={(at) => {
              put(index, { at });
            }}
          />
          <button
            type="button"
            className="plain-button px-2"
            aria-label={`Delete keyhole ${String(index + 1)}`}
            onClick={() => {
              onChange(keyholes.filter((_, i) => i !== index));
            }}
          >
            −
          </button>
          <LengthField
            label="Wide"
            value={keyhole.width}
            units={units}
            onCommit={(width) => {
              put(index, { width });
            }}
          />
          <LengthField
            label="Deep"
            value={keyhole.depth}
            units={units}
            onCommit={(depth) => {
              put(index, { depth });
            }}
          />
        </div>
      ))}
      {fault && (
        <p role="alert" className="text-sm text-snag">
          {fault}
        </p>
      )}
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          const depth = tidy(Math.max(0.1, startingDepth(bed.shape.form, outline)));
          onChange([...keyholes, { side: 0, at: tidy(outline.length / 2), width: COMFORTABLE, depth }]);
        }}
      >
        Cut a keyhole
      </button>
      <p className="text-sm text-soft">
        Side 1 is the foot of the bed before it is turned; the others follow counter-clockwise.
      </p>
    </fieldset>
  );
}
