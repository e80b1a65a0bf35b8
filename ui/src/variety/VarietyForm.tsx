import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import type { SeedLeft, Variety } from "./crops";
import { OwnFigures } from "./OwnFigures";
import { SeedFields } from "./SeedFields";
import { words } from "./words";

const NOT_SAID = "";

/** One variety: how it was bred, why it was chosen, the seed of it, and what it has otherwise than its crop. */
export function VarietyForm({ variety, left }: { variety: Variety; left: SeedLeft | undefined }) {
  const { catalogue } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { crops, breedings, reasons } = catalogue.crops;
  const like = crops.find(({ crop }) => crop.key === variety.crop);
  if (!like) return null;
  function put(field: string, part: { [Key in keyof Variety]?: Variety[Key] | undefined }) {
    const { breeding, note, seed, ...always } = { ...variety, ...part };
    edit(field, {
      kind: "PutVariety",
      variety: {
        ...(always as Variety),
        ...(breeding === undefined ? {} : { breeding }),
        ...(note === undefined || note.trim() === "" ? {} : { note }),
        ...(seed === undefined ? {} : { seed }),
      },
    });
  }
  const bred = breedings.find(({ key }) => key === variety.breeding);
  return (
    <ThingForm
      thing={variety}
      testId="variety"
      about={variety.ownCrop ? words.likeCrop(like.crop.name) : words.ofCrop(like.crop.name)}
      faults={faults}
      onChange={(field, part) => {
        if ("name" in part) put(field, part);
      }}
      takeOut={[words.forget, words.forgetNamed(variety.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveVariety", variety: variety.id });
      }}
      note={<p className="text-sm text-soft">{words.forgetHint}</p>}
    >
      <CheckField
        label={words.ownCrop}
        checked={variety.ownCrop}
        onChange={(ownCrop) => {
          put("ownCrop", { ownCrop });
        }}
      />
      <Choice
        label={words.breeding}
        value={variety.breeding ?? NOT_SAID}
        options={[
          { value: NOT_SAID, label: words.notSaid },
          ...breedings.map(({ key: value, label }) => ({ value, label })),
        ]}
        onChange={(chosen) => {
          put("breeding", { breeding: breedings.find(({ key }) => key === chosen)?.key });
        }}
      />
      {bred && <p className="text-sm text-soft">{bred.about}</p>}
      <Fault text={faults["breeding"]} />
      <fieldset>
        <legend>{words.chosen}</legend>
        {reasons.map(({ key, label }) => (
          <CheckField
            key={key}
            label={label}
            checked={variety.chosen.includes(key)}
            onChange={(chosen) => {
              const others = variety.chosen.filter((each) => each !== key);
              put("chosen", { chosen: chosen ? [...others, key] : others });
            }}
          />
        ))}
        <Fault text={faults["chosen"]} />
      </fieldset>
      <TextField
        label={words.note}
        value={variety.note ?? ""}
        fault={faults["note"]}
        onCommit={(note) => {
          put("note", { note });
        }}
      />
      {like.crop.seed && (
        <SeedFields
          seed={variety.seed}
          usual={like.crop.seed.germination}
          left={left}
          faults={faults}
          onChange={(field, seed) => {
            put(field, { seed });
          }}
          onUnread={(field) => {
            refuse(field, words.noNumber);
          }}
        />
      )}
      <OwnFigures
        variety={variety}
        like={like}
        faults={faults}
        onChange={(column, figure) => {
          const others = variety.figures.filter((each) => each.column !== column);
          put(column, { figures: figure === undefined ? others : [...others, { column, figure }] });
        }}
      />
    </ThingForm>
  );
}
