import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatDay } from "../measure/halfMonths";
import { plainNumber } from "../measure/numbers";
import { Choice } from "../parts/Choice";
import { MeasureField } from "../parts/MeasureField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { BedsOf } from "./BedsOf";
import type { SoilTest } from "./feeding";
import { words } from "./words";

const NOT_TESTED = "";
const IS_DAY = /^\d{4}-\d{2}-\d{2}$/;
type Nutrient = "phosphorus" | "potassium";

/** One test of the soil. */
export function SoilTestForm({ test }: { test: SoilTest }) {
  const { season, catalogue } = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { textures, supplied, amendings } = catalogue.crops.soil;
  function put(field: string, part: { [Key in keyof SoilTest]?: SoilTest[Key] | undefined }) {
    const { phosphorus, potassium, ...always } = { ...test, ...part };
    edit(field, {
      kind: "PutSoilTest",
      soilTest: {
        ...(always as SoilTest),
        ...(phosphorus === undefined ? {} : { phosphorus }),
        ...(potassium === undefined ? {} : { potassium }),
      },
    });
  }
  const nutrient = (field: Nutrient, label: string) => (
    <Choice
      label={label}
      value={test[field] ?? NOT_TESTED}
      options={[
        { value: NOT_TESTED, label: words.notTested },
        ...supplied.map(({ key: value, label: name }) => ({ value, label: name })),
      ]}
      onChange={(chosen) => {
        put(field, {
          [field]: chosen === NOT_TESTED ? undefined : (chosen as NonNullable<SoilTest[Nutrient]>),
        });
      }}
    />
  );
  const amending = amendings.find(({ key }) => key === test.amending);
  return (
    <ThingForm
      thing={test}
      testId="soil-test"
      about={words.about(formatDay(test.taken, season), String(test.acidity))}
      faults={faults}
      onChange={(field, part) => {
        if ("name" in part) put(field, part);
      }}
      takeOut={[words.forget, words.forgetNamed(test.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveSoilTest", soilTest: test.id });
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2">
        <TextField
          label={words.taken}
          type="date"
          figures
          value={test.taken}
          fault={faults["taken"]}
          onCommit={(text) => {
            if (IS_DAY.test(text)) put("taken", { taken: text });
            else refuse("taken", words.noDay);
          }}
        />
        <MeasureField
          label={words.acidity}
          value={test.acidity}
          format={String}
          parse={(text) => {
            const read = Number(plainNumber(text));
            return text.trim() === "" || Number.isNaN(read) ? null : read;
          }}
          fault={faults["acidity"]}
          onCommit={(acidity) => {
            put("acidity", { acidity });
          }}
          onUnread={() => {
            refuse("acidity", words.noAcidity);
          }}
        />
      </div>
      <Choice
        label={words.texture}
        value={test.texture}
        options={textures.map(({ key, label }) => ({ value: key, label }))}
        onChange={(texture) => {
          put("texture", { texture: texture as SoilTest["texture"] });
        }}
      />
      <div className="grid grid-cols-2 items-end gap-2">
        {nutrient("phosphorus", words.phosphorus)}
        {nutrient("potassium", words.potassium)}
      </div>
      <Choice
        label={words.amending}
        value={test.amending}
        options={amendings.map(({ key: value, label }) => ({ value, label }))}
        onChange={(chosen) => {
          put("amending", { amending: chosen });
        }}
      />
      {amending && <p className="text-sm text-soft">{amending.about}</p>}
      <BedsOf
        label={words.ofBeds}
        beds={test.beds}
        fault={faults["beds"]}
        onChange={(beds) => {
          put("beds", { beds });
        }}
      />
    </ThingForm>
  );
}
