import { PlaceFields } from "../forms/PlaceFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import type { Furniture, FurnitureTold } from "./furniture";
import { FurnitureFigures } from "./FurnitureFigures";
import { OwnPieces } from "./OwnPieces";
import { words } from "./words";

const ON_LEGS: readonly Furniture["kind"][] = ["POTTING_BENCH", "TABLE", "BENCH", "BARREL_STAND"];

interface Props {
  thing: Furniture;
  told: FurnitureTold | undefined;
  /** Lists its pieces as one's own. */
  onOwn: () => void;
}

/** One piece of furniture by numbers, with what it is cut from. */
export function FurnitureForm({ thing, told, onOwn }: Props) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const kind = desk.catalogue.furniture.find(({ key }) => key === thing.kind);
  function put(field: string, part: Partial<Furniture>) {
    edit(field, { kind: "PutFurniture", furniture: { ...thing, ...part } });
  }
  return (
    <ThingForm
      thing={thing}
      testId="furniture"
      about={kind?.label}
      seasons={{ from: "Built in season", until: "Removed in season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeAway(thing.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveFurniture", furniture: thing.id });
      }}
    >
      <Choice
        label={words.kind}
        value={thing.kind}
        options={desk.catalogue.furniture.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("kind", { kind: value });
        }}
      />
      {kind && <p className="text-sm text-soft">{kind.remark}</p>}
      <div className="grid grid-cols-2 items-end gap-2">
        <PlaceFields
          place={thing.place}
          faults={faults}
          onChange={(field, place) => {
            put(field, { place });
          }}
          onUnread={refuse}
        />
        <LengthField
          label={words.height}
          value={thing.height}
          units={desk.units}
          fault={faults["height"]}
          onCommit={(height) => {
            put("height", { height });
          }}
        />
      </div>
      {thing.kind !== "LEAF_BIN" && (
        <Choice
          label={words.material}
          value={thing.material}
          options={desk.catalogue.materials.map(({ key: value, label }) => ({ value, label }))}
          onChange={(material) => {
            put("material", { material });
          }}
        />
      )}
      {ON_LEGS.includes(thing.kind) && (
        <CheckField
          label={words.slabs}
          checked={thing.slabs}
          onChange={(slabs) => {
            put("slabs", { slabs });
          }}
        />
      )}
      {thing.kind === "OWN" ? (
        <OwnPieces thing={thing} faults={faults} onChange={put} onUnread={refuse} />
      ) : (
        thing.kind !== "LEAF_BIN" && (
          <button type="button" className="text-button" onClick={onOwn}>
            {words.own}
          </button>
        )
      )}
      {told && <FurnitureFigures thing={thing} told={told} />}
    </ThingForm>
  );
}
