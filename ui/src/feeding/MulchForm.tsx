import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { LengthField } from "../parts/LengthField";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { BedsOf } from "./BedsOf";
import type { Mulch } from "./feeding";
import { words } from "./words";

const IS_COUNT = /^\d{1,6}$/;

/** A mulch that is laid on beds. */
export function MulchForm({ mulch }: { mulch: Mulch }) {
  const { catalogue, units } = useDesk();
  const { faults, edit } = useFieldEdit();
  const kinds = catalogue.crops.soil.mulches;
  const kind = kinds.find(({ key }) => key === mulch.kind);
  function put(field: string, part: Partial<Mulch>) {
    edit(field, { kind: "PutMulch", mulch: { ...mulch, ...part } });
  }
  const count = (field: "first" | "seasons", label: string) => (
    <TextField
      label={label}
      figures
      value={String(mulch[field])}
      fault={faults[field]}
      onCommit={(text) => {
        put(field, { [field]: IS_COUNT.test(text.trim()) ? Number(text) : 0 });
      }}
    />
  );
  return (
    <ThingForm
      thing={mulch}
      testId="mulch"
      about={words.mulchAbout(kind?.label ?? "", mulch.first, mulch.seasons)}
      faults={faults}
      onChange={(field, part) => {
        if ("name" in part) put(field, part);
      }}
      takeOut={[words.takeMulchOut, words.takeMulchOutNamed(mulch.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveMulch", mulch: mulch.id });
      }}
    >
      <Choice
        label={words.mulchKind}
        value={mulch.kind}
        options={kinds.map(({ key: value, label }) => ({ value, label }))}
        onChange={(chosen) => {
          put("kind", { kind: chosen });
        }}
      />
      {kind && <p className="text-sm text-soft">{kind.about}</p>}
      <div className="grid grid-cols-3 items-end gap-2">
        <LengthField
          label={words.howDeep}
          value={mulch.depth}
          units={units}
          fault={faults["depth"]}
          onCommit={(depth) => {
            put("depth", { depth });
          }}
        />
        {count("first", words.firstSeason)}
        {count("seasons", words.forSeasons)}
      </div>
      <BedsOf
        label={words.onBeds}
        beds={mulch.beds}
        fault={faults["beds"]}
        onChange={(beds) => {
          put("beds", { beds });
        }}
      />
    </ThingForm>
  );
}
