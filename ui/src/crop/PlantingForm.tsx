import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatMass } from "../measure/figures";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { cropId, idOf, useGardenCrops } from "../variety/crops";
import { BedShare } from "./BedShare";
import { LockField } from "./LockField";
import { formatDay } from "../measure/halfMonths";
import type { Planting, PlantingTold } from "./plantings";
import { words } from "./words";

const IS_DAY = /^\d{4}-\d{2}-\d{2}$/;

/** One planting: how it stands, how it comes there, from when to when, and what it takes. */
export function PlantingForm({ planting, told }: { planting: Planting; told: PlantingTold }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { layouts, raisings } = desk.catalogue.crops;
  const { crops } = useGardenCrops();
  const kin = crops.filter(({ crop }) => crop.key === planting.crop);
  const view = kin.find((each) => idOf(each) === cropId(planting)) ?? kin[0];
  const layout = layouts.find(({ key }) => key === planting.layout);
  function put(field: string, part: { [Key in keyof Planting]?: Planting[Key] | undefined }) {
    const { variety, ...always } = { ...planting, ...part };
    const whole = { ...(always as Planting), ...(variety === undefined ? {} : { variety }) };
    edit(field, { kind: "PutPlanting", planting: whole });
  }
  const day = (field: "from" | "until", label: string) => (
    <TextField
      label={label}
      type="date"
      figures
      value={planting[field]}
      fault={faults[field]}
      onCommit={(text) => {
        if (IS_DAY.test(text)) put(field, { [field]: text });
        else refuse(field, words.noDay);
      }}
    />
  );
  const distance = (field: "inRow" | "between", label: string, metres: number) => (
    <LengthField
      label={label}
      value={metres}
      units={desk.units}
      fault={faults[field]}
      onCommit={(value) => {
        put(field, { [field]: value });
      }}
    />
  );
  return (
    <ThingForm
      thing={planting}
      testId="planting"
      about={words.growsFrom(formatDay(planting.from, desk.season), formatDay(planting.until, desk.season))}
      faults={faults}
      onChange={(field, part) => {
        if ("name" in part) put(field, part);
      }}
      takeOut={[words.remove, words.takeOut(planting.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemovePlanting", planting: planting.id });
      }}
    >
      <Figures told={told} stock={planting.raising === "BOUGHT" ? view : undefined} />
      {kin.length > 1 && view && (
        <Choice
          label={words.variety}
          value={idOf(view)}
          options={kin.map((each) => ({
            value: idOf(each),
            label: each.crop.variety === undefined ? words.asCatalogue(each.crop.name) : each.crop.name,
          }))}
          onChange={(id) => {
            const chosen = kin.find((each) => idOf(each) === id);
            const renamed = planting.name === view.crop.name;
            put("variety", {
              variety: chosen?.crop.variety,
              name: renamed && chosen ? chosen.crop.name : planting.name,
            });
          }}
        />
      )}
      <Fault text={faults["variety"]} />
      <Choice
        label={words.layout}
        value={planting.layout}
        options={layouts.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("layout", { layout: value });
        }}
      />
      {layout && <p className="text-sm text-soft">{layout.about}</p>}
      {planting.layout !== "SINGLE" && (
        <div className="grid grid-cols-2 items-end gap-2">
          {distance("inRow", words.inRow, told.plantsApart)}
          {planting.layout.startsWith("ROWS") && distance("between", words.between, told.rowsApart)}
        </div>
      )}
      <Choice
        label={words.raising}
        value={planting.raising}
        options={raisings
          .filter(({ key }) => view?.raisings.includes(key))
          .map(({ key: value, label }) => ({ value, label }))}
        onChange={(raising) => {
          put("raising", { raising });
        }}
      />
      <div className="grid grid-cols-2 items-end gap-2">
        {day("from", words.from[planting.raising])}
        {day("until", words.until)}
      </div>
      <BedShare
        part={planting.part}
        faults={faults}
        onChange={(field, part) => {
          put(field, { part });
        }}
        onUnread={refuse}
      />
      <CheckField
        label={words.interplanted}
        checked={planting.interplanted}
        onChange={(interplanted) => {
          put("interplanted", { interplanted });
        }}
      />
      <LockField planting={planting.id} />
    </ThingForm>
  );
}

/** How many plants it is, what is wanted for them, and when there is something to do. */
function Figures({
  told,
  stock,
}: {
  told: PlantingTold;
  stock: { stock: string; crop: { stock: string } } | undefined;
}) {
  const { season, units } = useDesk();
  const { count, places, wanted, indoors, ripe } = told;
  if (count === 0) return <p className="text-snag">{words.noRoom}</p>;
  const bought =
    stock && words.bought(wanted.plants, stock.crop.stock === "SEED" ? words.youngPlants : stock.stock);
  return (
    <div className="text-sm" data-testid="planting-figures">
      <p>
        {words.plants(count)}; {bought ?? words.seeds(wanted.seeds, wanted.packets)}.
      </p>
      {places.length === 0 && <p>{words.notDrawn}</p>}
      {indoors !== undefined && <p>{words.indoors(formatDay(indoors, season))}</p>}
      <p>
        {words.ripe(formatDay(ripe, season))} {told.yield > 0 && words.yields(formatMass(told.yield, units))}
      </p>
    </div>
  );
}
