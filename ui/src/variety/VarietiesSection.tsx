import { useState } from "react";
import { useOpenWhen } from "../forms/useOpenWhen";
import { useFieldEdit } from "../forms/useFieldEdit";
import { Choice } from "../parts/Choice";
import { RovingList } from "../parts/RovingList";
import { TextField } from "../parts/TextField";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { CropsFile } from "./CropsFile";
import { useGardenCrops } from "./crops";
import { VarietyForm } from "./VarietyForm";
import { words } from "./words";

/** The gardener's own crops and varieties. */
export function VarietiesSection() {
  const { plan, selection } = useDesk();
  const { seed } = useGardenCrops();
  const left = new Map(seed.map((each) => [each.variety, each]));
  const chosen = plan.varieties.some(({ id }) => selection.has(id));
  const [open, setOpen] = useOpenWhen(chosen);
  return (
    <details
      className="space-y-2 border-t border-rule pt-2"
      open={open}
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">{words.title}</summary>
      <p className="text-sm text-soft">{words.hint}</p>
      {plan.varieties.length === 0 && <p>{words.none}</p>}
      <RovingList data-testid="varieties">
        {byName(plan.varieties).map((variety) => (
          <VarietyForm key={variety.id} variety={variety} left={left.get(variety.id)} />
        ))}
      </RovingList>
      <AddVariety key={plan.varieties.length} />
      <CropsFile />
    </details>
  );
}

function AddVariety() {
  const { catalogue, select } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { crops } = catalogue.crops;
  const [picked, setPicked] = useState("");
  const [name, setName] = useState("");
  const like = crops.find(({ crop }) => crop.key === picked) ?? crops[0];
  if (!like) return null;
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-2 items-end gap-2">
        <Choice
          label={words.aVarietyOf}
          value={like.crop.key}
          options={crops.map(({ crop, family }) => ({ value: crop.key, label: crop.name, group: family }))}
          onChange={setPicked}
        />
        <TextField label={words.itsName} value={name} fault={faults["name"]} onCommit={setName} />
      </div>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          if (name.trim() === "") {
            refuse("name", words.nameFirst);
            return;
          }
          const id = crypto.randomUUID();
          const variety = {
            id,
            name: name.trim(),
            crop: like.crop.key,
            ownCrop: false,
            figures: [],
            chosen: [],
          };
          edit("name", { kind: "PutVariety", variety });
          select([id]);
        }}
      >
        {words.add(like.crop.name)}
      </button>
    </div>
  );
}
