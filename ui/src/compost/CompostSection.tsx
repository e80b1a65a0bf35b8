import { plainAmount } from "../measure/numbers";
import { useState } from "react";
import type { Change, Rectangle } from "../api/types";
import { without } from "../edits/changes";
import { formatMass, formatVolume } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { ByNumbers } from "../forms/ByNumbers";
import { ThingForm } from "../forms/ThingForm";
import { PlaceFields } from "../forms/PlaceFields";
import { useFieldEdit } from "../forms/useFieldEdit";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { LengthField } from "../parts/LengthField";
import { RovingList } from "../parts/RovingList";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { isThere } from "../workspace/seasons";
import type { CompostBays, CompostTold } from "./bays";
import { useCompost, useNewBays } from "./useCompost";

/** Compost bays by numbers, what they hold and how far the beds are from them. */
export function CompostSection() {
  const desk = useDesk();
  const told = useCompost();
  const { fault, setFault, proposed } = useNewBays();
  const gates = desk.plan.waysIn.filter(({ lifetime }) => isThere(lifetime, desk.season));
  const [chosen, setChosen] = useState<string>();
  const gate = gates.find(({ id }) => id === chosen) ?? gates[0];

  /** As they are proposed, or the same at a place of one's own. */
  async function build(place?: Rectangle, refused: (message: string) => void = setFault) {
    const change = await proposed(place ? undefined : gate?.id, refused);
    if (change) desk.submit(at(change, place), refused);
  }

  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>Compost bays</h3>
      {desk.plan.compost.length === 0 && (
        <p className="text-soft">
          None yet. They are put by the gate, clear of beds; whoever gardens has to get to them.
        </p>
      )}
      <RovingList>
        {desk.plan.compost.map((bays) => (
          <BaysForm key={bays.id} bays={bays} told={told.find(({ id }) => id === bays.id)} />
        ))}
      </RovingList>
      {gate && gates.length > 1 && (
        <Choice
          label="New bays beside"
          value={gate.id}
          options={gates.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setChosen}
        />
      )}
      <button
        type="button"
        className="plain-button"
        aria-keyshortcuts="C"
        title="C"
        onClick={() => {
          void build();
        }}
      >
        Add compost bays
      </button>
      <ByNumbers
        labels={["Bays by numbers", "Put them there"]}
        shortcut="Shift+C"
        extent="BOX"
        size={{ length: 3, width: 1 }}
        onPlace={(geometry, refused) => {
          if (geometry.kind === "BOX") void build(geometry.outline, refused);
        }}
      />
      <Fault text={fault} />
    </section>
  );
}

const MOST_BAYS = 6;
const OTHER = "OTHER";

/** The proposed bays in a place of one's own: as many as make each about as long as it is high. */
function at(change: Change, place: Rectangle | undefined): Change {
  if (change.kind !== "PutCompostBays" || !place) return change;
  const { compostBays } = change;
  const bays = Math.min(MOST_BAYS, Math.max(1, Math.round(place.length / compostBays.height)));
  return { ...change, compostBays: { ...compostBays, place, bays } };
}

function BaysForm({ bays, told }: { bays: CompostBays; told: CompostTold | undefined }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { currency } = desk.plan.budget.sum;
  const { place } = bays;
  const walls = desk.catalogue.bayWalls.find(({ key }) => key === bays.walls);

  function put(field: string, part: Partial<CompostBays>) {
    edit(field, { kind: "PutCompostBays", compostBays: { ...bays, ...part } });
  }

  function leaveOut(field: "within" | "price" | "walls") {
    edit(field, { kind: "PutCompostBays", compostBays: without(bays, field) });
  }

  return (
    <ThingForm
      thing={bays}
      testId="compost"
      about={told && `holds ${formatVolume(told.capacity, desk.units)}`}
      seasons={{ from: "Built in season", until: "Gone from season" }}
      always="there already"
      faults={faults}
      onChange={put}
      takeOut={["Delete", `Delete ${bays.name}`]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveCompostBays", compostBays: bays.id });
      }}
      note={
        bays.price &&
        bays.lifetime.from === undefined && (
          <p className="text-sm text-soft">
            The price is on the bill once a season is given in which they are built.
          </p>
        )
      }
    >
      <Choice
        label="Walls"
        value={bays.walls ?? OTHER}
        options={[
          ...desk.catalogue.bayWalls.map(({ key, label }) => ({ value: key, label })),
          { value: OTHER, label: "something else" },
        ]}
        onChange={(walls) => {
          if (walls === OTHER) leaveOut("walls");
          else put("walls", { walls });
        }}
      />
      {walls && (
        <p className="text-sm text-soft">
          {walls.remark} They last about {walls.years} seasons.
        </p>
      )}
      <div className="grid grid-cols-3 items-end gap-2">
        <TextField
          label="Bays"
          value={String(bays.bays)}
          figures
          fault={faults["bays"]}
          onCommit={(text) => {
            if (/^\d$/.test(text.trim())) put("bays", { bays: Number(text) });
            else refuse("bays", "Write a number from 1 to 6.");
          }}
        />
        <PlaceFields
          place={place}
          labels={{ length: "Length", width: "Width" }}
          faults={faults}
          onChange={(field, after) => {
            put(field, { place: after });
          }}
          onUnread={refuse}
        />
        <LengthField
          label="Filled to"
          value={bays.height}
          units={desk.units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
        <LengthField
          label="No bed further than"
          value={bays.within}
          units={desk.units}
          fault={faults["within"]}
          onCommit={(within) => {
            put("within", { within });
          }}
          onEmpty={() => {
            leaveOut("within");
          }}
        />
        <TextField
          label={walls ? `Price if told, ${currency}` : `Price, ${currency}`}
          value={bays.price?.amount ?? ""}
          figures
          fault={faults["price"]}
          onCommit={(text) => {
            const amount = plainAmount(text, currency);
            if (amount === "") leaveOut("price");
            else put("price", { price: { amount, currency } });
          }}
        />
      </div>
      {told && <Told told={told} />}
    </ThingForm>
  );
}

function Told({ told }: { told: CompostTold }) {
  const desk = useDesk();
  return (
    <p className="text-sm">
      All full they hold <span className="figures">{formatVolume(told.capacity, desk.units)}</span>.{" "}
      {told.kilograms !== undefined && (
        <>
          Their walls weigh <span className="figures">{formatMass(told.kilograms, desk.units)}</span>.{" "}
        </>
      )}
      {told.furthest ? (
        <>
          The way to the furthest bed, {desk.bedById.get(told.furthest.bed)?.name}, is{" "}
          <span className="figures">{formatLength(told.furthest.route, desk.units)}</span>.
        </>
      ) : (
        "No bed is come to from here."
      )}
    </p>
  );
}
