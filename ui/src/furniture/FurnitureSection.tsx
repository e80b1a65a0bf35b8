import { useState } from "react";
import { ByNumbers } from "../forms/ByNumbers";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { SheetCuts } from "../over/SheetCuts";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { useFurniture, useNewFurniture, type Furniture } from "./furniture";
import { FurnitureForm } from "./FurnitureForm";
import { words } from "./words";

/** What is built besides beds, and something new of a kind. */
export function FurnitureSection() {
  const { plan, catalogue } = useDesk();
  const told = useFurniture();
  const { build, own, fault } = useNewFurniture();
  const [kind, setKind] = useState<Furniture["kind"]>("POTTING_BENCH");
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.title}</h3>
      {plan.furniture.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList>
        {byName(plan.furniture).map((thing) => (
          <FurnitureForm
            key={thing.id}
            thing={thing}
            told={told.find(({ furniture }) => furniture === thing.id)}
            onOwn={() => {
              void own(thing.id);
            }}
          />
        ))}
      </RovingList>
      <Choice
        label={words.what}
        value={kind}
        options={catalogue.furniture.map(({ key: value, label }) => ({ value, label }))}
        onChange={setKind}
      />
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          void build(kind);
        }}
      >
        {words.add}
      </button>
      <ByNumbers
        labels={[words.byNumbers, words.putThere]}
        shortcut="Shift+B"
        extent="BOX"
        size={{ length: 1.2, width: 0.6 }}
        onPlace={(geometry, refused) => {
          if (geometry.kind === "BOX") void build(kind, geometry.outline, refused);
        }}
      />
      <Fault text={fault} />
      {plan.furniture.some(({ sheets }) => sheets.length > 0) && <SheetCuts />}
    </section>
  );
}
